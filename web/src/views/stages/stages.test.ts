import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import type { Fixture, Look, Stage, StageView, WiringView } from '@/api/types'
import ColoursField from '@/components/cue/ColoursField.vue'
import FileField from '@/components/cue/FileField.vue'
import PlaceInspector from '@/components/stage/PlaceInspector.vue'
import PlaceNumbers from '@/components/stage/PlaceNumbers.vue'
import SpotForm from '@/components/stage/SpotForm.vue'
import StageCanvas from '@/components/stage/StageCanvas.vue'
import StageHead from '@/components/stage/StageHead.vue'
import TryOnStage from '@/components/stage/TryOnStage.vue'
import { ask } from '@/api/http'
import { useDraftOf } from '@/composables/useDraftOf'
import MascotForm from '@/fixtures/mascot/MascotForm.vue'
import WheelForm from '@/fixtures/wheel/WheelForm.vue'
import { useKinds } from '@/stores/kinds'
import { FIXTURES } from '@/testing/fixtures'
import { useWiring } from '@/stores/wiring'
import { kindsView, pour, serve, wiringOf } from '@/testing/server'
import { ownStores } from '@/testing/stores'
import LooksView from './LooksView.vue'
import StageList from './StageList.vue'
import StagesView from './StagesView.vue'

const frame = (x: number, y: number, width = 200, height = 100, layer = 0) => ({
  x,
  y,
  width,
  height,
  layer,
  locked: false,
})
const made = <K extends Fixture['kind']>(kind: K): Extract<Fixture, { kind: K }> =>
  ({ ...FIXTURES[kind], id: kind, frame: frame(10, 20) }) as Extract<Fixture, { kind: K }>
const STAGE: Stage = {
  formatVersion: 3,
  id: 'main',
  name: 'Main',
  width: 1_280,
  height: 720,
  backdrop: '',
  outlets: [
    {
      id: 'bench',
      name: 'Bench',
      busy: { kind: 'share', together: 3 },
      quietens: [],
      quietTo: 100,
      apart: false,
      source: '',
      sourceTo: 40,
    },
  ],
  spots: [
    {
      id: 'lower',
      name: 'Lower third',
      frame: frame(72, 560, 520, 110),
      busy: { kind: 'wait', mostWaiting: 5, longestWaitMs: 20_000 },
    },
  ],
  fixtures: [made('wheel'), made('mascot')],
}
const LOOK: Look = {
  id: 'beeswax',
  name: 'Beeswax',
  plate: '#fff4de',
  plateTo: '#fff4de',
  angle: 90,
  ink: '#2a211a',
  second: '#5a4836',
  seal: '#c8841a',
  edge: 'drip',
  corner: 24,
  outline: false,
  face: 'fraunces',
  titleSize: 32,
  lineSize: 19,
  entry: 'pour',
  exit: 'rise',
  easing: 'soft',
}
const view = (stage = STAGE, version = 1): StageView => ({
  version,
  stage,
  previewAddress: '/stage#k=p',
  moves: { mascot: ['kindle', 'sway', 'flare'] },
})
const wiring = (stage = STAGE, version = 1): WiringView => ({
  ...wiringOf(1, pour()),
  stages: [view(stage, version)],
  looks: [LOOK],
  values: [{ id: 'giftsTonight', name: 'slateGiftsTonight', title: 'Gifts tonight', number: true, sample: '12' }],
  shelf: [
    { folder: 'Pictures', name: 'taper.svg', type: 'image/svg+xml', lengthMs: 0, address: '/media/1' },
    { folder: 'Videos', name: 'dip.webm', type: 'video/webm', lengthMs: 4_000, address: '/media/2' },
    { folder: 'Figures', name: 'moth.json', type: 'application/json', lengthMs: 0, address: '/media/3' },
  ],
})
const none = () => []
const router = () =>
  createRouter({ history: createMemoryHistory(), routes: [{ path: '/:all(.*)*', component: { template: '<p />' } }] })
/** Answers as a server would that keeps the stage; what is put is kept. */
const keeping = (refuse?: (stage: Stage) => object | null) => {
  let now = STAGE
  let version = 1
  return serve((method, path, body) => {
    if (method === 'PUT' && path === '/api/stages/main') {
      const sent = body as { version: number; stage: Stage }
      const refused = refuse?.(sent.stage)
      if (refused) {
        return { status: 422, body: refused }
      }
      if (sent.version !== version) {
        return { status: 409, body: { detail: 'Somebody else changed it.', problems: [] } }
      }
      now = sent.stage
      version++
      return { body: { version } }
    }
    if (path === '/api/stages/add') {
      return { body: { fixture: { ...FIXTURES[(body as { kind: Fixture['kind'] }).kind], id: 'wheel-2' } } }
    }
    return { body: path.startsWith('/api/wiring') ? wiring(now, version) : [] }
  })
}

