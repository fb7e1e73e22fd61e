import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { computed } from 'vue'
import type { DecisionNotice, LiveStanding, Need, RingNotice } from '@/api/types'
import { FakeSocket, pour, serve, wiringOf } from '@/testing/server'
import { ownStores } from '@/testing/stores'
import { useLive } from './live'
import { useWiring } from './wiring'

const NOW = 5_000_000
const ring = (number: number, to: number, state = 'ended'): RingNotice => ({
  number,
  cueId: 'pour',
  cueName: 'Pour',
  viewer: '',
  state,
  note: '',
  arrived: to,
  start: to,
  parts: [{ id: 'card', lane: 'screen', label: '', from: to, to, state, note: '' }],
})
const decision = (number: number, held = false): DecisionNotice => ({
  number,
  at: NOW,
  kind: 'chatLine',
  event: 'wickerby: !pour',
  viewer: 'wickerby',
  sentence: '',
  answers: [
    { cueId: 'pour', cueName: 'Pour', gates: [], ring: held ? 0 : 1, held, dropped: false, drawn: [], sentence: '' },
  ],
})
const standing: LiveStanding = {
  now: NOW,
  version: '0.1.0',
  decisions: [decision(1)],
  rings: [ring(1, NOW)],
  pages: [],
  saved: { ok: true, why: '' },
  evening: { show: 0, shows: 0, openedAt: 0, onAir: false, lines: 0 },
  shutters: { down: false, until: 0, why: '', held: 0 },
  links: [],
}

const need = (id: string): Need => ({ id, urgency: 'soon', who: '', says: id, since: 0, look: '', acts: [] })

describe('what happens now', () => {
  ownStores()
  beforeEach(() => {
    vi.useFakeTimers({ now: 1_000 })
    FakeSocket.install()
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  const started = () => {
    const live = useLive()
    const stop = live.start()
    FakeSocket.last.onopen?.()
    FakeSocket.last.hear({ type: 'standing', body: standing })
    return { live, stop }
  }

  it('is told by the server and timed by its clock', () => {
    const { live } = started()
    expect(live.connected).toBe(true)
    expect(live.now()).toBe(NOW)
    vi.advanceTimersByTime(250)
    expect(live.now()).toBe(NOW + 250)
  })

  it('goes on evenly when the clock of this machine is set, and follows the server forward', () => {
    const { live } = started()
    vi.setSystemTime(1_000 - 3_600_000)
    vi.advanceTimersByTime(100)
    expect(live.now()).toBe(NOW + 100)
    FakeSocket.last.hear({ type: 'decision', body: { ...decision(2), at: NOW + 3_600_000 } })
    expect(live.now()).toBe(NOW + 3_600_000)
    FakeSocket.last.hear({ type: 'decision', body: { ...decision(3), at: NOW + 5_000 } })
    expect(live.now()).toBe(NOW + 3_600_000)
  })

  it('takes a decision that comes twice once', () => {
    const { live } = started()
    FakeSocket.last.hear({ type: 'decision', body: decision(2, true) })
    FakeSocket.last.hear({ type: 'decision', body: decision(2, true) })
    expect(live.decisions.map((each) => each.number)).toEqual([1, 2])
  })

  it('counts for the list what rang and what was held', async () => {
    serve(() => ({ body: wiringOf(1, pour()) }))
    await useWiring().load()
    started()
    FakeSocket.last.hear({ type: 'decision', body: decision(2) })
    FakeSocket.last.hear({ type: 'decision', body: decision(3, true) })
    expect(useWiring().cue('pour')).toMatchObject({ rang: 1, held: 1 })
  })

  it('forgets rings that have left the rope, but none that still plays', () => {
    const { live } = started()
    FakeSocket.last.hear({ type: 'ring', body: ring(2, NOW - 50_000, 'playing') })
    FakeSocket.last.hear({ type: 'ring', body: ring(3, NOW - 50_000) })
    const shown = computed(() => [...live.rings.keys()])
    expect(shown.value).toContain(3)
    vi.advanceTimersByTime(1_000)
    FakeSocket.last.hear({ type: 'ring', body: ring(4, NOW) })
    expect(shown.value).toEqual([1, 2, 4])
  })

  it('tells of a ring that was dropped after it had waited', () => {
    const { live } = started()
    FakeSocket.last.hear({ type: 'ring', body: ring(2, NOW, 'waiting') })
    FakeSocket.last.hear({ type: 'ring', body: ring(2, NOW, 'dropped') })
    FakeSocket.last.hear({ type: 'ring', body: ring(3, NOW, 'dropped') })
    expect(live.drops.map((each) => each.ring.number)).toEqual([2])
  })

  it('says that it is unsaved, who shows the stage, and that the wiring changed', () => {
    const { live } = started()
    const before = live.wiringStamp
    FakeSocket.last.hear({ type: 'saved', body: { ok: false, why: 'disk full' } })
    FakeSocket.last.hear({ type: 'pages', body: [{ sounds: true, roundTrip: 1 }] })
    FakeSocket.last.hear({ type: 'wiring', body: 1 })
    expect(live.saved).toEqual({ ok: false, why: 'disk full' })
    expect(live.pages).toHaveLength(1)
    expect(live.wiringStamp).toBe(before + 1)
  })

  it('comes back by itself, waiting longer each time, until it is stopped', () => {
    const { live, stop } = started()
    FakeSocket.last.close()
    expect(live.connected).toBe(false)
    vi.advanceTimersByTime(250)
    expect(FakeSocket.all).toHaveLength(2)
    FakeSocket.last.close()
    vi.advanceTimersByTime(499)
    expect(FakeSocket.all).toHaveLength(2)
    vi.advanceTimersByTime(1)
    expect(FakeSocket.all).toHaveLength(3)
    stop()
    vi.advanceTimersByTime(60_000)
    expect(FakeSocket.all).toHaveLength(3)
  })
  it('asks again what needs the host when it is connected again, and takes what was told meanwhile for newer', async () => {
    let answer = [need('a')]
    const calls = serve(() => ({ body: answer }))
    const { live } = started()
    await live.loadNeeds()
    expect(live.needs.map((each) => each.id)).toEqual(['a'])
    answer = [need('b')]
    FakeSocket.last.hear({ type: 'standing', body: standing })
    await vi.waitFor(() => expect(live.needs.map((each) => each.id)).toEqual(['b']))
    const late = live.loadNeeds()
    FakeSocket.last.hear({ type: 'needs', body: [need('c')] })
    await late
    expect(live.needs.map((each) => each.id)).toEqual(['c'])
    expect(calls.filter((each) => each.path === '/api/needs')).toHaveLength(3)
  })
})
