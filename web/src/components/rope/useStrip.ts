import { useIntervalFn } from '@vueuse/core'
import { onMounted, ref, type Ref } from 'vue'
import { BACK_MS, SPAN_MS } from './bars'

const LOOK_MS = 250
const STEP_MS = 100
/** A strip that is further from where it should be is laid anew: the clock was set right, or this page slept. */
const MOST_OFF_MS = 150

/**
 * Lets a strip go by as time does, from the moment `since`. What stands on it is laid out once; the browser's compositor moves
 * the whole of it, so that a rope which only goes on costs this page next to nothing.
 *
 * @param clock the time in ms
 */
export const useStrip = (strip: Ref<HTMLElement | null>, clock: () => number) => {
  const now = ref(clock())
  const since = ref(now.value - BACK_MS)
  let moving = false
  let goes: Animation | undefined

  const lay = () => {
    goes?.cancel()
    goes = undefined
    if (moving) {
      now.value = clock()
      since.value = now.value - BACK_MS
      goes = strip.value?.animate([{ transform: 'none' }, { transform: 'translateX(-100%)' }], {
        duration: SPAN_MS,
        easing: `steps(${SPAN_MS / STEP_MS})`,
        fill: 'both',
      })
    }
  }
  /** Lets it go by, or stand while there is nothing on it. */
  const move = (on: boolean) => {
    moving = on
    lay()
  }
  const look = () => {
    now.value = clock()
    const gone = now.value - BACK_MS - since.value
    if (gone >= SPAN_MS || Math.abs(gone - Number(goes?.currentTime ?? gone)) > MOST_OFF_MS) {
      lay()
    }
  }
  onMounted(lay)
  useIntervalFn(look, LOOK_MS)
  return { now, since, move }
}
