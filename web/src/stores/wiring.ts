import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { ask } from '@/api/http'
import type { Cue, CueView, DecisionNotice, House, MediaView, Rack, RackView, WiringView } from '@/api/types'

/** What holds until the server has told. */
const PLAIN_HOUSE: House = { formatVersion: 2, prefix: '!', home: 'practice', pointsOne: 'point', pointsMany: 'points', hints: true, circles: [], neighbours: [], slate: [] }

/** The wiring as the server has it. */
export const useWiring = defineStore('wiring', () => {
  const view = ref<WiringView | null>(null)
  const loadFailed = ref('')

  const load = async () => {
    try {
      view.value = await ask<WiringView>('GET', '/wiring')
      loadFailed.value = ''
    } catch (failed) {
      loadFailed.value = (failed as Error).message
    }
  }

  const house = computed<House>(() => view.value?.house.house ?? PLAIN_HOUSE)
  const racks = computed<RackView[]>(() => view.value?.racks ?? [])
  const cues = computed<CueView[]>(() => view.value?.cues ?? [])
  const shelf = computed<MediaView[]>(() => view.value?.shelf ?? [])
  const stages = computed(() => view.value?.stages ?? [])
  const cue = (id: string) => cues.value.find((each) => each.cue.id === id)

  /** Counts what was just decided, until the server is asked again. */
  const count = (decision: DecisionNotice) => {
    for (const answer of decision.answers) {
      const view = cue(answer.cueId)
      if (view) {
        view[answer.held ? 'held' : 'rang']++
      }
    }
  }

  const saveCue = async (version: number, cue: Cue) => {
    const saved = await ask<{ version: number }>('PUT', `/cues/${cue.id}`, { version, cue })
    await load()
    return saved.version
  }
  const deleteCue = async (of: CueView) => {
    await ask('DELETE', `/cues/${of.cue.id}?version=${of.version}`)
    await load()
  }
  const saveRack = async (version: number, rack: Rack) => {
    await ask('PUT', `/racks/${rack.id}`, { version, rack })
    await load()
  }
  const undo = async () => {
    await ask('POST', '/undo')
    await load()
  }
  const redo = async () => {
    await ask('POST', '/redo')
    await load()
  }

  return { view, house, loadFailed, racks, cues, shelf, stages, cue, count, load, saveCue, deleteCue, saveRack, undo, redo }
})
