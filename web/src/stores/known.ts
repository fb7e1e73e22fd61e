import { defineStore } from 'pinia'
import { ref } from 'vue'
import { ask } from '@/api/http'
import type { KnownNames } from '@/api/types'

/** Names of the channel that may be chosen in place of being typed. */
export const useKnown = defineStore('known', () => {
  const names = ref<KnownNames>({ viewers: [], rewards: [], gifts: [], voices: [], keys: [], programs: [] })
  const load = () =>
    ask<KnownNames>('GET', '/known').then(
      (told) => (names.value = { ...names.value, ...told }),
      () => undefined,
    )
  return { names, load }
})
