import type { DecisionNotice, Lane, RingNotice } from '@/api/types'
import { LANES } from '@/lib/plan'

export const BACK_MS = 30_000
export const AHEAD_MS = 20_000
const LEAST_MS = 700

/** A bar on the rope. @property left and width in percent of the strip */
export interface Bar {
  key: string
  left: number
  width: number
  row: number
  lane: Lane
  label: string
  why: string
  state: 'past' | 'now' | 'comes' | 'waits' | 'cut'
}

const place = (at: number, now: number) => ((at - now + BACK_MS) / (BACK_MS + AHEAD_MS)) * 100

const stateOf = (ring: RingNotice, part: RingNotice['parts'][number], now: number): Bar['state'] => {
  if (ring.state === 'waiting') {
    return 'waits'
  }
  if (['cut', 'failed', 'missed', 'unknown'].includes(part.state)) {
    return 'cut'
  }
  return part.from > now ? 'comes' : part.to > now ? 'now' : 'past'
}

/** The bars of all rings at a moment; rings that were dropped never stood on the rope. */
export const barsOf = (rings: Iterable<RingNotice>, now: number): Bar[] => {
  const bars: Bar[] = []
  for (const ring of rings) {
    if (ring.state === 'dropped' || (ring.state === 'hushed' && ring.note !== 'hushed')) {
      continue
    }
    for (const part of ring.parts) {
      const to = Math.max(part.to, part.from + LEAST_MS)
      if (to < now - BACK_MS || part.from > now + AHEAD_MS) {
        continue
      }
      const state = stateOf(ring, part, now)
      const who = ring.viewer ? ` · ${ring.viewer}` : ''
      bars.push({
        key: `${ring.number}.${part.id}`, lane: part.lane, state, row: LANES.findIndex((each) => each.lane === part.lane),
        left: place(part.from, now), width: place(to, now) - place(part.from, now),
        label: part.lane === 'screen' ? `${state === 'waits' ? 'waits · ' : ''}${ring.cueName}${who}` : part.label,
        why: [ring.cueName + who, part.label, part.note].filter(Boolean).join('\n'),
      })
    }
  }
  return bars
}

/** Marks of what was held, on the row below the lanes. */
export const heldMarks = (decisions: DecisionNotice[], now: number) =>
  decisions
    .filter((each) => each.at > now - BACK_MS && each.answers.some((answer) => answer.held || answer.dropped))
    .map((each) => ({ key: each.number, left: place(each.at, now), why: `${each.event}\n${each.sentence}` }))

export const NOW_AT = (BACK_MS / (BACK_MS + AHEAD_MS)) * 100
