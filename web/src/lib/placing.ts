import type { Frame, Stage } from '@/api/types'

/** The size of a stage. */
export interface Size {
  width: number
  height: number
}

/** How near, in pixels of the screen, an edge must come to another to snap to it. */
export const SNAP = 8
/** How much of a stage's size some screens may cut off at each edge. */
export const SAFE = 0.05
const LEAST = 8

/** Sizes that stages usually have. */
export const PRESETS: { name: string; width: number; height: number }[] = [
  { name: 'Wide, 1280 × 720', width: 1_280, height: 720 },
  { name: 'Wide, 1920 × 1080', width: 1_920, height: 1_080 },
  { name: 'Wide, 2560 × 1440', width: 2_560, height: 1_440 },
  { name: 'Upright, 1080 × 1920', width: 1_080, height: 1_920 },
  { name: 'Square, 1080 × 1080', width: 1_080, height: 1_080 },
  { name: 'Strip, 1280 × 160', width: 1_280, height: 160 },
]

/** A distance from the nearer of two edges, in pixels. */
export interface Distance {
  from: 'left' | 'right' | 'top' | 'bottom'
  px: number
}

/** How far a frame stands from the nearest edges. */
export const distances = (frame: Frame, size: Size): { across: Distance; down: Distance } => {
  const right = size.width - frame.x - frame.width
  const bottom = size.height - frame.y - frame.height
  return {
    across: right < frame.x ? { from: 'right', px: right } : { from: 'left', px: frame.x },
    down: bottom < frame.y ? { from: 'bottom', px: bottom } : { from: 'top', px: frame.y },
  }
}

/** The frame with another distance from one edge. */
export const atDistance = (frame: Frame, size: Size, { from, px }: Distance): Frame => {
  switch (from) {
    case 'left':
      return { ...frame, x: px }
    case 'right':
      return { ...frame, x: size.width - frame.width - px }
    case 'top':
      return { ...frame, y: px }
    default:
      return { ...frame, y: size.height - frame.height - px }
  }
}

/** The frame on a stage of another size: it keeps its distances from the edges that were nearest. */
export const onSize = (frame: Frame, before: Size, after: Size): Frame => {
  const { across, down } = distances(frame, before)
  return atDistance(atDistance(frame, after, across), after, down)
}

/** The frame on a stage of another size, with everything as large against it as before. */
export const scaledTo = (frame: Frame, before: Size, after: Size): Frame => {
  const wide = after.width / before.width
  const high = after.height / before.height
  return {
    ...frame,
    x: Math.round(frame.x * wide),
    y: Math.round(frame.y * high),
    width: Math.max(1, Math.round(frame.width * wide)),
    height: Math.max(1, Math.round(frame.height * high)),
  }
}

/** Lines to which edges and middles snap: the stage's own edges, middle and safe area, and those of other frames. */
export const guides = (others: Frame[], size: Size): { x: number[]; y: number[] } => ({
  x: [
    0,
    size.width * SAFE,
    size.width / 2,
    size.width * (1 - SAFE),
    size.width,
    ...others.flatMap((each) => [each.x, each.x + each.width / 2, each.x + each.width]),
  ].map(Math.round),
  y: [
    0,
    size.height * SAFE,
    size.height / 2,
    size.height * (1 - SAFE),
    size.height,
    ...others.flatMap((each) => [each.y, each.y + each.height / 2, each.y + each.height]),
  ].map(Math.round),
})

/** By how much something must move so that one of its lines meets a guide within reach; 0 where none does. */
const pull = (lines: number[], to: number[], reach: number): number => {
  let best = 0
  let least = reach
  for (const line of lines) {
    for (const guide of to) {
      if (Math.abs(guide - line) <= least) {
        least = Math.abs(guide - line)
        best = guide - line
      }
    }
  }
  return best
}

/** Which edges of a frame a drag moves; none for the whole frame. */
export type Grip = '' | 'n' | 's' | 'e' | 'w' | 'ne' | 'nw' | 'se' | 'sw'

/** A frame dragged by so many pixels of the stage, snapped where guides are within reach. @param reach in pixels of the stage, 0 for no snapping */
export const dragged = (
  frame: Frame,
  grip: Grip,
  dx: number,
  dy: number,
  lines: { x: number[]; y: number[] },
  reach: number,
): Frame => {
  if (grip === '') {
    const x = Math.round(frame.x + dx)
    const y = Math.round(frame.y + dy)
    return {
      ...frame,
      x: x + pull([x, x + frame.width / 2, x + frame.width], lines.x, reach),
      y: y + pull([y, y + frame.height / 2, y + frame.height], lines.y, reach),
    }
  }
  let { x, y } = frame
  let right = x + frame.width
  let bottom = y + frame.height
  const snap = (line: number, to: number[]) => Math.round(line) + pull([Math.round(line)], to, reach)
  if (grip.includes('w')) {
    x = Math.min(snap(x + dx, lines.x), right - LEAST)
  }
  if (grip.includes('e')) {
    right = Math.max(snap(right + dx, lines.x), x + LEAST)
  }
  if (grip.includes('n')) {
    y = Math.min(snap(y + dy, lines.y), bottom - LEAST)
  }
  if (grip.includes('s')) {
    bottom = Math.max(snap(bottom + dy, lines.y), y + LEAST)
  }
  return { ...frame, x: Math.round(x), y: Math.round(y), width: Math.round(right - x), height: Math.round(bottom - y) }
}

/** A spot or fixture of a stage, as the composer handles both. */
export interface Standing {
  id: string
  name: string
  sort: 'spot' | 'fixture'
  kind: string
  frame: Frame
}

/** Everything that stands on a stage, what is before first. */
export const standing = (stage: Stage): Standing[] =>
  [
    ...stage.spots.map((each) => ({
      id: each.id,
      name: each.name,
      sort: 'spot' as const,
      kind: 'spot',
      frame: each.frame,
    })),
    ...stage.fixtures.map((each) => ({
      id: each.id,
      name: each.name,
      sort: 'fixture' as const,
      kind: each.kind as string,
      frame: each.frame,
    })),
  ]
    .map((each, at) => ({ each, at }))
    .sort((one, other) => other.each.frame.layer - one.each.frame.layer || other.at - one.at)
    .map(({ each }) => each)

/** The stage with another frame of one of its places. */
export const withFrame = (stage: Stage, id: string, frame: Frame): Stage => ({
  ...stage,
  spots: stage.spots.map((each) => (each.id === id ? { ...each, frame } : each)),
  fixtures: stage.fixtures.map((each) => (each.id === id ? { ...each, frame } : each)),
})

/** The stage with one of its places one step nearer to the viewer, or further away. */
export const reordered = (stage: Stage, id: string, nearer: boolean): Stage => {
  const order = standing(stage)
    .map((each) => each.id)
    .reverse()
  const at = order.indexOf(id)
  const to = Math.min(order.length - 1, Math.max(0, at + (nearer ? 1 : -1)))
  order.splice(to, 0, ...order.splice(at, 1))
  return order.reduce((made, each, layer) => {
    const { frame } = standing(made).find((one) => one.id === each)!
    return withFrame(made, each, { ...frame, layer })
  }, stage)
}

/** Whether any of a frame lies beyond the safe area. */
export const beyondSafe = (frame: Frame, size: Size): boolean =>
  frame.x < size.width * SAFE ||
  frame.y < size.height * SAFE ||
  frame.x + frame.width > size.width * (1 - SAFE) ||
  frame.y + frame.height > size.height * (1 - SAFE)
