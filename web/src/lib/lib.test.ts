import { describe, expect, it } from 'vitest'
import type { Cue, Part } from '@/api/types'
import { onlyTake, PLAIN } from './newCue'
import { lanesOf, planned, sampleValues, sampleWords, ticks } from './plan'
import { asText, brief as briefIn, either, pieces as piecesIn } from './sentence'
import { HOUSE } from '@/testing/server'
import { span } from './spans'

const card: Part = {
  kind: 'card',
  id: 'card',
  start: { kind: 'at', ms: 0 },
  lengthMs: 5_600,
  stage: 'main',
  spot: 'lower-third',
  look: 'beeswax',
  title: '{viewer}',
  words: 'pours a tall taper',
  picture: '',
  portrait: false,
  entry: '',
  exit: '',
  entryMs: 400,
  exitMs: 600,
  manner: PLAIN,
}
const sound: Part = {
  kind: 'sound',
  id: 'sound',
  start: { kind: 'with', part: 'card', offsetMs: 200 },
  stage: 'main',
  outlet: 'bench',
  folder: 'Pouring',
  file: '',
  volume: 80,
  manner: PLAIN,
}
const reply = (id: string, start: Part['start']): Part => ({
  kind: 'reply',
  id,
  start,
  words: 'Thanks, {viewer}',
  manner: PLAIN,
})
const cue = (
  over: Partial<Cue> = {},
  parts: Part[] = [card, sound, reply('thanks', { kind: 'after', part: 'card', gapMs: 200 })],
): Cue => ({
  formatVersion: 4,
  id: 'pour',
  name: 'Pour',
  description: '',
  listed: true,
  rack: 'bench',
  on: true,
  pulls: [{ kind: 'chatWord', words: ['!pour', '!taper'], general: false, argument: '' }],
  gates: [
    { kind: 'who', standings: ['anyone'], leastMonths: 0, allow: [], deny: [], circles: [] },
    { kind: 'cooldown', forAllMs: 14_000, perViewerMs: 0 },
  ],
  whenHeld: [],
  takes: [onlyTake(parts)],
  takeRule: 'first',
  urgency: 'usual',
  longestWaitMs: 60_000,
  ...over,
})
const length = () => 2_100
const pieces = (each: Cue, lengthOf: () => number) => piecesIn(each, lengthOf, HOUSE)
const brief = (each: Cue) => briefIn(each, HOUSE)

describe('the sentence of a cue', () => {
  it('reads as one', () => {
    expect(asText(pieces(cue(), length))).toBe(
      'When !pour or !taper is typed by anyone, at most every 14 s, it plays for 5.8 s. While its places are taken it waits up to 1 min. When held, it stays silent.',
    )
  })

  it('reads right without cooldown, with many standings, and for an answer alone', () => {
    const other = cue(
      {
        gates: [
          { kind: 'who', standings: ['host', 'moderator', 'vip'], leastMonths: 0, allow: [], deny: [], circles: [] },
        ],
      },
      [reply('answer', { kind: 'at', ms: 0 })],
    )
    expect(asText(pieces(other, length))).toBe(
      'When !pour or !taper is typed by VIPs, moderators or the host, as often as it comes, it answers at once. When held, it stays silent.',
    )
  })

  it('says both cooldowns, and that a length is a guess', () => {
    const other = cue({ gates: [{ kind: 'cooldown', forAllMs: 5_000, perViewerMs: 60_000 }] }, [
      { ...sound, start: { kind: 'at', ms: 0 } },
    ])
    expect(asText(pieces(other, length))).toContain(
      'at most every 5 s and every 1 min for each viewer, it plays for about 2.1 s.',
    )
  })

  it('says what sets it off beside words, with its filters', () => {
    const gift = cue({
      pulls: [{ kind: 'event', event: 'gift', atLeast: { giftWorth: 50 }, exactly: { giftItem: 'Lantern' } }],
    })
    expect(asText(pieces(gift, length))).toMatch(
      /^When a gift arrives \(gift worth at least 50, gift item Lantern\), from anyone, at most/,
    )
    const both = cue({
      pulls: [
        { kind: 'chatWord', words: ['!wax'], general: false, argument: '' },
        { kind: 'phrase', phrases: ['good evening'], wholeWords: true },
      ],
    })
    expect(asText(pieces(both, length))).toMatch(/^When !wax is typed or “good evening” stands in a line, from anyone/)
    expect(brief(both)).toBe('!wax or “good evening” stands in a line · anyone · rests 14 s')
  })

  it('says the argument, the chance, the months, who is named and who is denied', () => {
    const dye = cue({
      gates: [
        {
          kind: 'who',
          standings: ['member', 'moderator'],
          leastMonths: 3,
          allow: ['wickerby'],
          deny: ['lowtide_lou'],
          circles: [],
        },
        { kind: 'argument', wants: 'oneOf', least: 0, most: 0, words: ['sage', 'rose'], knownOnly: false, usage: '' },
        { kind: 'chance', percent: 30 },
      ],
      whenHeld: [{ gate: 'argument', words: '{reason}' }],
    })
    const text = asText(pieces(dye, length))
    expect(text).toContain(
      'is typed by members of 3 months, moderators or wickerby but lowtide_lou, with sage or rose behind it, 30 times of 100, as often',
    )
    expect(text).toContain('When held, it says so in chat.')
  })

  it.each([
    [
      { kind: 'firstLine', whose: 'each', name: '', spentWhenHeld: false },
      'When someone writes their first line tonight, from anyone',
    ],
    [
      { kind: 'firstLine', whose: 'named', name: 'wickerby', spentWhenHeld: false },
      'When wickerby writes the first line tonight',
    ],
    [{ kind: 'private', words: [] }, 'When a private message comes'],
    [{ kind: 'mark', value: 'pours', mark: 10, up: true }, 'When pours on the slate reaches 10'],
    [{ kind: 'every', everyMs: 600_000 }, 'When another 10 min of the show have passed'],
    [{ kind: 'afterLines', lines: 30, leastMs: 60_000 }, 'When 30 lines were written and 1 min have passed'],
    [{ kind: 'hand', button: 'Bell', key: 'Alt+3' }, 'When I press Bell or Alt+3'],
    [{ kind: 'scene', scenes: ['kettle'] }, 'When the scene changes to kettle'],
    [{ kind: 'cue', cue: 'pour', ended: true }, 'When the cue pour is over'],
    [{ kind: 'webCall', hook: 'kiln' }, 'When the address kiln is called'],
    [
      { kind: 'event', event: 'wheelStopped', atLeast: {}, exactly: { deskName: 'Dyes' } },
      'When a wheel stops (desk name Dyes)',
    ],
  ] as [Cue['pulls'][number], string][])('says %o', (pull, text) => {
    expect(asText(pieces(cue({ pulls: [pull] }), length))).toContain(text)
  })

  it('says every gate and how a take is chosen', () => {
    const gates: Cue['gates'] = [
      { kind: 'standBack' },
      { kind: 'air', air: 'on', scenes: ['bench'] },
      { kind: 'limit', perShow: 3, perViewer: 1 },
      { kind: 'condition', condition: 'viewer.months > 3' },
      { kind: 'price', price: 40 },
    ]
    expect(asText(pieces(cue({ gates, takes: [...cue().takes, ...cue().takes], takeRule: 'turn' }), length))).toContain(
      'by anyone, unless a more exact cue rang, on air in the scene bench, no more than 3 times a show and once for each viewer, for 40 drips, as often as it comes, only if viewer.months > 3, it plays one of 2 takes, in turn; the first plays for 5.8 s.',
    )
  })

  it('has a short form for lists', () => {
    expect(brief(cue())).toBe('!pour or !taper · anyone · rests 14 s')
    expect(either(['a', 'b', 'c'])).toBe('a, b or c')
  })
})

