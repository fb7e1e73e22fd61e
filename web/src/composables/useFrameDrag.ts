import { useEventListener } from '@vueuse/core'
import { ref, type Ref } from 'vue'
import type { Frame, Stage } from '@/api/types'
import { dragged, guides, SNAP, standing, withFrame, type Grip } from '@/lib/placing'

interface Drag {
  id: string
  grip: Grip
  x: number
  y: number
  from: Frame
  now: Frame
}

interface Acts {
  stage: () => Stage
  scale: Ref<number>
  choose: (id: string) => void
  edit: (next: Stage) => void
}

/** Moves and stretches a thing on a stage by the pointer; edges snap, Alt lets them be, Esc gives the drag up. */
export const useFrameDrag = ({ stage, scale, choose, edit }: Acts) => {
  const drag = ref<Drag | null>(null)

  const down = (event: PointerEvent, id: string, grip: Grip) => {
    const frame = standing(stage()).find((each) => each.id === id)!.frame
    choose(id)
    if (event.button === 0 && !frame.locked) {
      ;(event.currentTarget as HTMLElement).setPointerCapture?.(event.pointerId)
      drag.value = { id, grip, x: event.clientX, y: event.clientY, from: frame, now: frame }
    }
  }
  const move = (event: PointerEvent) => {
    const now = drag.value
    if (now) {
      const others = standing(stage())
        .filter((each) => each.id !== now.id)
        .map((each) => each.frame)
      const reach = event.altKey ? 0 : SNAP / scale.value
      drag.value = {
        ...now,
        now: dragged(
          now.from,
          now.grip,
          (event.clientX - now.x) / scale.value,
          (event.clientY - now.y) / scale.value,
          guides(others, stage()),
          reach,
        ),
      }
    }
  }
  const up = () => {
    const now = drag.value
    drag.value = null
    if (now && JSON.stringify(now.from) !== JSON.stringify(now.now)) {
      edit(withFrame(stage(), now.id, now.now))
    }
  }
  useEventListener('keydown', (event) => (drag.value = event.key === 'Escape' ? null : drag.value))
  return { drag, down, move, up }
}
