import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { ask } from '@/api/http'
import type { FirstView } from '@/api/types'

/** The first evening: how far it is, as the server finds it. */
export const useFirst = defineStore('first', () => {
  const view = shallowRef<FirstView | null>(null)
  const steps = computed(() => view.value?.steps ?? [])
  const shown = computed(() => view.value?.shown === true)
  const look = () =>
    ask<FirstView>('GET', '/first').then(
      (told) => (view.value = told),
      () => undefined,
    )
  /** Puts it away, or shows it again. */
  const put = async (away: boolean) => {
    view.value = await ask<FirstView>('PUT', '/first', { away })
  }
  return { steps, shown, look, put }
})
