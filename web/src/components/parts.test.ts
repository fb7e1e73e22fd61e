import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Part, Problem } from '@/api/types'
import KindForm from '@/components/cue/KindForm.vue'
import ShowMenu from '@/components/rail/ShowMenu.vue'
import SwitchForm from '@/components/score/SwitchForm.vue'
import { useKinds } from '@/stores/kinds'
import { useLive } from '@/stores/live'
import { kindsView, PLAIN, serve } from '@/testing/server'
import { ownStores } from '@/testing/stores'
import PARTS from '@/testing/parts.json'

ownStores()
beforeEach(() => {
  serve((_method, path) => ({ body: path.endsWith('/room') ? [] : { known: false } }))
  useKinds().all = kindsView
})
afterEach(() => vi.unstubAllGlobals())

const none = (): Problem[] => []
const made = (kind: keyof typeof PARTS) => PARTS[kind] as unknown as Part
const form = (kind: keyof typeof PARTS, problems = none as (name: string) => Problem[], over: object = {}) =>
  mount(KindForm, { props: { value: { ...made(kind), ...over }, fields: useKinds().part(kind).fields, problems } })
const switching = (part: object) => mount(SwitchForm, { props: { part: part as never, problems: none } })
const field = (shown: ReturnType<typeof form>, label: string) => {
  const words = shown.find(`input[aria-label='${label}']`)
  return words.exists()
    ? words
    : shown
        .findAll('label')
        .find((each) => each.text().startsWith(label))!
        .find('input')
}

describe('the form of a part', () => {
  it.each(Object.keys(PARTS) as (keyof typeof PARTS)[])(
    'of kind %s has the fields that its kind describes, each of which the part really has',
    (kind) => {
      const fields = useKinds().part(kind).fields
      expect(fields.length).toBeGreaterThan(0)
      fields.forEach((each) => expect(Object.keys(made(kind)), `${kind}.${each.key}`).toContain(each.key))
      expect(form(kind).html()).toContain('grid')
    },
  )

  it('changes a clip, and keeps to itself what is no number', async () => {
    const shown = form('clip')
    await field(shown, 'Title').setValue('The tall taper')
    await field(shown, 'Seconds kept').setValue('45')
    await field(shown, 'Seconds kept').setValue('many')
    expect(shown.find('[role=alert]').text()).toContain('no whole number')
    await field(shown, 'Given up after').setValue('12.5')
    expect(shown.emitted('set')).toEqual([
      ['title', 'The tall taper'],
      ['seconds', 45],
      ['longestMs', 12_500],
    ])
  })

  it('leaves out what means nothing as the part stands', () => {
    expect(form('card').text()).toContain('Stays')
    expect(form('card', none, { manner: { ...PLAIN, toEnd: true } }).text()).not.toContain('Stays')
    expect(form('slate', none, { act: 'clear' }).text()).not.toContain('What')
  })

  it('shows what is refused beside its field', () => {
    const refused = [{ path: 'x', value: '2', message: 'Too short.', remedy: 'Make it longer.' }]
    const shown = form('clip', (name) => (name === 'seconds' ? refused : []))
    expect(shown.findAll('[role=alert]').map((each) => each.text())).toEqual(['Too short. Make it longer.'])
  })
})

describe('what is switched', () => {
  const lamp = { ...made('switch'), target: { kind: 'lamp', name: 'Bench' }, value: '#c8841a 60' }
  const choose = async (shown: ReturnType<typeof switching>, at: number, name: string) => {
    await shown.findAll('button[aria-haspopup=listbox]')[at]!.trigger('click')
    await shown
      .findAll('[role=option]')
      .find((each) => each.text() === name)!
      .trigger('click')
  }

  it('changes, and its time where it goes back', async () => {
    const shown = switching(lamp)
    await field(shown as never, 'Which one').setValue('Shelf')
    await choose(shown, 1, 'breathing')
    await choose(shown, 1, 'on, as it was')
    await field(shown as never, 'Brightness').setValue('100')
    expect(shown.emitted('set')).toEqual([
      ['target', { kind: 'lamp', name: 'Shelf' }],
      ['value', 'breathe #c8841a'],
      ['value', 'on'],
      ['value', '#c8841a'],
    ])
    expect(form('switch', none, lamp).text()).toContain('For, then back')
    expect(form('switch', none, { ...lamp, stay: true }).text()).not.toContain('For, then back')
  })

  it('is offered from what the mixer has, by the names that people see', async () => {
    const source = (id: string, kind: string) => ({
      id,
      name: id.toUpperCase(),
      kind,
      text: '',
      level: 100,
      muted: false,
      filters: kind === 'camera' ? [{ id: 'warm', name: 'Warm light', on: false }] : [],
      address: '',
    })
    const picture = {
      number: 1,
      current: 'bench',
      scenes: [{ id: 'bench', name: 'Bench camera', items: [] }],
      sources: [source('label', 'text'), source('cam', 'camera')],
      streaming: false,
      recording: false,
    }
    serve((_method, path) => ({ body: path.endsWith('/room') ? [] : { known: true, picture } }))
    const of = (kind: string, value: string) => switching({ ...made('switch'), target: { kind, name: '' }, value })
    const offered = async (shown: ReturnType<typeof switching>) => {
      await flushPromises()
      await flushPromises()
      await shown.findAll('button[aria-haspopup=listbox]')[1]!.trigger('click')
      return shown.findAll('[role=option]').map((each) => each.text())
    }
    expect(await offered(of('scene', ''))).toEqual(['Bench camera'])
    expect(await offered(of('text', '{viewer}'))).toEqual(['LABEL'])
    expect(await offered(of('filter', 'on'))).toEqual(['CAM: Warm light'])
    const light = { on: false, colour: '#fff4de', brightness: 100 }
    serve((_method, path) => ({
      body: path.endsWith('/room')
        ? [
            { name: 'Bench', sort: 'lamp', light },
            { name: 'Kettle', sort: 'plug', light },
          ]
        : { known: false },
    }))
    expect(await offered(of('lamp', 'off'))).toEqual(['Bench'])
    expect(await offered(of('plug', 'on'))).toEqual(['Kettle'])
  })
})

describe('the show on the rail', () => {
  const menu = async (show: number, onAir: boolean) => {
    useLive().evening = { show, shows: show, openedAt: Date.UTC(2026, 10, 23, 19, 0), onAir, lines: 0 }
    const made = mount(ShowMenu, { attachTo: document.body })
    await made.find('button').trigger('click')
    return made
  }

  it('says that none is open, and opens one', async () => {
    const made = await menu(0, false)
    expect(made.find('button').text()).toBe('No show is open')
    const asked = serve(() => ({ body: {} }))
    await made.findAll('[role=menuitem]')[0]!.trigger('click')
    expect(asked).toEqual([{ method: 'POST', path: '/api/show', body: { open: true } }])
    made.unmount()
  })

  it('says since when it is open and whether it is on air, and takes both back', async () => {
    const made = await menu(3, true)
    expect(made.find('button').text()).toMatch(/^Show 3, open since .+, on air$/)
    const asked = serve(() => ({ body: {} }))
    await made.findAll('[role=menuitem]')[1]!.trigger('click')
    expect(asked).toEqual([{ method: 'POST', path: '/api/air', body: { onAir: false } }])
    made.unmount()
  })
})
