import { describe, expect, it } from 'vitest'
import type { Cue, CueView } from '@/api/types'
import { HOUSE, pour } from '@/testing/server'
import { findActs } from './acts'
import { copyOf, isFound, numberOf, rowsOf } from './cueList'
import { freeGates, GATES, joinList, newGate, PULLS, splitList, type Ground } from './kinds'
import { chipOf, spotOf } from './places'
import { asText, pieces } from './sentence'
import { sampleEvents } from './sampleEvent'
import { usesOf } from './slateUse'

const view = (cue: Cue): CueView => ({ version: 1, cue, rang: 0, held: 0, needs: [] })
const rack = (id: string) => ({ version: 1, rack: { formatVersion: 1, id, name: id, on: true } })
const GROUND: Ground = {
  house: {
    ...HOUSE,
    slate: [{ id: 'pours', name: 'Pours', number: true, perViewer: false, keeps: false, start: '0' }],
  },
  counted: [],
  cues: [{ id: 'other', name: 'Other' }],
  scenes: ['bench'],
  links: [{ id: 'practice', name: 'Practice' }],
}

describe('the list of cues', () => {
  const named = pour({
    id: 'named',
    name: 'Warm welcome',
    gates: [{ kind: 'who', standings: [], leastMonths: 0, allow: ['brine_otter'], deny: [], circles: [] }],
  })

  it.each([
    ['taper', true],
    ['!pour', true],
    ['reply', true],
    ['thanks', true],
    ['POUR chat', true],
    ['message', false],
    ['lantern', false],
  ])('finds by name, word, part and words: %s', (typed, found) => {
    expect(isFound(pour(), HOUSE, typed)).toBe(found)
  })

  it('finds by a viewer, and by the other words of the trade', () => {
    expect(isFound(named, HOUSE, 'otter')).toBe(true)
    expect(isFound(pour({ pulls: [PULLS.every.make(GROUND)] }), HOUSE, 'timer')).toBe(false)
    expect(
      isFound(
        pour({
          takes: [
            {
              ...pour().takes[0]!,
              score: {
                parts: [
                  {
                    kind: 'slate',
                    id: 's',
                    start: { kind: 'at', ms: 0 },
                    value: 'pours',
                    act: 'add',
                    words: '1',
                    manner: pour().takes[0]!.score.parts[0]!.manner,
                  },
                ],
              },
            },
          ],
        }),
        HOUSE,
        'variable',
      ),
    ).toBe(true)
  })

  it('has a row for each rack and cue, and leaves out racks in which nothing is found', () => {
    const cues = [view(pour()), view({ ...named, rack: 'late' })]
    expect(rowsOf([rack('bench'), rack('late'), rack('empty')], cues, HOUSE, '').map((each) => each.key)).toEqual([
      'rack bench',
      'pour',
      'rack late',
      'named',
      'rack empty',
      'empty empty',
    ])
    expect(rowsOf([rack('bench'), rack('late')], cues, HOUSE, 'otter').map((each) => each.key)).toEqual([
      'rack late',
      'named',
    ])
  })

  it('copies a cue with words and keys that nobody has', () => {
    const copy = copyOf(pour({ pulls: [...pour().pulls, { kind: 'hand', button: '', key: 'Alt+3' }] }), [
      view(pour()),
      view(pour({ id: 'pour-2', pulls: [{ kind: 'chatWord', words: ['!Pour2'], general: false, argument: '' }] })),
    ])
    expect(copy.id).toBe('pour-3')
    expect(copy.pulls).toMatchObject([{ words: ['!pour3'] }, { key: '', button: 'Ring it' }])
  })

  it('draws a crest from the name alone', () => {
    expect(numberOf('At the bench')).toBe(numberOf('At the bench'))
    expect(numberOf('At the bench')).not.toBe(numberOf('Closing time'))
  })
})

