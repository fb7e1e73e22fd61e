import { mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h, nextTick } from 'vue'
import CueSentence from '@/components/cue/CueSentence.vue'
import SecondsField from '@/components/cue/SecondsField.vue'
import ScoreDrawing from '@/components/score/ScoreDrawing.vue'
import HushButton from '@/components/rail/HushButton.vue'
import CueRemarks from '@/views/cues/CueRemarks.vue'
import ChatLines from '@/practice/channel/ChatLines.vue'
import { keyName, useHandKeys } from '@/composables/useHandKeys'
import { useKeys } from '@/composables/useKeys'
import { useNotes } from '@/stores/notes'
import { useDrafts } from '@/stores/drafts'
import { useWiring } from '@/stores/wiring'
import type { Cue, Remark } from '@/api/types'
import { kindsView, lookAt, PLAIN, pour, serve, wiringOf } from '@/testing/server'
import { useKinds } from '@/stores/kinds'
import { ownStores } from '@/testing/stores'

ownStores()
afterEach(() => vi.unstubAllGlobals())

const opened = async () => {
  serve((_, path, body) => ({ body: path === '/api/cues/look' ? lookAt(body as Cue) : wiringOf(1, pour()) }))
  await useWiring().load()
  useKinds().all = kindsView
  const drafts = useDrafts()
  drafts.open('pour')
  await drafts.look('pour')
  return drafts.open('pour')!
}

describe('a time in seconds', () => {
  const field = () => mount(SecondsField, { props: { label: 'Stays', modelValue: 5_600 } })

  it('is shown in seconds and passed on in milliseconds, comma or point', async () => {
    const made = field()
    expect(made.find('input').element.value).toBe('5.6')
    await made.find('input').setValue('7,25')
    expect(made.emitted('update:modelValue')).toEqual([[7_250]])
  })

  it('marks what is no number and keeps it to itself', async () => {
    const made = field()
    await made.find('input').setValue('soon')
    expect(made.emitted('update:modelValue')).toBeUndefined()
    expect(made.find('input').attributes('aria-invalid')).toBe('true')
    expect(made.find('[role=alert]').text()).toContain('no number of seconds')
  })

  it('passes a negative one on, for the server to refuse by name', async () => {
    const made = field()
    await made.find('input').setValue('-3')
    expect(made.emitted('update:modelValue')).toEqual([[-3_000]])
  })

  it('leaves the writer alone while their text means the value kept', async () => {
    const made = field()
    await made.find('input').setValue('7.0')
    await made.setProps({ modelValue: 7_000 })
    expect(made.find('input').element.value).toBe('7.0')
    await made.setProps({ modelValue: 2_000 })
    expect(made.find('input').element.value).toBe('2')
  })
})

describe('the sentence', () => {
  it('is said to a screen reader as it reads, with a control for each chip', async () => {
    const made = mount(CueSentence, { props: { draft: await opened() } })
    expect(made.find('section').attributes('aria-label')).toBe('The sentence of Pour the taper.')
    expect(made.findAll('button.chip').map((chip) => chip.text())).toEqual([
      'pull chatWord',
      'gate who',
      'gate cooldown',
      '+ when',
      '+ only if',
      '+ take',
    ])
  })

  it('marks the chip whose place is wrong and no other', async () => {
    const draft = await opened()
    draft.problems = [{ path: 'gates[1].forAllMs', value: '-1', message: 'm', remedy: 'r' }]
    const made = mount(CueSentence, { props: { draft } })
    expect(made.findAll('button.chip.wrong').map((chip) => chip.text())).toEqual(['gate cooldown'])
  })
})

describe('the drawn score', () => {
  it('has a button for each part, and arrows go from one to the next', async () => {
    const draft = await opened()
    draft.cue.takes[0]!.score.parts.push({
      kind: 'reply',
      id: 'more',
      start: { kind: 'after', part: 'answer', gapMs: 900 },
      words: 'More',
      manner: PLAIN,
    })
    draft.look = lookAt(draft.cue)
    const made = mount(ScoreDrawing, { props: { draft, take: 0, picked: ['answer'], zoom: 1 } })
    expect(made.findAll('button.part').map((part) => part.text())).toEqual(['label of answer', 'label of more'])
    await made.find('section').trigger('keydown', { key: 'ArrowRight' })
    expect(made.emitted('pick')).toEqual([[['more']]])
    await made.find('section').trigger('keydown', { key: 'ArrowLeft' })
    expect(made.emitted('pick')?.[1]).toEqual([['more']])
    expect(made.findAll('svg[viewBox^="0 0 100"] path')).toHaveLength(1)
    made.unmount()
  })
})

