import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, ref, shallowRef } from 'vue'
import { Refusal } from '@/api/http'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'
import { ownStores } from '@/testing/stores'
import { useDraftOf } from './useDraftOf'

interface Look {
  id: string
  name: string
  ink: string
}

/** A server that takes its time: what it keeps is seen only when the wiring is read again. */
const slow = (answerMs: number, loadMs: number) => {
  const kept = new Map<string, { value: Look; version: number }>()
  const seen = shallowRef(new Map<string, { value: Look; version: number }>())
  const puts: Look[] = []
  const after = (ms: number) => new Promise((done) => setTimeout(done, ms))
  const show = () => (seen.value = new Map(kept))
  for (const id of ['tide', 'pewter']) {
    kept.set(id, { value: { id, name: id, ink: '#000000' }, version: 1 })
  }
  show()
  useWiring().load = async () => {
    await after(loadMs)
    show()
  }
  const put = async (value: Look, version: number) => {
    await after(answerMs)
    const now = kept.get(value.id)!
    if (now.version !== version) {
      throw new Refusal(409, 'Somebody else changed it.', [])
    }
    puts.push(value)
    kept.set(value.id, { value, version: version + 1 })
    return version + 1
  }
  return { kept, seen, puts, put, show }
}

ownStores()
beforeEach(() => vi.useFakeTimers())
afterEach(() => vi.useRealTimers())

describe('a document as it is being edited', () => {
  for (const [answer, load] of [
    [5, 5],
    [300, 700],
    [1_500, 50],
  ] as const) {
    for (const gap of [0, 100, 340, 360, 600, 1_000]) {
      it(`keeps two fields ${gap} ms apart, where the server takes ${answer} and reading ${load} ms`, async () => {
        const server = slow(answer, load)
        const draft = useDraftOf<Look>({
          id: () => 'tide',
          there: () => server.seen.value.get('tide'),
          put: server.put,
        })
        draft.edit({ ...draft.draft.value!, name: 'High tide' })
        await vi.advanceTimersByTimeAsync(gap)
        draft.edit({ ...draft.draft.value!, ink: '#ffffff' })
        await vi.advanceTimersByTimeAsync(8_000)
        const both = { id: 'tide', name: 'High tide', ink: '#ffffff' }
        expect(draft.draft.value).toEqual(both)
        expect(server.kept.get('tide')!.value).toEqual(both)
        expect(draft.state.value).toBe('saved')
      })
    }
  }

  it('sends what was typed last when another is opened, or the place is left, though the first is still being sent', async () => {
    const server = slow(400, 50)
    const id = ref('tide')
    const scope = effectScope()
    const draft = scope.run(() =>
      useDraftOf<Look>({ id: () => id.value, there: () => server.seen.value.get(id.value), put: server.put }),
    )!
    draft.edit({ ...draft.draft.value!, name: 'High tide' })
    await vi.advanceTimersByTimeAsync(500)
    draft.edit({ ...draft.draft.value!, ink: '#ffffff' })
    id.value = 'pewter'
    await vi.advanceTimersByTimeAsync(10)
    expect(draft.draft.value!.id).toBe('pewter')
    draft.edit({ ...draft.draft.value!, name: 'Old pewter' })
    scope.stop()
    await vi.advanceTimersByTimeAsync(3_000)
    expect(server.kept.get('tide')!.value).toEqual({ id: 'tide', name: 'High tide', ink: '#ffffff' })
    expect(server.kept.get('pewter')!.value.name).toBe('Old pewter')
  })

  it('says so where what was typed last could not be kept', async () => {
    const server = slow(10, 10)
    const scope = effectScope()
    const draft = scope.run(() =>
      useDraftOf<Look>({ id: () => 'tide', there: () => server.seen.value.get('tide'), put: server.put }),
    )!
    server.kept.set('tide', { value: { id: 'tide', name: 'Theirs', ink: '#000000' }, version: 2 })
    draft.edit({ ...draft.draft.value!, name: 'Mine' })
    scope.stop()
    await vi.advanceTimersByTimeAsync(100)
    expect(
      useNotes()
        .notes.map((each) => each.text)
        .join(),
    ).toContain('was not saved. Somebody else changed it.')
  })
})
