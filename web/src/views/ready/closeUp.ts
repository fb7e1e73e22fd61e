import type { Frame, ReadyDrawing } from '@/api/types'

const ROOM = 0.12
/** So much of the stage is seen at least, of its width. */
const LEAST = 0.42

/** The part of a stage where something of a drawing is, as wide to its height as the stage; all of it where nothing is. */
export const closeUp = ({ stage, parts }: ReadyDrawing): { x: number; y: number; width: number } => {
  const spots = new Set(parts.map((each) => each.card?.spot ?? each.thing?.place ?? each.caption?.spot))
  const frames: Frame[] = [
    ...stage.fixtures.map((each) => each.frame),
    ...stage.spots.filter((each) => spots.has(each.id)).map((each) => each.frame),
  ]
  if (frames.length === 0) {
    return { x: 0, y: 0, width: stage.width }
  }
  const left = Math.min(...frames.map((each) => each.x))
  const top = Math.min(...frames.map((each) => each.y))
  const right = Math.max(...frames.map((each) => each.x + each.width))
  const bottom = Math.max(...frames.map((each) => each.y + each.height))
  const shape = stage.width / stage.height
  const wanted = Math.max(right - left, (bottom - top) * shape) * (1 + 2 * ROOM)
  const width = Math.min(stage.width, Math.max(wanted, LEAST * stage.width))
  const within = (middle: number, size: number, whole: number) => Math.min(whole - size, Math.max(0, middle - size / 2))
  return {
    x: within((left + right) / 2, width, stage.width),
    y: within((top + bottom) / 2, width / shape, stage.height),
    width,
  }
}
