import { describe, expect, it } from 'vitest'
import type { LinkState, LinkView } from '@/api/types'
import { ago, nextTry, phaseWords, worst } from './links'

const state = (over: Partial<LinkState> = {}): LinkState =>
  ({
    phase: 'up',
    since: 1_000,
    trouble: null,
    failures: 0,
    nextTry: 0,
    heardAt: 0,
    heard: '',
    roundTrip: -1,
    ...over,
  }) as LinkState
const link = (id: string, phase: LinkState['phase'], rank: number): LinkView => ({
  id,
  kind: 'irc',
  name: id,
  state: state({ phase }),
  doing: phase,
  rank,
  refusal: '',
  facts: [],
  users: 0,
  fixed: false,
})

describe('how a link is told', () => {
  it('says what it does and since when', () => {
    expect(phaseWords('up', state(), 43_000)).toBe('up for 42 s')
    expect(phaseWords('up', state(), 3_725_000)).toBe('up for 1 h 2 min')
    expect(phaseWords('connecting, try 4', state({ phase: 'connecting' }), 2_000)).toBe('connecting, try 4 for 1 s')
    expect(phaseWords('not set up', state({ phase: 'unset', since: 0 }), 2_000)).toBe('not set up')
  })

  it('counts down to the next try, and says nothing where there is none', () => {
    expect(nextTry(state({ phase: 'broken', nextTry: 9_400 }), 5_000)).toBe('Tried again in 5 s.')
    expect(nextTry(state({ phase: 'broken', nextTry: 4_000 }), 5_000)).toBe('Tried again now.')
    expect(nextTry(state({ phase: 'broken' }), 5_000)).toBe('')
    expect(nextTry(state({ nextTry: 9_000 }), 5_000)).toBe('')
  })

  it('tells how long ago something was heard', () => {
    expect(ago(5_000, 5_900)).toBe('just now')
    expect(ago(5_000, 47_100)).toBe('42 s ago')
    expect(ago(5_000, 125_000)).toBe('2 min ago')
  })

  it('shows the worst on the rail', () => {
    expect(worst([link('a', 'up', 0), link('b', 'up', 0)])).toBeUndefined()
    expect(worst([link('a', 'paused', 1), link('b', 'broken', 4), link('c', 'connecting', 3)])?.id).toBe('b')
    expect(worst([link('a', 'up', 0), link('b', 'paused', 1), link('c', 'connecting', 3)])?.id).toBe('c')
  })
})
