import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Part, Problem } from '@/api/types'
import ShowMenu from '@/components/rail/ShowMenu.vue'
import MorePart from '@/components/score/MorePart.vue'
import { newPart, PLAIN } from '@/lib/newCue'
import { useLive } from '@/stores/live'
import { useWiring } from '@/stores/wiring'
import { pour, serve, wiringOf } from '@/testing/server'
import { ownStores } from '@/testing/stores'

ownStores()
beforeEach(() => {
  serve(() => ({ body: { known: false } }))
})
afterEach(() => vi.unstubAllGlobals())

type More = Extract<Part, { kind: 'clip' | 'switch' | 'slate' | 'points' }>
const none = (): Problem[] => []
const shown = (part: Part) => mount(MorePart, { props: { part: part as More, problems: none } })
const GROUND = {
  stage: { id: 'main', spots: [{ id: 'low' }], outlets: [{ id: 'bench' }] },
  folder: 'Bench',
  rack: 'bench',
  slate: ['pours'],
  values: ['viewer'],
}
const field = (made: ReturnType<typeof shown>, label: string) => {
  const words = made.find(`input[aria-label='${label}']`)
  return words.exists()
    ? words
    : made
        .findAll('label')
        .find((each) => each.text().startsWith(label))!
        .find('input')
}

describe('the fields of further parts', () => {
  it('change a clip', async () => {
    const made = shown(newPart('clip', [], GROUND))
    await field(made, 'Title').setValue('The tall taper')
    await field(made, 'Seconds kept').setValue('45')
    await field(made, 'Seconds kept').setValue('many')
    expect(made.find('[role=alert]').text()).toContain('no whole number')
    await field(made, 'Given up after').setValue('12.5')
    expect(made.emitted('set')).toEqual([
      ['title', 'The tall taper'],
      ['seconds', 45],
      ['longestMs', 12_500],
    ])
  })

  it('change what is switched, for a time or for good', async () => {
    const made = shown({ ...newPart('switch', [], GROUND), target: { kind: 'lamp', name: 'Bench' } } as Part)
    await field(made, 'To').setValue('#c8841a')
    await field(made, 'For, then back').setValue('3')
    await made.find('input[type=checkbox]').trigger('change')
    expect(made.emitted('set')).toEqual([
      ['value', '#c8841a'],
      ['lengthMs', 3_000],
      ['stay', true],
    ])
    const stays = shown({
      kind: 'switch',
      id: 's',
      start: { kind: 'at', ms: 0 },
      lengthMs: 0,
      target: { kind: 'lamp', name: 'Bench' },
      value: 'off',
      stay: true,
      manner: PLAIN,
    })
    expect(stays.text()).not.toContain('For, then back')
    await field(stays, 'Which one').setValue('Shelf')
    expect(stays.emitted('set')).toEqual([['target', { kind: 'lamp', name: 'Shelf' }]])
  })

  it('offer what the mixer has, by the names that people see', async () => {
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
    serve(() => ({ body: { known: true, picture } }))
    const of = (kind: string, value: string) =>
      shown({ ...newPart('switch', [], GROUND), target: { kind, name: '' }, value } as Part)
    const offered = async (made: ReturnType<typeof shown>) => {
      await flushPromises()
      await flushPromises()
      await made.findAll('button[aria-haspopup=listbox]')[1]!.trigger('click')
      return made.findAll('[role=option]').map((each) => each.text())
    }
    expect(await offered(of('scene', ''))).toEqual(['Bench camera'])
    expect(await offered(of('text', '{viewer}'))).toEqual(['LABEL'])
    expect(await offered(of('filter', 'on'))).toEqual(['CAM: Warm light'])
  })

  it('write on the slate and give points', async () => {
    serve(() => ({ body: wiringOf(1, pour()) }))
    await useWiring().load()
    const slate = shown({
      kind: 'slate',
      id: 's',
      start: { kind: 'at', ms: 0 },
      value: 'pours',
      act: 'add',
      words: '1',
      manner: PLAIN,
    })
    await field(slate, 'What').setValue('2')
    expect(slate.emitted('set')).toEqual([['words', '2']])
    const points = shown(newPart('points', [], GROUND))
    await field(points, 'Given').setValue('-5')
    expect(points.emitted('set')).toEqual([['amount', -5]])
  })

  it('show what is refused beside its field', () => {
    const refused = [{ path: 'x', value: '2', message: 'Too short.', remedy: 'Make it longer.' }]
    const made = mount(MorePart, {
      props: {
        part: newPart('clip', [], GROUND) as More,
        problems: (name: string) => (name === 'seconds' ? refused : []),
      },
    })
    expect(made.findAll('[role=alert]').map((each) => each.text())).toEqual(['Too short. Make it longer.'])
  })
})

describe('a new part', () => {
  it.each(['card', 'sound', 'reply', 'clip', 'switch', 'slate', 'points'] as const)(
    'of kind %s has a name of its own and plays at once',
    (kind) => {
      const first = newPart(kind, [], GROUND)
      const second = newPart(kind, [first], GROUND)
      expect([first.id, second.id]).toEqual([kind, `${kind}-2`])
      expect(first.start).toEqual({ kind: 'at', ms: 0 })
      expect(first.manner).toEqual(PLAIN)
    },
  )

  it('uses only values that the cue has', () => {
    const made = (['card', 'reply', 'clip'] as const).map((kind) =>
      JSON.stringify(newPart(kind, [], { ...GROUND, values: [] })),
    )
    expect(made.filter((each) => each.includes('{viewer}'))).toEqual([])
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
