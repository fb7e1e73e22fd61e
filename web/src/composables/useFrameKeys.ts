import type { Frame, Stage } from '@/api/types'
import { withFrame } from '@/lib/placing'

const STEPS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

interface Acts {
  stage: () => Stage
  edit: (next: Stage) => void
  remove: () => void
  order: (nearer: boolean) => void
}

/** What keys do to a thing on a stage: the arrows move it, with Ctrl they stretch it; Delete takes it away. */
export const useFrameKeys = ({ stage, edit, remove, order }: Acts) => {
  return (event: KeyboardEvent, id: string, frame: Frame) => {
    const step = STEPS[event.key]
    const by = event.shiftKey ? 10 : 1
    if (step && !frame.locked) {
      const [x, y] = [step[0] * by, step[1] * by]
      edit(
        withFrame(
          stage(),
          id,
          event.ctrlKey
            ? { ...frame, width: Math.max(1, frame.width + x), height: Math.max(1, frame.height + y) }
            : { ...frame, x: frame.x + x, y: frame.y + y },
        ),
      )
    } else if (event.key === 'Delete') {
      remove()
    } else if (event.key === 'PageUp' || event.key === 'PageDown') {
      order(event.key === 'PageUp')
    } else {
      return
    }
    event.preventDefault()
    event.stopPropagation()
  }
}
