import type { ShownOf } from './messages'

interface Bit {
  x: number
  y: number
  vx: number
  vy: number
  turn: number
  spin: number
  size: number
  colour: string
}

/** The same numbers for the same seed on every page (mulberry32). */
const numbers = (seed: number) => () => {
  seed = (seed + 0x6d2b79f5) | 0
  let made = Math.imul(seed ^ (seed >>> 15), 1 | seed)
  made = (made + Math.imul(made ^ (made >>> 7), 61 | made)) ^ made
  return ((made ^ (made >>> 14)) >>> 0) / 4_294_967_296
}

const GRAVITY = 620
const SHAPES: Record<string, (on: CanvasRenderingContext2D, size: number) => void> = {
  drops: (on, size) => {
    on.moveTo(0, -size)
    on.bezierCurveTo(size * 0.9, size * 0.1, size * 0.6, size, 0, size)
    on.bezierCurveTo(-size * 0.6, size, -size * 0.9, size * 0.1, 0, -size)
  },
  sparks: (on, size) => {
    for (let at = 0; at < 8; at++) {
      const far = at % 2 ? size * 0.35 : size
      on[at ? 'lineTo' : 'moveTo'](far * Math.cos((at * Math.PI) / 4), far * Math.sin((at * Math.PI) / 4))
    }
    on.closePath()
  },
  petals: (on, size) => on.ellipse(0, 0, size, size * 0.45, 0, 0, Math.PI * 2),
  shavings: (on, size) => {
    on.moveTo(-size, 0)
    on.bezierCurveTo(-size * 0.4, -size, size * 0.2, size, size, -size * 0.2)
    on.bezierCurveTo(size * 0.3, size * 1.3, -size * 0.5, -size * 0.5, -size, 0)
  },
}

/** Draws a burst as it is so many ms after its start; the same for every page that shows it. */
export class Burst {
  private readonly bits: Bit[]
  private readonly on: CanvasRenderingContext2D | null

  constructor(
    readonly canvas: HTMLCanvasElement,
    private readonly shown: ShownOf<'burst'>,
    private readonly lengthMs: number,
  ) {
    const next = numbers(shown.seed)
    const { width, height } = canvas
    this.on = canvas.getContext('2d')
    this.bits = Array.from({ length: shown.count }, () => {
      const lean = (next() - 0.5) * 1.5
      const pace = (0.55 + next() * 0.6) * Math.sqrt(2 * GRAVITY * height * 0.75)
      return {
        x: width / 2 + (next() - 0.5) * width * 0.16,
        y: height * 0.82,
        vx: Math.sin(lean) * pace * 0.8,
        vy: -Math.cos(lean) * pace,
        turn: next() * 6,
        spin: (next() - 0.5) * 9,
        size: 4 + next() * 7,
        colour: shown.colours[Math.floor(next() * shown.colours.length)]!,
      }
    })
  }

  draw(ms: number): void {
    const { on, canvas } = this
    if (!on) {
      return
    }
    on.clearRect(0, 0, canvas.width, canvas.height)
    const t = ms / 1_000
    on.globalAlpha = Math.max(0, Math.min(1, (this.lengthMs - ms) / 700))
    const shape = SHAPES[this.shown.shape] ?? SHAPES.drops!
    for (const bit of this.bits) {
      on.save()
      on.translate(bit.x + bit.vx * t, bit.y + bit.vy * t + (GRAVITY * t * t) / 2)
      on.rotate(bit.turn + bit.spin * t)
      on.fillStyle = bit.colour
      on.beginPath()
      shape(on, bit.size)
      on.fill()
      on.restore()
    }
  }
}
