import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Device, Part, Problem } from '@/api/types'
import { useKinds } from '@/stores/kinds'
import { kindsView, serve } from '@/testing/server'
import { ownStores } from '@/testing/stores'
import PARTS from '@/testing/parts.json'
import CallForm from './score/CallForm.vue'
import LampForm from './score/LampForm.vue'
import OscForm from './score/OscForm.vue'
import DevicesForm from './links/DevicesForm.vue'
import HooksCard from './links/HooksCard.vue'

ownStores()
beforeEach(() => {
  serve(() => ({ body: {} }))
  useKinds().all = kindsView
})
afterEach(() => vi.unstubAllGlobals())
const none = (): Problem[] => []
const part = <K extends Part['kind']>(kind: K, over: object = {}) =>
  ({ ...(PARTS as unknown as Record<string, object>)[kind], ...over }) as Extract<Part, { kind: K }>
const button = (shown: ReturnType<typeof mount>, text: string) =>
  shown.findAll('button').find((each) => each.text().includes(text) || each.attributes('aria-label') === text)!

describe('a call', () => {
  const call = () =>
    mount(CallForm, {
      props: {
        part: part('call', {
          id: 'the-call',
          fields: [{ name: 'who', words: '{viewer}' }],
        }),
        words: { viewer: 'brine_otter' },
        problems: (name: string) =>
          name === 'fields[0].name' ? [{ path: name, value: 'x', message: 'No name.', remedy: 'Write one.' }] : [],
      },
    })

  it('says what is wrong beside its field', () => {
    expect(call().find('[role=alert]').text()).toContain('No name.')
  })

  it('gets more fields and fewer', async () => {
    const shown = call()
    await button(shown, 'A field').trigger('click')
    await button(shown, 'Take who away').trigger('click')
    await shown.findAll('input')[0]!.setValue('name')
    expect(shown.emitted('set')).toEqual([
      [
        'fields',
        [
          { name: 'who', words: '{viewer}' },
          { name: 'field2', words: '' },
        ],
      ],
      ['fields', []],
      ['fields', [{ name: 'name', words: '{viewer}' }]],
    ])
  })
})

describe('a message by Open Sound Control', () => {
  it('gets values of a sort, and loses them', async () => {
    const shown = mount(OscForm, {
      props: { part: part('osc', { arguments: [{ sort: 'int', words: '{giftWorth}' }] }), problems: none },
    })
    expect(shown.text()).toContain('a whole number')
    await button(shown, 'A value').trigger('click')
    await button(shown, 'Take the 1. away').trigger('click')
    expect(shown.emitted('set')).toEqual([
      [
        'arguments',
        [
          { sort: 'int', words: '{giftWorth}' },
          { sort: 'float', words: '1' },
        ],
      ],
      ['arguments', []],
    ])
  })
})

describe('a lamp', () => {
  it('has a colour only where it means something', () => {
    const form = (modelValue: string) => mount(LampForm, { props: { modelValue, problems: [] } }).text()
    expect(form('off')).not.toContain('Its colour')
    expect(form('on')).not.toContain('Its colour')
    expect(form('blink #c8841a')).toContain('Its colour')
    expect(form('blink #c8841a')).not.toContain('Brightness')
    expect(form('#c8841a 40')).toContain('Brightness')
  })

  it('of a broker is described field by field, and a new one begins as the server says', async () => {
    const fresh = { name: '', sort: 'lamp', topic: '', payload: '{state}' } as Device
    const asked = serve(() => ({ body: fresh }))
    const shown = mount(DevicesForm, {
      props: { devices: [{ ...fresh, name: 'Bench' }], problems: none },
    })
    expect(shown.find('section').attributes('aria-label')).toBe('Bench')
    await button(shown, 'Lamp or plug').trigger('click')
    await flushPromises()
    expect(asked.map((each) => each.path)).toContain('/api/room/device')
    expect((shown.emitted('set')![0]![0] as Device[]).map((each) => each.name)).toEqual(['Bench', ''])
    await button(shown, 'Take it away').trigger('click')
    expect(shown.emitted('set')![1]![0]).toEqual([])
  })
})

describe('the addresses that others call', () => {
  const hook = { name: 'kiln', address: '/hook/kiln/abc', secret: 'whsec_x' }

  it('are masked until they are revealed, and renewed', async () => {
    const asked = serve((method) => ({ body: method === 'GET' ? [hook] : { ...hook, address: '/hook/kiln/def' } }))
    const shown = mount(HooksCard)
    await flushPromises()
    expect(shown.find('[data-hook-address]').text()).toContain('/hook/kiln/····')
    expect(shown.text()).not.toContain('whsec_x')
    await button(shown, 'Reveal').trigger('click')
    expect(shown.find('[data-hook-address]').text()).toContain('/hook/kiln/abc')
    expect(shown.find('[data-secret]').text()).toBe('whsec_x')
    await button(shown, 'Renew').trigger('click')
    await flushPromises()
    expect(asked.at(-1)!.path).toBe('/api/links/hooks/kiln/renew')
    expect(shown.find('[data-hook-address]').text()).toContain('/hook/kiln/def')
  })

  it('say what to do where there is none', async () => {
    serve(() => ({ body: [] }))
    const shown = mount(HooksCard)
    await flushPromises()
    expect(shown.text()).toContain('Give a cue the pull')
  })
})
