import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { ask } from '@/api/http'
import type { Gone, ShelfFile } from '@/api/types'
import { bringAny, type Dropped } from '@/lib/shelf'
import { useNotes } from './notes'
import { useWiring } from './wiring'

export interface Spot {
  folder: string
  name: string
}
/** A file on its way to the shelf. */
export interface Coming {
  id: number
  name: string
  folder: string
  state: 'waits' | 'comes' | 'there' | 'refused' | 'stopped'
  /** Why it was refused, or what was taken out of it. */
  says: string
}

export const spotOf = (file: ShelfFile): Spot => ({ folder: file.row.folder, name: file.row.name })
export const keyOf = (spot: Spot): string => `${spot.folder}/${spot.name}`

/** Everything on the shelf with all that is told of it, and what is being brought. */
export const useShelf = defineStore('shelf', () => {
  const wiring = useWiring()
  const notes = useNotes()
  const files = ref<ShelfFile[]>([])
  const loaded = ref(false)
  const failed = ref('')
  const coming = ref<Coming[]>([])
  const busy = computed(() => coming.value.some((each) => each.state === 'waits' || each.state === 'comes'))
  const load = () =>
    ask<ShelfFile[]>('GET', '/shelf').then(
      (told) => {
        files.value = told
        loaded.value = true
        failed.value = ''
      },
      (refusal: Error) => void (failed.value = refusal.message),
    )
  const at = (spot: Spot) => files.value.find((each) => keyOf(spotOf(each)) === keyOf(spot))

  let stopped = false
  let next = 0
  /** Brings files one after another; each says for itself what became of it. @param folder where sounds go that came in no folder */
  const bring = async (dropped: Dropped[], folder: string) => {
    const mine = dropped.map(({ file, folder: own }) => ({ id: next++, file, sounds: own || folder }))
    if (!busy.value) {
      coming.value = []
      stopped = false
    }
    coming.value.push(
      ...mine.map(({ id, file }): Coming => ({ id, name: file.name, folder: '', state: 'waits', says: '' })),
    )
    for (const { id, file, sounds } of mine) {
      const entry = coming.value.find((each) => each.id === id)
      if (!entry) {
        continue
      }
      if (stopped) {
        entry.state = 'stopped'
        continue
      }
      entry.state = 'comes'
      try {
        const { media, without } = await bringAny(sounds, file)
        Object.assign(entry, { state: 'there', folder: media.folder, says: without && `without ${without}` })
        await load()
      } catch (refusal) {
        Object.assign(entry, { state: 'refused', says: (refusal as Error).message })
      }
    }
    await wiring.load()
  }
  const stop = () => (stopped = true)
  const clear = () => (coming.value = [])

  /** Does something and reads the shelf anew; says what was refused. */
  const act = async <T>(path: string, body: unknown): Promise<T | undefined> => {
    try {
      const done = await ask<T>('POST', `/shelf/${path}`, body)
      await Promise.all([load(), wiring.load()])
      return done
    } catch (refusal) {
      notes.say((refusal as Error).message)
      return undefined
    }
  }
  const move = (spots: Spot[], folder: string, name = '') =>
    act<{ files: Spot[] }>('move', { files: spots, folder, name })
  const tag = (spots: Spot[], tags: string[]) => act('tags', { files: spots, tags })
  const weigh = (spots: Spot[], weight: number) => act('weight', { files: spots, weight })
  const takeAway = async (spots: Spot[]) => {
    const gone = await act<Gone>('take-away', { files: spots })
    if (gone) {
      const what = gone.names.length === 1 ? `${gone.names[0]!} is` : `${gone.names.length} files are`
      notes.say(`${what} taken off the shelf.`, () => void act('put-back', { number: gone.number }))
    }
  }
  return { files, loaded, failed, coming, busy, load, at, bring, stop, clear, move, tag, weigh, takeAway }
})
