import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import type { DecisionNotice, Need } from '@/api/types'
import { useKinds } from '@/stores/kinds'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'
import { kindsView, pour, serve } from '@/testing/server'
import { ownStores } from '@/testing/stores'
import { inOrder, moved } from './arrangement'
import { FILTERS } from './chat'
import LiveChat from './LiveChat.vue'
import LiveNow from './LiveNow.vue'
import NeedsStrip from './NeedsStrip.vue'

ownStores()
beforeEach(() => (useKinds().all = kindsView))
afterEach(() => vi.unstubAllGlobals())
const router = createRouter({
  history: createMemoryHistory(),
  routes: [{ path: '/:any(.*)*', component: { template: '<i />' } }],
})
const within = (component: object, props = {}) => mount(component, { props, global: { plugins: [router] } })

const written = {
  text: '<b>good</b>: evening',
  chat: 'tower/#bench',
  standing: 'member' as const,
  privately: false,
  question: false,
}
const decision = (number: number, more: Partial<DecisionNotice> = {}): DecisionNotice =>
  ({
    number,
    at: 1_000 * number,
    kind: 'chatLine',
    event: 'lou: <b>good</b>: evening',
    viewer: 'lou',
    sentence: 'just talk',
    answers: [],
    written,
    ...more,
  }) as DecisionNotice
const answer = (more: object) => [{ cueId: 'c', cueName: 'C', held: false, dropped: false, ring: 1, ...more }] as never

const lets = (filter: string, which: DecisionNotice) => FILTERS.find((each) => each.filter === filter)!.lets(which)

describe('what is shown of the chat', () => {
  it('goes by what became of it', () => {
    expect(lets('rang', decision(1, { answers: answer({}) }))).toBe(true)
    expect(lets('held', decision(1, { answers: answer({ held: true }) }))).toBe(true)
    expect(lets('held', decision(1, { answers: answer({ dropped: true }) }))).toBe(true)
    expect(lets('rang', decision(1))).toBe(false)
    const both = decision(1, { answers: [...(answer({}) as never[]), ...(answer({ held: true }) as never[])] as never })
    expect(['rang', 'held'].map((each) => lets(each, both))).toEqual([true, true])
  })

  it('goes by what the server says of the writer and of what was written', () => {
    const asks = decision(1, { written: { ...written, question: true, standing: 'moderator' } })
    const gift = decision(2, { kind: 'gift', event: 'lou sent a Sprig?', written: undefined })
    expect([asks, gift].map((each) => lets('questions', each))).toEqual([true, false])
    expect([asks, gift].map((each) => lets('staff', each))).toEqual([true, false])
    expect([asks, gift].map((each) => lets('events', each))).toEqual([false, true])
  })
})

describe('the chat of Live', () => {
  it('keeps still while one reads further up, and counts what comes meanwhile', async () => {
    const live = useLive()
    live.decisions = [decision(1), decision(2)]
    const shown = within(LiveChat)
    const box = shown.find('[role=log]').element
    Object.defineProperties(box, {
      scrollHeight: { value: 900 },
      clientHeight: { value: 200 },
      scrollTop: { value: 0, writable: true },
    })
    await shown.find('[role=log]').trigger('scroll')
    live.decisions = [...live.decisions, decision(3), decision(4)]
    await flushPromises()
    expect(shown.findAll('[data-line]')).toHaveLength(2)
    expect(shown.find('[data-waiting]').text()).toBe('2 more below')
    await shown.find('[data-waiting]').trigger('click')
    expect(shown.findAll('[data-line]')).toHaveLength(4)
    expect(shown.html()).not.toContain('<b>good</b>')
  })

  it('is answered in the chat where it was written, privately where it was private', async () => {
    const calls = serve(() => ({ body: decision(9) }))
    const live = useLive()
    live.decisions = [decision(1, { kind: 'privateLine', written: { ...written, privately: true } })]
    const shown = within(LiveChat)
    await shown.find("[aria-label='Answer lou']").trigger('click')
    await shown.find('[data-answer]').setValue('I hear you')
    await shown.find('form').trigger('submit')
    await flushPromises()
    expect(calls.at(-1)!.body).toEqual({ chat: 'tower/#bench', to: 'lou', text: 'I hear you' })
  })

  it('says of which chat it is where there is more than one, and what answers none goes to that of the house', async () => {
    const calls = serve(() => ({ body: decision(9) }))
    const live = useLive()
    const link = (id: string, kind: string, name: string) => ({ id, kind, name })
    live.links = [link('practice', 'channel', 'Practice channel'), link('tower', 'irc', 'Tower')] as never
    live.decisions = [decision(1)]
    const shown = within(LiveChat)
    expect(shown.find('[data-line="1"]').text()).not.toContain('Tower')
    live.decisions = [decision(1), decision(2, { written: { ...written, chat: 'practice' } })]
    await flushPromises()
    expect(shown.find('[data-line="1"]').text()).toContain('in Tower #bench')
    const into = shown.find<HTMLSelectElement>("[aria-label='Into which chat']")
    expect(into.element.value).toBe('practice')
    await shown.find('[data-answer]').setValue('to all')
    await shown.find('form').trigger('submit')
    await flushPromises()
    expect(calls.at(-1)!.body).toEqual({ chat: '', to: '', text: 'to all' })
    await shown.findAll("[aria-label='Answer lou']")[0]!.trigger('click')
    expect(into.element.selectedOptions[0]!.text).toBe('Tower #bench')
  })
})