ownStores()
beforeEach(async () => {
  serve(() => ({ body: wiring() }))
  await useWiring().load()
  useKinds().all = kindsView
})
afterEach(() => {
  vi.unstubAllGlobals()
  vi.useRealTimers()
})

/** The draft of the stage, as its view keeps it. */
const ofMain = () =>
  useDraftOf<Stage>({
    id: () => 'main',
    there: () => {
      const [view] = useWiring().stages
      return view && { value: view.stage, version: view.version }
    },
    put: async (stage, version) =>
      (await ask<{ version: number }>('PUT', `/stages/${stage.id}`, { version, stage })).version,
  })

describe('a stage as it is being composed', () => {
  it('is saved shortly after an edit, once for several', async () => {
    vi.useFakeTimers()
    const asked = keeping()
    const draft = ofMain()
    draft.edit({ ...draft.draft.value!, name: 'A' })
    draft.edit({ ...draft.draft.value!, name: 'AB' })
    expect(draft.state.value).toBe('editing')
    await vi.advanceTimersByTimeAsync(400)
    expect(draft.state.value).toBe('saved')
    expect(
      asked.filter((each) => each.method === 'PUT').map((each) => (each.body as { stage: Stage }).stage.name),
    ).toEqual(['AB'])
  })

  it('keeps what is refused, marks it by place, and is saved when it is mended', async () => {
    vi.useFakeTimers()
    keeping((stage) =>
      stage.name
        ? null
        : {
            detail: 'Not saved.',
            problems: [{ path: 'name', value: '', message: 'The name is empty.', remedy: 'Write one.' }],
          },
    )
    const draft = ofMain()
    draft.edit({ ...draft.draft.value!, name: '' })
    await vi.advanceTimersByTimeAsync(400)
    expect(draft.state.value).toBe('refused')
    expect(draft.draft.value!.name).toBe('')
    expect(draft.at('name')).toHaveLength(1)
    expect(draft.at('spots')).toHaveLength(0)
    draft.edit({ ...draft.draft.value!, name: 'Bench' })
    await vi.advanceTimersByTimeAsync(400)
    expect(draft.state.value).toBe('saved')
    expect(draft.at('name')).toHaveLength(0)
  })

  it('asks what to do where somebody else changed it, and does it', async () => {
    vi.useFakeTimers()
    keeping()
    const draft = ofMain()
    const other = ofMain()
    other.edit({ ...other.draft.value!, name: 'Theirs' })
    draft.edit({ ...draft.draft.value!, name: 'Mine' })
    await vi.advanceTimersByTimeAsync(900)
    const late = [draft, other].find((each) => each.state.value === 'conflict')!
    expect(late).toBeDefined()
    const mine = late.draft.value!.name
    await late.keepMine()
    expect(late.state.value).toBe('saved')
    expect(useWiring().stages[0]!.stage.name).toBe(mine)
  })

  it('follows the server where it has no edits of its own, as after an undo', async () => {
    const draft = ofMain()
    serve(() => ({ body: wiring({ ...STAGE, name: 'Undone' }, 7) }))
    await useWiring().load()
    await flushPromises()
    expect(draft.draft.value!.name).toBe('Undone')
  })
})

