import { describe, expect, it } from 'vitest'
import type { Part } from '@/api/types'
import type { PlannedPart } from '@/composables/usePlan'
import { PLAIN } from '@/testing/server'
import {
  copyInto,
  dragged,
  hangers,
  hungOn,
  moved,
  offsetOf,
  snapped,
  snapPoints,
  stretched,
  stretching,
  without,
} from './scoreEdit'

const card = (id: string, start: Part['start'], lengthMs = 4_000): Part => ({
  kind: 'card',
  id,
  start,
  lengthMs,
  stage: 'main',
  spot: 'low',
  look: 'tide',
  title: 't',
  words: 'w',
  picture: '',
  portrait: '',
  entry: '',
  exit: '',
  entryMs: 400,
  exitMs: 600,
  manner: PLAIN,
})
const reply = (id: string, start: Part['start']): Part => ({ kind: 'reply', id, start, words: 'Thanks', manner: PLAIN })
/** The plan that the server would tell. */
const plan = (parts: Part[]): PlannedPart[] => {
  const place = (part: Part): PlannedPart => {
    const start = part.start
    const other = start.kind === 'at' ? null : place(parts.find((each) => each.id === start.part)!)
    const from = (start.kind === 'after' ? other!.to : (other?.from ?? 0)) + offsetOf(start)
    const lengthMs = 'lengthMs' in part ? part.lengthMs : 0
    const long = lengthMs > 0
    return {
      part,
      lane: 'screen',
      from,
      to: from + lengthMs,
      open: false,
      label: '',
      least: long ? 1_000 : 0,
      most: long ? 600_000 : 0,
    }
  }
  return parts.map(place)
}
const PARTS = [
  card('a', { kind: 'at', ms: 0 }),
  reply('b', { kind: 'after', part: 'a', gapMs: 200 }),
  card('c', { kind: 'with', part: 'b', offsetMs: 0 }),
]

describe('editing a score', () => {
  it('moves a part against what it hangs on, never before it', () => {
    expect(moved(PARTS[0]!, 300).start).toEqual({ kind: 'at', ms: 300 })
    expect(moved(PARTS[1]!, -900).start).toEqual({ kind: 'after', part: 'a', gapMs: 0 })
    expect(moved(PARTS[2]!, 100).start).toEqual({ kind: 'with', part: 'b', offsetMs: 100 })
  })

  it('stretches only what has a length, within what its kind allows', () => {
    expect(stretched(PARTS[0]!, plan(PARTS), 500)).toMatchObject({ lengthMs: 4_500 })
    expect(stretched(PARTS[0]!, plan(PARTS), -9_000)).toMatchObject({ lengthMs: 1_000 })
    expect(stretched(PARTS[1]!, plan(PARTS), 500)).toBe(PARTS[1])
  })

  it('shifts what hangs on it while it is dragged or made longer, until the server has spoken', () => {
    expect(dragged(plan(PARTS), ['a'], 300).map((each) => each.from)).toEqual([300, 4_500, 4_500])
    expect(dragged(plan(PARTS), ['c'], 300).map((each) => each.from)).toEqual([0, 4_200, 4_500])
    expect(stretching(plan(PARTS), 'a', 500).map((each) => [each.from, each.to])).toEqual([
      [0, 4_500],
      [4_700, 4_700],
      [4_700, 8_700],
    ])
  })

  it('snaps to starts and ends of others and to the playhead, else to tenths', () => {
    const points = snapPoints(plan(PARTS), 'b', 1_230)
    expect(points).toEqual([0, 1_230, 0, 4_000])
    expect(snapped(3_960, points, 50)).toBe(4_000)
    expect(snapped(3_860, points, 50)).toBe(3_900)
    expect(snapped(1_250, points, 50)).toBe(1_230)
  })

  it('hangs a part on the end of another, keeping the time between, and refuses a circle', () => {
    const free = [...PARTS, reply('d', { kind: 'at', ms: 9_000 })]
    expect(hungOn(free[3]!, plan(free)[0]!, plan(free))?.start).toEqual({ kind: 'after', part: 'a', gapMs: 5_000 })
    expect(hungOn(PARTS[0]!, plan(PARTS)[2]!, plan(PARTS))).toBeNull()
    expect(hangers(PARTS, 'a')).toEqual(['a', 'b', 'c'])
  })

  it('removes a part and leaves what hung on it where it was', () => {
    expect(without(PARTS, plan(PARTS), ['a']).map((each) => each.start)).toEqual([
      { kind: 'at', ms: 4_200 },
      { kind: 'with', part: 'b', offsetMs: 0 },
    ])
  })

  it('copies a part under a name of its own, free of what is not there', () => {
    expect(copyInto(PARTS[1]!, PARTS, 700)).toMatchObject({ id: 'b-2', start: { kind: 'after', part: 'a' } })
    expect(copyInto(PARTS[1]!, [], 700)).toMatchObject({ id: 'b', start: { kind: 'at', ms: 700 } })
  })

  it('keeps every part valid and every thread unbroken whatever is done in whatever order', () => {
    let seed = 7
    const roll = (under: number) => (seed = (seed * 48_271) % 2_147_483_647) % under
    for (let round = 0; round < 300; round++) {
      let parts: Part[] = [...PARTS, reply('d', { kind: 'at', ms: roll(9_000) })]
      for (let step = 0; step < 8; step++) {
        const at = roll(parts.length)
        const one = parts[at]!
        const other = plan(parts)[roll(parts.length)]!
        const next = [
          moved(one, roll(4_000) - 2_000),
          stretched(one, plan(parts), roll(4_000) - 2_000),
          hungOn(one, other, plan(parts)) ?? one,
        ][roll(3)]!
        parts =
          roll(9) === 0 && parts.length > 1
            ? without(parts, plan(parts), [one.id])
            : parts.map((each, index) => (index === at ? next : each))
        if (roll(5) === 0) {
          parts = [...parts, copyInto(one, parts, roll(5_000))]
        }
      }
      expect(new Set(parts.map((each) => each.id)).size).toBe(parts.length)
      for (const each of parts) {
        const hangs = each.start.kind === 'at' ? null : each.start.part
        expect(hangs === null || parts.some((part) => part.id === hangs)).toBe(true)
        expect(hangers(parts, each.id).filter((id) => id === each.id)).toHaveLength(1)
        expect(hangs !== null && hangers(parts, each.id).includes(hangs)).toBe(false)
        expect(each.kind !== 'card' || each.lengthMs >= each.entryMs + each.exitMs).toBe(true)
      }
      plan(parts).forEach((each) => expect(each.from).toBeGreaterThanOrEqual(0))
    }
  })
})
