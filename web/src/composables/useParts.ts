import { computed, ref, watch } from 'vue'
import { ask } from '@/api/http'
import type { Added, Part } from '@/api/types'
import { usePlan } from '@/composables/usePlan'
import { useTurns } from '@/composables/useTurns'
import { without } from '@/lib/scoreEdit'
import { useDrafts, type Draft } from '@/stores/drafts'
import { useNotes } from '@/stores/notes'

/** The take that is open, its parts, and which of them are picked; adding and removing. */
export const useParts = (draft: () => Draft) => {
  const drafts = useDrafts()
  const notes = useNotes()
  const inTurn = useTurns()
  const chosenTake = ref(0)
  const take = computed({
    get: () => Math.min(chosenTake.value, draft().cue.takes.length - 1),
    set: (at) => (chosenTake.value = at),
  })
  const { parts, plan } = usePlan(draft, () => take.value)
  const picked = ref<string[]>(parts.value.slice(0, 1).map((each) => each.id))
  watch(
    () => parts.value.map((each) => each.id).join(),
    () => {
      picked.value = picked.value.filter((id) => parts.value.some((part) => part.id === id))
      if (picked.value.length === 0) {
        picked.value = parts.value.slice(0, 1).map((each) => each.id)
      }
    },
  )
  /** What a part of a kind would stand on and is not there. */
  const missing = computed<Record<string, string>>(() => draft().look?.missing ?? {})
  /** Adds a part that the server makes. @param ms when it starts; where that is not said, when such a part starts */
  const add = (kind: Part['kind'], ms?: number) => inTurn(() => adding(kind, ms))
  const adding = async (kind: Part['kind'], ms?: number) => {
    if (missing.value[kind]) {
      return
    }
    const { cue } = draft()
    try {
      const { part } = await ask<Added>('POST', '/cues/add', { cue, family: 'part', kind, take: take.value })
      const made = ms === undefined ? part! : ({ ...part!, start: { kind: 'at', ms } } as Part)
      drafts.edit(cue.id, (each) => each.takes[take.value]!.score.parts.push(made))
      picked.value = [made.id]
    } catch (refusal) {
      notes.say((refusal as Error).message)
    }
  }
  const remove = () => {
    const gone = picked.value
    drafts.edit(
      draft().cue.id,
      (each) => (each.takes[take.value]!.score.parts = without(parts.value, plan.value, gone)),
    )
  }
  return { take, parts, picked, missing, add, remove }
}
