import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import type { Cue, DecisionNotice, Part, PublicWord, Remark, WiringView } from '@/api/types'
import TryPanel from '@/components/cue/TryPanel.vue'
import ThePalette from '@/components/rail/ThePalette.vue'
import RopeTry from '@/components/rope/RopeTry.vue'
import PartTray from '@/components/score/PartTray.vue'
import PlainRows from '@/components/score/PlainRows.vue'
import TakeTabs from '@/components/score/TakeTabs.vue'
import WordsField from '@/components/score/WordsField.vue'
import WhyDialog from '@/components/why/WhyDialog.vue'
import { useParts } from '@/composables/useParts'
import { useDrafts } from '@/stores/drafts'
import { useKinds } from '@/stores/kinds'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'
import { usePlayhead } from '@/stores/playhead'
import { useWhy } from '@/stores/why'
import { useWiring } from '@/stores/wiring'
import { kindsView, lookAt, onlyTake, PLAIN, pour, serve, sketched, wiringOf } from '@/testing/server'
import { ownStores } from '@/testing/stores'
import CheckupView from '@/views/checkup/CheckupView.vue'
import SlateView from '@/views/slate/SlateView.vue'
import ViewersView from '@/views/viewers/ViewersView.vue'

const reply = (id: string, words: string): Part => ({
  kind: 'reply',
  id,
  start: { kind: 'at', ms: 0 },
  words,
  manner: PLAIN,
})
const LINE = {
  kind: 'chatLine',
  from: 'practice',
  viewer: { id: 'practice:wickerby', name: 'wickerby', standings: ['vip'], months: 0 },
  text: '!pour tall',
}
const whole = (cue: Cue = pour()): WiringView => ({
  ...wiringOf(1, cue),
  house: {
    version: 4,
    house: {
      ...wiringOf(1, cue).house.house,
      slate: [{ id: 'pours', name: 'Pours tonight', number: true, perViewer: false, keeps: false, start: '0' }],
    },
  },
  values: [{ id: 'giftsTonight', name: 'slateGiftsTonight', title: 'Gifts tonight', number: true, sample: '12' }],
})
const looking = (cue: Cue) =>
  lookAt(cue, {
    events: [{ title: '!pour is typed', event: LINE as never }],
    missing: { card: 'there is no stage' },
  })
/** Answers by path; the wiring where nothing else is said. */
const answering = (answers: Record<string, unknown> = {}, cue?: Cue) =>
  serve((method, path, body) => {
    const key = Object.keys(answers).find((each) => `${method} ${path}`.startsWith(each))
    return {
      body: key
        ? answers[key]
        : path.startsWith('/api/wiring')
          ? whole(cue)
          : path === '/api/cues/look'
            ? looking(body as Cue)
            : [],
    }
  })
const router = () =>
  createRouter({ history: createMemoryHistory(), routes: [{ path: '/:all(.*)*', component: { template: '<p />' } }] })
const opened = async (cue: Cue = pour(), answers: Record<string, unknown> = {}) => {
  const asked = answering({ 'PUT /api/cues/pour': { version: 2, look: lookAt(cue) }, ...answers }, cue)
  await useWiring().load()
  const drafts = useDrafts()
  drafts.open('pour')
  await drafts.look('pour')
  return { draft: drafts.open('pour')!, asked }
}
const GATES = [
  { gate: 'on', passed: true, reason: 'on' },
  { gate: 'who', passed: false, reason: 'only for the host' },
]
const decision = (over: object = {}) =>
  ({
    number: 9,
    at: 0,
    event: 'wickerby: !pour',
    viewer: 'wickerby',
    sentence: 'held Pour the taper',
    answers: [
      {
        cueId: 'pour',
        cueName: 'Pour the taper',
        gates: GATES,
        ring: 0,
        held: true,
        dropped: false,
        drawn: [],
        sentence: 'held',
        seen: null,
        ...over,
      },
    ],
  }) as unknown as DecisionNotice

ownStores()
beforeEach(() => {
  useKinds().all = kindsView
  globalThis.ResizeObserver ??= class {
    observe() {
      /* nothing is laid out here */
    }
    unobserve() {
      /* nor is it */
    }
    disconnect() {
      /* so it never was */
    }
  } as never
})
afterEach(() => {
  vi.unstubAllGlobals()
  document.body.innerHTML = ''
})

