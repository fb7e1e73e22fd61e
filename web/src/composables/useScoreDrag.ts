import { computed, ref, type Ref } from 'vue'
import type { Part } from '@/api/types'
import type { PlannedPart } from '@/lib/plan'
import { hangers, hungOn, moved, SNAP_PIXELS, snapped, snapPoints, stretched } from '@/lib/scoreEdit'

interface Drag {
  mode: 'move' | 'stretch' | 'thread'
  id: string
  startX: number
  /** How far the pointer went, in pixels; 0 until it went far enough to be meant. */
  by: number
  x: number
  y: number
}

/** What a drag works on. */
interface Over {
  parts: Ref<Part[]>
  plan: (parts: Part[]) => PlannedPart[]
  msPerPixel: () => number
  picked: Ref<string[]>
  playhead: () => number
  pick: (id: string, more: boolean) => void
  commit: (parts: Part[]) => void
}

const MEANT = 3

/** Moving, stretching and threading of parts by the pointer; what is dragged is shown at once and kept when it is let go. */
export const useScoreDrag = ({ parts, plan, msPerPixel, picked, playhead, pick, commit }: Over) => {
  const drag = ref<Drag | null>(null)
  const still = computed(() => plan(parts.value))

  /** Parts that move with the one that is dragged: those picked with it that do not hang on one another. */
  const together = (id: string): string[] => {
    const all = picked.value.includes(id) ? picked.value : [id]
    return all.filter((each) => !all.some((other) => other !== each && hangers(parts.value, other).includes(each)))
  }
  const dragged = (): Part[] => {
    const now = drag.value!
    const mine = still.value.find((each) => each.part.id === now.id)!
    const points = snapPoints(still.value, now.id, playhead())
    const reach = SNAP_PIXELS * msPerPixel()
    const ms = now.by * msPerPixel()
    if (now.mode === 'stretch') {
      const by = snapped(mine.to + ms, points, reach) - mine.to
      return parts.value.map((each) => (each.id === now.id ? stretched(each, by) : each))
    }
    const start = snapped(mine.from + ms, points, reach)
    const end = snapped(mine.to + ms, points, reach)
    // Whichever edge came nearer to something decides.
    const byEnd = points.includes(end) && !points.includes(start)
    const by = byEnd ? end - mine.to : start - mine.from
    const movers = together(now.id)
    return parts.value.map((each) => (movers.includes(each.id) ? moved(each, by) : each))
  }
  const shown = computed(() =>
    drag.value && drag.value.by !== 0 && drag.value.mode !== 'thread' ? dragged() : parts.value,
  )

  const down = (event: PointerEvent, id: string, mode: Drag['mode']) => {
    if (event.button !== 0) {
      return
    }
    ;(event.currentTarget as HTMLElement).setPointerCapture?.(event.pointerId)
    drag.value = { mode, id, startX: event.clientX, by: 0, x: event.clientX, y: event.clientY }
    if (!picked.value.includes(id) || event.shiftKey) {
      pick(id, event.shiftKey)
    }
  }
  const move = (event: PointerEvent) => {
    const now = drag.value
    if (now) {
      const by = event.clientX - now.startX
      drag.value = {
        ...now,
        by: now.by === 0 && Math.abs(by) < MEANT && now.mode !== 'thread' ? 0 : by || 0.001,
        x: event.clientX,
        y: event.clientY,
      }
    }
  }
  /** @param under id of the part under the pointer, empty text for none */
  const up = (under: string) => {
    const now = drag.value
    if (!now) {
      return
    }
    if (now.mode === 'thread') {
      const from = still.value.find((each) => each.part.id === now.id)!
      const target = parts.value.find((each) => each.id === under && each.id !== now.id)
      const hung = target && hungOn(target, from, still.value)
      if (hung) {
        commit(parts.value.map((each) => (each.id === hung.id ? hung : each)))
      }
    } else if (now.by !== 0) {
      commit(shown.value)
    }
    drag.value = null
  }
  const cancel = () => (drag.value = null)
  return { drag, shown, down, move, up, cancel }
}
