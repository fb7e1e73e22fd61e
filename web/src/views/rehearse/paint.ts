import type { EveningView } from '@/api/types'
import { momentLabel, rulerOf, type Moment, type Row, type Stretch } from '@/lib/evening'

export const ROW = 22
export const RULER = 20
export const LINES = 34

/** What a drawing of an evening shows. */
export interface Painted {
  evening: EveningView
  moments: Moment[]
  rows: Row[]
  lines: number[]
  whole: Stretch
  stretch: Stretch
  chosen: string
  cue: string
}

/** How tall the drawing is, in CSS pixels. */
export const heightOf = (rows: Row[]): number => RULER + LINES + rows.length * ROW + 4

/** Draws the evening: a ruler, lines of chat as a silhouette, parts as bars on their rows, waits as thin lines, what was held as drops. */
export const paint = (context: CanvasRenderingContext2D, width: number, painted: Painted, colour: (name: string) => string) => {
  const { rows, stretch, whole } = painted
  const x = (at: number) => ((at - stretch.from) / (stretch.to - stretch.from)) * width
  const rowTop = (index: number) => RULER + LINES + index * ROW
  context.clearRect(0, 0, width, heightOf(rows))
  context.font = '12px "Spline Sans Mono Variable", monospace'
  for (const tick of rulerOf(stretch, whole.from)) {
    context.fillStyle = colour('--line')
    context.fillRect(Math.round(x(tick)), RULER - 4, 1, heightOf(rows))
    context.fillStyle = colour('--soft')
    if (x(tick) < width - 60) {
      context.fillText(momentLabel(tick, whole.from), x(tick) + 4, RULER - 6)
    }
  }
  chat(context, painted, x, colour)
  rows.forEach((_, index) => {
    context.fillStyle = colour('--line')
    context.fillRect(0, rowTop(index), width, 1)
  })
  const rowOf = new Map(rows.map((row, index) => [row.key, index]))
  for (const moment of painted.moments) {
    if (moment.to < stretch.from || moment.at > stretch.to) {
      continue
    }
    context.globalAlpha = painted.cue && moment.cueId !== painted.cue ? 0.18 : 1
    mark(context, moment, painted, x, (key) => rowTop(rowOf.get(key) ?? rows.length - 1), colour)
  }
  context.globalAlpha = 1
}

const chat = (context: CanvasRenderingContext2D, { lines, whole }: Painted, x: (at: number) => number, colour: (name: string) => string) => {
  const most = Math.max(1, ...lines)
  const span = (whole.to - whole.from) / lines.length
  context.fillStyle = colour('--edge')
  lines.forEach((count, index) => {
    const left = x(whole.from + index * span)
    const height = (count / most) * (LINES - 8)
    context.fillRect(left, RULER + LINES - 2 - height, Math.max(1, x(whole.from + (index + 1) * span) - left - 1), height)
  })
}

const mark = (context: CanvasRenderingContext2D, moment: Moment, painted: Painted, x: (at: number) => number, top: (key: string) => number, colour: (name: string) => string) => {
  const chosen = moment.key === painted.chosen
  if (!moment.ring || moment.kind === 'dropped') {
    drop(context, x(moment.at), top('held') + ROW / 2, moment.kind === 'dropped', chosen, colour)
    return
  }
  const [first] = moment.ring.parts
  if (first && moment.ring.waitedMs > 0) {
    context.fillStyle = colour('--wax-words')
    context.fillRect(x(moment.at), top(first.place || first.lane) + ROW / 2, x(moment.ring.start) - x(moment.at), 1.5)
  }
  for (const part of moment.ring.parts) {
    const at = top(part.place || part.lane)
    const width = Math.max(2, x(part.to) - x(part.from))
    context.fillStyle = colour(`--lane-${part.lane}`)
    context.beginPath()
    context.roundRect(x(part.from), at + 3, width, ROW - 6, Math.min(5, width / 2))
    context.fill()
    if (chosen) {
      context.strokeStyle = colour('--ink')
      context.lineWidth = 2
      context.stroke()
    }
    if (width > 70) {
      context.fillStyle = colour(`--on-${part.lane}`)
      context.save()
      context.clip()
      context.fillText(moment.cueName, Math.max(x(part.from), 0) + 6, at + ROW - 7)
      context.restore()
    }
  }
}

/** A drop of wax for what a gate held; hollow for what waited too long. */
const drop = (context: CanvasRenderingContext2D, x: number, y: number, hollow: boolean, chosen: boolean, colour: (name: string) => string) => {
  context.beginPath()
  context.moveTo(x, y - 7)
  context.bezierCurveTo(x + 5, y - 1, x + 5, y + 6, x, y + 6)
  context.bezierCurveTo(x - 5, y + 6, x - 5, y - 1, x, y - 7)
  context.fillStyle = context.strokeStyle = colour('--wax-words')
  context.lineWidth = 1.5
  if (hollow) {
    context.stroke()
  } else {
    context.fill()
  }
  if (chosen) {
    context.strokeStyle = colour('--ink')
    context.lineWidth = 2
    context.stroke()
  }
}
