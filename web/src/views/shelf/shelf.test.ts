import { flushPromises, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { bytes, stepsOf } from '@/lib/shelf'
import { useShelf } from '@/stores/shelf'
import ShelfComing from './ShelfComing.vue'
import WaveDrawing from './WaveDrawing.vue'

const file = (name: string, type = '') => new File(['x'], name, { type })
const answer = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })

describe('the shelf', () => {
  beforeEach(() => setActivePinia(createPinia()))

  it('reads a drawing and sizes', () => {
    expect(stepsOf('00ff80').map((each) => Math.round(each * 100))).toEqual([0, 100, 50])
    expect(stepsOf(null)).toEqual([])
    expect([bytes(12), bytes(77_164), bytes(2_450_000)]).toEqual(['1 kB', '77 kB', '2.5 MB'])
    expect(
      mount(WaveDrawing, { props: { drawing: '00ff80' } })
        .find('path')
        .attributes('d'),
    ).toContain('1,2.0')
    expect(
      mount(WaveDrawing, { props: { drawing: '' } })
        .find('svg')
        .exists(),
    ).toBe(false)
  })

  it('brings one file after another, says which was refused and why, and stops when told', async () => {
    const shelf = useShelf()
    const sent: string[] = []
    const places: string[] = []
    vi.stubGlobal('fetch', (path: string, { method }: RequestInit) => {
      if (method !== 'POST') {
        return Promise.resolve(answer(path.includes('/shelf') ? [] : {}))
      }
      const query = new URL(path, 'http://x').searchParams
      const name = query.get('name')!
      places.push(query.get('sounds')!)
      sent.push(name)
      if (name === 'third.wav') {
        shelf.stop()
      }
      return Promise.resolve(
        name === 'cracked.wav'
          ? answer({ detail: 'It is broken. Bring another.', problems: [] }, 400)
          : answer({ media: { folder: 'Bench' }, without: '' }),
      )
    })
    const drawn = mount(ShelfComing)
    await shelf.bring(
      ['first.wav', 'cracked.wav', 'third.wav', 'fourth.wav'].map((name) => ({
        file: file(name),
        folder: name === 'cracked.wav' ? 'Chimes' : '',
      })),
      'Bench',
    )
    await flushPromises()
    expect(sent).toEqual(['first.wav', 'cracked.wav', 'third.wav'])
    expect(places).toEqual(['Bench', 'Chimes', 'Bench'])
    expect(shelf.coming.map((each) => each.state)).toEqual(['there', 'refused', 'there', 'stopped'])
    expect(drawn.text()).toContain('2 of 4 files are on the shelf, 1 was not taken in.')
    expect(drawn.text()).toContain('cracked.wav: It is broken.')
    vi.unstubAllGlobals()
  })

  it('puts back what it took away', async () => {
    const shelf = useShelf()
    const asked: { path: string; body: unknown }[] = []
    vi.stubGlobal('fetch', (path: string, { method, body }: RequestInit) => {
      if (method === 'POST') {
        asked.push({ path, body: JSON.parse(String(body)) as unknown })
      }
      return Promise.resolve(
        answer(path.endsWith('take-away') ? { number: 3, names: ['bell.wav'] } : path.includes('/shelf') ? [] : {}),
      )
    })
    await shelf.takeAway([{ folder: 'Bench', name: 'bell.wav' }])
    const { useNotes } = await import('@/stores/notes')
    const note = useNotes().notes.at(-1)!
    expect(note.text).toBe('bell.wav is taken off the shelf.')
    ;(note.undo as () => void)()
    await flushPromises()
    expect(asked.map((each) => each.path)).toEqual(['/api/shelf/take-away', '/api/shelf/put-back'])
    expect(asked[1]!.body).toEqual({ number: 3 })
    vi.unstubAllGlobals()
  })
})
