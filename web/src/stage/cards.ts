import { element, gone, line, shrink, stand, still, svg } from './elements'
import type { Look, Part, Spot } from './messages'
import { live } from './motions'
import { portrait } from './portrait'

const DRIP =
  'M0 0H540c-14 0-18 3-26 8-6 4-9 3-14-2-6-6-12-3-17 5-6 11-15 13-19 2-3-8-9-8-18-8H240c-12 0-15 8-22 7-6-1-8-7-18-7H104c-10 0-9 15-18 16-9 0-8-9-14-9-7 0-6 8-13 7-9-1-8-16-20-16H0z'
const FACES = {
  fraunces: "'Fraunces Variable', serif",
  hyperlegible: "'Atkinson Hyperlegible Next Variable', sans-serif",
  mono: "'Spline Sans Mono Variable', monospace",
}

/** About how much higher than a plate is wide under a drip, as its gradient runs over both. */
const PLATE_RATIO = 0.28

/** A colour between two such as #c8841a. */
const mixed = (from: string, to: string, share: number): string =>
  `#${[1, 3, 5]
    .map((at) => {
      const [one, other] = [from, to].map((each) => parseInt(each.slice(at, at + 2), 16)) as [number, number]
      return Math.round(one + (other - one) * share)
        .toString(16)
        .padStart(2, '0')
    })
    .join('')}`

/** The colour of a plate at its lower edge. @param x from the middle, a share of the width */
const below = ({ plate, plateTo, angle }: Look, x: number): string => {
  const turn = (angle * Math.PI) / 180
  const [along, up] = [Math.sin(turn), Math.cos(turn)]
  const run = Math.abs(along) + Math.abs(up) * PLATE_RATIO
  const share = 0.5 + (x * along - (PLATE_RATIO / 2) * up) / run
  return mixed(plate, plateTo, Math.min(1, Math.max(0, share)))
}

let drips = 0
/** A drop of wax along the lower edge, drawn by us, in the colours that the plate has there. */
const drip = (look: Look): SVGElement => {
  const id = `drip-${++drips}`
  const stop = (offset: number, x: number) => svg('stop', { offset, 'stop-color': below(look, x) })
  return svg(
    'svg',
    { viewBox: '0 0 540 22', preserveAspectRatio: 'none', class: 'drip' },
    svg('linearGradient', { id }, stop(0, -0.5), stop(1, 0.5)),
    svg('path', { d: DRIP, fill: `url(#${id})` }),
  )
}

/** Gives an element the colours and the type of a look. */
export const dress = (made: HTMLElement, look: Look): void => {
  const run =
    look.plate === look.plateTo ? look.plate : `linear-gradient(${look.angle}deg, ${look.plate}, ${look.plateTo})`
  const values: Record<string, string> = {
    '--plate': look.outline ? 'transparent' : run,
    '--plain': look.plate,
    '--ink': look.ink,
    '--second': look.second,
    '--seal': look.outline ? 'transparent' : look.seal,
    '--corner': `${look.corner}px`,
    '--title': `${look.titleSize}px`,
    '--line': `${look.lineSize}px`,
    '--face': FACES[look.face],
  }
  Object.entries(values).forEach(([name, value]) => made.style.setProperty(name, value))
  made.classList.add(`edge-${look.edge}`)
  made.classList.toggle('outlined', look.outline)
}

/** The element of a card, not yet moving. */
export const buildCard = (part: Part): HTMLElement => {
  const card = part.card!
  const made = element('article', 'part card')
  dress(made, card.look)
  made.dataset.partRun = part.partRun
  const plate = element('div', 'plate')
  if (card.picture || card.portrait) {
    const seal = element('div', 'seal')
    if (card.portrait) {
      seal.append(portrait(card.portrait))
    } else {
      const picture = document.createElement('img')
      picture.src = card.picture
      picture.alt = ''
      seal.append(picture)
    }
    plate.append(seal)
  }
  const words = element('div', 'words')
  words.append(line('title', card.title))
  if (card.words) {
    words.append(line('line', card.words))
  }
  plate.append(words)
  if (card.look.edge === 'drip' && !card.look.outline) {
    // Below the plate, which hides where it begins.
    made.append(drip(card.look))
  }
  made.append(plate)
  return made
}

const LEANS = 'rotate(-11deg)'
const SWING: Keyframe[] = [
  { transform: LEANS },
  { transform: 'rotate(7deg)', offset: 0.35 },
  { transform: 'rotate(-3deg)', offset: 0.65 },
  { transform: 'none' },
]
const SWING_MS = 1_100
/** Among more cards than this nobody sees a picture swing. */
const FEW = 8

/**
 * The picture swings once from `from` on and rests, like a bell. Before and after it is part of the card's own layer: a layer in a
 * layer that fades costs whatever paints without a graphics card three times as much.
 */
const swing = (seal: HTMLElement, from: number, among: () => number): (() => void) => {
  let swings: Animation | null = null
  const now = Number(document.timeline.currentTime)
  const begin = () => {
    seal.style.transform = ''
    if (among() <= FEW) {
      swings = seal.animate(SWING, { duration: SWING_MS, easing: 'ease-in-out' })
      swings.startTime = from
    }
  }
  if (now < from) {
    seal.style.transform = LEANS
    swings = seal.animate([], { duration: from - now })
    swings.startTime = now
    swings.onfinish = begin
  } else if (now < from + SWING_MS) {
    begin()
  }
  return () => still(swings)
}

/** Puts a card on its spot and lets it live from `start`, a moment of this page's own clock, which may be past. */
export const showCard = (
  stage: HTMLElement,
  spot: Spot,
  part: Part,
  start: number,
): { made: HTMLElement; life: Animation; end: () => void } => {
  const card = part.card!
  const made = buildCard(part)
  stand(made, spot.frame)
  stage.append(made)
  made.querySelectorAll<HTMLElement>('.title, .line').forEach((each) => shrink(each))
  const life = live(
    made,
    {
      entry: card.look.entry,
      exit: card.look.exit,
      easing: card.look.easing,
      entryMs: card.entryMs,
      exitMs: card.exitMs,
    },
    part.lengthMs,
    start,
  )
  const seal = made.querySelector<HTMLElement>('.seal')
  const stop = seal && swing(seal, start + card.entryMs * 0.4, () => stage.querySelectorAll('.card').length)
  const end = () => {
    stop?.()
    gone(made, life)
  }
  return { made, life, end }
}
