import type { Anchor, Part } from '@/api/types'
import type { PlannedPart } from '@/composables/usePlan'
import { free } from './lists'

/** By which a part is nudged with the keys, in ms. */
export const NUDGE = 100
/** How near, in pixels, a start or end must come to another to snap to it. */
export const SNAP_PIXELS = 7
const LONGEST = 3_600_000

/** How late an anchor is, in ms, whatever it hangs on. */
export const offsetOf = (anchor: Anchor): number =>
  anchor.kind === 'at' ? anchor.ms : anchor.kind === 'with' ? anchor.offsetMs : anchor.gapMs

/** The same anchor, so late; nothing starts before the score or what it hangs on. */
export const withOffset = (anchor: Anchor, ms: number): Anchor => {
  const late = Math.min(LONGEST, Math.max(0, Math.round(ms)))
  return anchor.kind === 'at'
    ? { kind: 'at', ms: late }
    : anchor.kind === 'with'
      ? { ...anchor, offsetMs: late }
      : { ...anchor, gapMs: late }
}

/** The part moved later by so many ms. */
export const moved = <P extends Part>(part: P, by: number): P => ({
  ...part,
  start: withOffset(part.start, offsetOf(part.start) + by),
})

/** The part lasting longer by so many ms, within what its kind allows. Unchanged where its length is not set. */
export const stretched = <P extends Part>(part: P, plan: PlannedPart[], by: number): P => {
  const { least, most } = plan.find((each) => each.part.id === part.id) ?? { least: 0, most: 0 }
  return most > 0 && 'lengthMs' in part
    ? { ...part, lengthMs: Math.min(most, Math.max(least, Math.round(part.lengthMs + by))) }
    : part
}

/** The plan while something is dragged: what moves and all that hangs on it is shifted; letting go asks the server. @param by in ms */
export const dragged = (plan: PlannedPart[], movers: string[], by: number): PlannedPart[] => {
  const parts = plan.map((each) => each.part)
  const along = new Set(movers.flatMap((id) => hangers(parts, id)))
  return plan.map((each) => (along.has(each.part.id) ? { ...each, from: each.from + by, to: each.to + by } : each))
}

/** The plan while a part is made longer: what hangs on its end is shifted. @param by in ms */
export const stretching = (plan: PlannedPart[], id: string, by: number): PlannedPart[] => {
  const parts = plan.map((each) => each.part)
  const behind = parts.filter((each) => each.start.kind === 'after' && each.start.part === id).map((each) => each.id)
  return dragged(plan, behind, by).map((each) => (each.part.id === id ? { ...each, to: each.to + by } : each))
}

/** Moments to which others may snap: the starts and ends of parts but this one and those that hang on it, the beginning, and the playhead. */
export const snapPoints = (plan: PlannedPart[], id: string, playhead: number): number[] => {
  const mine = new Set(
    hangers(
      plan.map((each) => each.part),
      id,
    ),
  )
  return [0, playhead, ...plan.filter((each) => !mine.has(each.part.id)).flatMap((each) => [each.from, each.to])]
}

/** A moment, or the one of the points that lies within reach of it; else rounded to tenths of a second. */
export const snapped = (ms: number, points: number[], reach: number): number => {
  const near = points
    .filter((point) => Math.abs(point - ms) <= reach)
    .sort((one, other) => Math.abs(one - ms) - Math.abs(other - ms))
  return near[0] ?? Math.round(ms / NUDGE) * NUDGE
}

/** The ids of a part and of all that hang on it, however far. */
export const hangers = (parts: Part[], id: string): string[] => {
  const found = [id]
  for (let at = 0; at < found.length; at++) {
    parts.forEach(
      (each) =>
        each.start.kind !== 'at' && each.start.part === found[at] && !found.includes(each.id) && found.push(each.id),
    )
  }
  return found
}

/** The part that starts where another ends, keeping the time between them where there is one; null where that would be a circle. */
export const hungOn = <P extends Part>(part: P, other: PlannedPart, plan: PlannedPart[]): P | null => {
  if (
    hangers(
      plan.map((each) => each.part),
      part.id,
    ).includes(other.part.id)
  ) {
    return null
  }
  const from = plan.find((each) => each.part.id === part.id)?.from ?? 0
  return { ...part, start: { kind: 'after', part: other.part.id, gapMs: Math.max(0, from - other.to) } }
}

/** Parts without one; what hung on it starts where it did. */
export const without = (parts: Part[], plan: PlannedPart[], ids: string[]): Part[] =>
  parts
    .filter((each) => !ids.includes(each.id))
    .map((each) => {
      const from = plan.find((one) => one.part.id === each.id)?.from ?? 0
      return each.start.kind !== 'at' && ids.includes(each.start.part)
        ? { ...each, start: { kind: 'at', ms: from } }
        : each
    })

/** A copy of a part for other parts: a name of its own, and a start at a time where what it hung on is not among them. */
export const copyInto = (part: Part, parts: Part[], atMs: number): Part => {
  const there =
    part.start.kind !== 'at' && parts.some((each) => part.start.kind !== 'at' && each.id === part.start.part)
  const base = part.id.replace(/-\d+$/, '')
  return {
    ...(JSON.parse(JSON.stringify(part)) as Part),
    id: free(
      base,
      parts.map((each) => each.id),
    ),
    start: there ? part.start : { kind: 'at', ms: Math.max(0, Math.round(atMs)) },
  }
}
