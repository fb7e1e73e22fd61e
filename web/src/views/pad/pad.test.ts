import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { DeskView, OrderBoard, RingNotice } from '@/api/types'
import { useDeskBoards } from '@/stores/desks'
import { useKinds } from '@/stores/kinds'
import { useLive } from '@/stores/live'
import { useWiring } from '@/stores/wiring'
import { kindsView, pour, serve, wiringOf } from '@/testing/server'
import { ownStores } from '@/testing/stores'
import PadView from './PadView.vue'

ownStores()
const NOW = 1_000_000
beforeEach(() => {
  useKinds().all = kindsView
  localStorage.clear()
})
afterEach(() => vi.unstubAllGlobals())

const ring = (state: string, to: number): RingNotice => ({
  number: 7,
  cueId: 'pour',
  cueName: 'Pour',
  viewer: '',
  state,
  note: '',
  arrived: NOW,
  start: NOW,
  parts: [{ id: 'card', lane: 'screen', label: '', from: NOW, to, state: 'told', note: '' }],
})
const queue = { desk: 'queue', title: 'Turns', about: 'bench', name: 'At the bench', brief: 'open · 7 wait', acts: [] }

const pad = () => {
  const calls = serve((_, path) => ({
    body:
      path === '/api/desks'
        ? [queue]
        : path.startsWith('/api/mixer')
          ? { known: false }
          : path.startsWith('/api/desks/board')
            ? { chapter: 'break', next: '' }
            : { sentence: 'done' },
  }))
  useWiring().view = wiringOf(1, pour({ pulls: [{ kind: 'hand', button: 'Pour', key: '' }] }))
  vi.spyOn(useLive(), 'now').mockReturnValue(NOW)
  useDeskBoards().all = [queue as unknown as DeskView]
  return { calls, shown: mount(PadView) }
}

describe('the control pad', () => {
  it('has a page for each rack with buttons, lit and with the time left while its cue plays', async () => {
    const { calls, shown } = pad()
    await flushPromises()
    const key = () => shown.get('[data-key=pour]')
    expect(key().attributes('aria-pressed')).toBe('false')
    useLive().rings = new Map([[7, ring('playing', NOW + 4_200)]])
    await flushPromises()
    expect(key().attributes('aria-pressed')).toBe('true')
    expect(key().text()).toContain('5 s')
    useLive().rings = new Map([[7, ring('waiting', NOW + 4_200)]])
    await flushPromises()
    expect(key().text()).toContain('1 wait')
    await key().trigger('click')
    expect(calls.some((each) => each.path === '/api/cues/pour/press')).toBe(true)
  })
  it('asks desks, says how they stand, and keeps the page that was chosen', async () => {
    const { calls, shown } = pad()
    await flushPromises()
    await shown
      .findAll('nav button')
      .find((each) => each.text() === 'Desks')!
      .trigger('click')
    expect(shown.get('[data-key="bench/next"]').text()).toContain('open · 7 wait')
    await shown.get('[data-key="bench/next"]').trigger('click')
    await flushPromises()
    expect(calls.find((each) => each.path === '/api/desks/queue/next')?.body).toEqual({ about: 'bench', with: {} })
    expect(localStorage.getItem('waxbell.pad')).toBe('/desks')
  })
  it('lights the chapter that is on', async () => {
    const { shown } = pad()
    const view = useWiring().view!
    useWiring().view = {
      ...view,
      desks: [
        {
          version: 1,
          desk: { kind: 'order', id: 'evening', name: 'Evening', chapters: [{ id: 'break', name: 'Break' }] },
        } as never,
      ],
    }
    await flushPromises()
    useDeskBoards().boards = { evening: { chapter: 'break', next: '' } as OrderBoard }
    await shown
      .findAll('nav button')
      .find((each) => each.text() === 'Evening')!
      .trigger('click')
    expect(shown.get('[data-key="evening/break"]').attributes('aria-pressed')).toBe('true')
    expect(shown.get('[data-key="evening/break"]').text()).toContain('on now')
  })
})
