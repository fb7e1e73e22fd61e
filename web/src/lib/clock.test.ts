import { describe, expect, it } from 'vitest'
import { digits, share, showsAt, untilNext, type ClockTold } from './clock'

const down: ClockTold = {
  phase: 'running',
  up: false,
  moment: 100_000,
  stands: 0,
  whole: 60_000,
  round: '',
  rests: false,
}
const up: ClockTold = { ...down, up: true, moment: 10_000 }

describe('a clock', () => {
  it('shows what follows from its moment, however long nobody looked', () => {
    expect(showsAt(down, 40_000)).toBe(60_000)
    expect(showsAt(down, 99_999)).toBe(1)
    expect(showsAt(down, 500_000)).toBe(0)
    expect(showsAt(up, 70_500)).toBe(60_500)
    expect(showsAt({ ...down, phase: 'paused', stands: 1_234 }, 0)).toBe(1_234)
  })
  it('counts a begun second of what runs down, and only whole ones of what counts up', () => {
    expect(digits(60_000, false)).toBe('1:00')
    expect(digits(59_001, false)).toBe('1:00')
    expect(digits(59_999, true)).toBe('0:59')
    expect(digits(3_723_000, false)).toBe('1:02:03')
    expect(digits(0, false)).toBe('0:00')
  })
  it('knows how much is left and when it next changes', () => {
    expect(share(down, 30_000)).toBe(0.5)
    expect(share({ ...down, whole: 0 }, 30_000)).toBe(0)
    expect(share(up, 75_000)).toBe(0.25)
    expect(untilNext(down, 1_250)).toBe(250)
    expect(untilNext(down, 2_000)).toBe(1_000)
    expect(untilNext(up, 1_250)).toBe(750)
  })
})