describe('kinds of pulls and gates', () => {
  it.each(Object.entries(PULLS))(
    '%s has a form of fields that it really has, and reads in a sentence',
    (kind, each) => {
      const made = each.make(GROUND) as Cue['pulls'][number]
      expect(made.kind).toBe(kind)
      each.fields(GROUND).forEach((field) => expect(Object.keys(made)).toContain(field.name))
      expect(asText(pieces(pour({ pulls: [made] }), () => 0, GROUND.house))).toMatch(
        /^When \S.* it answers at once\. When held, it stays silent\.$/,
      )
    },
  )

  it.each(Object.entries(GATES))(
    '%s has a form of fields that it really has, and reads in a sentence',
    (kind, each) => {
      const made = each.make(GROUND) as Cue['gates'][number]
      expect(made.kind).toBe(kind)
      each.fields(GROUND).forEach((field) => expect(Object.keys(made)).toContain(field.name))
      expect(asText(pieces(pour({ gates: [made] }), () => 0, GROUND.house))).not.toMatch(/undefined|, ,|\s,|\.\./)
    },
  )

  it('reads right in every pair of pulls and gates', () => {
    const pulls = [
      ...Object.values(PULLS).map((each) => each.make(GROUND) as Cue['pulls'][number]),
      { kind: 'event' as const, event: 'gift', atLeast: { giftWorth: 5 }, exactly: {} },
    ]
    const gates = (['who', 'cooldown', 'condition', ...Object.keys(GATES)] as Cue['gates'][number]['kind'][]).map(
      (kind) => newGate(kind, GROUND),
    )
    for (const one of pulls) {
      for (const other of pulls) {
        for (const gate of gates) {
          for (const more of gates.filter((each) => each.kind !== gate.kind)) {
            const text = asText(pieces(pour({ pulls: [one, other], gates: [gate, more] }), () => 0, GROUND.house))
            expect(text).toMatch(/^When \S/)
            expect(text).not.toMatch(/undefined|null|, ,| ,|,\.|\.\.|\s\s/)
          }
        }
      }
    }
  })

  it('offers a gate once, and takes lists as they are typed', () => {
    expect(freeGates(pour()).map((each) => each.kind)).not.toContain('cooldown')
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

describe('what a cue is tried with', () => {
  const viewer = { id: 'practice:wickerby', name: 'wickerby', standings: ['vip' as const], months: 0 }
  const samples = [
    { kind: 'chatLine', sentence: '', event: { kind: 'chatLine' as const, from: 'practice', viewer, text: '!x' } },
    {
      kind: 'gift',
      sentence: '',
      event: { kind: 'gift' as const, from: 'practice', viewer, item: 'Sprig', worth: 1, count: 1 },
    },
  ]
  it('is made of its own pulls: its word with a fitting argument, its least numbers', () => {
    const cue = pour({
      pulls: [
        { kind: 'chatWord', words: ['dye'], general: true, argument: '' },
        { kind: 'event', event: 'gift', atLeast: { giftWorth: 50 }, exactly: { giftItem: 'Lantern' } },
      ],
      gates: [{ ...GATES.argument.make(GROUND), wants: 'oneOf', words: ['sage'] }],
    })
    expect(sampleEvents(cue, samples, '!').map((each) => each.event)).toMatchObject([
      { text: '!dye sage' },
      { worth: 50, item: 'Lantern' },
    ])
    expect(samples[0]!.event).toMatchObject({ text: '!x' })
  })
})

describe('the slate', () => {
  it('knows who writes and who reads a value', () => {
    const manner = pour().takes[0]!.score.parts[0]!.manner
    const writer = pour({
      id: 'w',
      takes: [
        {
          ...pour().takes[0]!,
          score: {
            parts: [
              { kind: 'slate', id: 's', start: { kind: 'at', ms: 0 }, value: 'pours', act: 'add', words: '1', manner },
            ],
          },
        },
      ],
    })
    const reader = pour({ id: 'r', whenHeld: [{ gate: 'cooldown', words: '{slatePours, plural, one {#} other {#}}' }] })
    const uses = usesOf('pours', [writer, reader, pour()].map(view))
    expect([uses.writers.map((each) => each.id), uses.readers.map((each) => each.id)]).toEqual([['w'], ['r']])
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
