import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Need } from '@/api/types'
import { serve } from '@/testing/server'
import { ownStores } from '@/testing/stores'
import { useLive } from './live'
import { useNeedSound } from './needSound'

const struck: number[] = []
let state = 'running'
class Sounding {
  currentTime = 0
  destination = {}
  get state() {
    return state
  }
  resume = () => (state === 'running' ? Promise.resolve() : new Promise(() => undefined))
  createGain = () => ({
    gain: { setValueAtTime: vi.fn(), exponentialRampToValueAtTime: vi.fn() },
    connect: (to: unknown) => to,
  })
  createOscillator = () => {
    const tone = {
      frequency: { value: 0 },
      connect: (to: unknown) => to,
      start: () => struck.push(tone.frequency.value),
      stop: vi.fn(),
    }
    return tone
  }
}
const need = (id: string, urgency: Need['urgency'] = 'now'): Need => ({
  id,
  urgency,
  who: '',
  says: id,
  since: 0,
  look: '',
  acts: [],
})

describe('the sound when something needs the host', () => {
  ownStores()
  beforeEach(() => {
    localStorage.clear()
    struck.length = 0
    state = 'running'
    vi.stubGlobal('AudioContext', Sounding)
    serve(() => ({ body: [] }))
  })
  afterEach(() => vi.unstubAllGlobals())
  const needs = async (...now: Need[]) => {
    useLive().needs = now
    await flushPromises()
  }

  it('is silent until it is chosen, and is heard as it is chosen', async () => {
    const sound = useNeedSound()
    sound.listen()
    await needs()
    await needs(need('link'))
    expect(struck).toEqual([])
    await sound.choose('bell')
    expect(struck.length).toBeGreaterThan(1)
    struck.length = 0
    await sound.choose('')
    expect(struck).toEqual([])
  })

  it('sounds once for each that is new, not for what stays, nor for what is only good to know', async () => {
    const sound = useNeedSound()
    await sound.choose('tap')
    struck.length = 0
    sound.listen()
    await needs(need('there already'))
    expect(struck).toEqual([])
    await needs(need('there already'), need('link'))
    const once = struck.length
    expect(once).toBeGreaterThan(0)
    await needs(need('link'), need('idle', 'later'))
    expect(struck).toHaveLength(once)
    await needs(need('link'), need('waits', 'soon'))
    expect(struck).toHaveLength(2 * once)
  })

  it('says when the browser keeps it silent', async () => {
    state = 'suspended'
    const sound = useNeedSound()
    void sound.choose('bell')
    await flushPromises()
    expect(sound.silent).toBe(true)
    expect(struck).toEqual([])
  })
})
