import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { serve } from '@/testing/server'
import EventMenu from './EventMenu.vue'

const SAMPLES = [
  { kind: 'follow', sentence: '', numbers: {}, values: { viewer: 'brine_otter' } },
  {
    kind: 'gift',
    sentence: '',
    numbers: { giftWorth: 50, giftCount: 1 },
    values: { viewer: 'brine_otter', giftItem: 'Honeycomb', giftWorth: '50', giftCount: '1' },
  },
]

describe('letting something happen', () => {
  afterEach(() => vi.unstubAllGlobals())

  const opened = async (refuse = false) => {
    const asked = serve((method) =>
      method === 'GET'
        ? { body: SAMPLES }
        : refuse
          ? { status: 422, body: { detail: 'The number is out of range.' } }
          : { body: {} },
    )
    const made = mount(EventMenu, { props: { name: 'wickerby' }, attachTo: document.body })
    await flushPromises()
    await made.find('button').trigger('click')
    await made.findAll('[role=group] button')[1]!.trigger('click')
    return { asked, made }
  }

  it('offers the fields of the kind that is chosen, with the sample in them', async () => {
    const { made } = await opened()
    expect(made.findAll('label').map((label) => label.text())).toEqual(['gift worth', 'gift count', 'gift item'])
    expect(made.findAll('input').map((input) => input.element.value)).toEqual(['50', '1', 'Honeycomb'])
    made.unmount()
  })

  it('sends numbers as numbers and texts as texts, as the viewer who is chosen', async () => {
    const { asked, made } = await opened()
    await made.findAll('input')[0]!.setValue('500')
    await made.find('button.button-dark').trigger('click')
    expect(asked.at(-1)).toEqual({
      method: 'POST',
      path: '/api/practice/events',
      body: {
        kind: 'gift',
        name: 'wickerby',
        numbers: { giftWorth: 500, giftCount: 1 },
        texts: { giftItem: 'Honeycomb' },
      },
    })
    made.unmount()
  })

  it('says what the server refuses', async () => {
    const { made } = await opened(true)
    await made.find('button.button-dark').trigger('click')
    await flushPromises()
    expect(made.find('[role=alert]').text()).toBe('The number is out of range.')
    made.unmount()
  })
})