describe('the canvas', () => {
  const canvas = (stage = STAGE) =>
    mount(StageCanvas, {
      props: { stage, previewAddress: '/stage#k=p', chosen: 'wheel', safe: true, frames: true, zoom: 1 },
      global: { stubs: { iframe: true } },
    })

  it('has a button for each thing that says where it stands', () => {
    const shown = canvas()
    expect(shown.findAll('button.frame').map((each) => each.attributes('aria-label'))).toContain(
      'Lower third: 520 by 110 at 72, 560',
    )
    expect(shown.findAll('[data-grip]')).toHaveLength(8)
  })

  it('is worked by keys: nudge, size, order, removal', async () => {
    const shown = canvas()
    const wheel = shown.find('#place-wheel')
    const x = () => (shown.emitted('edit')!.at(-1)![0] as Stage).fixtures[0]!.frame
    await wheel.trigger('keydown', { key: 'ArrowRight' })
    expect(x()).toMatchObject({ x: 11, y: 20 })
    await wheel.trigger('keydown', { key: 'ArrowUp', shiftKey: true })
    expect(x()).toMatchObject({ x: 10, y: 10 })
    await wheel.trigger('keydown', { key: 'ArrowDown', ctrlKey: true })
    expect(x()).toMatchObject({ height: 101 })
    await wheel.trigger('keydown', { key: 'PageUp' })
    expect(shown.emitted('order')).toEqual([[true]])
    await wheel.trigger('keydown', { key: 'Delete' })
    expect(shown.emitted('remove')).toHaveLength(1)
  })

  it('leaves what is locked where it is', async () => {
    const shown = canvas({ ...STAGE, fixtures: [{ ...made('wheel'), frame: { ...frame(10, 20), locked: true } }] })
    await shown.find('#place-wheel').trigger('keydown', { key: 'ArrowRight' })
    expect(shown.emitted('edit')).toBeUndefined()
    expect(shown.findAll('[data-grip]')).toHaveLength(0)
  })

  it('gives a drag up where Esc is pressed, and keeps one that went somewhere', async () => {
    const shown = canvas()
    const wheel = shown.find('#place-wheel')
    await wheel.trigger('pointerdown', { button: 0, clientX: 0, clientY: 0 })
    await wheel.trigger('pointermove', { clientX: 40, clientY: 0 })
    dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }))
    await wheel.trigger('pointerup')
    expect(shown.emitted('edit')).toBeUndefined()
    await wheel.trigger('pointerdown', { button: 0, clientX: 0, clientY: 0 })
    await wheel.trigger('pointermove', { clientX: 40, clientY: 0, altKey: true })
    await wheel.trigger('pointerup')
    expect((shown.emitted('edit')![0]![0] as Stage).fixtures[0]!.frame.x).toBeGreaterThan(10)
  })
})

describe('numbers and rules of a place', () => {
  it('count from the nearest edges, in pixels or as a share', async () => {
    localStorage.removeItem('waxbell.shares')
    const shown = mount(PlaceNumbers, { props: { frame: frame(1_000, 600), stage: STAGE, problems: none } })
    expect(shown.text()).toContain('From the right')
    expect(shown.text()).toContain('From the bottom')
    const right = shown.findAll('input')[0]!
    expect((right.element as HTMLInputElement).value).toBe('80')
    await right.setValue('100')
    expect(shown.emitted('set')!.at(-1)![0]).toMatchObject({ x: 980 })
    await shown
      .findAll('button')
      .find((each) => each.text() === 'in pixels')!
      .trigger('click')
    expect((shown.findAll('input')[0]!.element as HTMLInputElement).value).toBe('6.25')
    await shown.findAll('input')[0]!.setValue('10')
    expect(shown.emitted('set')!.at(-1)![0]).toMatchObject({ x: 1_280 - 200 - 128 })
    localStorage.removeItem('waxbell.shares')
  })

  it('of a spot change with their rule', async () => {
    const shown = mount(SpotForm, { props: { busy: STAGE.spots[0]!.busy, problems: none } })
    await shown.findAll('input')[0]!.setValue('3')
    expect(shown.emitted('set')!.at(-1)![0]).toMatchObject({ kind: 'wait', mostWaiting: 3 })
    await shown.setProps({ busy: { kind: 'share', together: 4 } })
    expect(shown.text()).toContain('Together at most')
  })
})

describe('the inspector', () => {
  const inspector = (chosen: string, stage = STAGE) => mount(PlaceInspector, { props: { stage, chosen, at: none } })

  it('has a form for every kind of fixture, and every field of it changes the fixture', async () => {
    for (const kind of Object.keys(FIXTURES) as Fixture['kind'][]) {
      const stage = { ...STAGE, fixtures: [made(kind)] }
      const shown = inspector(kind, stage)
      expect(shown.find('h2').text()).toContain(useKinds().fixture(kind).title)
      for (const field of useKinds().fixture(kind).fields) {
        expect(Object.keys(made(kind)), `${kind}.${field.key}`).toContain(field.key)
      }
    }
  })

  it('changes the name, and says who uses the place', async () => {
    const shown = inspector('lower')
    await shown.find('input').setValue('Below')
    expect((shown.emitted('edit')![0]![0] as Stage).spots[0]!.name).toBe('Below')
  })

  it('says what to do where nothing is chosen', () => {
    expect(inspector('').text()).toContain('Choose what stands on the stage')
  })
})

