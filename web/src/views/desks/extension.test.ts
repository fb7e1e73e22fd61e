import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Extension, ExtensionBoard, ExtensionLook } from '@/api/types'
import { serve } from '@/testing/server'
import { ownStores } from '@/testing/stores'
import BringExtension from './BringExtension.vue'
import ExtensionCode from './ExtensionCode.vue'
import ExtensionDesk from './ExtensionDesk.vue'
import ExtensionForm from './ExtensionForm.vue'

ownStores()
const facts = {
  log: {
    calls: 2,
    micros: 3_000,
    longest: 2_000,
    lines: [{ at: 1, failed: true, text: '<b>main.js line 2', heard: 'asked begin, lou' }],
  },
  notes: '<h1>Weigh</h1>',
  tries: [{ value: 'line', name: 'lines of chat' }],
  asks: [
    { permission: 'say', words: 'writes in chat as your helper', agreed: true },
    { permission: 'points', words: 'gives points and takes them', agreed: false },
  ],
}
let calls: ReturnType<typeof serve>
beforeEach(
  () =>
    (calls = serve((_, path) => ({
      body: path.endsWith('/facts')
        ? facts
        : path.endsWith('/try')
          ? { failure: '', wishes: ['say: text <i>hello'], log: [] }
          : path.endsWith('/code')
            ? { fault: 'main.js line 1: no' }
            : [],
    }))),
)
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
  document.body.innerHTML = ''
})
const setting = (key: string, type: string, fresh: string, choices: string[] = []) => ({
  key,
  title: key,
  hint: '',
  type,
  least: 1,
  most: 9,
  choices,
  fresh,
})
const sheet = {
  id: 'weigh',
  name: 'Weigh',
  on: true,
  version: '1',
  about: 'A game',
  hears: ['line'],
  offers: [{ name: 'begin', title: 'Begin a round', word: '' }],
  asks: ['say', 'points'],
  agreed: ['say'],
  form: [
    setting('heaviest', 'number', '5'),
    setting('unit', 'text', 'grams'),
    setting('loud', 'flag', 'false'),
    setting('who', 'choice', 'all', ['all', 'some']),
  ],
  settings: { unit: 'ounces' },
  code: 'function heard() {}',
} as unknown as Extension
const board = (over: Partial<ExtensionBoard>): ExtensionBoard => ({
  runs: true,
  why: '',
  halted: false,
  kept: 4,
  most: 65_536,
  missing: [],
  ...over,
})

describe('the settings of an extension', () => {
  it('are drawn by their types, with what stands there before anybody wrote', async () => {
    const shown = mount(ExtensionForm, { props: { sheet, problems: () => [] } })
    const input = (key: string) => shown.find(`[data-setting=${key}] input`)
    expect((input('unit').element as HTMLInputElement).value).toBe('ounces')
    expect((input('heaviest').element as HTMLInputElement).value).toBe('5')
    await input('heaviest').setValue('7')
    expect(shown.emitted('set')!.at(-1)).toEqual(['settings', { unit: 'ounces', heaviest: '7' }])
    await input('loud').setValue(true)
    expect(shown.emitted('set')!.at(-1)).toEqual(['settings', { unit: 'ounces', loud: 'true' }])
  })
})

describe('the board of an extension', () => {
  const shown = async (over: Partial<ExtensionBoard>) => {
    const made = mount(ExtensionDesk, { props: { sheet, board: board(over) }, attachTo: document.body })
    await flushPromises()
    return made
  }

  it('says what it may, how it failed and on what, and that is never markup', async () => {
    const made = await shown({ runs: false, why: 'it waits', missing: ['points'] as ExtensionBoard['missing'] })
    expect(made.find('[data-may] h2').text()).toBe('It does not run: it waits')
    expect(made.find('[data-ask=say]').text()).toContain('you agreed')
    expect(made.find('[data-ask=points]').text()).toContain('not agreed to')
    expect(made.find('[data-agree]').text()).toBe('Agree to all of it, and switch it on')
    expect(made.find('[data-failed=true]').text()).toContain('<b>main.js line 2')
    expect(made.find('[data-failed=true]').text()).toContain('on asked begin, lou')
    expect(made.text()).toContain('2 calls since the start, 1.5 ms on average, 2.0 ms at most')
    expect(made.find('article h1').text()).toBe('Weigh')
    expect(made.find('[data-act=begin]').attributes('disabled')).toBeDefined()
  })

  it('asks it with what was said, and tries it without anything done', async () => {
    const made = await shown({})
    await made.find('[data-said]').setValue('412')
    await made.find('[data-act=begin]').trigger('click')
    await flushPromises()
    expect(calls.find((each) => each.path === '/api/desks/extension/begin')!.body).toEqual({
      about: 'weigh',
      with: { text: '412' },
    })
    const said = made.find<HTMLInputElement>('[data-said]')
    expect(said.element.value, 'the next act does not say it again').toBe('')
    await said.setValue('380')
    await made.find('[data-try]').trigger('click')
    await flushPromises()
    expect(calls.find((each) => each.path.endsWith('/try'))!.body).toEqual({ event: 'line', text: '380' })
    expect(made.find('[data-tried]').text()).toContain('say: text <i>hello')
  })

  it('lets go on what was halted', async () => {
    const made = await shown({ runs: false, why: 'it goes on and on', halted: true })
    await made.find('[data-go-on]').trigger('click')
    expect(calls.some((each) => each.path === '/api/desks/extension/goOn')).toBe(true)
  })
})

describe('the code of an extension', () => {
  it('is read while it is written, saved by a key, and not written over unseen', async () => {
    vi.useFakeTimers()
    const made = mount(ExtensionCode, { props: { sheet } })
    await made.find('textarea').setValue('function heard( {')
    await vi.advanceTimersByTimeAsync(500)
    expect(made.find('[data-fault]').text()).toContain('main.js line 1')
    await made.setProps({ sheet: { ...sheet, code: 'theirs' } })
    expect((made.find('textarea').element as HTMLTextAreaElement).value).toBe('function heard( {')
    expect(made.text()).toContain('changed elsewhere')
    await made.find('textarea').trigger('keydown', { key: 's', ctrlKey: true })
    expect(made.emitted('save')).toEqual([['function heard( {']])
    await made.setProps({ sheet: { ...sheet, code: 'function heard( {' } })
    expect(made.find('[data-save-code]').attributes('disabled')).toBeDefined()
    await made.setProps({ sheet: { ...sheet, code: 'theirs again' } })
    expect((made.find('textarea').element as HTMLTextAreaElement).value).toBe('theirs again')
  })
})

describe('bringing an extension', () => {
  const ours: ExtensionLook = {
    id: 'weigh',
    name: 'Weigh',
    version: '1',
    about: 'A game',
    before: '',
    here: false,
    asks: ['writes in chat'],
    asksMore: [],
    words: [],
  }

  it('shows those that ship with what they ask for, and brings one', async () => {
    calls = serve((method) => ({
      body: method === 'GET' ? [ours, { ...ours, id: 'here', here: true }] : { id: 'weigh' },
    }))
    const made = mount(BringExtension, { props: { open: false }, attachTo: document.body })
    await made.setProps({ open: true })
    await flushPromises()
    expect(document.querySelector('[data-ours=weigh]')!.textContent).toContain('It writes in chat.')
    expect(document.querySelector('[data-ours=here] button')).toBeNull()
    document.querySelector<HTMLElement>('[data-ours=weigh] button')!.click()
    await flushPromises()
    expect(made.emitted('brought')).toEqual([['weigh']])
  })
})
