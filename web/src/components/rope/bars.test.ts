import { describe, expect, it } from 'vitest'
import type { DecisionNotice, RingNotice } from '@/api/types'
import { BACK_MS, barsOf, heldMarks, NOW_AT, placeOf, rowHeight, saidOf, stack } from './bars'

const NOW = 1_000_000
const ring = (over: Partial<RingNotice> = {}): RingNotice => ({
  number: 7,
  cueId: 'pour',
  cueName: 'Pour the taper',
  viewer: 'wickerby',
  state: 'playing',
  note: '',
  arrived: NOW,
  start: NOW,
  parts: [{ id: 'card', lane: 'screen', label: 'wickerby pours', from: NOW, to: NOW + 5_000, state: 'told', note: '' }],
  ...over,
})
const at = (from: number, to: number, state = 'planned') => ({ ...ring().parts[0]!, from, to, state })

describe('the rope', () => {
  it('draws what starts now at the line of now, five seconds as a tenth of it', () => {
    expect(barsOf([ring()], NOW)[0]).toMatchObject({
      left: NOW_AT,
      width: 10,
      row: 0,
      state: 'now',
      label: 'Pour the taper · wickerby',
    })
  })

  it('lays bars out on a strip that began earlier, so that they need not move while it goes by', () => {
    const since = NOW - BACK_MS
    const [first, later] = [0, 10_000].map((after) => barsOf([ring()], NOW + after, since)[0]!)
    expect(later!.left).toBe(first!.left)
    expect(later!.left - placeOf(NOW + 10_000 - BACK_MS, since)).toBeCloseTo(NOW_AT - 20)
    expect(
      heldMarks(
        saidOf(
          [{ number: 3, at: NOW, event: '', sentence: '', answers: [{ held: true }] } as unknown as DecisionNotice],
          [],
        ),
        NOW + 10_000,
        since,
      )[0]!.left,
    ).toBe(first!.left)
  })

  it('writes nothing on a bar that has no room for words, and still says what it is', () => {
    const [bell] = barsOf([ring({ parts: [{ ...at(NOW, NOW + 1_000), lane: 'sound', label: 'bell' }] })], NOW)
    expect(bell).toMatchObject({ label: '' })
    expect(bell!.why).toContain('bell')
  })

  it('tells past, coming, waiting and cut apart', () => {
    const state = (one: RingNotice) => barsOf([one], NOW)[0]?.state
    expect(state(ring({ parts: [at(NOW - 9_000, NOW - 4_000, 'ended')] }))).toBe('past')
    expect(state(ring({ parts: [at(NOW + 2_000, NOW + 4_000)] }))).toBe('comes')
    expect(state(ring({ state: 'waiting', parts: [at(NOW + 2_000, NOW + 4_000)] }))).toBe('waits')
    expect(state(ring({ state: 'hushed', note: 'hushed', parts: [at(NOW - 1_000, NOW + 4_000, 'cut')] }))).toBe('cut')
  })

  it('leaves out what is too long ago, too far ahead, or was dropped', () => {
    expect(
      barsOf(
        [
          ring({ parts: [at(NOW - 60_000, NOW - 40_000)] }),
          ring({ parts: [at(NOW + 21_000, NOW + 30_000)] }),
          ring({ state: 'dropped' }),
        ],
        NOW,
      ),
    ).toEqual([])
  })

  it('marks what was held, with the reason', () => {
    const held = {
      number: 3,
      at: NOW - 15_000,
      event: 'wickerby: !pour',
      viewer: 'wickerby',
      sentence: 'held Pour the taper · resting, 9 s to go',
      answers: [{ held: true, dropped: false }],
    }
    expect(heldMarks(saidOf([held as DecisionNotice], []), NOW)).toMatchObject([
      { key: 'd3', left: 30, why: 'wickerby: !pour\nheld Pour the taper · resting, 9 s to go' },
    ])
    expect(heldMarks(saidOf([{ ...held, answers: [] } as unknown as DecisionNotice], []), NOW)).toEqual([])
  })

  it('adds whether a ring was seen, and marks what was missed without a drop', () => {
    const seen = (proof: string, says: string) => ({ held: false, dropped: false, seen: { proof, says } })
    const rang = (...answers: object[]) =>
      saidOf(
        [{ number: 4, at: NOW, event: 'e', viewer: '', sentence: 'rang Pour', answers } as unknown as DecisionNotice],
        [],
      )
    expect(rang(seen('seen', 'rang, and was seen and heard'))[0]).toMatchObject({
      sentence: 'rang Pour · was seen and heard',
      mood: 'rang',
    })
    const missed = rang(seen('seen', 'rang, and was seen'), seen('missed', 'rang, but no page painted it'))
    expect(missed[0]).toMatchObject({ sentence: 'rang Pour · but no page painted it', mood: 'missed' })
    expect(heldMarks(missed, NOW)).toEqual([])
  })

  it('says of a ring that it was dropped, after what was decided before', () => {
    const dropped = ring({ state: 'dropped', note: 'it waited longer than it may' })
    expect(saidOf([], [{ at: NOW, ring: dropped }])).toMatchObject([
      {
        key: 'r7',
        at: NOW,
        event: 'wickerby',
        sentence: 'dropped Pour the taper · it waited longer than it may',
        mood: 'held',
      },
    ])
  })

  it('gives bars that overlap rows of their own, and one that follows the row that is free again', () => {
    const bars = barsOf(
      [
        ring({ parts: [at(NOW, NOW + 5_000)] }),
        ring({ parts: [at(NOW + 1_000, NOW + 4_000)] }),
        ring({ parts: [at(NOW + 6_000, NOW + 8_000)] }),
      ],
      NOW,
    )
    const lanesOf = () => [{ lane: 'screen' as const }, { lane: 'sound' as const }, { lane: 'chat' as const }]
    expect(stack(bars, lanesOf)).toEqual([
      { lane: 'screen', first: 0, rows: 2 },
      { lane: 'sound', first: 2, rows: 1 },
      { lane: 'chat', first: 3, rows: 1 },
    ])
    expect(bars.map((bar) => bar.row)).toEqual([0, 1, 0])
    expect([rowHeight(3), rowHeight(6)]).toEqual([27, 17])
  })

  it('keeps rows readable under load: what finds no row of its own is a mark without words', () => {
    const crowd = Array.from({ length: 12 }, (_, at0) => ring({ number: at0, parts: [at(NOW + at0, NOW + 9_000)] }))
    const bars = barsOf(crowd, NOW)
    const rows = stack(bars, () => [{ lane: 'screen' as const }, { lane: 'chat' as const }], 102)
    expect(rows.map((each) => each.rows)).toEqual([6, 1])
    expect(rowHeight(7, 102)).toBeGreaterThanOrEqual(13)
    expect(bars.filter((bar) => bar.label).map((bar) => bar.row)).toEqual([0, 1, 2, 3, 4, 5])
    expect(bars.filter((bar) => !bar.label).every((bar) => bar.row === 5 && bar.width < 2)).toBe(true)
  })

  it('says on a bar that was cut what cut it', () => {
    const cut = (over: Partial<RingNotice>, note: string) =>
      barsOf([ring({ ...over, parts: [{ ...at(NOW - 1_000, NOW + 4_000, 'cut'), note }] })], NOW)[0]!.label
    expect(cut({}, 'its place was not free in time')).toBe('its place was not free in time · Pour the taper · wickerby')
    expect(cut({ state: 'hushed', note: 'hushed' }, '')).toBe('hushed · Pour the taper · wickerby')
  })
})
