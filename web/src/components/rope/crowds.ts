import type { Bar } from './bars'

/** So many bars without words are drawn one by one. */
const MOST = 240
/** Of more, those that begin within the same step of the strip, in percent of it, are drawn as one. */
const STEP = 0.7

/** Bars as they are drawn: in a flood, when thousands stand on the rope that are marks and no more, those in one place are one. */
export const crowded = (bars: Bar[]): Bar[] => {
  if (bars.filter((each) => !each.label).length <= MOST) {
    return bars
  }
  const drawn: Bar[] = []
  const places = new Map<string, { bar: Bar; count: number }>()
  for (const each of bars) {
    const place = `${each.lane} ${each.state} ${Math.floor(each.left / STEP)}`
    const there = each.label ? undefined : places.get(place)
    if (there) {
      there.count++
      there.bar.width = Math.max(there.bar.width, each.width)
      there.bar.instant &&= each.instant
    } else {
      const bar = { ...each }
      drawn.push(bar)
      if (!each.label) {
        places.set(place, { bar, count: 1 })
      }
    }
  }
  for (const { bar, count } of places.values()) {
    if (count > 1) {
      bar.why = `${bar.why}\nand ${count - 1} more just here`
    }
  }
  return drawn
}
