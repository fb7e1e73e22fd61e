import { describe, expect, it } from 'vitest'
import type { Pull } from '@/api/types'
import { free, newCue, newPart } from './newCue'
import { wordsOf } from './sentence'

const stage = { id: 'main', spots: [{ id: 'lower-third' }, { id: 'corner' }], outlets: [{ id: 'bench' }] }

const ground = { stage, folder: 'Bench', rack: 'bench', slate: [], values: ['viewer'] }
const word = (...words: string[]): Pull => ({ kind: 'chatWord', words, general: false, argument: '' })
const NOTHING = { answer: '', card: false, sound: false }

describe('a new cue', () => {
  it('has an id of its own whatever its name', () => {
    expect(newCue(word('!x'), 'Wärme', { ...NOTHING, answer: 'warm' }, ground, []).id).toBe('wa-rme')
    expect(newCue(word('!x'), '蜡', { ...NOTHING, answer: 'warm' }, ground, ['cue']).id).toBe('cue-2')
    expect(free('bell', ['bell', 'bell-2'])).toBe('bell-3')
  })

  it('answers a word to anyone, and rests', () => {
    const made = newCue(word('!a', '!b'), 'Answer', { ...NOTHING, answer: 'Hello' }, ground, [])
    expect(wordsOf(made)).toEqual(['!a', '!b'])
    expect(made.gates.map((each) => each.kind)).toEqual(['who', 'cooldown'])
    expect(made.takes[0]!.score.parts).toMatchObject([{ kind: 'reply', words: 'Hello', start: { kind: 'at', ms: 0 } }])
  })

  it('shows, plays and says, the answer after the card, for an event that everyone may cause', () => {
    const made = newCue(
      { kind: 'event', event: 'gift', atLeast: {}, exactly: {} },
      'A gift',
      { answer: 'Thanks', card: true, sound: true },
      ground,
      [],
    )
    expect(made.takes[0]!.score.parts.map((each) => each.kind)).toEqual(['card', 'sound', 'reply'])
    expect(made.takes[0]!.score.parts[0]).toMatchObject({ words: expect.stringContaining('{giftItem}') as string })
    expect(made.takes[0]!.score.parts[2]!.start).toEqual({ kind: 'after', part: 'card', gapMs: 200 })
    expect(made.gates.map((each) => each.kind)).toEqual(['who'])
  })

  it('asks nobody who they are where nobody does it', () => {
    expect(newCue({ kind: 'every', everyMs: 60_000 }, 'Every', { ...NOTHING, answer: 'x' }, ground, []).gates).toEqual(
      [],
    )
  })
})

describe('a new part', () => {
  it('has a name of its own and hangs an answer on the card', () => {
    const card = newPart('card', [], { stage, folder: '', rack: 'bench', slate: [], values: ['viewer'] })
    const reply = newPart('reply', [card], { stage, folder: '', rack: 'bench', slate: [], values: ['viewer'] })
    expect(reply.start).toEqual({ kind: 'after', part: 'card', gapMs: 200 })
    expect(newPart('card', [card], { stage, folder: '', rack: 'bench', slate: [], values: ['viewer'] })).toMatchObject({
      id: 'card-2',
      spot: 'corner',
    })
    expect(
      newPart('sound', [], { stage, folder: 'Pouring', rack: 'bench', slate: [], values: ['viewer'] }),
    ).toMatchObject({ id: 'sound', outlet: 'bench', folder: 'Pouring', start: { kind: 'at', ms: 0 } })
  })
})
