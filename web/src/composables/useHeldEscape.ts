import { useEventListener } from '@vueuse/core'
import { ref } from 'vue'

const HOLD_MS = 600

/** Calls `done` when Esc is held for a moment; `share` tells how far the hold has come, 0 to 1. */
export const useHeldEscape = (done: () => void) => {
  const share = ref(0)
  let since = 0
  let frame = 0
  const stop = () => {
    cancelAnimationFrame(frame)
    since = 0
    share.value = 0
  }
  const step = () => {
    share.value = Math.min(1, (performance.now() - since) / HOLD_MS)
    if (share.value < 1) {
      frame = requestAnimationFrame(step)
    } else {
      stop()
      since = Infinity
      done()
    }
  }
  useEventListener('keydown', (key: KeyboardEvent) => {
    if (key.key === 'Escape' && since === 0) {
      since = performance.now()
      frame = requestAnimationFrame(step)
    }
  })
  useEventListener('keyup', (key: KeyboardEvent) => key.key === 'Escape' && stop())
  useEventListener(window, 'blur', stop)
  return { share }
}
