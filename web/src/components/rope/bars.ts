import type { DecisionNotice, Lane, RingNotice } from '@/api/types'
import type { Drop } from '@/stores/live'
import { crowded } from './crowds'

export const BACK_MS = 30_000
export const AHEAD_MS = 20_000
const LEAST_MS = 700
/** What the rope shows at once. */
export const SPAN_MS = BACK_MS + AHEAD_MS
/** Shorter than this, in percent of the strip, a bar has no room for words. */
const LEAST_WORDS = 4

const ROW_HEIGHT = 27
/** Lower than this, in pixels, words on a bar cannot be read. */
const LEAST_HEIGHT = 13
/** How wide a bar is, in percent of the strip, that is a mark only. */
const MARK = 1.4

/** A bar on the rope. @property left and width in percent of the strip @property row counted over all lanes @property label empty where there is no room for it */
export interface Bar {
  key: string
  ring: number
  left: number
  width: number
  row: number
  lane: Lane
  label: string
  why: string
  /** Done at once; its bar is only a mark and may stand over another. */
  instant: boolean
  state: 'past' | 'now' | 'comes' | 'waits' | 'cut'
}

/** Where a moment stands on a strip that begins at another, in percent of its width. */
export const placeOf = (at: number, since: number) => ((at - since) / SPAN_MS) * 100

const stateOf = (ring: RingNotice, part: RingNotice['parts'][number], now: number): Bar['state'] => {
  if (ring.state === 'waiting') {
    return 'waits'
  }
  if (['cut', 'failed', 'missed', 'unknown'].includes(part.state)) {
    return 'cut'
  }
  return part.from > now ? 'comes' : part.to > now ? 'now' : 'past'
}

/**
 * Gives bars that overlap within their lane rows of their own; the first row and the number of rows of each lane.
 *
 * @param lanesOf which lanes are drawn where some are used
 * @param room in pixels: where rows would be too low to read, what finds none of its own is a mark on the last one
 */
export const stack = (bars: Bar[], lanesOf: (used: Lane[]) => { lane: Lane }[], room = 102) => {
  let first = 0
  const drawn = lanesOf(bars.map((bar) => bar.lane))
  /** Rows beyond one a lane that there is room for. */
  let spare = Math.max(0, Math.floor(room / LEAST_HEIGHT) - drawn.length)
  return drawn.map(({ lane }) => {
    const ends: number[] = []
    const most = 1 + spare
    for (const bar of bars.filter((each) => each.lane === lane).sort((one, other) => one.left - other.left)) {
      const free = ends.findIndex((end) => end <= bar.left)
      const at = Math.min(free < 0 ? ends.length : free, most - 1)
      const crowded = free < 0 && ends.length >= most
      if (crowded) {
        bar.label = ''
        bar.width = Math.min(bar.width, MARK)
      } else if (!bar.instant) {
        ends[at] = bar.left + bar.width
      }
      bar.row = first + (bar.instant ? 0 : at)
    }
    const rows = { lane, first, rows: Math.max(1, ends.length) }
    first += rows.rows
    spare -= rows.rows - 1
    return rows
  })
}

/** The height of a row, in pixels, where there are so many and so much room: rows share it when several bars of a lane stand side by side. */
export const rowHeight = (rows: number, room = 102): number => Math.min(ROW_HEIGHT, room / rows)

/** The bars of all rings at a moment, on a strip that begins at `since`; rings that were dropped never stood on the rope. */
export const barsOf = (rings: Iterable<RingNotice>, now: number, since = now - BACK_MS): Bar[] => {
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
      const width = placeOf(to, part.from)
      const words = part.lane === 'screen' ? `${state === 'waits' ? 'waits · ' : ''}${ring.cueName}${who}` : part.label
      bars.push({
        key: `${ring.number}.${part.id}`,
        ring: ring.number,
        lane: part.lane,
        state,
        row: 0,
        instant: part.to === part.from,
        left: placeOf(part.from, since),
        width,
        label: width < LEAST_WORDS ? '' : state === 'cut' ? `${part.note || ring.note || 'cut'} · ${words}` : words,
        why: [ring.cueName + who, part.label, part.note || (state === 'cut' ? ring.note : '')]
          .filter(Boolean)
          .join('\n'),
      })
    }
  }
  return crowded(bars)
}

/** What was said on the rope: an event and what was decided, or a ring that was given up while it waited. */
export interface Said {
  key: string
  /** What is said of it more closely; null for a ring that was dropped later. */
  decision: DecisionNotice | null
  at: number
  event: string
  sentence: string
  mood: 'rang' | 'held' | 'missed' | 'none'
}

/** What to add to a sentence when it is known whether its rings could be seen. */
const seenWords = (decision: DecisionNotice): string => {
  const told = decision.answers.flatMap((answer) => (answer.seen ? [answer.seen] : []))
  const worst = told.find((seen) => seen.proof === 'missed') ?? told.find((seen) => seen.proof === 'unknown') ?? told[0]
  return worst ? ` · ${worst.says.replace(/^rang(, (and )?|; )?/, '')}` : ''
}

/** What became of what happened, all cues together: held or missed counts for more than what rang beside it. */
export const moodOf = (decision: DecisionNotice): Said['mood'] => {
  if (decision.answers.some((answer) => answer.held || answer.dropped)) {
    return 'held'
  }
  const missed = decision.answers.some((answer) => answer.seen?.proof === 'missed')
  return missed ? 'missed' : decision.answers.length > 0 ? 'rang' : 'none'
}

/** Decisions and drops in the order in which they came. */
export const saidOf = (decisions: DecisionNotice[], drops: Drop[]): Said[] => {
  const decided = decisions.map((each): Said => ({
    key: `d${each.number}`,
    decision: each,
    at: each.at,
    event: each.event,
    sentence: each.sentence + seenWords(each),
    mood: moodOf(each),
  }))
  const dropped = drops.map((each): Said => ({
    key: `r${each.ring.number}`,
    decision: decisions.find((one) => one.answers.some((answer) => answer.ring === each.ring.number)) ?? null,
    at: each.at,
    event: each.ring.viewer,
    sentence: `dropped ${each.ring.cueName} · ${each.ring.note}`,
    mood: 'held',
  }))
  return [...decided, ...dropped].sort((one, other) => one.at - other.at)
}

/** Marks of what was held or dropped, on the row below the lanes of a strip that begins at `since`. */
export const heldMarks = (said: Said[], now: number, since = now - BACK_MS) =>
  said
    .filter((each) => each.at > now - BACK_MS && each.mood === 'held')
    .map((each) => ({
      key: each.key,
      left: placeOf(each.at, since),
      why: `${each.event}\n${each.sentence}`,
      decision: each.decision,
    }))

export const NOW_AT = (BACK_MS / SPAN_MS) * 100
