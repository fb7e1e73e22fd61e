import { describe, expect, it } from 'vitest'
import { fitting, scaleOf } from './fit'

describe('a stage in its window', () => {
  const full = { width: 1_920, height: 1_080 }
  it('is scaled so that all of it is seen', () => {
    expect(scaleOf(full, { width: 1_280, height: 720 })).toBeCloseTo(2 / 3)
    expect(scaleOf(full, { width: 1_920, height: 540 })).toBe(0.5)
    expect(scaleOf({ width: 1_280, height: 720 }, full)).toBe(1.5)
  })

  it('stays as it is where it fits, and where its window has no size yet', () => {
    expect(scaleOf(full, full)).toBe(1)
    expect(scaleOf(full, { width: 1_919, height: 1_080 })).toBe(1)
    expect(scaleOf(full, { width: 0, height: 0 })).toBe(1)
    expect(scaleOf({ width: 0, height: 0 }, full)).toBe(1)
  })

  it('follows its window', () => {
    const root = document.createElement('div')
    Object.assign(window, { innerWidth: 960, innerHeight: 540 })
    fitting(root)(full)
    expect(root.style.transform).toBe('scale(0.5)')
    Object.assign(window, { innerWidth: 1_920, innerHeight: 1_080 })
    dispatchEvent(new Event('resize'))
    expect(root.style.transform).toBe('')
  })
})
