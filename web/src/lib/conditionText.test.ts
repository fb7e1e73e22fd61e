import { describe, expect, it } from 'vitest'
import { completions, placeOf } from './conditionText'

const NAMES = ['viewer.months', 'viewer.name', 'viewer.standing', 'show.open', 'gift.item', 'slate.pours']

describe('a condition as text', () => {
  it('offers the names that go on from what is typed, those that begin so first', () => {
    expect(completions('show.open && vi', 15, NAMES)).toEqual({
      from: 13,
      found: ['viewer.months', 'viewer.name', 'viewer.standing'],
    })
    expect(completions('item', 4, NAMES).found).toEqual(['gift.item'])
    expect(completions('viewer.name ', 12, NAMES).found).toEqual([])
  })

  it('finds the place that a refusal names', () => {
    expect(placeOf('viewer.moths > 3', 'At line 1, character 7: undeclared.')).toBe(6)
    expect(placeOf('show.open &&\nx', 'At line 2, character 1: undeclared.')).toBe(13)
    expect(placeOf('x', 'The condition is empty.')).toBe(-1)
  })
})
