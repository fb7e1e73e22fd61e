import { describe, expect, it } from 'vitest'
import { pour, viewOf } from '@/testing/server'
import { findActs } from './acts'
import { besideOf, isFound, numberOf, rowsOf } from './cueList'
import { joinList, splitList } from './lists'
import { chipOf, spotOf } from './places'

const rack = (id: string) => ({ version: 1, rack: { formatVersion: 1, id, name: id, on: true } })

describe('the list of cues', () => {
  const named = pour({ id: 'named', name: 'Warm welcome' })
  const found = (typed: string) =>
    isFound({ ...viewOf(pour()), find: '!pour by anyone\nreply in chat\nmessage' }, typed)

  it.each([
    ['!POUR', true],
    ['message  anyone', true],
    ['message lantern', false],
    ['', true],
  ])('finds by every word that was typed: %s', (typed, is) => expect(found(typed)).toBe(is))

  it('has a row for each rack and cue, and leaves out racks in which nothing is found', () => {
    const cues = [viewOf(pour()), viewOf({ ...named, rack: 'late' })]
    expect(rowsOf([rack('bench'), rack('late'), rack('empty')], cues, '').map((each) => each.key)).toEqual([
      'rack bench',
      'pour',
      'rack late',
      'named',
      'rack empty',
      'empty empty',
    ])
    expect(rowsOf([rack('bench'), rack('late')], cues, 'warm').map((each) => each.key)).toEqual(['rack late', 'named'])
  })

  it('draws a crest from the name alone', () => {
    expect(numberOf('At the bench')).toBe(numberOf('At the bench'))
    expect(numberOf('At the bench')).not.toBe(numberOf('Closing time'))
  })

  it('takes lists as they are typed', () => {
    expect(splitList(' !a  !b ', 'words')).toEqual(['!a', '!b'])
    expect(splitList('good evening,  evening all ,', 'phrases')).toEqual(['good evening', 'evening all'])
    expect(joinList(['good evening', 'all'], 'phrases')).toBe('good evening, all')
  })
})

describe('places of a cue', () => {
  it.each([
    ['gates[1].forAllMs', { chip: 'gate:cooldown' }],
    ['pulls[0].words[1]', { chip: 'pull:0' }],
    ['takes[0].score.parts[0].words', { take: 0, part: 'answer' }],
    ['takes[0].when', { take: 0 }],
    ['whenHeld[0]', { chip: 'held' }],
    ['gate:who', { chip: 'gate:who' }],
    ['gates[9]', {}],
  ])('%s is set at its control', (place, spot) => expect(spotOf(place, pour())).toEqual(spot))

  it('names the chip of a gate that held', () => {
    expect([chipOf('cooldown'), chipOf('on'), chipOf('take')]).toEqual(['gate:cooldown', 'on', 'takes'])
  })
})

describe('the palette', () => {
  it('puts what begins with the typed before what only has it, and knows other words', () => {
    const act = (name: string, also = '') => ({ name, says: '', also, act: () => undefined })
    expect(
      findActs([act('Open the show'), act('Show words'), act('Slate', 'variables')], 'show').map((each) => each.name),
    ).toEqual(['Show words', 'Open the show'])
    expect(findActs([act('Slate', 'variables counters')], 'var').map((each) => each.name)).toEqual(['Slate'])
  })
})

describe('moving one place', () => {
  const rack = (id: string) => ({ version: 1, rack: { formatVersion: 1, id, name: id, on: true } })
  const cue = (id: string, of: string) => viewOf(pour({ id, rack: of }))
  const racks = [rack('bench'), rack('empty'), rack('late')]
  // In the wiring a cue of another rack stands between two of one.
  const cues = [cue('a', 'bench'), cue('x', 'late'), cue('b', 'bench'), cue('c', 'bench'), cue('y', 'late')]

  it('goes by the list as it is drawn, not by the order of the wiring', () => {
    expect(besideOf(racks, cues, 'b', -1)).toEqual({ rack: 'bench', before: 'a' })
    expect(besideOf(racks, cues, 'a', 1)).toEqual({ rack: 'bench', before: 'c' })
    expect(besideOf(racks, cues, 'b', 1)).toEqual({ rack: 'bench', before: '' })
  })
  it('comes to the nearest place of the next rack beyond an edge', () => {
    expect(besideOf(racks, cues, 'c', 1)).toEqual({ rack: 'empty', before: '' })
    expect(besideOf(racks, cues, 'x', -1)).toEqual({ rack: 'empty', before: '' })
    expect(besideOf([racks[0]!, racks[2]!], cues, 'c', 1)).toEqual({ rack: 'late', before: 'x' })
    expect(besideOf(racks, cues, 'a', -1)).toBeNull()
    expect(besideOf(racks, cues, 'y', 1)).toBeNull()
    expect(besideOf(racks, cues, 'nobody', 1)).toBeNull()
  })
})
