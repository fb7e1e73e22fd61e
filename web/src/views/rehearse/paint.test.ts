import { describe, expect, it } from 'vitest'
import type { EveningView, PlayedRing } from '@/api/types'
import { kindsView } from '@/testing/server'
import { momentsOf, rowsOf } from '@/lib/evening'
import { heightOf, paint, RULER, sizesOf, type Painted } from './paint'

/** Keeps what is drawn: bars with their place, colour and how thick, texts, and drops. */
const recorder = () => {
  const bars: { x: number; y: number; width: number; colour: string; alpha: number }[] = []
  const texts: string[] = []
  const chat: number[][] = []
  let drops = 0
  const context = {
    fillStyle: '',
    strokeStyle: '',
    globalAlpha: 1,
    lineWidth: 1,
    font: '',
    clearRect: () => undefined,
    fillRect: (x: number, _y: number, width: number) => context.fillStyle === '--edge' && chat.push([x, width]),
    beginPath: () => undefined,
    fill: () => undefined,
    stroke: () => undefined,
    save: () => undefined,
    restore: () => undefined,
    clip: () => undefined,
    moveTo: () => undefined,
    bezierCurveTo: () => (drops += 0.5),
    fillText: (text: string) => texts.push(text),
    roundRect: (x: number, y: number, width: number) =>
      bars.push({ x, y, width, colour: context.fillStyle, alpha: context.globalAlpha }),
  }
  return { context: context as unknown as CanvasRenderingContext2D, bars, chat, texts, drops: () => drops }
}

const ring = (number: number, cueId: string, from: number): PlayedRing => ({
  number,
  decision: number,
  cueId,
  cueName: cueId,
  arrived: from,
  start: from,
  over: from + 2_000,
  waitedMs: 0,
  end: 'ended',
  note: '',
  parts: [{ id: 'card', lane: 'screen', place: 'main/lower', from, to: from + 2_000, state: 'ended' }],
})
const evening: EveningView = {
  cues: [],
  places: [{ place: 'main/lower', name: 'Lower third', busyMs: 1, parts: 1 }],
  rings: [ring(1, 'pour', 0), ring(2, 'bell', 5_000)],
  held: [{ at: 7_000, decision: 3, cueId: 'pour', cueName: 'pour', gate: 'who' }],
  together: [],
  desks: [],
  pointsIn: 0,
  pointsOut: 0,
}
const painted = (over: Partial<Painted> = {}): Painted => ({
  evening,
  moments: momentsOf(evening, String),
  rows: rowsOf([evening], kindsView.lanes),
  lines: [1, 2],
  until: 8_000,
  whole: { from: 0, to: 10_000 },
  stretch: { from: 0, to: 10_000 },
  chosen: '',
  cue: '',
  small: false,
  ...over,
})
const draw = (over: Partial<Painted> = {}) => {
  const kept = recorder()
  paint(kept.context, 1_000, painted(over), (name) => name)
  return kept
}

describe('the drawing of an evening', () => {
  it('has a bar for each part on its row, as long as it was, with its name where there is room', () => {
    const { bars, texts, drops } = draw()
    const y = RULER + sizesOf(false).lines + 3
    expect(bars).toEqual([
      { x: 0, y, width: 200, colour: '--lane-screen', alpha: 1 },
      { x: 500, y, width: 200, colour: '--lane-screen', alpha: 1 },
    ])
    expect(texts).toContain('pour')
    expect(drops()).toBe(1)
  })

  it('draws the lines of chat where they were written, though parts go on after the last', () => {
    expect(draw().chat).toEqual([
      [0, 399],
      [400, 399],
    ])
  })

  it('shows only the stretch that is looked at, larger', () => {
    const { bars, drops } = draw({ stretch: { from: 4_000, to: 6_000 } })
    expect(bars).toEqual([expect.objectContaining({ x: 500, width: 1_000 })])
    expect(drops()).toBe(0)
  })

  it('makes other cues faint where one is picked out', () => {
    expect(draw({ cue: 'bell' }).bars.map((bar) => bar.alpha)).toEqual([0.1, 1])
  })

  it('draws thinner where many lie upon one another, and the chosen one in full', () => {
    const many = { ...evening, rings: Array.from({ length: 2_000 }, (_, at) => ring(at + 1, 'pour', at * 4)) }
    const { bars } = draw({ evening: many, moments: momentsOf(many, String), chosen: 'r3' })
    expect(bars[0]!.alpha).toBeCloseTo(0.25)
    expect(bars[2]!.alpha).toBe(1)
  })

  it('is smaller where two stand one above the other', () => {
    expect(heightOf(painted({ small: true }))).toBeLessThan(heightOf(painted()))
    expect(draw({ small: true }).texts).not.toContain('pour')
  })
})
