import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { paced } from './socket'

describe('what comes by a socket', () => {
  beforeEach(() => void vi.useFakeTimers({ now: 10_000 }))
  afterEach(() => void vi.useRealTimers())

  it('is heard at once while little comes, and a flood together in its order', () => {
    const heard: unknown[] = []
    const hear = paced((_, body) => heard.push(body))
    for (let i = 0; i < 100; i++) {
      hear('decision', i)
    }
    const atOnce = heard.length
    expect(atOnce).toBeGreaterThan(10)
    expect(atOnce).toBeLessThan(50)
    vi.advanceTimersByTime(150)
    expect(heard).toEqual(Array.from({ length: 100 }, (_, i) => i))
  })

  it('keeps the order where calm comes back while some still wait', () => {
    const heard: unknown[] = []
    const hear = paced((_, body) => heard.push(body))
    for (let i = 0; i < 60; i++) {
      hear('decision', i)
    }
    vi.setSystemTime(12_000)
    hear('decision', 60)
    expect(heard).not.toContain(60)
    vi.advanceTimersByTime(150)
    expect(heard).toEqual(Array.from({ length: 61 }, (_, i) => i))
    hear('decision', 61)
    expect(heard.at(-1)).toBe(61)
  })

  it('is heard less often on a page that takes long to hear and to paint it, and as before when it is quick again', async () => {
    let each = 0
    let taken = 0
    vi.spyOn(performance, 'now').mockImplementation(() => Date.now() + taken)
    let times = new Set<number>()
    const hear = paced(() => {
      taken += each
      times.add(Date.now())
    })
    const flood = async () => {
      times = new Set()
      for (let i = 0; i < 500; i++) {
        hear('decision', i)
        await vi.advanceTimersByTimeAsync(10)
      }
      return times.size
    }
    await flood()
    const quick = await flood()
    each = 8
    await flood()
    expect(await flood()).toBeLessThan(quick / 2)
    each = 0
    await flood()
    expect(await flood()).toBeGreaterThan(quick * 0.9)
  })
})
