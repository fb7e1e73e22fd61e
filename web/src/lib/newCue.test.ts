import { describe, expect, it } from 'vitest'
import { free, newCue, newPart } from './newCue'
import { wordsOf } from './sentence'

const stage = { id: 'main', spots: [{ id: 'lower-third' }, { id: 'corner' }], outlets: [{ id: 'bench' }] }

describe('a new cue', () => {
  it('has an id of its own whatever the word', () => {
    expect(newCue('!Wärme', 'warm', 'bench', []).id).toBe('wa-rme')
    expect(newCue('!蜡', 'warm', 'bench', ['cue']).id).toBe('cue-2')
    expect(free('bell', ['bell', 'bell-2'])).toBe('bell-3')
  })

  it('takes several words and leaves an empty one for the server to refuse', () => {
    expect(wordsOf(newCue(' !a  !b ', 'x', 'bench', []))).toEqual(['!a', '!b'])
    expect(wordsOf(newCue('', 'x', 'bench', []))).toEqual([])
  })
})

describe('a new part', () => {
  it('has a name of its own and hangs an answer on the card', () => {
    const card = newPart('card', [], { stage, folder: '', rack: 'bench', slate: [], values: ['viewer'] })
    const reply = newPart('reply', [card], { stage, folder: '', rack: 'bench', slate: [], values: ['viewer'] })
    expect(reply.start).toEqual({ kind: 'after', part: 'card', gapMs: 200 })
    expect(newPart('card', [card], { stage, folder: '', rack: 'bench', slate: [], values: ['viewer'] })).toMatchObject({ id: 'card-2', spot: 'corner' })
    expect(newPart('sound', [], { stage, folder: 'Pouring', rack: 'bench', slate: [], values: ['viewer'] })).toMatchObject({ id: 'sound', outlet: 'bench', folder: 'Pouring', start: { kind: 'at', ms: 0 } })
  })
})
