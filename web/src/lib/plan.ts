import type { Cue, Lane, MediaView, Part } from '@/api/types'
import { fillSample } from './words'

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
  { lane: 'mixer', name: 'Mixer' },
  { lane: 'room', name: 'Room' },
  { lane: 'books', name: 'Books' },
  { lane: 'outside', name: 'Outside' },
]

/** The lanes to draw: the three that nearly every score has, and those that this one uses. */
export const lanesOf = (used: Iterable<Lane>): typeof LANES => {
  const all = new Set(used)
  return LANES.filter(({ lane }, at) => at < 3 || all.has(lane))
}

const laneOf = (part: Part): Lane => {
  if (part.kind === 'switch') {
    return part.target.kind === 'rack' ? 'books' : part.target.kind === 'lamp' ? 'room' : 'mixer'
  }
  return (
    (
      { sound: 'sound', reply: 'chat', clip: 'outside', slate: 'books', points: 'books', ask: 'books' } as Partial<
        Record<Part['kind'], Lane>
      >
    )[part.kind] ?? 'screen'
  )
}

/** How long a part lasts in ms as far as can be told before the ring; the estimate where only the ring will tell. */
const lengthOfPart = (part: Part, lengthOf: (folder: string, file: string) => number): number => {
  if (part.kind === 'sound') {
    return lengthOf(part.folder, part.file)
  }
  if (part.kind === 'clip') {
    return Math.min(CLIP_GUESS, part.longestMs)
  }
  if (part.kind === 'video') {
    return lengthOf(VIDEOS, part.file) || VIDEO_GUESS
  }
  if (part.kind === 'spin') {
    return (part.spinMs + part.stayMs) * part.times
  }
  return 'lengthMs' in part && !(part.kind === 'switch' && part.stay) ? part.lengthMs : 0
}
const CLIP_GUESS = 3_000
const VIDEO_GUESS = 10_000
/** The folder of the shelf in which videos lie. */
export const VIDEOS = 'Videos'

/** The longest length of what a sound part may play, in ms. */
export const longest = (shelf: MediaView[], folder: string, file: string): number =>
  Math.max(
    0,
    ...shelf.filter((each) => each.folder === folder && (!file || each.name === file)).map((each) => each.lengthMs),
  )

/** Draws parts as the engine's compiler plans them; what hangs on nothing that is there, or in a circle, starts at 0. */
export const planned = (parts: Part[], lengthOf: (folder: string, file: string) => number): PlannedPart[] => {
  const done = new Map<string, PlannedPart>()
  const place = (part: Part, path: string[]): PlannedPart => {
    const known = done.get(part.id)
    if (known) {
      return known
    }
    const made: PlannedPart = {
      part,
      lane: laneOf(part),
      from: 0,
      to: 0,
      open:
        part.kind === 'clip' ||
        (part.kind === 'video' && lengthOf(VIDEOS, part.file) === 0) ||
        (part.kind === 'sound' && part.file === ''),
    }
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
    const length = lengthOfPart(part, lengthOf)
    // What is not valid is drawn all the same: nothing starts before the score or ends before it starts.
    made.from = Math.max(0, made.from)
    made.to = made.from + Math.max(0, length)
    done.set(part.id, made)
    return made
  }
  const plan = parts.map((part) => place(part, [part.id]))
  const end = Math.max(0, ...plan.filter((each) => !each.part.manner.toEnd).map((each) => each.to))
  return plan.map((each) =>
    each.part.manner.toEnd ? { ...each, to: Math.max(each.from, end), open: plan.some((other) => other.open) } : each,
  )
}

/** Under which name the samples of a kind of pull are sent; an event under its own. */
const SAMPLE_OF: Record<string, string> = {
  chatWord: 'chat',
  phrase: 'chat',
  pattern: 'chat',
  firstLine: 'chat',
  private: 'chat',
  mark: 'value',
  scene: 'scene',
  webCall: 'webCall',
}

/** What is known only when a part is done, by what follows its name. */
const LATE: Partial<Record<Part['kind'], [string, string][]>> = {
  clip: [
    ['Title', 'The tall taper'],
    ['Address', 'practice-clip-1'],
  ],
  spin: [
    ['Result', 'Sea dye'],
    ['Odds', '25.0 %'],
  ],
  ask: [
    ['Answer', 'done'],
    ['Outcome', 'done'],
  ],
}

/** A sample value for each name that the words of a cue may use: only what every one of its pulls brings. */
export const sampleValues = (cue: Cue, samples: Record<string, Record<string, string>>): Record<string, string> => {
  const all = cue.pulls.map(
    (pull) => samples[SAMPLE_OF[pull.kind] ?? (pull.kind === 'event' ? pull.event : 'none')] ?? {},
  )
  const late = cue.takes
    .flatMap((take) => take.score.parts)
    .flatMap(({ kind, id }) => (LATE[kind] ?? []).map(([name, value]) => [id.replaceAll('-', '') + name, value]))
  // With one desk asked, its answer goes by a short name too.
  const asks = cue.takes.some((take) => take.score.parts.some((part) => part.kind === 'ask'))
  return {
    ...(asks ? { answer: 'done', outcome: 'done' } : {}),
    ...Object.fromEntries(Object.entries(all[0] ?? {}).filter(([name]) => all.every((each) => name in each))),
    ...Object.fromEntries(late),
  }
}

/** The words of a part with a sample's values, for its bar; a name without one is left as it stands. */
export const sampleWords = (part: Part, values: Record<string, string>): string => {
  const fill = (pattern: string) => fillSample(pattern, values)
  if (part.kind === 'card') {
    return [fill(part.title), fill(part.words)].join(' ').trim()
  }
  switch (part.kind) {
    case 'reply':
      return fill(part.words)
    case 'sound':
      return part.file || `any of ${part.folder}`
    case 'clip':
      return `clip of ${part.seconds} s`
    case 'switch':
      return [
        part.target.kind === 'source' || part.target.kind === 'lamp' || part.target.kind === 'rack'
          ? ''
          : part.target.kind,
        part.target.name,
        part.target.kind === 'text' ? fill(part.value) : part.value,
      ]
        .filter(Boolean)
        .join(' ')
    case 'slate':
      return part.act === 'clear'
        ? `${part.value} cleared`
        : `${part.value} ${part.act === 'add' ? '+' : '='} ${fill(part.words)}`
    case 'picture':
      return part.picture
    case 'video':
      return part.file
    case 'burst':
      return `${part.count} ${part.shape}`
    case 'names':
      return fill(part.heading) || 'names'
    case 'spin':
      return part.times > 1 ? `${part.wheel}, ${part.times} times` : part.wheel
    case 'move':
      return part.move
    case 'ask':
      return `${part.act} ${part.about.slice(part.about.indexOf('/') + 1)}`
    default:
      return `${part.amount > 0 ? '+' : ''}${part.amount} points`
  }
}

/** Marks for a ruler: at most eight in what is seen at once, at round seconds. @param zoom how many times wider than that it is */
export const ticks = (lengthMs: number, zoom = 1): number[] => {
  const step =
    [100, 200, 500, 1_000, 2_000, 5_000, 10_000, 30_000, 60_000, 300_000].find((each) => lengthMs / zoom / each <= 8) ??
    600_000
  return Array.from({ length: Math.floor(lengthMs / step) + 1 }, (_, at) => at * step)
}
