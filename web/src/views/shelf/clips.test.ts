import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useShelf } from '@/stores/shelf'
import ClearClips from './ClearClips.vue'
import ClipTrim from './ClipTrim.vue'

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

  it('that are old and used by nothing are named and taken away, as the server tells them', async () => {
    const shelf = useShelf()
    const asked: string[] = []
    vi.stubGlobal('fetch', (path: string) => {
      asked.push(path)
      const told = path.endsWith('days=30') ? [{ folder: 'Videos', name: 'old.webm', bytes: 1_000_000 }] : []
      return Promise.resolve(
        new Response(JSON.stringify(told), { status: 200, headers: { 'Content-Type': 'application/json' } }),
      )
    })
    const away = vi.spyOn(shelf, 'takeAway').mockResolvedValue(undefined)
    const cleared = mount(ClearClips, {
      props: { open: true },
      global: { stubs: { TheDialog: { template: '<div><slot /></div>' } } },
    })
    await flushPromises()
    expect(cleared.findAll('li').map((each) => each.text())).toEqual(['old.webm'])
    await cleared.findAll('button').at(-1)!.trigger('click')
    expect(away).toHaveBeenCalledWith([{ folder: 'Videos', name: 'old.webm' }])
    await cleared.find('input').setValue('60')
    await flushPromises()
    expect(cleared.findAll('li')).toHaveLength(0)
    expect(asked.map((each) => each.split('/api')[1])).toEqual(['/clips/old?days=30', '/clips/old?days=60'])
  })
})