describe('the drawn plan', () => {
  it('draws what is not yet valid without falling over', () => {
    expect(planned([{ ...card, lengthMs: -2_000, start: { kind: 'at', ms: -500 } } as Part], length)[0]).toMatchObject({
      from: 0,
      to: 0,
    })
    const circle = [
      reply('a', { kind: 'after', part: 'b', gapMs: 0 }),
      reply('b', { kind: 'after', part: 'a', gapMs: 5 }),
      reply('c', { kind: 'with', part: 'gone', offsetMs: 9 }),
    ]
    expect(planned(circle, length).map((each) => each.part.id)).toEqual(['a', 'b', 'c'])
  })

  it('writes the sample sentence on a bar, not its pattern', () => {
    expect(sampleWords(card, { viewer: 'wickerby' })).toBe('wickerby pours a tall taper')
    expect(sampleWords(sound, {})).toBe('any of Pouring')
  })

  it('offers only values that every pull brings', () => {
    const samples = {
      chat: { viewer: 'wickerby', argument: 'tall' },
      gift: { viewer: 'brine_otter', giftItem: 'Honeycomb' },
    }
    const gift = { kind: 'event' as const, event: 'gift', atLeast: {}, exactly: {} }
    expect(sampleValues(cue({ pulls: [gift] }), samples)).toEqual({ viewer: 'brine_otter', giftItem: 'Honeycomb' })
    expect(
      sampleValues(cue({ pulls: [gift, { kind: 'chatWord', words: ['!x'], general: false, argument: '' }] }), samples),
    ).toEqual({ viewer: 'brine_otter' })
    expect(sampleWords(reply('r', { kind: 'at', ms: 0 }), {})).toBe('Thanks, {viewer}')
  })

  it('draws what lasts to the end, and only lanes that are used beside the first three', () => {
    const lamp: Part = {
      kind: 'switch',
      id: 'lamp',
      start: { kind: 'at', ms: 0 },
      lengthMs: 900,
      target: { kind: 'lamp', name: 'Bench' },
      value: 'off',
      stay: false,
      manner: PLAIN,
    }
    const clip: Part = {
      kind: 'clip',
      id: 'clip',
      start: { kind: 'at', ms: 0 },
      seconds: 30,
      title: 'x',
      longestMs: 20_000,
      manner: PLAIN,
    }
    const plan = planned([lamp, clip, { ...card, manner: { ...PLAIN, toEnd: true } }], length)
    expect(plan.map((each) => [each.lane, each.to, each.open])).toEqual([
      ['room', 900, false],
      ['outside', 3_000, true],
      ['screen', 3_000, true],
    ])
    expect(lanesOf(plan.map((each) => each.lane)).map((each) => each.lane)).toEqual([
      'screen',
      'sound',
      'chat',
      'room',
      'outside',
    ])
    expect([lamp, clip].map((part) => sampleWords(part, {}))).toEqual(['Bench off', 'clip of 30 s'])
  })

  it('never crowds the ruler', () => {
    expect(ticks(5_800)).toEqual([0, 1_000, 2_000, 3_000, 4_000, 5_000])
    expect(ticks(3_600_000).length).toBeLessThanOrEqual(13)
  })

  it('writes lengths as they were set', () => {
    expect([5_600, 14_000, 120_000, 90_500].map(span)).toEqual(['5.6 s', '14 s', '2 min', '1 min 30.5 s'])
  })
})