describe('a score in rows', () => {
  it('says what, when and how long, and is walked by arrows', async () => {
    const parts = [
      reply('a', 'Thanks, {viewer}'),
      { ...reply('b', 'More'), start: { kind: 'after' as const, part: 'a', gapMs: 1_500 } },
    ]
    const { draft } = await opened(pour({ takes: [onlyTake(parts)] }))
    const made = mount(PlainRows, { props: { draft, take: 0, picked: ['a'] }, attachTo: document.body })
    expect(made.findAll('button').map((each) => each.text())).toEqual([
      'Reply in chatlabel of aat once',
      'Reply in chatlabel of b1.5 s after a',
    ])
    await made.findAll('button')[0]!.trigger('keydown', { key: 'ArrowDown' })
    expect(made.emitted('pick')).toEqual([[['b']]])
    expect(document.activeElement?.id).toBe('part-b')
  })
})

describe('the tray', () => {
  it('adds by a press, by typing, and says why something cannot be added', async () => {
    const made = mount(PartTray, { props: { missing: { video: 'no video is on the shelf' } } })
    await made.find('[aria-label="Add Card on a stage"]').trigger('click')
    expect(made.emitted('add')).toEqual([['card']])
    const video = made.find('[aria-label="Add Video"]')
    expect(video.attributes('title')).toBe('no video is on the shelf')
    expect(video.attributes('aria-disabled')).toBe('true')
    await video.trigger('click')
    expect(made.find('[role=status]').text()).toBe('Video: no video is on the shelf.')
    expect(made.emitted('add')).toHaveLength(1)
    await vi.waitFor(() => expect(made.find('[role=combobox]').exists()).toBe(true))
    await made.find('input').setValue('confet')
    expect(made.findAll('[role=option]').map((each) => each.text())).toEqual(['Burst'])
  })
})

describe('parts of a take', () => {
  it('are made by the server, added at a moment, picked, and removed while what hung on them stays where it was', async () => {
    const cue = pour({
      takes: [onlyTake([reply('a', 'x'), { ...reply('b', 'y'), start: { kind: 'after', part: 'a', gapMs: 700 } }])],
    })
    const points: Part = { kind: 'points', id: 'points', start: { kind: 'at', ms: 0 }, amount: 10, manner: PLAIN }
    const { draft, asked } = await opened(cue, { 'POST /api/cues/add': { part: points } })
    const { picked, parts, add, remove, missing } = useParts(() => draft)
    expect(missing.value.card).toBe('there is no stage')
    await add('card')
    expect(parts.value).toHaveLength(2)
    await add('points', 2_500)
    expect(asked.find((each) => each.path === '/api/cues/add')!.body).toMatchObject({ family: 'part', kind: 'points' })
    expect(parts.value.at(-1)).toMatchObject({ kind: 'points', start: { kind: 'at', ms: 2_500 } })
    expect(picked.value).toEqual(['points'])
    const [one, other] = draft.cue.takes[0]!.score.parts
    draft.look = lookAt(draft.cue, { plans: [[sketched(one!), sketched(other!, { from: 700, to: 700 })]] })
    picked.value = ['a']
    remove()
    expect(parts.value.map((each) => [each.id, each.start])).toEqual([
      ['b', { kind: 'at', ms: 700 }],
      ['points', { kind: 'at', ms: 2_500 }],
    ])
  })
})

describe('parts added in haste', () => {
  it('are asked for one after the other, each with what stands by then', async () => {
    const points: Part = { kind: 'points', id: 'points', start: { kind: 'at', ms: 0 }, amount: 10, manner: PLAIN }
    const { draft, asked } = await opened(pour(), { 'POST /api/cues/add': { part: points } })
    const { add } = useParts(() => draft)
    await Promise.all([add('points'), add('points')])
    const sent = asked
      .filter((each) => each.path === '/api/cues/add')
      .map((each) => (each.body as { cue: Cue }).cue.takes[0]!.score.parts.length)
    expect(sent).toEqual([1, 2])
  })
})

