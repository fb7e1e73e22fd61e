import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { EveningOrder, OrderBoard, Problem } from '@/api/types'
import ChoiceField from '@/components/cue/ChoiceField.vue'
import SwitchForm from '@/components/score/SwitchForm.vue'
import { useDeskBoards } from '@/stores/desks'
import { useKinds } from '@/stores/kinds'
import { useLive } from '@/stores/live'
import { kindsView, serve } from '@/testing/server'
import { ownStores } from '@/testing/stores'
import ChaptersForm from './ChaptersForm.vue'
import EveningTaper from './EveningTaper.vue'
import { drawn, flameAt, lateNow, lateWords, timed } from './taper'

ownStores()
beforeEach(() => (useKinds().all = kindsView))
afterEach(() => vi.unstubAllGlobals())

const MINUTE = 60_000
const T0 = 1_700_000_000_000
const span = (chapter: string, when: 'past' | 'now' | 'toCome', from: number, to: number) => ({
  chapter,
  name: chapter,
  when,
  from: T0 + from * MINUTE,
  to: T0 + to * MINUTE,
})
const board = (over: Partial<OrderBoard> = {}): OrderBoard => ({
  chapter: 'pouring',
  name: 'Pouring',
  since: T0 + 16 * MINUTE,
  until: T0 + 56 * MINUTE,
  lateMs: 6 * MINUTE,
  next: 'break',
  nextName: 'Break',
  spans: [
    span('waiting', 'past', 0, 16),
    span('pouring', 'now', 16, 56),
    span('break', 'toCome', 56, 66),
    span('close', 'toCome', 66, 66),
  ],
  sets: [],
  ...over,
})

describe('the evening drawn as a taper', () => {
  it('fills the whole with chapters as wide as they are long, and none too narrow to press', () => {
    const all = drawn(board(), T0 + 36 * MINUTE)
    expect(all.reduce((sum, each) => sum + each.width, 0)).toBeCloseTo(100)
    expect(all[1]!.width / all[0]!.width).toBeCloseTo(2.5)
    expect(all[3]!.width).toBeGreaterThan(5)
    expect(flameAt(all, T0 + 36 * MINUTE)).toBeCloseTo(all[1]!.left + all[1]!.width / 2)
  })
  it('pushes what is to come along with what runs over', () => {
    const all = drawn(board(), T0 + 60 * MINUTE)
    expect(all[2]!.from).toBe(T0 + 60 * MINUTE)
    expect(flameAt(all, T0 + 60 * MINUTE)).toBeCloseTo(all[2]!.left)
    expect(flameAt(drawn(board({ chapter: '', spans: [span('a', 'toCome', 0, 5)] }), T0), T0)).toBe(0)
  })
  it('writes times where there is room for them', () => {
    const all = drawn(board(), T0 + 36 * MINUTE)
    const flame = flameAt(all, T0 + 36 * MINUTE)
    expect(timed(all, flame, 5).map((each) => each.chapter)).toEqual(['break', 'close'])
    expect(timed(all, flame, 16).map((each) => each.chapter)).toEqual(['break'])
    expect(timed(all, all[2]!.left - 1, 5).map((each) => each.chapter)).toEqual(['close'])
  })
  it('says how late it is', () => {
    expect(lateWords(lateNow(board(), T0 + 20 * MINUTE))).toBe('6 min late')
    expect(lateWords(lateNow(board(), T0 + 60 * MINUTE))).toBe('10 min late')
    expect(lateWords(lateNow(board({ lateMs: -4 * MINUTE, until: 0 }), T0))).toBe('4 min early')
    expect(lateWords(59_000)).toBe('on time')
  })
  it('enters a chapter by one press', async () => {
    const calls = serve(() => ({ body: { sentence: 'Break is on.' } }))
    vi.spyOn(useLive(), 'now').mockReturnValue(T0 + 60 * MINUTE)
    void useDeskBoards()
    const shown = mount(EveningTaper, { props: { about: 'evening', board: board() } })
    expect(shown.get('[data-late]').text()).toBe('10 min late')
    await shown.get('[data-next]').trigger('click')
    await shown.get('[data-span=close] button').trigger('click')
    await flushPromises()
    expect(calls.filter((each) => each.method === 'POST').map((each) => each.body)).toEqual([
      { about: 'evening', with: { chapter: 'break' } },
      { about: 'evening', with: { chapter: 'close' } },
    ])
    expect(shown.find('[data-span=pouring] button').exists()).toBe(false)
  })
})

describe('the chapters as a form', () => {
  const sheet = {
    kind: 'order',
    chapters: [
      { id: 'a', name: 'Waiting', plannedMs: 600_000, ends: 'hand', clock: '', byScene: false, sets: [], asks: [] },
      { id: 'b', name: 'Break', plannedMs: 0, ends: 'clock', clock: '', byScene: false, sets: [], asks: [] },
    ],
  } as unknown as EveningOrder
  const form = (wrong: string[] = []) =>
    mount(ChaptersForm, {
      props: {
        sheet,
        problems: (path: string) =>
          wrong
            .filter((each) => each.startsWith(path))
            .map((each) => ({ path: each, value: '', message: 'None is chosen.', remedy: 'Choose.' }) as Problem),
      },
    })
  const last = (shown: ReturnType<typeof form>) =>
    (shown.emitted('set')!.at(-1)! as [string, EveningOrder['chapters']])[1]

  it('moves, adds and takes away', async () => {
    serve(() => ({ body: [] }))
    const shown = form()
    await shown.get('[aria-label="Waiting later"]').trigger('click')
    expect(last(shown).map((each) => each.name)).toEqual(['Break', 'Waiting'])
    await shown.get('[aria-label="Take Waiting away"]').trigger('click')
    expect(last(shown).map((each) => each.name)).toEqual(['Break'])
    await shown.findAll('button').at(-1)!.trigger('click')
    expect(last(shown).map((each) => each.name)).toEqual(['Waiting', 'Break', 'New chapter'])
    expect(new Set(last(shown).map((each) => each.id)).size).toBe(3)
  })
  it('opens a chapter, sets a target that a chapter may set, and shows what is wrong where it is', async () => {
    serve(() => ({ body: [] }))
    const shown = form(['chapters[1].clock'])
    expect(shown.get('[data-chapter=b]').classes()).toContain('border-wax')
    expect(shown.get('[data-chapter=a]').classes()).not.toContain('border-wax')
    await shown.get('[data-chapter=b] button').trigger('click')
    expect(shown.get('[data-chapter=b]').text()).toContain('None is chosen.')
    await shown
      .findAll('[data-chapter=b] button')
      .find((each) => each.text().startsWith('Set a scene'))!
      .trigger('click')
    expect(last(shown)[1]!.sets).toEqual([{ target: { kind: 'scene', name: '' }, value: '' }])
    await shown.setProps({ sheet: { ...sheet, chapters: last(shown) } as EveningOrder })
    const offered = shown
      .getComponent(SwitchForm)
      .getComponent(ChoiceField)
      .props('choices')
      .map((each: { value: string }) => each.value)
    expect(offered).toContain('rack')
    expect(offered).not.toContain('stream')
  })
})
