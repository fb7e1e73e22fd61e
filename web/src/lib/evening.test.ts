import { describe, expect, it } from 'vitest'
import type { EveningView, PlayedRing, ReportView } from '@/api/types'
import { kindsView } from '@/testing/server'
import { differences } from './differences'
import { endOf, momentLabel, momentsOf, moved, rowsOf, rulerOf, zoomed } from './evening'

const ring = (over: Partial<PlayedRing>): PlayedRing => ({
  number: 1,
  decision: 4,
  cueId: 'pour',
  cueName: 'Pour',
  arrived: 1_000,
  start: 1_060,
  over: 7_000,
  waitedMs: 0,
  end: 'ended',
  note: '',
  parts: [
    { id: 'card', lane: 'screen', place: 'main/lower', from: 1_060, to: 6_600, state: 'ended' },
    { id: 'thanks', lane: 'chat', place: '', from: 6_800, to: 6_800, state: 'ended' },
  ],
  ...over,
})
const evening = (over: Partial<EveningView> = {}): EveningView => ({
  cues: [
    { id: 'pour', name: 'Pour', rang: 2, held: { cooldown: 1 }, dropped: 1, longestMs: 0 },
    { id: 'bell', name: 'Bell', rang: 0, held: {}, dropped: 0, longestMs: 0 },
  ],
  places: [{ place: 'main/lower', name: 'Lower third', busyMs: 5_540, parts: 1 }],
  rings: [
    ring({}),
    ring({ number: 2, decision: 6, arrived: 9_000, end: 'dropped', note: 'waited too long', parts: [] }),
  ],
  held: [{ at: 4_000, decision: 5, cueId: 'pour', cueName: 'Pour', gate: 'cooldown' }],
  together: [],
  desks: [],
  pointsIn: 0,
  pointsOut: 0,
  ...over,
})

describe('the drawn evening', () => {
  it('has a row for each place and lane that is used in one of them, and one for what was held', () => {
    const other = evening({
      rings: [ring({ parts: [{ id: 's', lane: 'sound', place: 'main/bench', from: 0, to: 1, state: 'ended' }] })],
      places: [{ place: 'main/bench', name: 'Bench', busyMs: 1, parts: 1 }],
    })
    expect(rowsOf([evening(), other], kindsView.lanes).map((row) => row.name)).toEqual([
      'Lower third',
      'Bench',
      'Chat',
      'Held, dropped',
    ])
  })

  it('tells moments in the order of time, with what became of them', () => {
    expect(momentsOf(evening(), (gate) => `its ${gate}`).map((each) => [each.kind, each.at, each.says])).toEqual([
      ['rang', 1_000, 'rang'],
      ['held', 4_000, 'held: its cooldown'],
      ['dropped', 9_000, 'dropped: waited too long'],
    ])
    expect(momentsOf(evening({ rings: [ring({ waitedMs: 2_340 })], held: [] }), String)[0]!.says).toBe(
      'rang, waited 2.3 s',
    )
  })

  it('writes moments from the start, or as time of day where they were recorded', () => {
    expect(momentLabel(3_725_000, 0)).toBe('01:02:05')
    const recorded = new Date(2026, 10, 23, 20, 14, 3).getTime()
    expect(momentLabel(recorded, recorded - 1_000)).toBe('20:14:03')
  })

  it('has a ruler on round times, about eight of them', () => {
    expect(rulerOf({ from: 0, to: 3_600_000 }, 0)).toEqual([
      0, 600_000, 1_200_000, 1_800_000, 2_400_000, 3_000_000, 3_600_000,
    ])
    expect(rulerOf({ from: 12_345, to: 20_000 }, 345)).toEqual([
      12_345, 13_345, 14_345, 15_345, 16_345, 17_345, 18_345, 19_345,
    ])
  })

  it('is looked at closer around a moment, and never beyond its ends', () => {
    const whole = { from: 0, to: 100_000 }
    expect(zoomed(whole, whole, 0.5, 80_000)).toEqual({ from: 40_000, to: 90_000 })
    expect(zoomed({ from: 40_000, to: 90_000 }, whole, 4, 80_000)).toEqual(whole)
    expect(zoomed({ from: 0, to: 6_000 }, whole, 0.1, 0)).toEqual({ from: 0, to: 5_000 })
    expect(moved({ from: 10_000, to: 30_000 }, whole, -50_000)).toEqual({ from: 0, to: 20_000 })
    expect(moved({ from: 10_000, to: 30_000 }, whole, 90_000)).toEqual({ from: 80_000, to: 100_000 })
  })

  it('ends with what still played when its script was over', () => {
    const report = { from: 0, to: 3_000, evening: evening(), against: null } as unknown as ReportView
    expect(endOf(report)).toBe(7_000)
    expect(endOf({ ...report, to: 90_000 })).toBe(90_000)
    expect(endOf({ ...report, against: evening({ rings: [ring({ over: 95_000 })] }), to: 90_000 })).toBe(95_000)
  })
})

describe('what differs between two documents', () => {
  it('is named place by place', () => {
    expect(
      differences(
        { name: 'Pour', gates: [{ kind: 'who' }], on: true },
        { name: 'Pour it', gates: [{ kind: 'who' }, { kind: 'price', price: 3 }], on: true },
      ),
    ).toEqual([
      { path: 'name', before: 'Pour', after: 'Pour it' },
      { path: 'gates[1]', before: '', after: '{"kind":"price","price":3}' },
    ])
    expect(differences({ a: [1, 2] }, { a: [1, 2] })).toEqual([])
    expect(differences(undefined, { id: 'x' })).toEqual([{ path: '', before: '', after: '{"id":"x"}' }])
  })

  it('is shortened where it is long', () => {
    expect(differences({ a: 'x'.repeat(200) }, { a: '' })[0]!.before).toHaveLength(90)
  })
})