describe('the check-up beside a cue', () => {
  it('names what can go wrong, and mends it by one click where that is safe', async () => {
    const draft = await opened()
    const mended = pour({ gates: [{ kind: 'cooldown', forAllMs: 10_000, perViewerMs: 0 }] })
    const remark = {
      rule: 'loud-without-rest',
      cueId: 'pour',
      path: 'gates',
      message: 'Everyone may ring it.',
      remedy: 'Give it a cooldown.',
    }
    const asked = serve((_, path, body) => ({
      body: path === '/api/cues/look' ? lookAt(body as Cue) : { version: 2, look: lookAt(mended) },
    }))
    const remarks = [
      { ...remark, severity: 'doubtful', mended },
      { ...remark, severity: 'grave', rule: 'no-link', path: '' },
    ] as Remark[]
    const made = mount(CueRemarks, { props: { draft, remarks } })
    expect(made.findAll('li')).toHaveLength(2)
    expect(made.text()).toContain('Doubtful')
    expect(made.text()).toContain('Would go wrong')
    expect(made.findAll('button').map((each) => each.text())).toEqual(['Go there', 'Mend it'])
    await made.findAll('button')[1]!.trigger('click')
    expect(draft.cue.gates).toEqual(mended.gates)
    await vi.waitFor(() => expect(asked.some((each) => each.method === 'PUT')).toBe(true), 3_000)
    made.unmount()
  })
})

describe('keys of cues', () => {
  it('ring their cue, and plain ones stay with the field in which somebody writes', async () => {
    serve(() => ({ body: wiringOf(1, pour({ pulls: [{ kind: 'hand', button: 'Pour', key: 'Alt+3' }] })) }))
    await useWiring().load()
    const asked = serve(() => ({ body: { sentence: 'rang Pour the taper' } }))
    const made = mount(defineComponent({ setup: () => (useHandKeys(), () => h('input')) }), { attachTo: document.body })
    dispatchEvent(new KeyboardEvent('keydown', { code: 'Digit3', key: '3' }))
    made.find('input').element.dispatchEvent(new KeyboardEvent('keydown', { code: 'Digit3', key: '3', bubbles: true }))
    expect(asked).toHaveLength(0)
    made
      .find('input')
      .element.dispatchEvent(new KeyboardEvent('keydown', { code: 'Digit3', key: '³', altKey: true, bubbles: true }))
    await vi.waitFor(() => expect(asked.map((each) => each.path)).toEqual(['/api/cues/pour/press']))
    await vi.waitFor(() => expect(useNotes().notes.map((each) => each.text)).toEqual(['rang Pour the taper']))
    made.unmount()
  })

  it('are named as cues name them', () => {
    expect(keyName(new KeyboardEvent('keydown', { code: 'KeyB', key: 'b', ctrlKey: true, shiftKey: true }))).toBe(
      'Ctrl+Shift+B',
    )
    expect(keyName(new KeyboardEvent('keydown', { code: 'F6', key: 'F6' }))).toBe('F6')
  })
})

describe('Hush', () => {
  it('is asked for by a click, and says so when the server is away', async () => {
    const asked = serve(() => ({ body: {} }))
    const made = mount(HushButton)
    await made.find('button').trigger('click')
    expect(asked).toEqual([{ method: 'POST', path: '/api/hush', body: undefined }])
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('away')))
    await made.find('button').trigger('click')
    await vi.waitFor(() => expect(made.find('[role=alert]').text()).toContain('does not answer'))
    made.unmount()
  })

  it('is asked for by Esc held, once, and not by Esc tapped', async () => {
    const asked = serve(() => ({ body: {} }))
    const made = mount(HushButton)
    dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }))
    dispatchEvent(new KeyboardEvent('keyup', { key: 'Escape' }))
    await nextTick()
    expect(asked).toHaveLength(0)
    dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }))
    await vi.waitFor(() => expect(asked).toHaveLength(1), { timeout: 3_000 })
    dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }))
    dispatchEvent(new KeyboardEvent('keyup', { key: 'Escape' }))
    expect(asked).toHaveLength(1)
    made.unmount()
  })
})

describe('chat', () => {
  it('shows names and lines as text', () => {
    const made = mount(ChatLines, {
      props: {
        lines: [{ at: 0, name: '<b>x</b>', standing: 'vip', text: '<img src=x>', helper: false, to: '', key: 0 }],
      },
    })
    expect(made.find('img').exists()).toBe(false)
    expect(made.text()).toContain('<b>x</b>')
    expect(made.text()).toContain('VIP')
  })
})

describe('keys', () => {
  it('work outside fields and leave what is written in them alone', () => {
    const calls: string[] = []
    const made = mount(
      defineComponent({
        setup: () => (useKeys({ n: () => calls.push('new'), 'Ctrl+z': () => calls.push('undo') }), () => h('input')),
      }),
      { attachTo: document.body },
    )
    made.element.dispatchEvent(new KeyboardEvent('keydown', { key: 'n', bubbles: true }))
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'n', bubbles: true }))
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'z', ctrlKey: true, bubbles: true }))
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'n', altKey: true, bubbles: true }))
    expect(calls).toEqual(['new', 'undo'])
    const menu = document.createElement('ul')
    menu.setAttribute('role', 'menu')
    document.body.append(menu)
    menu.dispatchEvent(new KeyboardEvent('keydown', { key: 'n', bubbles: true }))
    expect(
      calls.filter((each) => each === 'new'),
      'an item of a menu is found by typing',
    ).toHaveLength(1)
    menu.remove()
    made.unmount()
  })
})
