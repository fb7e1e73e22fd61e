import type { EveningView, Lane, PlayedRing, ReportView } from '@/api/types'
import { timeOfDay } from './spans'

/** A row of the drawn evening: a spot, an outlet, or a lane for parts that have no place; the last one is for what was held or dropped. */
export interface Row {
  key: string
  lane: Lane | 'held'
  name: string
}

/** Something in the evening that can be chosen and asked why. */
export interface Moment {
  key: string
  kind: 'rang' | 'held' | 'dropped'
  at: number
  to: number
  decision: number
  cueId: string
  cueName: string
  says: string
  ring: PlayedRing | null
}

/** A stretch of the evening, in ms. */
export interface Stretch {
  from: number
  to: number
}

const HELD: Row = { key: 'held', lane: 'held', name: 'Held, dropped' }

/** When the drawing ends: with the script, or with what still played then. */
export const endOf = ({ from, to, evening, against }: ReportView): number =>
  [...evening.rings, ...(against?.rings ?? [])].reduce(
    (end, ring) => Math.max(end, ring.over),
    Math.max(from + 1_000, to),
  )

/** The rows that these evenings need, in the order of lanes, so that two of them are drawn alike. */
export const rowsOf = (evenings: EveningView[], lanes: { lane: Lane; name: string }[]): Row[] => {
  const names = new Map(evenings.flatMap((evening) => evening.places.map((each) => [each.place, each.name] as const)))
  const used = new Map<string, Row>()
  for (const part of evenings.flatMap((evening) => evening.rings.flatMap((ring) => ring.parts))) {
    const key = part.place || part.lane
    used.set(key, {
      key,
      lane: part.lane,
      name: names.get(part.place) ?? lanes.find((each) => each.lane === part.lane)?.name ?? part.lane,
    })
  }
  const order = (row: Row) => lanes.findIndex((each) => each.lane === row.lane)
  return [
    ...[...used.values()].sort((one, other) => order(one) - order(other) || one.name.localeCompare(other.name)),
    HELD,
  ]
}

/** What can be asked why, in the order of time. @param saysOf what is said of what a gate held */
export const momentsOf = (evening: EveningView, saysOf: (gate: string) => string): Moment[] => {
  const rang = evening.rings.map((ring): Moment => {
    const dropped = ring.end === 'dropped'
    const says = dropped
      ? `dropped: ${ring.note}`
      : `rang${ring.waitedMs > 0 ? `, waited ${(ring.waitedMs / 1_000).toFixed(1)} s` : ''}`
    return {
      key: `r${ring.number}`,
      kind: dropped ? 'dropped' : 'rang',
      at: ring.arrived,
      to: ring.over,
      decision: ring.decision,
      cueId: ring.cueId,
      cueName: ring.cueName,
      says,
      ring,
    }
  })
  const held = evening.held.map((each, at): Moment => ({
    key: `h${at}`,
    kind: 'held',
    at: each.at,
    to: each.at,
    decision: each.decision,
    cueId: each.cueId,
    cueName: each.cueName,
    says: `held: ${saysOf(each.gate)}`,
    ring: null,
  }))
  return [...rang, ...held].sort((one, other) => one.at - other.at || one.decision - other.decision)
}

/** How a moment is written: the time of day where it was recorded, else the time since the start. */
export const momentLabel = (at: number, from: number): string => {
  if (from > 1e11) {
    return timeOfDay(at)
  }
  const seconds = Math.floor((at - from) / 1_000)
  return [Math.floor(seconds / 3_600), Math.floor(seconds / 60) % 60, seconds % 60]
    .map((each) => String(each).padStart(2, '0'))
    .join(':')
}

const STEPS = [1, 2, 5, 10, 30, 60, 120, 300, 600, 900, 1_800, 3_600, 7_200].map((seconds) => seconds * 1_000)

/** Moments for the ruler: about eight in the stretch, on round times from the start. */
export const rulerOf = (stretch: Stretch, from: number): number[] => {
  const step = STEPS.find((each) => (stretch.to - stretch.from) / each <= 8) ?? STEPS.at(-1)!
  const first = from + Math.ceil((stretch.from - from) / step) * step
  return Array.from({ length: Math.max(0, Math.floor((stretch.to - first) / step) + 1) }, (_, at) => first + at * step)
}

const NARROWEST = 5_000

/** The stretch made `by` times as long around a moment, within the whole. */
export const zoomed = (stretch: Stretch, whole: Stretch, by: number, around: number): Stretch => {
  const length = Math.min(whole.to - whole.from, Math.max(NARROWEST, (stretch.to - stretch.from) * by))
  const share = (around - stretch.from) / Math.max(1, stretch.to - stretch.from)
  return moved({ from: around - length * share, to: around + length * (1 - share) }, whole, 0)
}

/** The stretch moved by ms, within the whole. */
export const moved = (stretch: Stretch, whole: Stretch, by: number): Stretch => {
  const length = Math.min(stretch.to - stretch.from, whole.to - whole.from)
  const from = Math.min(Math.max(whole.from, stretch.from + by), whole.to - length)
  return { from, to: from + length }
}
