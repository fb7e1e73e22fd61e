import { describe, expect, it } from 'vitest'
import { completions, placeOf, readRows, writeRows, type NameType, type Rows } from './conditionRows'

const TYPES: Record<string, NameType> = {
  'viewer.months': 'number',
  'viewer.name': 'text',
  'viewer.standing': 'texts',
  'show.open': 'truth',
  'gift.item': 'text',
  'slate.pours': 'number',
}

describe('a condition as rows', () => {
  it.each([
    'viewer.months >= 3',
    "viewer.name != 'lowtide_lou'",
    "'member' in viewer.standing",
    "!('vip' in viewer.standing)",
    'show.open',
    '!show.open',
    "gift.item.startsWith('Lan')",
    "gift.item.contains('it\\'s')",
    "viewer.months >= 3 && 'member' in viewer.standing && show.open",
    "slate.pours == 10 || gift.item == 'a && b'",
    '',
  ])('is read and written back: %s', (text) => {
    const rows = readRows(text, TYPES)
    expect(rows).not.toBeNull()
    expect(writeRows(rows!, TYPES)).toBe(text)
  })

  it.each([
    'viewer.months >= 3 && show.open || !show.open',
    '(viewer.months > 3)',
    'size(viewer.name) > 3',
    'nothing.known == 3',
    "viewer.months == 'three'",
    'viewer.months + 1 > 2',
    "viewer.name > 'a'",
  ])('stays text where rows could not say it: %s', (text) => expect(readRows(text, TYPES)).toBeNull())

  it('reads back whatever rows were written, with any text in them', () => {
    const texts = ["it's", 'a\\b', '&& ||', "'", '"', 'x in y', '']
    for (const [at, value] of texts.entries()) {
      const rows: Rows = {
        any: at % 2 === 0,
        rows: [
          { name: 'viewer.name', compare: '==', value },
          { name: 'gift.item', compare: 'contains', value },
        ],
      }
      expect(readRows(writeRows(rows, TYPES), TYPES)).toEqual(rows)
    }
  })

  it('writes a number where none was typed yet', () => {
    expect(writeRows({ any: false, rows: [{ name: 'viewer.months', compare: '>=', value: 'many' }] }, TYPES)).toBe(
      'viewer.months >= 0',
    )
  })
})

describe('a condition as text', () => {
  it('offers the names that go on from what is typed, those that begin so first', () => {
    expect(completions('show.open && vi', 15, Object.keys(TYPES))).toEqual({
      from: 13,
      found: ['viewer.months', 'viewer.name', 'viewer.standing'],
    })
    expect(completions('item', 4, Object.keys(TYPES)).found).toEqual(['gift.item'])
    expect(completions('viewer.name ', 12, Object.keys(TYPES)).found).toEqual([])
  })

  it('finds the place that a refusal names', () => {
    expect(placeOf('viewer.moths > 3', 'At line 1, character 7: undeclared.')).toBe(6)
    expect(placeOf('show.open &&\nx', 'At line 2, character 1: undeclared.')).toBe(13)
    expect(placeOf('x', 'The condition is empty.')).toBe(-1)
  })
})
