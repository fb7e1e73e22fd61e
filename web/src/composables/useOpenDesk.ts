import { watchThrottled } from '@vueuse/core'
import { watch } from 'vue'
import { useDeskBoards } from '@/stores/desks'
import { useLive } from '@/stores/live'

/** A flood of lines is no reason to ask as often. */
const OFTEN_MS = 400

/** Keeps the board of a desk as it is now, for as long as a view shows it. @param id of the desk, empty text for none */
export const useOpenDesk = (id: () => string) => {
  const live = useLive()
  const desks = useDeskBoards()
  watch(id, (now) => void desks.show(now), { immediate: true })
  watchThrottled([() => live.wiringStamp, () => live.deskStamp], () => void desks.refresh(), {
    throttle: OFTEN_MS,
    immediate: true,
  })
}
