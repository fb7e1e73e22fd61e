import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { PackLook } from '@/api/types'
import { serve } from '@/testing/server'
import { ownStores } from '@/testing/stores'
import { bySort } from './items'
import PackLooked from './PackLooked.vue'
import PackMaking from './PackMaking.vue'

const look: PackLook = {
  coming: 'c1',
  name: 'Pouring hour',
  version: '2',
  says: '<b>For the bench</b>',
  before: '1',
  brings: [
    { item: { sort: 'cue', id: 'dip' }, name: 'Dip' },
    { item: { sort: 'stage', id: 'main' }, name: 'Main' },
  ],
  same: [{ item: { sort: 'rack', id: 'bench' }, name: 'At the bench' }],
  clashes: [],
  words: [],
  files: [{ folder: 'Pouring', name: 'a.wav', here: false }],
  does: ['Card on a stage'],
  remarks: [],
  problems: [],
  revision: 7,
}
const pour = { sort: 'cue', id: 'pour' } as const

describe('a pack that comes', () => {
  ownStores()
  afterEach(() => {
    vi.unstubAllGlobals()
    document.body.innerHTML = ''
  })
  const shown = async (first: Partial<PackLook>, answer: (path: string) => unknown = () => look) => {
    const calls = serve((_, path) => ({ body: answer(path) }))
    const made = mount(PackLooked, { props: { look: { ...look, ...first } }, attachTo: document.body })
    await flushPromises()
    const button = (text: string) =>
      [...document.querySelectorAll('button')].find((each) => each.textContent!.trim() === text)!
    return { made, calls, button }
  }

  it('tells what it brings and does, and its words are never markup', async () => {
    await shown({})
    const text = document.body.textContent!
    expect(text).toContain('version 1 is here')
    expect(text).toContain('<b>For the bench</b>')
    expect(text).toContain('Pouring/a.wav')
    expect(text).toContain('Card on a stage')
  })

  it('is brought with the revision that was looked at', async () => {
    const { calls, button, made } = await shown({}, (path) =>
      path.endsWith('/bring') ? { sentence: 'Pouring hour is here.' } : look,
    )
    button('Bring it').click()
    await flushPromises()
    expect(calls.find((each) => each.path.endsWith('/coming/c1/bring'))!.body).toEqual({
      items: [],
      words: [],
      revision: 7,
    })
    expect(made.emitted('close')).toHaveLength(1)
  })

  it('asks about what is here under the same id, and looks again with the answer', async () => {
    const { calls } = await shown({
      clashes: [{ item: pour, name: 'Pour', theirs: 'Pour it', ways: ['keep', 'replace', 'beside'] }],
    })
    const radios = document.querySelectorAll<HTMLInputElement>('[data-clash="cue/pour"] input')
    expect([...radios].map((each) => each.value)).toEqual(['keep', 'replace', 'beside'])
    expect(radios[0]!.checked).toBe(true)
    expect(document.body.textContent).toContain('here Pour it')
    radios[2]!.checked = true
    radios[2]!.dispatchEvent(new Event('change'))
    await flushPromises()
    expect(calls.at(-1)!.path).toContain('/packs/coming/c1')
    expect(calls.at(-1)!.body).toEqual({ items: [{ item: pour, way: 'beside' }], words: [], revision: 7 })
  })

  it('does not come while a word is taken, and says what became of the word', async () => {
    const { calls, button } = await shown({
      words: [{ cue: 'dip', name: 'Dip', word: '!pour', says: '!pour already belongs to Pour.' }],
    })
    expect(button('Bring it').disabled).toBe(true)
    expect(document.body.textContent).toContain('!pour already belongs to Pour.')
    button('Leave it out').click()
    await flushPromises()
    expect(calls.at(-1)!.body).toEqual({
      items: [],
      words: [{ cue: 'dip', word: '!pour', becomes: '' }],
      revision: 7,
    })
    expect(document.body.textContent).toContain('is left out')
    expect(button('Bring it').disabled).toBe(false)
  })

  it('says why it does not fit', async () => {
    const { button } = await shown({
      problems: [{ path: 'Pour: rack', value: 'x', message: 'There is no such rack.', remedy: 'Choose one.' }],
    })
    expect(document.querySelector('[role=alert]')!.textContent).toContain('There is no such rack.')
    expect(button('Bring it').disabled).toBe(true)
  })
})

describe('a pack that is made', () => {
  ownStores()
  afterEach(() => vi.unstubAllGlobals())

  it('tells what comes along, and is a file of what is chosen', async () => {
    const calls = serve((method) => ({
      body:
        method === 'GET'
          ? [...look.brings, ...look.same]
          : { items: [...look.brings, ...look.same], files: ['Pouring/a.wav'] },
    }))
    const made = mount(PackMaking)
    await vi.waitFor(() => expect(made.findAll('input[type=checkbox]')).toHaveLength(3))
    expect(made.find('[data-make]').exists()).toBe(false)
    await made.find('input[value="cue/dip"]').setValue(true)
    await vi.waitFor(() => expect(made.find('[data-along]').text()).toContain('Stage: Main'))
    expect(calls.at(-1)!.body).toEqual({ items: [{ sort: 'cue', id: 'dip' }] })
    await made.find('[data-name]').setValue('Mine & yours')
    expect(made.find('[data-make]').attributes('href')).toBe(
      '/api/packs/file?name=Mine+%26+yours&version=1&says=&item=cue%2Fdip',
    )
  })

  it('lists things by their sorts, in one order', () => {
    expect(bySort([...look.brings, ...look.same]).map((each) => each.sort)).toEqual(['rack', 'cue', 'stage'])
  })
})
