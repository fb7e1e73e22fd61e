import { describe, expect, it } from 'vitest'
import type { Frame, Stage } from '@/api/types'
import {
  atDistance,
  beyondSafe,
  distances,
  dragged,
  guides,
  onSize,
  reordered,
  scaledTo,
  standing,
  withFrame,
} from './placing'

const frame = (x: number, y: number, width = 200, height = 100, layer = 0): Frame => ({
  x,
  y,
  width,
  height,
  layer,
  locked: false,
})
const WIDE = { width: 1_280, height: 720 }

describe('where something stands on a stage', () => {
  it('is told from the nearest edges', () => {
    expect(distances(frame(40, 600), WIDE)).toEqual({
      across: { from: 'left', px: 40 },
      down: { from: 'bottom', px: 20 },
    })
    expect(distances(frame(1_000, 10), WIDE)).toEqual({
      across: { from: 'right', px: 80 },
      down: { from: 'top', px: 10 },
    })
  })

  it('comes back from its distances, whichever edges they count from', () => {
    for (const each of [frame(0, 0), frame(37, 611), frame(1_050, 3), frame(-20, 700)]) {
      const { across, down } = distances(each, WIDE)
      expect(atDistance(atDistance(frame(5, 5), WIDE, across), WIDE, down)).toEqual(each)
    }
  })

  it('keeps its distances on a stage of another size, or its share of it', () => {
    const corner = frame(1_040, 580)
    expect(onSize(corner, WIDE, { width: 1_920, height: 1_080 })).toEqual(frame(1_680, 940))
    expect(scaledTo(corner, WIDE, { width: 2_560, height: 1_440 })).toEqual(frame(2_080, 1_160, 400, 200))
  })

  it('is beyond the safe area where any of it is', () => {
    expect(beyondSafe(frame(64, 36), WIDE)).toBe(false)
    expect(beyondSafe(frame(63, 36), WIDE)).toBe(true)
  })
})

describe('dragging', () => {
  const lines = guides([frame(600, 300)], WIDE)

  it('snaps edges and middles to those of others and of the stage, within reach only', () => {
    expect(dragged(frame(100, 100), '', 503, 203, lines, 8)).toEqual(frame(600, 300))
    expect(dragged(frame(100, 100), '', 437, 40, lines, 8)).toMatchObject({ x: 540 })
    expect(dragged(frame(100, 100), '', 480, 183, lines, 8)).toMatchObject({ x: 580, y: 283 })
    expect(dragged(frame(100, 100), '', 503, 203, lines, 0)).toEqual(frame(603, 303))
  })

  it('moves only the edges that are held, and never turns a frame inside out', () => {
    expect(dragged(frame(100, 100), 'se', 30, 20, lines, 0)).toEqual(frame(100, 100, 230, 120))
    expect(dragged(frame(100, 100), 'nw', 30, 20, lines, 0)).toEqual(frame(130, 120, 170, 80))
    expect(dragged(frame(100, 100), 'w', 900, 0, lines, 0)).toEqual(frame(292, 100, 8, 100))
    expect(dragged(frame(100, 100), 'n', 0, -900, lines, 0)).toMatchObject({ y: -800, height: 1_000 })
  })
})

describe('what stands before what', () => {
  const stage = {
    formatVersion: 3,
    id: 'main',
    name: 'Main',
    ...WIDE,
    backdrop: '',
    outlets: [],
    spots: [
      { id: 'a', name: 'A', frame: frame(0, 0, 10, 10, 2), busy: { kind: 'giveWay' } },
      { id: 'b', name: 'B', frame: frame(0, 0), busy: { kind: 'giveWay' } },
    ],
    fixtures: [
      { kind: 'chat', id: 'c', name: 'C', frame: frame(0, 0), lines: 3, stayMs: 0, commands: false, size: 18 },
    ],
  } as Stage
  const order = (of: Stage) =>
    standing(of)
      .map((each) => each.id)
      .join('')

  it('goes by layer, then by the order of the document', () => {
    expect(order(stage)).toBe('acb')
  })

  it('is changed step by step and stays what it is at the ends', () => {
    expect(order(reordered(stage, 'b', true))).toBe('abc')
    expect(order(reordered(reordered(stage, 'b', true), 'b', true))).toBe('bac')
    expect(order(reordered(stage, 'a', true))).toBe('acb')
    expect(order(reordered(stage, 'b', false))).toBe('acb')
  })

  it('moves one and leaves the others', () => {
    const moved = withFrame(stage, 'c', frame(5, 6))
    expect(moved.fixtures[0]!.frame).toEqual(frame(5, 6))
    expect(moved.spots).toEqual(stage.spots)
  })
})
