import { computed, ref, type Ref } from 'vue'
import { ask } from '@/api/http'
import type { Cue, CueView } from '@/api/types'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'

/** Several cues of the list that are chosen at once, and what can be done with all of them in one step. */
export const useChosenCues = (shown: Ref<CueView[]>) => {
  const wiring = useWiring()
  const notes = useNotes()
  const ids = ref<string[]>([])
  const chosen = computed(() => shown.value.filter((each) => ids.value.includes(each.cue.id)))
  const count = (one: number) => (one === 1 ? '1 cue' : `${one} cues`)

  const toggle = (id: string) =>
    (ids.value = ids.value.includes(id) ? ids.value.filter((each) => each !== id) : [...ids.value, id])
  /** Chooses all from the one that was chosen last to this one. */
  const reach = (id: string, from: string) => {
    const order = shown.value.map((each) => each.cue.id)
    const [low, high] = [order.indexOf(from), order.indexOf(id)].sort((one, other) => one - other)
    ids.value = [...new Set([...ids.value, ...order.slice(Math.max(0, low!), high! + 1)])]
  }
  const clear = () => (ids.value = [])

  const done = async (what: string, act: () => Promise<unknown>) => {
    try {
      await act()
      await wiring.load()
      notes.say(what, true)
      return true
    } catch (refusal) {
      notes.say((refusal as Error).message)
      return false
    }
  }
  const save = (what: string, cues: { version: number; cue: Cue }[], drop: { id: string; version: number }[] = []) =>
    done(`${what}.`, () => ask('PUT', '/cues', { what, save: cues, delete: drop }))
  const turn = (on: boolean) =>
    save(
      `${count(chosen.value.length)} switched ${on ? 'on' : 'off'}`,
      chosen.value.map((each) => ({ version: each.version, cue: { ...each.cue, on } })),
    )
  const copy = async (of: CueView[] = chosen.value) => {
    const made = await ask<Cue[]>(
      'POST',
      '/cues/copies',
      of.map((each) => each.cue.id),
    ).catch((refusal: Error) => (notes.say(refusal.message), [] as Cue[]))
    const kept = await save(
      `${count(made.length)} copied`,
      made.map((cue) => ({ version: 0, cue })),
    )
    return kept ? made.map((each) => each.id) : []
  }
  const remove = async () => {
    if (
      await save(
        `${count(chosen.value.length)} deleted`,
        [],
        chosen.value.map((each) => ({ id: each.cue.id, version: each.version })),
      )
    ) {
      clear()
    }
  }
  /** Moves cues into a rack, before another or to its end. */
  const move = (cues: string[], rack: string, before: string) =>
    done(`${count(cues.length)} moved.`, () => ask('POST', '/cues/arrange', { cues, rack, before }))
  return { ids, chosen, toggle, reach, clear, turn, copy, remove, move }
}
