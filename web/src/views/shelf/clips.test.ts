import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { ClipView, ShelfFile } from '@/api/types'
import { useClips } from '@/stores/clips'
import { useShelf } from '@/stores/shelf'
import ClearClips from './ClearClips.vue'
import ClipTrim from './ClipTrim.vue'

const DAY = 86_400_000
const file = (hash: string, uses: ShelfFile['uses'] = []) =>
  ({
    row: { hash, name: `${hash}.webm`, folder: 'Videos', bytes: 1_000_000 },
    tags: ['clip'],
    uses,
  }) as unknown as ShelfFile
const clip = (hash: string, daysAgo: number) => ({ hash, ends: Date.now() - daysAgo * DAY }) as unknown as ClipView

describe('clips', () => {
  beforeEach(() => setActivePinia(createPinia()))

  it('are cut at both ends by keys and by numbers, and never to nothing', async () => {
    const trim = mount(ClipTrim, { props: { lengthMs: 10_000, at: 0 } })
    const [begins, ends] = trim.findAll('[role=slider]')
    const keep = trim.findAll('button').at(-1)!
    expect(keep.attributes('disabled')).toBeDefined()
    await begins!.trigger('keydown', { key: 'PageUp' })
    await begins!.trigger('keydown', { key: 'ArrowRight' })
    await ends!.trigger('keydown', { key: 'ArrowLeft' })
    expect(trim.emitted('seek')).toEqual([[1_000], [1_100], [9_900]])
    await trim.findAll('input')[1]!.setValue('0.5')
    expect(ends!.attributes('aria-valuenow')).toBe('1.3')
    await keep.trigger('click')
    expect(trim.emitted('cut')).toEqual([[1_100, 1_300]])
  })

  it('that are old and used by nothing are named and taken away, no others', async () => {
    const shelf = useShelf()
    const clips = useClips()
    shelf.files = [
      file('old'),
      file('used', [{ kind: 'cue', id: 'c', name: 'C', any: false }]),
      file('new'),
      file('no-clip'),
    ]
    clips.view = { making: [], filmed: [], clips: [clip('old', 40), clip('used', 40), clip('new', 3)] }
    const away = vi.spyOn(shelf, 'takeAway').mockResolvedValue(undefined)
    const cleared = mount(ClearClips, {
      props: { open: true },
      global: { stubs: { TheDialog: { template: '<div><slot /></div>' } } },
    })
    expect(cleared.findAll('li').map((each) => each.text())).toEqual(['old.webm'])
    await cleared.findAll('button').at(-1)!.trigger('click')
    expect(away).toHaveBeenCalledWith([{ folder: 'Videos', name: 'old.webm' }])
    await cleared.find('input').setValue('60')
    expect(cleared.findAll('li')).toHaveLength(0)
  })
})
