import { describe, expect, it } from 'vitest'
import type { Bar } from './bars'
import { crowded } from './crowds'

const bar = (left: number, more: Partial<Bar> = {}): Bar => ({
  key: `${left}${more.lane ?? ''}${more.state ?? ''}`,
  ring: 1,
  left,
  width: 1.4,
  row: 0,
  lane: 'chat',
  label: '',
  why: 'Join At the bench',
  instant: true,
  state: 'past',
  ...more,
})
/** As many as thirty seconds of 150 joins a second leave. */
const FLOOD = Array.from({ length: 4_500 }, (_, at) => bar((at * 60) / 4_500))

describe('a flood on the rope', () => {
  it('leaves a calm rope as it is', () => {
    const calm = FLOOD.slice(0, 240)
    expect(crowded(calm)).toBe(calm)
  })
  it('is drawn with few bars, which together say how many there are', () => {
    const drawn = crowded(FLOOD)
    expect(drawn.length).toBeLessThan(100)
    const told = drawn.reduce((sum, { why }) => sum + 1 + Number(/and (\d+) more/.exec(why)?.[1] ?? 0), 0)
    expect(told).toBe(4_500)
  })
  it('keeps every bar that has words, and what came elsewhere or otherwise apart', () => {
    const card = bar(10, { lane: 'screen', label: 'A card', width: 12, instant: false })
    const cut = bar(10, { state: 'cut' })
    const drawn = crowded([...FLOOD, card, cut])
    expect(drawn).toContainEqual(card)
    expect(drawn.filter((each) => each.state === 'cut')).toHaveLength(1)
  })
  it('changes nothing of what it was given', () => {
    const before = JSON.stringify(FLOOD)
    crowded(FLOOD)
    expect(JSON.stringify(FLOOD)).toBe(before)
  })
  it('draws the same place the same while time goes by, for the strip goes and not its bars', () => {
    const keys = (all: Bar[]) => crowded(all).map((each) => each.key)
    const later = [...FLOOD, ...Array.from({ length: 300 }, (_, at) => bar(60 + at / 100))]
    expect(keys(later).slice(0, 80)).toEqual(keys(FLOOD).slice(0, 80))
  })
})
