import { defineStore } from 'pinia'
import { computed, markRaw, ref, shallowRef } from 'vue'
import { ask, type Refusal } from '@/api/http'
import type {
  Cue,
  CueView,
  DecisionNotice,
  DeskSheet,
  House,
  MediaView,
  Rack,
  RackView,
  SavedCue,
  SavedVersion,
  SheetView,
  WiringView,
} from '@/api/types'

/** What holds until the server has told. */
export const PLAIN_HOUSE: House = {
  formatVersion: 6,
  prefix: '!',
  home: 'practice',
  pointsOne: 'point',
  pointsMany: 'points',
  hints: true,
  circles: [],
  neighbours: [],
  slate: [],
  looks: [],
  reading: {
    voice: '',
    speed: 100,
    pitch: 100,
    links: 'instead',
    linkWords: 'a link',
    signs: 'hold',
    repeats: 'leave',
    senseless: 'hold',
    senselessFrom: 53,
    unwelcome: 'instead',
    unwelcomeWords: [],
    tooLong: 'leave',
    longest: 240,
    standIn: 'something',
    spelled: [],
  },
  shutters: { floodLines: 0, forMs: 600_000 },
  filters: [],
}

/** The wiring as the server has it. */
export const useWiring = defineStore('wiring', () => {
  const view = shallowRef<WiringView | null>(null)
  const loadFailed = ref('')

  /** Cues that are as they were stay the very same values, so that only what changed is drawn anew; nothing watches inside one, for there may be thousands. */
  const keepSame = (next: WiringView): WiringView => {
    const before = new Map((view.value?.cues ?? []).map((each) => [each.cue.id, each]))
    const same = (one: CueView, other?: CueView) =>
      other &&
      one.version === other.version &&
      one.rang === other.rang &&
      one.held === other.held &&
      one.needs.join() === other.needs.join() &&
      one.brief === other.brief &&
      one.cue.rack === other.cue.rack
    const told = new Map(
      next.cues.map((each) => [
        each.cue.id,
        same(each, before.get(each.cue.id)) ? before.get(each.cue.id)! : markRaw(each),
      ]),
    )
    return { ...next, cues: next.cueOrder.flatMap((id) => told.get(id) ?? before.get(id) ?? []) }
  }
  /** What was read last does not count any more: something may have been missed meanwhile. */
  let whole = true
  const missed = () => (whole = true)
  const read = async () => {
    const since = view.value && !whole ? `?since=${view.value.revision}` : ''
    try {
      whole = false
      view.value = keepSame(await ask<WiringView>('GET', `/wiring${since}`))
      loadFailed.value = ''
    } catch (failed) {
      whole ||= since === ''
      loadFailed.value = (failed as Error).message
    }
  }

  let running: Promise<void> | null = null
  let queued: Promise<void> | null = null
  /** Reads the wiring. Who asks while it is being read waits for the reading after that, which they share. */
  const load = (): Promise<void> => {
    if (!running) {
      running = read().finally(() => (running = null))
      return running
    }
    queued ??= running.then(() => {
      queued = null
      return load()
    })
    return queued
  }

  const house = computed<House>(() => view.value?.house.house ?? PLAIN_HOUSE)
  const racks = computed<RackView[]>(() => view.value?.racks ?? [])
  const cues = computed<CueView[]>(() => view.value?.cues ?? [])
  const shelf = computed<MediaView[]>(() => view.value?.shelf ?? [])
  const stages = computed(() => view.value?.stages ?? [])
  /** Desks that stand by themselves. */
  const sheets = computed<SheetView[]>(() => view.value?.desks ?? [])
  /** The host's buttons: cues that have one, each with how it is called there. */
  const buttons = computed(() =>
    cues.value.flatMap(({ cue, rang }) => {
      const pull = cue.pulls.find((each) => each.kind === 'hand')
      return pull?.kind === 'hand'
        ? [{ id: cue.id, name: pull.button || cue.name, key: pull.key, on: cue.on, rack: cue.rack, rang }]
        : []
    }),
  )
  /** What a mascot of a stage can do. */
  const movesOf = (stage: string, mascot: string): string[] =>
    stages.value.find((each) => each.stage.id === stage)?.moves[mascot] ?? []
  const cue = (id: string) => cues.value.find((each) => each.cue.id === id)

  /** Counts what was just decided, until the server is asked again. */
  const count = (decision: DecisionNotice) => {
    if (view.value && decision.answers.length > 0) {
      const more = (each: CueView) => decision.answers.filter((answer) => answer.cueId === each.cue.id)
      const counted = cues.value.map((each) =>
        more(each).reduce(
          (now, answer) =>
            answer.held ? markRaw({ ...now, held: now.held + 1 }) : markRaw({ ...now, rang: now.rang + 1 }),
          each,
        ),
      )
      view.value = { ...view.value, cues: counted }
    }
  }

  const saveCue = async (version: number, cue: Cue) => {
    const saved = await ask<SavedCue>('PUT', `/cues/${cue.id}`, { version, cue })
    await load()
    return saved
  }
  const deleteCue = async (of: CueView) => {
    await ask('DELETE', `/cues/${of.cue.id}?version=${of.version}`)
    await load()
  }
  const saveRack = async (version: number, rack: Rack) => {
    await ask('PUT', `/racks/${rack.id}`, { version, rack })
    await load()
  }
  /** Saves a desk; its new version. */
  const saveSheet = (version: number, desk: DeskSheet) =>
    ask<SavedVersion>('PUT', `/sheets/${desk.id}`, { version, desk }).then((saved) => saved.version)
  /** Takes a desk away. @param withCues whether cues that ask it go with it; else they keep it there */
  const deleteSheet = async (of: SheetView, withCues = false) => {
    await ask('DELETE', `/sheets/${of.desk.id}?version=${of.version}&withCues=${withCues}`)
    await load()
  }
  const putHouse = async (change: (now: House) => Partial<House>) => {
    const { version, house: now } = view.value!.house
    await ask('PUT', '/house', { version, house: { ...now, ...change(now) } })
    await load()
  }
  let housing: Promise<unknown> = Promise.resolve()
  /** Changes a part of what holds for all cues: one change after another, and on top of what others changed meanwhile. */
  const saveHouse = (change: (now: House) => Partial<House>): Promise<void> => {
    const saved = housing.then(() =>
      putHouse(change).catch(async (refusal: Refusal) => {
        if (refusal.status !== 409) {
          throw refusal
        }
        await load()
        await putHouse(change)
      }),
    )
    housing = saved.catch(() => undefined)
    return saved
  }
  const undo = async () => {
    await ask('POST', '/undo')
    await load()
  }
  const redo = async () => {
    await ask('POST', '/redo')
    await load()
  }

  return {
    view,
    house,
    loadFailed,
    racks,
    cues,
    shelf,
    stages,
    sheets,
    buttons,
    movesOf,
    cue,
    count,
    load,
    missed,
    saveCue,
    deleteCue,
    saveRack,
    saveSheet,
    deleteSheet,
    saveHouse,
    undo,
    redo,
  }
})
