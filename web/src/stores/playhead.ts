import { useDebounceFn, useRafFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { ask } from '@/api/http'
import type { Cue, ShowEvent, TriedOut } from '@/api/types'

/** Where the playhead of the open score stands, and what stages would show there, as the engine itself works it out. */
export const usePlayhead = defineStore('playhead', () => {
  /** In ms from the start of the score; null where the preview shows what is on now. */
  const at = ref<number | null>(null)
  const playing = ref(false)
  /** Counts jumps, so that a preview knows when to put its own clock right. */
  const jumps = ref(0)
  const plan = shallowRef<TriedOut | null>(null)
  const event = shallowRef<ShowEvent | null>(null)
  const end = computed(() => Math.max(0, ...(plan.value?.parts ?? []).map((part) => part.to)) + 400)

  let newest = 0
  const loadNow = async (cue: Cue, take: number) => {
    const mine = ++newest
    const answer =
      event.value &&
      (await ask<TriedOut>('POST', '/tryouts', { cue, event: event.value, past: true, take }).catch(() => null))
    if (mine === newest) {
      // What is not valid keeps the last plan that was.
      plan.value = answer ?? plan.value
    }
  }
  /** Works the plan out anew, after a short pause. */
  const load = useDebounceFn(loadNow, 200)

  const stop = () => {
    playing.value = false
    jumps.value++
  }
  let began = 0
  const clock = useRafFn(
    () => {
      at.value = performance.now() - began
      if (at.value >= end.value) {
        at.value = end.value
        clock.pause()
        stop()
      }
    },
    { immediate: false },
  )
  const play = () => {
    const from = at.value === null || at.value >= end.value - 400 ? 0 : at.value
    began = performance.now() - from
    at.value = from
    playing.value = true
    jumps.value++
    clock.resume()
  }
  const pause = () => {
    clock.pause()
    stop()
  }
  const toggle = () => (playing.value ? pause() : play())
  /** Puts the playhead to a moment, or lets the preview show what is on now. */
  const scrub = (ms: number | null) => {
    clock.pause()
    playing.value = false
    at.value = ms === null ? null : Math.max(0, ms)
    jumps.value++
  }

  return { at, playing, jumps, plan, event, end, load, loadNow, play, pause, toggle, scrub }
})
