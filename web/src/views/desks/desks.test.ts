import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { useWiring } from '@/stores/wiring'
import { serve } from '@/testing/server'
import { ownStores } from '@/testing/stores'
import DesksView from './DesksView.vue'

ownStores()
beforeEach(() => void serve(() => ({ body: [] })))
afterEach(() => vi.unstubAllGlobals())
const router = createRouter({
  history: createMemoryHistory(),
  routes: [{ path: '/:any(.*)*', component: { template: '<i />' } }],
})
const shown = (id = '') =>
  mount(DesksView, {
    props: { id },
    global: { plugins: [router], stubs: { BringExtension: true, NewDeskDialog: true, DeskSheet: true } },
  })
const wired = (sheets: unknown[]) => (useWiring().view = { racks: [], cues: [], stages: [], desks: sheets } as never)

describe('the desks', () => {
  it('says that it reads until it was told, and only then that there is none', () => {
    expect(shown().text()).toContain('Reading…')
    expect(shown().text()).not.toContain('No desk stands here yet')
    wired([])
    expect(shown().text()).toContain('No desk stands here yet')
  })

  it('says of one that is gone that it is gone, where there are others', () => {
    wired([{ version: 1, desk: { kind: 'queue', id: 'bench', name: 'At the bench' } }])
    expect(shown('away').find('[data-gone]').text()).toContain('no such desk here any more')
    expect(shown('bench').find('[data-gone]').exists()).toBe(false)
  })
})
