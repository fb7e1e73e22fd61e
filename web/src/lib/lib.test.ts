import { describe, expect, it } from 'vitest'
import { either } from './gates'
import { free, spoken } from './lists'
import { span } from './spans'
import { ticks } from './ticks'

describe('small things', () => {
  it('never crowd the ruler', () => {
    expect(ticks(5_800)).toEqual([0, 1_000, 2_000, 3_000, 4_000, 5_000])
    expect(ticks(3_600_000).length).toBeLessThanOrEqual(13)
  })

  it('write lengths as they were set', () => {
    expect([5_600, 14_000, 120_000, 90_500].map(span)).toEqual(['5.6 s', '14 s', '2 min', '1 min 30.5 s'])
  })

  it('name things', () => {
    expect(either(['a', 'b', 'c'])).toBe('a, b or c')
    expect(free('card', ['card', 'card-2'])).toBe('card-3')
    expect(spoken('giftWorth')).toBe('gift worth')
  })
})
