import { ref, watch, type Ref } from 'vue'
import { ask } from '@/api/http'
import type { DeskView } from '@/api/types'
import { useLive } from '@/stores/live'

/** Everything that desks run, read again when the wiring changes. */
export const useDesks = (): Ref<DeskView[]> => {
  const live = useLive()
  const desks = ref<DeskView[]>([])
  watch(
    () => live.wiringStamp,
    () =>
      ask<DeskView[]>('GET', '/desks').then(
        (found) => (desks.value = found),
        () => undefined,
      ),
    { immediate: true },
  )
  return desks
}
