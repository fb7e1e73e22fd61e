import type { Cue, Lane, MediaView, Part } from '@/api/types'

/** A part with its start and end in ms from the start of the score, as far as they can be told before the ring. */
export interface PlannedPart {
  part: Part
  lane: Lane
  from: number
  to: number
  /** Its length is known only when chance has chosen; `to` is the longest. */
  open: boolean
}

export const LANES: { lane: Lane; name: string }[] = [
  { lane: 'screen', name: 'Screen' },
  { lane: 'sound', name: 'Sound' },
  { lane: 'chat', name: 'Chat' },
]

const laneOf = (part: Part): Lane => (part.kind === 'card' ? 'screen' : part.kind === 'sound' ? 'sound' : 'chat')

/** The longest length of what a sound part may play, in ms. */
export const longest = (shelf: MediaView[], folder: string, file: string): number =>
  Math.max(0, ...shelf.filter((each) => each.folder === folder && (!file || each.name === file)).map((each) => each.lengthMs))

/** Draws parts as the engine's compiler plans them; what hangs on nothing that is there, or in a circle, starts at 0. */
export const planned = (parts: Part[], lengthOf: (folder: string, file: string) => number): PlannedPart[] => {
  const done = new Map<string, PlannedPart>()
  const place = (part: Part, path: string[]): PlannedPart => {
    const known = done.get(part.id)
    if (known) {
      return known
    }
    const made: PlannedPart = { part, lane: laneOf(part), from: 0, to: 0, open: part.kind === 'sound' && part.file === '' }
    const start = part.start
    if (start.kind === 'at') {
      made.from = start.ms
    } else {
      const other = parts.find((each) => each.id === start.part)
      if (other && !path.includes(other.id)) {
        const placed = place(other, [...path, part.id])
        made.from = start.kind === 'with' ? placed.from + start.offsetMs : placed.to + start.gapMs
      }
    }
    const length = part.kind === 'card' ? part.lengthMs : part.kind === 'sound' ? lengthOf(part.folder, part.file) : 0
    // What is not valid is drawn all the same: nothing starts before the score or ends before it starts.
    made.from = Math.max(0, made.from)
    made.to = made.from + Math.max(0, length)
    done.set(part.id, made)
    return made
  }
  return parts.map((part) => place(part, [part.id]))
}

/** A sample value for each name that the words of a cue may use: only what every one of its pulls brings. */
export const sampleValues = (cue: Cue, samples: Record<string, Record<string, string>>): Record<string, string> => {
  const all = cue.pulls.map((pull) => samples[pull.kind === 'event' ? pull.event : 'chat'] ?? {})
  return Object.fromEntries(Object.entries(all[0] ?? {}).filter(([name]) => all.every((each) => name in each)))
}

/** The words of a part with a sample's values, for its bar; a name without one is left as it stands. */
export const sampleWords = (part: Part, values: Record<string, string>): string => {
  const fill = (pattern: string) => pattern.replaceAll(/\{(\w+)\}/g, (whole, name: string) => values[name] ?? whole)
  if (part.kind === 'card') {
    return [fill(part.title), fill(part.words)].join(' ').trim()
  }
  return part.kind === 'reply' ? fill(part.words) : part.file || `any of ${part.folder}`
}

/** Marks for a ruler: at most eight, at round seconds. */
export const ticks = (lengthMs: number): number[] => {
  const step = [500, 1_000, 2_000, 5_000, 10_000, 30_000, 60_000, 300_000].find((each) => lengthMs / each <= 8) ?? 600_000
  return Array.from({ length: Math.floor(lengthMs / step) + 1 }, (_, at) => at * step)
}
