import { computed, ref, type Ref } from 'vue'
import type { Part } from '@/api/types'
import type { PlannedPart } from '@/composables/usePlan'
import {
  dragged,
  hangers,
  hungOn,
  moved,
  offsetOf,
  SNAP_PIXELS,
  snapped,
  snapPoints,
  stretched,
  stretching,
} from '@/lib/scoreEdit'

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
  plan: Ref<PlannedPart[]>
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
  /** Parts that move with the one that is dragged: those picked with it that do not hang on one another. */
  const together = (id: string): string[] => {
    const all = picked.value.includes(id) ? picked.value : [id]
    return all.filter((each) => !all.some((other) => other !== each && hangers(parts.value, other).includes(each)))
  }
  /** By how much what is dragged moves or lasts longer, in ms, having snapped. */
  const amount = (now: Drag): number => {
    const mine = plan.value.find((each) => each.part.id === now.id)!
    const points = snapPoints(plan.value, now.id, playhead())
    const reach = SNAP_PIXELS * msPerPixel()
    const ms = now.by * msPerPixel()
    if (now.mode === 'stretch') {
      const by = snapped(mine.to + ms, points, reach) - mine.to
      const long = mine.to - mine.from
      return Math.min(mine.most, Math.max(mine.least, long + by)) - long
    }
    const start = snapped(mine.from + ms, points, reach)
    const end = snapped(mine.to + ms, points, reach)
    // Whichever edge came nearer to something decides.
    const byEnd = points.includes(end) && !points.includes(start)
    return Math.max(-offsetOf(mine.part.start), byEnd ? end - mine.to : start - mine.from)
  }
  const moving = (now: Drag | null): now is Drag => now !== null && now.by !== 0 && now.mode !== 'thread'
  const shown = computed<PlannedPart[]>(() => {
    const now = drag.value
    if (!moving(now)) {
      return plan.value
    }
    return now.mode === 'stretch'
      ? stretching(plan.value, now.id, amount(now))
      : dragged(plan.value, together(now.id), amount(now))
  })

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
      const from = plan.value.find((each) => each.part.id === now.id)!
      const target = parts.value.find((each) => each.id === under && each.id !== now.id)
      const hung = target && hungOn(target, from, plan.value)
      if (hung) {
        commit(parts.value.map((each) => (each.id === hung.id ? hung : each)))
      }
    } else if (now.by !== 0) {
      const by = amount(now)
      const movers = now.mode === 'stretch' ? [now.id] : together(now.id)
      const change = (part: Part) => (now.mode === 'stretch' ? stretched(part, plan.value, by) : moved(part, by))
      commit(parts.value.map((each) => (movers.includes(each.id) ? change(each) : each)))
    }
    drag.value = null
  }
  const cancel = () => (drag.value = null)
  return { drag, shown, down, move, up, cancel }
}
