import { computed, watch, type ComputedRef } from 'vue'
import type { DeskView } from '@/api/types'
import { useDeskBoards } from '@/stores/desks'
import { useLive } from '@/stores/live'

/** Everything that desks run, read again when the wiring changes. */
export const useDesks = (): ComputedRef<DeskView[]> => {
  const live = useLive()
  const desks = useDeskBoards()
  watch(
    () => live.wiringStamp,
    () => void desks.load(),
    { immediate: true },
  )
  return computed(() => desks.all)
}
