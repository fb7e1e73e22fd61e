import type { EveningView } from '@/api/types'
import { momentLabel, rulerOf, type Moment, type Row, type Stretch } from '@/lib/evening'

export const RULER = 20

/** How tall rows and the silhouette of chat are, in CSS pixels: two evenings, one above the other, are drawn smaller. */
export const sizesOf = (small: boolean) => (small ? { row: 15, lines: 18 } : { row: 22, lines: 34 })

/** What a drawing of an evening shows. */
export interface Painted {
  evening: EveningView
  moments: Moment[]
  rows: Row[]
  /** Lines of chat in equal spans up to `until`. */
  lines: number[]
  until: number
  whole: Stretch
  stretch: Stretch
  chosen: string
  cue: string
  small: boolean
}

/** How tall the drawing is, in CSS pixels. */
export const heightOf = ({ rows, small }: Painted): number =>
  RULER + sizesOf(small).lines + rows.length * sizesOf(small).row + 4

/** Draws the evening: a ruler, lines of chat as a silhouette, parts as bars on their rows, waits as thin lines, what was held as drops. */
export const paint = (
  context: CanvasRenderingContext2D,
  width: number,
  painted: Painted,
  colour: (name: string) => string,
) => {
  const { rows, stretch, whole } = painted
  const { row, lines: tall } = sizesOf(painted.small)
  const x = (at: number) => ((at - stretch.from) / (stretch.to - stretch.from)) * width
  const rowTop = (index: number) => RULER + tall + index * row
  context.clearRect(0, 0, width, heightOf(painted))
  context.font = '12px "Spline Sans Mono Variable", monospace'
  for (const tick of rulerOf(stretch, whole.from)) {
    context.fillStyle = colour('--line')
    context.fillRect(Math.round(x(tick)), RULER - 4, 1, heightOf(painted))
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
  const shown = painted.moments.filter((moment) => moment.to >= stretch.from && moment.at <= stretch.to)
  const crowded = new Map<string, number>()
  shown.flatMap(rowsFor).forEach((key) => crowded.set(key, (crowded.get(key) ?? 0) + 1))
  for (const moment of shown) {
    const faint = painted.cue !== '' && moment.cueId !== painted.cue
    const plain = moment.key === painted.chosen || painted.cue !== ''
    mark(
      context,
      moment,
      painted,
      x,
      (key) => {
        // Where many lie upon one another on a row, each is thinner, so that busy times stand out.
        context.globalAlpha = faint ? 0.1 : plain ? 1 : Math.min(1, Math.max(0.2, (width * 0.5) / crowded.get(key)!))
        return rowTop(rowOf.get(key) ?? rows.length - 1)
      },
      colour,
    )
  }
  context.globalAlpha = 1
}

/** The rows on which a moment leaves a mark. */
const rowsFor = (moment: Moment): string[] =>
  moment.ring && moment.kind === 'rang' ? moment.ring.parts.map((part) => part.place || part.lane) : ['held']

const chat = (
  context: CanvasRenderingContext2D,
  { lines, until, whole, small }: Painted,
  x: (at: number) => number,
  colour: (name: string) => string,
) => {
  const { lines: tall } = sizesOf(small)
  const most = Math.max(1, ...lines)
  const span = (until - whole.from) / lines.length
  context.fillStyle = colour('--edge')
  lines.forEach((count, index) => {
    const left = x(whole.from + index * span)
    const height = (count / most) * (tall - 8)
    context.fillRect(
      left,
      RULER + tall - 2 - height,
      Math.max(1, x(whole.from + (index + 1) * span) - left - 1),
      height,
    )
  })
}

const mark = (
  context: CanvasRenderingContext2D,
  moment: Moment,
  painted: Painted,
  x: (at: number) => number,
  top: (key: string) => number,
  colour: (name: string) => string,
) => {
  const { row } = sizesOf(painted.small)
  const chosen = moment.key === painted.chosen
  if (!moment.ring || moment.kind === 'dropped') {
    drop(context, x(moment.at), top('held') + row / 2, moment.kind === 'dropped', chosen, colour)
    return
  }
  const [first] = moment.ring.parts
  if (first && moment.ring.waitedMs > 0) {
    context.fillStyle = colour('--wax-words')
    context.fillRect(x(moment.at), top(first.place || first.lane) + row - 2, x(moment.ring.start) - x(moment.at), 1.5)
  }
  for (const part of moment.ring.parts) {
    const at = top(part.place || part.lane)
    const width = Math.max(2, x(part.to) - x(part.from))
    context.fillStyle = colour(`--lane-${part.lane}`)
    context.beginPath()
    context.roundRect(x(part.from), at + 3, width, row - 6, Math.min(5, width / 2))
    context.fill()
    if (chosen) {
      context.strokeStyle = colour('--ink')
      context.lineWidth = 2
      context.stroke()
    }
    if (width > 70 && !painted.small) {
      context.fillStyle = colour(`--on-${part.lane}`)
      context.save()
      context.clip()
      context.fillText(moment.cueName, Math.max(x(part.from), 0) + 6, at + row - 7)
      context.restore()
    }
  }
}

/** A drop of wax for what a gate held; hollow for what waited too long. */
const drop = (
  context: CanvasRenderingContext2D,
  x: number,
  y: number,
  hollow: boolean,
  chosen: boolean,
  colour: (name: string) => string,
) => {
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
