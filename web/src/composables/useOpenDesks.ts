import { onScopeDispose, watch } from 'vue'
import { unhurried } from '@/lib/unhurried'
import { useDeskBoards } from '@/stores/desks'
import { useLive } from '@/stores/live'

/** A flood of lines is no reason to ask as often. */
const OFTEN_MS = 400

/** Keeps the boards of desks as they are now, for as long as a view shows them. @param ids of the desks */
export const useOpenDesks = (ids: () => string[]) => {
  const live = useLive()
  const desks = useDeskBoards()
  const who = Symbol('who shows them')
  watch(
    () => ids().join('/'),
    () => void desks.show(who, ids()),
    { immediate: true },
  )
  onScopeDispose(() => void desks.show(who, []))
  watch([() => live.wiringStamp, () => live.deskStamp], unhurried(desks.refresh, OFTEN_MS), { immediate: true })
}