describe('takes', () => {
  it('are tabs: added as a copy, walked by arrows, and taken away with what named them', async () => {
    const { draft } = await opened(
      pour({
        takes: [
          { ...onlyTake([reply('a', 'x')]), spare: '' },
          { ...onlyTake([reply('a', 'y')]), id: 'loud', name: 'Loud' },
        ],
      }),
    )
    const made = mount(TakeTabs, { props: { draft, take: 0 } })
    expect(made.findAll('[role=tab]').map((each) => each.text())).toEqual(['Main', 'Loud'])
    await made.find('[role=tablist]').trigger('keydown', { key: 'ArrowRight' })
    expect(made.emitted('choose')!.at(-1)).toEqual([1])
    await made.find('[aria-label="Copy this take"]').trigger('click')
    expect(draft.cue.takes.map((each) => each.name)).toEqual(['Main', 'Loud', 'Main, copied'])
    draft.cue.takes[0]!.spare = 'loud'
    await made.setProps({ take: 1 })
    await made.find('[aria-label="Delete this take"]').trigger('click')
    expect(draft.cue.takes.map((each) => [each.id, each.spare])).toEqual([
      ['main', ''],
      [draft.cue.takes[1]!.id, ''],
    ])
  })
})

describe('words with values', () => {
  const field = () =>
    mount(WordsField, {
      props: { label: 'Words', modelValue: 'Thanks', values: { viewer: 'wickerby', giftCount: '3' }, problems: [] },
      attachTo: document.body,
    })

  it('read a sample out as they are typed', async () => {
    const asked = serve(() => ({ body: { text: 'Thanks, wickerby' } }))
    const made = field()
    await made.setProps({ modelValue: 'Thanks, {viewer}' })
    await vi.waitFor(() => expect(made.text()).toContain('Reads: Thanks, wickerby'))
    expect(asked.map((each) => each.path)).toEqual(['/api/words/sample'])
    await made.setProps({ reads: 'Thanks, brine_otter' })
    expect(made.text()).toContain('Reads: Thanks, brine_otter')
    expect(asked).toHaveLength(1)
  })

  it('take a value and a count with its word from lists', async () => {
    const made = field()
    await made.find('[aria-label="Put a value into Words"]').trigger('click')
    await made
      .findAll('button')
      .find((each) => each.text().startsWith('{viewer}'))!
      .trigger('click')
    expect(made.emitted('update:modelValue')!.at(-1)).toEqual(['Thanks {viewer}'])
    await made.find('[aria-label="Put a count with its word into Words"]').trigger('click')
    await made
      .findAll('button')
      .find((each) => each.text() === 'Put it in')!
      .trigger('click')
    expect(made.emitted('update:modelValue')!.at(-1)![0]).toContain(
      '{giftCount, plural, one {# sprig} other {# sprigs}}',
    )
  })
})

describe('trying', () => {
  const TRIED = {
    decision: decision({ held: false, ring: 1, sentence: 'rang Pour the taper', gates: GATES.slice(0, 1) }),
    stages: [],
    said: [],
    parts: [{ id: 'answer', lane: 'chat', label: 'Thanks', from: 0, to: 0, state: 'ended', note: '' }],
  }

  it('in practice shows plan and outcome, with the event as it was changed', async () => {
    const { draft, asked } = await opened(pour(), { 'POST /api/tryouts': TRIED })
    const made = mount(TryPanel, { props: { draft, take: 0 }, global: { plugins: [router()] } })
    await vi.waitFor(() => expect(made.text()).toContain('In practice'))
    await made
      .findAll('input')
      .find((each) => (each.element as HTMLInputElement).value === 'wickerby')!
      .setValue('Lowtide_Lou')
    await made
      .findAll('button')
      .find((each) => each.text() === 'In practice')!
      .trigger('click')
    await vi.waitFor(() => expect(made.text()).toContain('In practice: rang Pour the taper'))
    const sent = asked.find((each) => each.path === '/api/tryouts')!.body as {
      event: { viewer: object }
      past: boolean
    }
    expect(sent.event.viewer).toMatchObject({ name: 'Lowtide_Lou', id: 'practice:lowtide_lou' })
    expect(sent.past).toBe(false)
    expect(usePlayhead().playing).toBe(true)
    usePlayhead().scrub(null)
  })

  it('for real waits until the cue is saved', async () => {
    const { draft } = await opened()
    draft.state = 'editing'
    const made = mount(TryPanel, { props: { draft, take: 0 }, global: { plugins: [router()] } })
    await vi.waitFor(() => expect(made.text()).toContain('For real'))
    expect(
      made
        .findAll('button')
        .find((each) => each.text() === 'For real')!
        .attributes('disabled'),
    ).toBeDefined()
  })
})

