import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { unhurried } from './unhurried'

describe('work that is not hurried', () => {
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => void vi.useRealTimers())

  it('is done at once, and what is wanted meanwhile once behind it', async () => {
    const work = vi.fn()
    const want = unhurried(work, 100)
    want()
    want()
    want()
    expect(work).toHaveBeenCalledTimes(1)
    await vi.advanceTimersByTimeAsync(300)
    expect(work).toHaveBeenCalledTimes(2)
    await vi.advanceTimersByTimeAsync(1_000)
    expect(work, 'nobody wanted it again').toHaveBeenCalledTimes(2)
  })

  it('waits for more to come together where it is told to', async () => {
    const work = vi.fn()
    const want = unhurried(work, 100, 50)
    want()
    want()
    expect(work).not.toHaveBeenCalled()
    await vi.advanceTimersByTimeAsync(60)
    expect(work).toHaveBeenCalledTimes(1)
  })

  it('is done again though it failed, and on a page that is never painted', async () => {
    vi.stubGlobal('requestAnimationFrame', () => 0)
    const failed = vi.fn().mockRejectedValueOnce(new Error('away')).mockResolvedValue(undefined)
    const told = vi.spyOn(console, 'error').mockReturnValue()
    const want = unhurried(failed, 100)
    want()
    await vi.advanceTimersByTimeAsync(3_000)
    want()
    expect(failed).toHaveBeenCalledTimes(2)
    want()
    await vi.advanceTimersByTimeAsync(3_000)
    expect(failed).toHaveBeenCalledTimes(3)
    expect(told).toHaveBeenCalledTimes(1)
    vi.unstubAllGlobals()
  })
})