describe('forms of fixtures', () => {
  it('show the odds that weights make, and never fewer than two segments', async () => {
    const wheel = {
      ...made('wheel'),
      segments: [
        { words: 'Sage', colour: '#6b7a2f', weight: 3 },
        { words: 'Sea', colour: '#3d5c7c', weight: 1 },
      ],
    }
    const shown = mount(WheelForm, { props: { fixture: wheel, stage: 'main', problems: none } })
    expect(shown.text()).toContain('75.0 %')
    expect(shown.text()).toContain('25.0 %')
    expect(
      shown.findAll('button[aria-label^="Take away"]').every((each) => each.attributes('disabled') !== undefined),
    ).toBe(true)
    await shown.find('[aria-label="Weight of segment 2"]').setValue('3')
    expect((shown.emitted('set')!.at(-1)![1] as { weight: number }[])[1]!.weight).toBe(3)
    const count = shown.emitted('set')!.length
    await shown.find('[aria-label="Weight of segment 2"]').setValue('many')
    expect(shown.emitted('set')).toHaveLength(count)
  })

  it('put together a move from poses', async () => {
    const shown = mount(MascotForm, { props: { fixture: made('mascot'), stage: 'main', problems: none } })
    await shown
      .findAll('button')
      .find((each) => each.text().includes('A move of my own'))!
      .trigger('click')
    const moves = shown.emitted('set')!.at(-1)![1] as { name: string; poses: { atMs: number }[] }[]
    expect(moves[0]!.name).toBe('curtsy')
    expect(moves[0]!.poses.map((each) => each.atMs)).toEqual([0, 400, 900])
    await shown.setProps({ fixture: { ...made('mascot'), moves: moves as never } })
    await shown
      .findAll('button')
      .find((each) => each.text() === 'Pose')!
      .trigger('click')
    expect((shown.emitted('set')!.at(-1)![1] as typeof moves)[0]!.poses.at(-1)!.atMs).toBe(1_300)
    await shown.find('[aria-label="Show the move flare"]').trigger('click')
    expect(shown.emitted('play')).toEqual([['flare']])
  })

  it('take the moves of a moving picture from its markers', async () => {
    serve(() => ({ body: { markers: [{ cm: '{"name":"flutter"}' }, { cm: 'rest' }, { cm: 'rest' }] } }))
    const shown = mount(MascotForm, {
      props: { fixture: { ...made('mascot'), figure: 'file' }, stage: 'main', problems: none },
    })
    await shown.setProps({ fixture: { ...made('mascot'), figure: 'file', file: 'moth.json' } })
    await vi.waitFor(() =>
      expect((shown.emitted('set') ?? []).at(-1)?.[1]).toEqual([
        { name: 'flutter', poses: [] },
        { name: 'rest', poses: [] },
      ]),
    )
  })

  it('keep several colours, at least one', async () => {
    const shown = mount(ColoursField, { props: { label: 'Colours', modelValue: ['#c8841a'], problems: [] } })
    expect(shown.findAll('button[aria-label^="Take away"]')).toHaveLength(0)
    await shown.find('[aria-label="Another colour"]').trigger('click')
    expect(shown.emitted('update:modelValue')![0]![0]).toHaveLength(2)
  })

  it('say why a file was refused, and leave what was chosen', async () => {
    serve((method) =>
      method === 'POST'
        ? {
            status: 422,
            body: {
              detail: 'Refused.',
              problems: [
                {
                  path: 'file',
                  value: 'x',
                  message: 'This file was not taken in: it is empty.',
                  remedy: 'Bring another.',
                },
              ],
            },
          }
        : { body: wiring() },
    )
    const shown = mount(FileField, {
      props: { label: 'Picture', folder: 'Pictures', modelValue: 'taper.svg', problems: [] },
    })
    const input = shown.find('input[type=file]')
    Object.defineProperty(input.element, 'files', { value: [new File([''], 'x.png')] })
    await input.trigger('change')
    await vi.waitFor(() => expect(shown.text()).toContain('it is empty'))
    expect(shown.emitted('update:modelValue')).toBeUndefined()
  })
})