describe('why', () => {
  it('says what each gate said, up to the one that held, and leads to its chip', async () => {
    answering()
    const where = router()
    mount(WhyDialog, { global: { plugins: [where] }, attachTo: document.body })
    await useWhy().open(decision())
    await vi.waitFor(() => expect(document.body.textContent).toContain('only for the host'))
    expect([...document.querySelectorAll('li')].map((each) => each.textContent!.trim()).filter(Boolean)).toHaveLength(2)
    const go = [...document.querySelectorAll('button')].find((each) =>
      each.textContent!.includes('Let this through next time'),
    )!
    go.click()
    await vi.waitFor(() => expect(where.currentRoute.value.fullPath).toContain('/cues/pour?at='))
    expect(useWhy().decision).toBeNull()
  })

  it('plays a ring again and ends one that plays', async () => {
    const ring = {
      number: 5,
      cueId: 'pour',
      cueName: 'Pour the taper',
      viewer: 'wickerby',
      state: 'playing',
      note: '',
      arrived: 0,
      start: 0,
      parts: [{ id: 'card', lane: 'screen', label: 'wickerby', from: 0, to: 900, state: 'told', note: '' }],
    }
    const asked = answering({
      'GET /api/rings/5': ring,
      'POST /api/rings/5/stop': { sentence: 'ended Pour the taper by hand' },
    })
    mount(WhyDialog, { global: { plugins: [router()] }, attachTo: document.body })
    await useWhy().open(decision({ held: false, ring: 5 }))
    await vi.waitFor(() => expect(document.body.textContent).toContain('End it'))
    ;[...document.querySelectorAll('button')].find((each) => each.textContent!.includes('End it'))!.click()
    await vi.waitFor(() => expect(useNotes().notes.map((each) => each.text)).toEqual(['ended Pour the taper by hand']))
    expect(asked.some((each) => each.path === '/api/rings/5/stop')).toBe(true)
  })
})

describe('the check-up as a list', () => {
  const remark = (severity: string, cueId: string, mended: Cue | null = null) =>
    ({
      severity,
      rule: `rule-${severity}`,
      cueId,
      path: 'gates',
      message: `It is ${severity}.`,
      remedy: 'Mend it.',
      mended,
    }) as unknown as Remark

  it('has the gravest first, a way to each place, and a mend where that is safe', async () => {
    const { asked } = await opened(pour(), {
      'GET /api/checkup': [
        remark('hint', 'pour'),
        remark('grave', ''),
        remark('doubtful', 'pour', pour({ name: 'Mended' })),
      ],
    })
    useLive().wiringStamp++
    const made = mount(CheckupView, { global: { plugins: [router()] } })
    await vi.waitFor(() =>
      expect(made.findAll('section h2').map((each) => each.text())).toEqual([
        'Would go wrong · 1',
        'Doubtful · 1',
        'Could be better · 1',
      ]),
    )
    expect(made.find('a[href*="at=gates"]').text()).toBe('Pour the taper')
    expect(made.text()).toContain('the whole wiring')
    await made
      .findAll('button')
      .find((each) => each.text() === 'Mend it')!
      .trigger('click')
    await vi.waitFor(() =>
      expect(asked.find((each) => each.method === 'PUT')?.body).toMatchObject({ version: 1, cue: { name: 'Mended' } }),
    )
  })

  it('says that there is nothing where there is nothing', async () => {
    await opened(pour(), { 'GET /api/checkup': [] })
    useLive().wiringStamp++
    const made = mount(CheckupView, { global: { plugins: [router()] } })
    await flushPromises()
    await vi.waitFor(() => expect(made.text()).toContain('Nothing to remark'))
  })
})

