import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import ShutterStrip from '@/components/rail/ShutterStrip.vue'
import { useLive } from '@/stores/live'
import { useWiring } from '@/stores/wiring'
import { kindsView, serve } from '@/testing/server'
import { ownStores } from '@/testing/stores'
import { useKinds } from '@/stores/kinds'
import type { PersonKept } from '@/api/types'
import AccountsForm from './AccountsForm.vue'
import ForgetForm from './ForgetForm.vue'
import LedgerView from './LedgerView.vue'
import PeopleView from './PeopleView.vue'
import PointsForm from './PointsForm.vue'

ownStores()
beforeEach(() => (useKinds().all = kindsView))
afterEach(() => vi.unstubAllGlobals())
const router = createRouter({
  history: createMemoryHistory(),
  routes: [{ path: '/:any(.*)*', component: { template: '<i />' } }],
})
const within = (component: object, props = {}) => mount(component, { props, global: { plugins: [router] } })
const lou = {
  id: 'practice:lou',
  name: '<b>lou',
  link: 'practice',
  standing: 'member',
  months: 3,
  firstSeen: 1,
  lastSeen: 2,
  lines: 4,
  evenings: 1,
  minutes: 95,
  gave: 0,
  points: 70,
  note: '',
}

/** The server as these pages ask it; rows are written by it. */
const answer = (_method: string, path: string, body: unknown) => {
  if (path === '/api/people/names') {
    return { body: { names: { points: 'number' }, titles: { points: 'drips' } } }
  }
  if (path === '/api/people/condition/rows') {
    return { body: { text: 'points >= 1', rows: (body as { rows: unknown }).rows } }
  }
  return path === '/api/people/condition'
    ? { body: { text: '', rows: { any: false, rows: [] } } }
    : { body: { count: 250, people: [lou] } }
}
const kept = {
  person: lou,
  circles: [],
  entrance: '',
  entries: [],
  changes: [],
  accounts: [{ ...lou, id: 'tower:lou_too', name: 'lou_too', link: 'tower' }],
  alike: [{ ...lou, id: 'choir:lou', link: 'choir' }],
  proof: { word: '', theirs: false, others: [] },
  desks: [],
  read: { spelling: '', silent: false },
} as unknown as PersonKept

describe('accounts of one person', () => {
  it('are joined where a name agrees, and parted', async () => {
    const calls = serve(() => ({ body: kept }))
    const shown = within(AccountsForm, { kept })
    await shown.find('[data-alike] button').trigger('click')
    await flushPromises()
    expect(calls.at(-1)).toMatchObject({ path: '/api/people/practice%3Alou/accounts', body: { account: 'choir:lou' } })
    await shown.find('[data-account] button').trigger('click')
    await flushPromises()
    expect(calls.at(-1)!.path).toBe('/api/people/practice%3Alou/accounts/tower%3Alou_too')
    expect(shown.emitted('changed')).toHaveLength(2)
  })
})

describe('the wish to be forgotten', () => {
  it('is done when the name was written, and not before', async () => {
    const calls = serve(() => ({ body: {} }))
    const shown = mount(ForgetForm, {
      props: { id: 'practice:lou', name: 'lou' },
      global: { plugins: [router] },
      attachTo: document.body,
    })
    await shown.find('button').trigger('click')
    await flushPromises()
    const field = document.querySelector<HTMLInputElement>('[role=dialog] input')!
    const go = document.querySelector<HTMLButtonElement>('[role=dialog] form button')!
    expect(go.disabled).toBe(true)
    field.value = 'lou'
    field.dispatchEvent(new Event('input'))
    await flushPromises()
    expect(go.disabled).toBe(false)
    go.click()
    await flushPromises()
    expect(calls.at(-1)).toMatchObject({ path: '/api/people/practice%3Alou/forget', body: { name: 'lou' } })
    expect(shown.emitted('gone')).toHaveLength(1)
    shown.unmount()
  })
})

describe('people', () => {
  it('are found, filtered by a condition and sorted by columns, and names are no markup', async () => {
    const calls = serve(answer)
    const last = () => calls.filter((each) => each.path === '/api/people').at(-1)!.body as Record<string, unknown>
    const shown = within(PeopleView)
    await flushPromises()
    expect(shown.find('[data-count]').text()).toBe('250')
    expect(shown.find('[data-person] bdi').text()).toBe('<b>lou')
    const points = shown.findAll('button').find((each) => each.text() === 'points')!
    await points.trigger('click')
    await flushPromises()
    expect(last()).toMatchObject({ sort: 'points', down: true, from: 0 })
    await points.trigger('click')
    expect(last()).toMatchObject({ sort: 'points', down: false })
    await shown
      .findAll('button')
      .find((each) => each.text().includes('Only who'))!
      .trigger('click')
    await flushPromises()
    await shown
      .findAll('[data-only] button')
      .find((each) => each.text() === 'Row')!
      .trigger('click')
    await vi.waitFor(() => expect(last().condition).toBe('points >= 1'))
    await shown
      .findAll('button')
      .find((each) => each.text() === '249 more')!
      .trigger('click')
    expect(last().from).toBe(1)
  })

  it('say why they cannot be listed', async () => {
    serve(() => ({ status: 422, body: { detail: 'This is no whole number.', problems: [] } }))
    const shown = within(PeopleView)
    await flushPromises()
    expect(shown.find('[role=alert]').text()).toContain('This is no whole number.')
  })
})

describe('the ledger', () => {
  const sums = (balances: number) => ({ entries: 2, people: 1, points: 30, balances })
  const entry = { number: 2, at: 1, person: 'practice:lou', name: 'lou', amount: -5, why: 'Pour the taper' }

  it('adds up, and says so', async () => {
    serve(() => ({ body: { sums: sums(30), entries: [entry] } }))
    const shown = within(LedgerView)
    await flushPromises()
    expect(shown.find('[data-sums]').text()).toContain('which is what all of them own')
    expect(shown.find('[data-entry]').text()).toContain('Pour the taper')
  })

  it('is loud where it does not', async () => {
    serve(() => ({ body: { sums: sums(31), entries: [] } }))
    const shown = within(LedgerView)
    await flushPromises()
    expect(shown.find('[role=alert]').text()).toContain('must not be')
  })
})

describe('giving points', () => {
  it('sends the way to a desk where there is none', () => {
    serve(() => ({ body: {} }))
    expect(useWiring().sheets).toEqual([])
    expect(within(PointsForm, { id: 'practice:lou' }).text()).toContain('make a desk of points')
  })
})

describe('the shutters', () => {
  it('are a strip while they are down, until when and why, and one press lifts them', async () => {
    const calls = serve(() => ({ body: { sentence: 'noted' } }))
    const shown = mount(ShutterStrip)
    expect(shown.find('[data-shutters]').exists()).toBe(false)
    useLive().shutters = { down: true, until: useLive().now() + 60_000, why: '40 lines of strangers in 10 s', held: 1 }
    await flushPromises()
    expect(shown.text()).toContain('40 lines of strangers in 10 s · 1 line held')
    await shown.find('button').trigger('click')
    expect(calls.at(-1)).toMatchObject({ path: '/api/shutters', body: { down: false } })
    useLive().shutters = { down: true, until: 0, why: 'lowered by the host', held: 0 }
    await flushPromises()
    expect(shown.text()).toContain('until they are lifted')
  })
})
