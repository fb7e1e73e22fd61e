import { useDebounceFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, shallowRef, watch } from 'vue'
import { ask } from '@/api/http'
import type { Remark } from '@/api/types'
import { useLive } from '@/stores/live'

/** What the check-up said last; it looks through the whole wiring, so it is asked once for every change and not for every look at it. */
const useFound = defineStore('checkup', () => {
  const live = useLive()
  const all = shallowRef<Remark[]>([])
  /** The stamp is 0 until the server has spoken, which it does at once. */
  let asked = 0
  /** One question for all that ask at the same time. */
  const load = useDebounceFn(() => {
    asked = live.wiringStamp
    return ask<Remark[]>('GET', '/checkup').then(
      (found) => (all.value = found),
      () => (all.value = []),
    )
  }, 60)
  const follow = () => {
    if (asked !== live.wiringStamp) {
      void load()
    }
  }
  return { all, load, follow }
})

/** What the check-up says: of everything, and of one cue; asked anew whenever the wiring or the cue's version changed. */
export const useCheckup = (cueId: () => string = () => '', version: () => number = () => 0) => {
  const live = useLive()
  const found = useFound()
  watch(() => live.wiringStamp, found.follow, { immediate: true })
  // A console that is told of changes has been told of this one.
  watch(version, () => live.connected || void found.load())
  const all = computed(() => found.all)
  return { all, mine: computed(() => all.value.filter((each) => each.cueId === cueId())) }
}
/** How bad something would be, in words. */
export const SEVERITIES: Record<Remark['severity'], string> = {
  grave: 'Would go wrong',
  doubtful: 'Doubtful',
  hint: 'Could be better',
}
