import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import type { ShowSeen } from '@/api/types'
import { useLive } from '@/stores/live'
import { serve } from '@/testing/server'
import { ownStores } from '@/testing/stores'
import { barsOf } from './drawing'
import LookBackView from './LookBackView.vue'

ownStores()
afterEach(() => vi.unstubAllGlobals())
const router = createRouter({
  history: createMemoryHistory(),
  routes: [{ path: '/:any(.*)*', component: { template: '<i />' } }],
})
const minute = (lines: number) => ({ lines, rang: 1, held: 0 })
const seen = (lines: number): ShowSeen => ({
  summary: {
    show: 2,
    from: 0,
    to: 180_000,
    lines,
    people: 2,
    rang: 3,
    held: 1,
    minutes: [minute(1), minute(5), minute(2)],
    cues: [{ cue: 'pour', name: 'Pour', rang: 3, held: 1, by: { cooldown: 1 } }],
    tried: [],
    moments: [
      { number: 4, at: 60_000, kind: 'scene', says: 'the scene is Away' },
      { number: 5, at: 70_000, kind: 'marked', says: 'marked the moment: the spill' },
      { number: 6, at: 80_000, kind: 'onAir', says: 'on air' },
    ],
    viewers: [{ name: '<b>lou', lines: 6, rang: 1 }],
  },
  open: false,
  busiest: 1,
  fresh: ['kay'],
  freshCount: 201,
  unused: [],
  advice: [{ sort: 'word', about: '!scent', says: '!scent was written 4 times.' }],
})
const answer = (_method: string, path: string) => {
  if (path === '/api/lookback') {
    return {
      body: [
        { show: 2, from: 0, to: 180_000, open: false },
        { show: 1, from: 0, to: 60_000, open: false },
      ],
    }
  }
  return { body: path.includes('/lines') ? [] : seen(path.endsWith('/1') ? 70 : 8) }
}

describe('the drawn evening', () => {
  it('puts whole minutes together where there are more than fit', () => {
    const bars = barsOf([1, 2, 3, 4, 5].map(minute), 2)
    expect(bars.map((each) => [each.from, each.minutes, each.lines])).toEqual([
      [0, 3, 6],
      [3, 2, 9],
    ])
    expect(barsOf([], 10)).toEqual([])
  })
})

describe('look back', () => {
  it('shows the newest show with what is worth doing, and another beside it', async () => {
    serve(answer)
    useLive()
    const shown = mount(LookBackView, { global: { plugins: [router] } })
    await flushPromises()
    expect(shown.find('[data-figures]').text()).toContain('8')
    expect(shown.find('[data-advice]').text()).toContain('!scent was written 4 times.')
    const moments = shown.findAll('[aria-label=Moments] button').map((each) => each.text())
    expect(moments.map((each) => each.replace(/^[\d:]+ /, ''))).toEqual([
      'the scene is Away',
      'marked the moment: the spill',
    ])
    expect(shown.html()).not.toContain('<b>lou')
    expect(shown.text().replace(/\s+/g, ' ')).toContain('For the first time: kay and 200 more')
    await shown.find("[aria-label='Beside which show']").setValue('1')
    await flushPromises()
    expect(shown.find('[data-beside]').text()).toBe('70 there')
  })

  it('leaves names out where that is wished', async () => {
    serve(answer)
    const shown = mount(LookBackView, { global: { plugins: [router] } })
    await flushPromises()
    expect(shown.text()).toContain('lou')
    await shown.find('input[type=checkbox]').setValue(false)
    expect(shown.text()).toContain('Names are left out.')
    expect(shown.text()).not.toContain('kay')
  })

  it('says so where no show was', async () => {
    serve(() => ({ body: [] }))
    const shown = mount(LookBackView, { global: { plugins: [router] } })
    await flushPromises()
    expect(shown.text()).toContain('No show was opened yet.')
  })
})