describe('the slate', () => {
  it('shows what stands there, also what is counted by itself, and writes by hand', async () => {
    const { asked } = await opened(pour(), {
      'GET /api/slate': [
        {
          value: 'pours',
          inWords: 'slatePours',
          text: '3',
          people: [],
          writers: [],
          readers: [{ id: 'pour', name: 'Pour' }],
        },
        { value: 'giftsTonight', inWords: 'slateGiftsTonight', text: '11', people: [], writers: [], readers: [] },
      ],
      'PUT /api/slate/pours': decision(),
    })
    const made = mount(SlateView, { global: { plugins: [router()] } })
    await vi.waitFor(() => expect(made.find('[aria-label="Counted by itself"] li').text()).toContain('11'))
    const stands = made.find('li form input')
    expect((stands.element as HTMLInputElement).value).toBe('3')
    await stands.setValue('4')
    await made.find('li form').trigger('submit')
    await vi.waitFor(() =>
      expect(asked.find((each) => each.path === '/api/slate/pours')?.body).toEqual({ person: '', text: '4' }),
    )
    made.unmount()
  })
})

describe('words for viewers', () => {
  const word = (over: Partial<PublicWord>): PublicWord =>
    ({
      words: ['!pour'],
      rack: 'At the bench',
      description: 'Pours',
      cue: 'pour',
      standings: ['host', 'moderator', 'vip', 'member', 'follower', 'anyone'],
      rule: 'rests 14 s',
      on: true,
      ...over,
    }) as PublicWord

  it('are those that a standing may use, found by typing', async () => {
    await opened(pour(), {
      'GET /api/words': [
        word({}),
        word({ words: ['!wick'], standings: ['member', 'host'], description: 'Trims the wick' }),
        word({ words: ['!snuff'], on: false }),
      ],
    })
    const made = mount(ViewersView, { global: { plugins: [router()] } })
    const listed = () => made.findAll('li code').map((each) => each.text())
    await vi.waitFor(() => expect(listed()).toContain('!wick'))
    expect(made.find('li').text()).toContain('rests 14 s')
    expect(made.find('li a').attributes('href')).toBe('/cues/pour')
    await made
      .findAll('[aria-label="Show what may be used by"] button')
      .find((each) => each.text() === 'followers')!
      .trigger('click')
    expect(listed()).not.toContain('!wick')
    await made.findAll('[aria-label="Show what may be used by"] button')[0]!.trigger('click')
    await made.find('input[type=search]').setValue('trims')
    expect(listed()).toEqual(['!wick'])
  })
})

describe('the palette', () => {
  it('never undoes where a cue is meant whose name the last edit bears', async () => {
    const cue = pour({ name: 'Answer to !hum' })
    serve((_, path) => ({
      body: path.startsWith('/api/wiring')
        ? { ...whole(cue), history: { undo: 'new cue Answer to !hum', redo: '' } }
        : [],
    }))
    await useWiring().load()
    const where = router()
    const made = mount(ThePalette, { props: { open: true }, global: { plugins: [where] }, attachTo: document.body })
    await flushPromises()
    const field = document.querySelector<HTMLInputElement>('input[aria-label="Go or do"]')!
    field.value = 'answer to'
    field.dispatchEvent(new Event('input', { bubbles: true }))
    await vi.waitFor(() =>
      expect([...document.querySelectorAll('[role=option]')].map((each) => each.textContent)).toHaveLength(1),
    )
    expect(document.querySelector('[role=option]')!.textContent).toContain('Answer to !hum')
    made.unmount()
  })
})

describe('the line of the rope', () => {
  it('writes as any viewer and keeps what was refused', async () => {
    const asked = serve((method, path) =>
      path === '/api/practice/viewers'
        ? { body: [{ id: 'practice:wickerby', name: 'wickerby', standings: ['vip'], months: 0 }] }
        : method === 'POST'
          ? { status: 422, body: { detail: 'The line is empty.', problems: [] } }
          : { body: [] },
    )
    const made = mount(RopeTry, { props: { folded: false } })
    await vi.waitFor(() => expect(made.text()).toContain('wickerby'))
    await made.find('[aria-label="Line of chat"]').setValue('!pour')
    await made.find('form').trigger('submit')
    await vi.waitFor(() => expect(made.find('[role=alert]').text()).toBe('The line is empty.'))
    expect((made.find('[aria-label="Line of chat"]').element as HTMLInputElement).value).toBe('!pour')
    expect(asked.find((each) => each.method === 'POST')!.body).toMatchObject({ name: 'wickerby', text: '!pour' })
    expect(useLive().speaker).toBe('wickerby')
  })
})
