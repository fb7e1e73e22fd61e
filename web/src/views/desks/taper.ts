import type { OrderBoard } from '@/api/types'
import { span } from '@/lib/spans'

type Span = OrderBoard['spans'][number]
/** A chapter as it is drawn: where it begins and how wide it is, in hundredths of the whole. */
export interface Drawn extends Span {
  left: number
  width: number
}
/** No chapter that is on or to come is drawn narrower than this part of the whole, so that it can be read and pressed; of those that are over a trace is enough. */
const LEAST = 0.07
const TRACE = 0.015

/** What runs over pushes what is to come along with it. */
const pushed = (spans: Span[], now: number): Span[] => {
  const on = spans.find((each) => each.when === 'now')
  const slip = on ? Math.max(0, now - on.to) : 0
  return spans.map((each) =>
    each.when === 'past'
      ? each
      : { ...each, from: each.when === 'now' ? each.from : each.from + slip, to: each.to + slip },
  )
}

/** The chapters of an evening side by side, as wide as they are long. */
export const drawn = (board: OrderBoard, now: number): Drawn[] => {
  const spans = pushed(board.spans, now)
  const whole = spans.reduce((sum, each) => sum + each.to - each.from, 0)
  const widths = spans.map((each) => Math.max(each.to - each.from, (each.when === 'past' ? TRACE : LEAST) * whole, 1))
  const sum = widths.reduce((all, each) => all + each, 0)
  let left = 0
  return spans.map((each, at) => {
    const width = (100 * widths[at]!) / sum
    left += width
    return { ...each, left: left - width, width }
  })
}

/** Where the flame stands, in hundredths of the whole; at the beginning while no chapter is on. */
export const flameAt = (all: Drawn[], now: number): number => {
  const on = all.find((each) => each.when === 'now')
  if (!on) {
    return 0
  }
  const part = on.to > on.from ? Math.min(1, Math.max(0, (now - on.from) / (on.to - on.from))) : 0
  return on.left + part * on.width
}

/** Which chapters to come have the room for their time below, each so wide in hundredths of the whole, beside the others and beside now. */
export const timed = (all: Drawn[], flame: number, wide: number): Drawn[] => {
  let last = -wide
  return all.filter((each, at) => {
    const fits = each.when === 'toCome' && at > 0 && each.left - last >= wide && Math.abs(each.left - flame) >= wide
    last = fits ? each.left : last
    return fits
  })
}

/** How late the evening is: as it was when the chapter was entered, and what that is over its own time since. */
export const lateNow = (board: OrderBoard, now: number): number =>
  board.lateMs + (board.until > 0 ? Math.max(0, now - board.until) : 0)

/** The same in words, as chat says it. */
export const lateWords = (ms: number): string => {
  const minutes = Math.floor(Math.abs(ms) / 60_000)
  return minutes === 0 ? 'on time' : `${span(minutes * 60_000)} ${ms > 0 ? 'late' : 'early'}`
}