describe('the head of a stage', () => {
  const head = () =>
    mount(StageHead, {
      props: { stage: STAGE, at: none },
      global: {
        plugins: [router()],
        stubs: {
          TheDialog: { template: '<div v-if="open"><slot /></div>', props: ['open', 'title'] },
          StagePlacing: true,
          StageAddress: true,
        },
      },
    })

  it('says that no page shows it', () => {
    expect(head().text()).toContain('shown by no page')
  })

  it('takes another size and keeps what stands there at its edges, or makes it fit', async () => {
    const shown = head()
    await shown
      .findAll('button')
      .find((each) => each.text() === '1280 × 720')!
      .trigger('click')
    await shown
      .findAll('button')
      .find((each) => each.text() === 'Wide, 1920 × 1080')!
      .trigger('click')
    await shown
      .findAll('button')
      .find((each) => each.text().startsWith('Keep distances'))!
      .trigger('click')
    expect((shown.emitted('edit')![0]![0] as Stage).spots[0]!.frame).toMatchObject({ x: 72, y: 920, width: 520 })
    await shown
      .findAll('button')
      .find((each) => each.text() === '1280 × 720')!
      .trigger('click')
    await shown
      .findAll('button')
      .find((each) => each.text() === 'Wide, 1920 × 1080')!
      .trigger('click')
    await shown
      .findAll('button')
      .find((each) => each.text().startsWith('Make all fit'))!
      .trigger('click')
    expect((shown.emitted('edit')![1]![0] as Stage).spots[0]!.frame).toMatchObject({ x: 108, y: 840, width: 780 })
  })
})

describe('stages as a whole', () => {
  const whole = async () => {
    const shown = mount(StagesView, {
      global: {
        plugins: [router()],
        stubs: {
          StageCanvas: { template: '<div />', methods: { tell: () => undefined } },
          StageHead: true,
          TryOnStage: true,
          TheDialog: true,
        },
      },
    })
    await flushPromises()
    return shown
  }

  it('puts what the server makes on the stage and chooses it', async () => {
    const asked = keeping()
    const shown = await whole()
    shown.findComponent(StageList).vm.$emit('put', 'wheel')
    await vi.waitFor(() => expect(asked.some((each) => each.method === 'PUT')).toBe(true), 3_000)
    expect(asked.find((each) => each.path === '/api/stages/add')!.body).toEqual({ stage: STAGE, kind: 'wheel' })
    const put = (asked.find((each) => each.method === 'PUT')!.body as { stage: Stage }).stage.fixtures.at(-1)!
    expect(put).toMatchObject({ kind: 'wheel', id: 'wheel-2' })
  })

  it('lists what stands there, what is before first, and every kind to add', async () => {
    const shown = mount(StageList, { props: { stage: STAGE, chosen: 'wheel' }, global: { plugins: [router()] } })
    expect(shown.findAll('[aria-label^="Spots and fixtures"] button').map((each) => each.text())).toEqual([
      'Mascot',
      'Wheel',
      'Lower third',
      'Bench',
    ])
    await shown.find('[aria-label="Add to the stage"]').trigger('click')
    expect(shown.findAll('[role=menuitem]')).toHaveLength(Object.keys(FIXTURES).length + 2)
  })

  it('tries nothing where no cue shows anything here', () => {
    expect(mount(TryOnStage, { props: { stage: 'main' } }).text()).toContain('No cue shows anything here yet')
  })
})

describe('looks', () => {
  it('are edited in place, and what would not stand out stays unsaved and says so', async () => {
    const asked = serve((method, _, body) => {
      const ink = (body as { house?: { looks: Look[] } } | undefined)?.house?.looks[0]?.ink
      return method !== 'PUT'
        ? { body: wiring() }
        : ink === '#fff4df'
          ? {
              status: 422,
              body: {
                detail: 'No.',
                problems: [
                  {
                    path: 'looks[0].ink',
                    value: ink,
                    message: 'The large line would not stand out.',
                    remedy: 'Darker.',
                  },
                ],
              },
            }
          : { body: { version: 2 } }
    })
    const shown = mount(LooksView, { global: { plugins: [router()], stubs: { LookSample: true } } })
    await flushPromises()
    await shown.find('aside input[aria-label="Colour of the large line"]').setValue('#fff4df')
    await vi.waitFor(() => expect(shown.text()).toContain('would not stand out'), 3_000)
    expect(shown.text()).toContain('Not saved')
    await shown.find('aside input[aria-label="Colour of the large line"]').setValue('#111111')
    await vi.waitFor(() => expect(asked.filter((each) => each.method === 'PUT')).toHaveLength(2), 3_000)
    await vi.waitFor(() => expect(shown.text()).not.toContain('would not stand out'))
  })
})
