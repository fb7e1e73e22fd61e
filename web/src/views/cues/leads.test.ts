import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import type { Cue, DecisionNotice } from '@/api/types'
import GateList from '@/components/cue/GateList.vue'
import NewCueDialog from '@/components/cue/NewCueDialog.vue'
import CopiesCard from '@/components/links/CopiesCard.vue'
import TakeTabs from '@/components/score/TakeTabs.vue'
import JournalDialog from '@/components/why/JournalDialog.vue'
import { useDrafts } from '@/stores/drafts'
import { useKinds } from '@/stores/kinds'
import { useLive } from '@/stores/live'
import { useWhy } from '@/stores/why'
import { useWiring } from '@/stores/wiring'
import { kindsView, lookAt, onlyTake, pour, serve, wiringOf } from '@/testing/server'
import { ownStores } from '@/testing/stores'
import CueHead from './CueHead.vue'
import CueLately from './CueLately.vue'

const router = () =>
  createRouter({ history: createMemoryHistory(), routes: [{ path: '/:all(.*)*', component: { template: '<p />' } }] })
const line = (number: number, cueId: string, over: { held?: boolean; dropped?: boolean }): DecisionNotice =>
  ({
    number,
    at: number,
    event: `line ${number}`,
    viewer: 'wickerby',
    sentence: `sentence ${number}`,
    answers: [
      {
        cueId,
        cueName: cueId,
        gates: [],
        ring: 0,
        held: false,
        dropped: false,
        drawn: [],
        sentence: '',
        seen: null,
        ...over,
      },
    ],
  }) as unknown as DecisionNotice

ownStores()
beforeEach(() => {
  useKinds().all = kindsView
  globalThis.ResizeObserver ??= class {
    observe() {}
    unobserve() {}
    disconnect() {}
  } as never
})
afterEach(() => {
  vi.unstubAllGlobals()
  document.body.innerHTML = ''
})

/** The cue open in a wiring whose rack is off, where that is said. */
const opened = async (cue: Cue = pour(), rackOn = true) => {
  const wiring = wiringOf(1, cue)
  wiring.racks[0]!.rack.on = rackOn
  const answers: Record<string, unknown> = {
    '/api/cues/look': lookAt(cue),
    '/api/cues/new': { cue, look: lookAt(cue, { missing: { video: 'no video is on the shelf' } }) },
    '/api/cues/pulls/chatWord': cue.pulls[0],
    '/api/cues/pulls/event': { kind: 'event', event: 'gift', atLeast: {}, exactly: {} },
  }
  const asked = serve((_method, path) => ({
    body: path.startsWith('/api/wiring') ? wiring : (answers[path] ?? {}),
  }))
  await useWiring().load()
  const drafts = useDrafts()
  return { asked, draft: drafts.open('pour')!, drafts }
}

describe('the head of a cue', () => {
  it('says that its rack is off, and switches it on', async () => {
    const { asked, draft } = await opened(pour(), false)
    const made = mount(CueHead, { props: { draft, remarks: 0, trying: false }, global: { plugins: [router()] } })
    expect(made.text()).toContain('Its rack At the bench is off')
    await made.find('[data-chip=rack]').trigger('click')
    await flushPromises()
    expect(asked.find((each) => each.method === 'PUT')!.body).toMatchObject({ rack: { id: 'bench', on: true } })
  })

  it('is silent of a rack that is on', async () => {
    const { draft } = await opened()
    const made = mount(CueHead, { props: { draft, remarks: 0, trying: false }, global: { plugins: [router()] } })
    expect(made.find('[data-chip=rack]').exists()).toBe(false)
  })

  it('is where an answer leads that the rack gave', async () => {
    const routes = router()
    const made = mount(GateList, {
      props: { cueId: 'pour', gates: [{ gate: 'rack', passed: false, reason: 'its rack At the bench is off' }] },
      global: { plugins: [routes] },
    })
    expect(made.text()).toContain('Rack')
    await made.find('button').trigger('click')
    await flushPromises()
    expect(routes.currentRoute.value.query.at).toBe('rack')
  })
})

describe('takes', () => {
  it('are put into another order by Alt with the arrows, and by dragging', async () => {
    const takes = ['a', 'b', 'c'].map((id) => ({ ...onlyTake([]), id, name: id }))
    const { drafts } = await opened(pour({ takes }))
    const order = () =>
      drafts.drafts
        .get('pour')!
        .cue.takes.map((each) => each.id)
        .join('')
    const made = mount(TakeTabs, { props: { draft: drafts.drafts.get('pour')!, take: 0 } })
    await made.find('[role=tablist]').trigger('keydown', { key: 'ArrowRight', altKey: true })
    expect(order()).toBe('bac')
    expect(made.emitted('choose')!.at(-1)).toEqual([1])
    await made.find('[role=tablist]').trigger('keydown', { key: 'ArrowLeft', altKey: true })
    expect(order()).toBe('bac')
    await made.findAll('[role=tab]')[2]!.trigger('dragstart')
    await made.findAll('[role=tab]')[0]!.trigger('drop')
    expect(order()).toBe('cba')
  })
})