describe('what waits', () => {
  const waits = { number: 7, cueId: 'pour', cueName: 'Pour', viewer: 'lou', state: 'waiting', start: 1, parts: [] }

  it.each([
    [200, 'Pour is off.'],
    [409, 'It was changed meanwhile.'],
  ])('is not for tonight, and a refusal (%s) is told', async (status, says) => {
    const wiring = {
      revision: 1,
      racks: [],
      stages: [],
      desks: [],
      cueOrder: ['pour'],
      cues: [{ cue: pour(), version: 3 }],
    }
    const calls = serve((method) => (method === 'PUT' ? { status, body: { detail: says } } : { body: wiring }))
    useLive().rings = new Map([[7, waits]]) as never
    const shown = within(LiveNow)
    await shown.find("[title^='The cue is off']").trigger('click')
    await flushPromises()
    expect(calls.find((each) => each.method === 'PUT')!.body).toMatchObject({
      version: 3,
      cue: { id: 'pour', on: false },
    })
    expect(useNotes().notes.map((each) => each.text)).toEqual([says])
  })
})

describe('what needs the host', () => {
  const need = (id: string, more: Partial<Need> = {}): Need => ({
    id,
    urgency: 'soon',
    who: 'lou',
    says: 'redeemed a taper',
    since: 1,
    look: '/desks/reward',
    acts: [{ title: 'Accept it', path: '/desks/rewards/accept', with: { about: 'reward' } as never, right: 'ask' }],
    ...more,
  })

  it('offers somebody who helps the acts that they may do, and no way to a page of the host', () => {
    useLive().needs = [need('a')]
    expect(within(NeedsStrip, { may: () => false }).findAll('button')).toHaveLength(0)
    const shown = within(NeedsStrip, { may: (right: string) => right === 'ask' })
    expect(shown.findAll('button').map((each) => each.text())).toEqual(['Accept it'])
    expect(shown.find('a').exists()).toBe(false)
  })

  it('is said once, the others behind a press, and done by the act beside it', async () => {
    const calls = serve(() => ({ body: { sentence: 'accepted' } }))
    useLive().needs = [need('a'), need('b', { who: '<i>kay' })]
    const shown = within(NeedsStrip)
    expect(shown.findAll('[data-need]')).toHaveLength(1)
    await shown.find('[aria-expanded=false]').trigger('click')
    expect(shown.findAll('[data-need]')).toHaveLength(2)
    expect(shown.findAll('bdi')[1]!.text()).toBe('<i>kay')
    await shown.find('[data-need=a] button').trigger('click')
    await flushPromises()
    expect(calls.at(-1)).toMatchObject({ path: '/api/desks/rewards/accept', body: { about: 'reward' } })
  })

  it('says so where nothing does', () => {
    useLive().needs = []
    expect(within(NeedsStrip).find('p').text()).toBe('Nothing needs you.')
  })
})

describe('an arrangement', () => {
  it('moves as far as there is room and puts new ones behind', () => {
    expect(moved(['a', 'b', 'c'], 'a', 1)).toEqual(['b', 'a', 'c'])
    expect(moved(['a', 'b', 'c'], 'a', -1)).toEqual(['a', 'b', 'c'])
    expect(moved(['a', 'b', 'c'], 'c', 5)).toEqual(['a', 'b', 'c'])
    expect(inOrder(['a', 'b', 'c'], ['c', 'gone', 'a'])).toEqual(['c', 'a', 'b'])
  })
})
