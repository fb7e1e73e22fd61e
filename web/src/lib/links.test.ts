import { describe, expect, it } from 'vitest'
import type { LinkState, LinkView } from '@/api/types'
import { ago, nextTry, phaseWords, slug, worst } from './links'

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
const link = (id: string, phase: LinkState['phase']): LinkView => ({
  id,
  kind: 'irc',
  name: id,
  state: state({ phase }),
  refusal: '',
  facts: [],
  users: 0,
  fixed: false,
})

describe('how a link is told', () => {
  it('says what it does and since when', () => {
    expect(phaseWords(state(), 43_000)).toBe('up for 42 s')
    expect(phaseWords(state(), 3_725_000)).toBe('up for 1 h 2 min')
    expect(phaseWords(state({ phase: 'connecting', failures: 3 }), 2_000)).toBe('connecting, try 4 for 1 s')
    expect(phaseWords(state({ phase: 'unset', since: 0 }), 2_000)).toBe('not set up')
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
    expect(worst([link('a', 'up'), link('b', 'up')])).toBeUndefined()
    expect(worst([link('a', 'paused'), link('b', 'broken'), link('c', 'connecting')])?.id).toBe('b')
    expect(worst([link('a', 'up'), link('b', 'paused'), link('c', 'connecting')])?.id).toBe('c')
  })

  it('makes a name for the wiring', () => {
    expect(slug(' The Tower (evening) ')).toBe('the-tower-evening')
    expect(slug('***')).toBe('')
  })
})