describe('what was decided', () => {
  it('is listed for a cue from the journal too, when others pushed it out of what the page remembers', async () => {
    serve((_method, path) => ({ body: path === '/api/cues/pour/lately' ? [line(3, 'pour', { held: true })] : [] }))
    useLive().decisions = [line(90, 'other', {}), line(91, 'pour', {})]
    const made = mount(CueLately, { props: { cueId: 'pour' } })
    await flushPromises()
    expect(made.findAll('li').map((each) => each.find('bdi').text())).toEqual(['line 91', 'line 3'])
  })

  it('is narrowed to what rang, or to what was held or dropped', async () => {
    serve(() => ({
      body: [line(1, 'a', {}), line(2, 'b', { held: true }), line(3, 'c', { dropped: true })],
    }))
    useWhy().journal = true
    mount(JournalDialog, { attachTo: document.body })
    await flushPromises()
    const lines = () => [...document.querySelectorAll('ol bdi')].map((each) => each.textContent)
    expect(lines()).toEqual(['line 3', 'line 2', 'line 1'])
    const press = async (name: string) => {
      ;[...document.querySelectorAll<HTMLElement>('[aria-label="Show what"] button')]
        .find((each) => each.textContent!.trim() === name)!
        .click()
      await flushPromises()
    }
    await press('Held or dropped')
    expect(lines()).toEqual(['line 3', 'line 2'])
    await press('Rang')
    expect(lines()).toEqual(['line 1'])
  })
})

describe('a new cue', () => {
  it('shows what was chosen to set it off, and asks for the parts that were chosen', async () => {
    const { asked } = await opened()
    mount(NewCueDialog, { props: { open: true }, attachTo: document.body })
    await flushPromises()
    const pressed = (group: string) =>
      [...document.querySelectorAll(`[aria-label="${group}"] [aria-pressed=true]`)].map((each) =>
        each.textContent!.trim(),
      )
    const press = async (name: string) => {
      ;[...document.querySelectorAll<HTMLElement>('[role=dialog] button')]
        .find((each) => each.textContent!.trim() === name)!
        .click()
      await flushPromises()
    }
    expect(pressed('What happens')).toEqual(['Someone types…'])
    await press('Someone follows…')
    expect(pressed('What happens')).toEqual(['Someone follows…'])
    await press('Picture')
    expect(pressed('And beside that')).toContain('Picture')
    await press('Video')
    expect(pressed('And beside that')).not.toContain('Video')
    expect(document.querySelector('[role=dialog] [role=status]')!.textContent).toBe('Video: no video is on the shelf.')
    await press('Burst')
    expect(document.querySelector('[role=dialog] [role=status]')!.textContent).toBe('')
    const wish = asked.filter((each) => each.path === '/api/cues/new').at(-1)!.body as {
      pull: { event: string }
      parts: string[]
    }
    expect(wish.pull.event).toBe('follow')
    expect(wish.parts).toContain('picture')
  })
})

describe('back-ups', () => {
  const VIEW = {
    folder: '/data/backups',
    restore: './waxbell restore NAME --data /data',
    keep: 3,
    copies: [
      { name: 'house-2026-11-28.zip', bytes: 2_400_000, at: 0, whole: true },
      { name: 'waxbell-2026-11-28.db', bytes: 900_000, at: 0, whole: false },
    ],
  }
  const LOOK = {
    name: 'house-2026-11-28.zip',
    version: '0.1.0',
    at: 0,
    whole: true,
    sealed: false,
    files: 8,
    items: [
      { item: { sort: 'cue', id: 'pour' }, name: 'Pour the taper' },
      { item: { sort: 'cue', id: 'trim' }, name: 'Trim the wick' },
    ],
  }
  it('are listed, made with what was typed, and kept as many as is said', async () => {
    const asked = serve(() => ({ body: VIEW }))
    const made = mount(CopiesCard)
    await flushPromises()
    expect(made.text()).toContain('whole house · 2.4 MB')
    expect(made.text()).toContain('database · 900 kB')
    expect(made.text()).toContain('./waxbell restore NAME --data /data')
    await made.find('form').trigger('submit')
    await flushPromises()
    await made.find('input[type=password]').setValue('three tall tapers')
    await made.find('form').trigger('submit')
    await flushPromises()
    await made.find('input[inputmode=numeric]').setValue('5')
    await flushPromises()
    expect(asked.filter((each) => each.method !== 'GET').map((each) => each.body)).toEqual([
      { passphrase: '' },
      { passphrase: 'three tall tapers' },
      { keep: 5 },
    ])
    expect((made.find('input[type=password]').element as HTMLInputElement).value).toBe('')
  })
  it('are looked into, and what is chosen comes as a pack does', async () => {
    const gone = { path: 'media/1', value: '', message: 'This file is gone.', remedy: 'Choose something else.' }
    const asked = serve((_, path) =>
      path.endsWith('/coming')
        ? { status: 422, body: { problems: [gone] } }
        : { body: path.includes('house-') ? LOOK : VIEW },
    )
    mount(CopiesCard, { attachTo: document.body })
    await flushPromises()
    document.querySelector<HTMLElement>('[data-look="house-2026-11-28.zip"]')!.click()
    await flushPromises()
    const dialog = document.querySelector('[role=dialog]')!
    expect(dialog.textContent).toContain('No passwords are in it.')
    dialog.querySelectorAll<HTMLInputElement>('input[type=checkbox]')[0]!.click()
    await flushPromises()
    dialog.querySelector<HTMLElement>('[data-bring-back]')!.click()
    await flushPromises()
    expect(asked.at(-1)).toMatchObject({
      path: '/api/copies/house-2026-11-28.zip/coming',
      body: { items: [{ sort: 'cue', id: 'pour' }] },
    })
    expect(document.querySelector('[role=dialog]')!.textContent).toContain('This file is gone.')
  })
})
