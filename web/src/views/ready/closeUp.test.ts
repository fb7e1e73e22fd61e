import { describe, expect, it } from 'vitest'
import type { ReadyDrawing } from '@/api/types'
import { closeUp } from './closeUp'

const frame = (x: number, y: number, width: number, height: number) => ({
  x,
  y,
  width,
  height,
  layer: 0,
  locked: false,
})
const drawing = (fixtures: object[], spots: object[] = [], parts: object[] = []) =>
  ({ stage: { width: 1280, height: 720, fixtures, spots }, parts }) as unknown as ReadyDrawing

describe('the close look at a drawing', () => {
  it('is the whole stage where nothing stands', () => {
    expect(closeUp(drawing([]))).toEqual({ x: 0, y: 0, width: 1280 })
  })
  it('never leaves the stage', () => {
    for (const [x, y] of [
      [0, 0],
      [1180, 0],
      [0, 660],
      [1180, 660],
      [600, 300],
    ] as const) {
      const look = closeUp(drawing([{ frame: frame(x, y, 100, 60) }]))
      expect(look.x).toBeGreaterThanOrEqual(0)
      expect(look.y).toBeGreaterThanOrEqual(0)
      expect(look.x + look.width).toBeLessThanOrEqual(1280)
      expect(look.y + (look.width * 720) / 1280).toBeLessThanOrEqual(720.001)
      expect(look.x).toBeLessThanOrEqual(x)
      expect(look.x + look.width).toBeGreaterThanOrEqual(x + 100)
    }
  })
  it('looks at spots only where something is in them', () => {
    const spots = [{ id: 'corner', frame: frame(868, 40, 360, 110) }]
    expect(closeUp(drawing([], spots)).width).toBe(1280)
    const look = closeUp(drawing([], spots, [{ card: { spot: 'corner' } }]))
    expect(look.width).toBeLessThan(700)
    expect(look.x).toBeGreaterThan(500)
  })
  it('takes in all of what is wide', () => {
    expect(closeUp(drawing([{ frame: frame(72, 660, 1136, 42) }])).width).toBe(1280)
  })
})
