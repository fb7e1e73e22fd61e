import { useLocalStorage, usePreferredDark } from '@vueuse/core'
import { computed, watchEffect } from 'vue'

export type Light = 'system' | 'day' | 'dusk'

/** By day or after dusk: as the system says, or as was chosen here. */
export const useDusk = () => {
  const chosen = useLocalStorage<Light>('waxbell.light', 'system')
  const systemDusk = usePreferredDark()
  const dusk = computed(() => chosen.value === 'dusk' || (chosen.value === 'system' && systemDusk.value))
  watchEffect(() => {
    document.documentElement.dataset.light = dusk.value ? 'dusk' : 'day'
  })
  return { chosen, dusk }
}
