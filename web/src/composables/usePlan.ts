import { computed } from 'vue'
import type { Lane, Part } from '@/api/types'
import type { Draft } from '@/stores/drafts'

/** A part with its start and end in ms from the start of the score, as the server told it; a part that it has not seen yet stands at the start. */
export interface PlannedPart {
  part: Part
  lane: Lane
  from: number
  to: number
  /** Its length is known only when it is played; `to` is the longest. */
  open: boolean
  label: string
  /** What its length may be set to, in ms; 0 both where it has none. */
  least: number
  most: number
}

/** The plan of a take of a draft, part by part as they stand now. */
export const usePlan = (draft: () => Draft, take: () => number) => {
  const parts = computed(() => draft().cue.takes[take()]?.score.parts ?? [])
  const plan = computed<PlannedPart[]>(() => {
    const told = new Map((draft().look?.plans[take()] ?? []).map((each) => [each.id, each]))
    return parts.value.map((part) => {
      const known = told.get(part.id)
      return {
        part,
        lane: known?.lane ?? 'screen',
        from: known?.from ?? 0,
        to: known?.to ?? 0,
        open: known?.open ?? false,
        label: known?.label ?? '',
        least: known?.least ?? 0,
        most: known?.most ?? 0,
      }
    })
  })
  return { parts, plan }
}
