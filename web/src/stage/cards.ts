import type { Part, Spot } from './messages'

const LOOKS = ['beeswax', 'tide', 'pewter']
const DRIP =
  'M0 0H540c-14 0-18 3-26 8-6 4-9 3-14-2-6-6-12-3-17 5-6 11-15 13-19 2-3-8-9-8-18-8H240c-12 0-15 8-22 7-6-1-8-7-18-7H104c-10 0-9 15-18 16-9 0-8-9-14-9-7 0-6 8-13 7-9-1-8-16-20-16H0z'

const element = (name: string, className: string, text = ''): HTMLElement => {
  const made = document.createElement(name)
  made.className = className
  made.textContent = text
  return made
}

/** A drop of wax along the lower edge, drawn by us. */
const drip = (): SVGElement => {
  const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg')
  svg.setAttribute('viewBox', '0 0 540 22')
  svg.setAttribute('preserveAspectRatio', 'none')
  svg.setAttribute('class', 'drip')
  const path = document.createElementNS('http://www.w3.org/2000/svg', 'path')
  path.setAttribute('d', DRIP)
  svg.append(path)
  return svg
}

/** A line of words that may come from chat: text only, in its own direction, made smaller until it fits, then cut. */
const line = (className: string, text: string): HTMLElement => {
  const made = element('div', className, text)
  made.dir = 'auto'
  return made
}

const shrink = (words: HTMLElement): void => {
  const size = parseFloat(getComputedStyle(words).fontSize)
  const room = words.clientWidth
  if (room > 0 && words.scrollWidth > room) {
    words.style.fontSize = `${Math.max(size * 0.62, (size * room) / words.scrollWidth)}px`
  }
}

/** The element of a card, not yet moving. */
export const buildCard = (part: Part): HTMLElement => {
  const card = part.card!
  const made = element('article', `card ${LOOKS.includes(card.look) ? card.look : LOOKS[0]}`)
  made.dataset.partRun = part.partRun
  const plate = element('div', 'plate')
  if (card.picture) {
    const seal = element('div', 'seal')
    const picture = document.createElement('img')
    picture.src = card.picture
    picture.alt = ''
    seal.append(picture)
    plate.append(seal)
  }
  const words = element('div', 'words')
  words.append(line('title', card.title))
  if (card.words) {
    words.append(line('line', card.words))
  }
  plate.append(words)
  made.append(plate, drip())
  return made
}

/** Entry, stay and exit as one animation of transform and opacity, which the compositor can run by itself. */
export const frames = (part: Part): Keyframe[] => {
  const entry = part.card!.entryMs / part.lengthMs
  const exit = 1 - part.card!.exitMs / part.lengthMs
  return [
    { offset: 0, opacity: 0, transform: 'translateY(34px) scale(0.97)', easing: 'cubic-bezier(0.16, 0.9, 0.3, 1)' },
    { offset: Math.min(entry, exit), opacity: 1, transform: 'none', easing: 'linear' },
    { offset: Math.max(entry, exit), opacity: 1, transform: 'none', easing: 'cubic-bezier(0.5, 0, 0.9, 0.4)' },
    { offset: 1, opacity: 0, transform: 'translateY(20px) scale(0.985)' },
  ]
}

/** The picture swings once and rests, like a bell. */
const SWING: Keyframe[] = [
  { transform: 'rotate(-11deg)' },
  { transform: 'rotate(7deg)', offset: 0.35 },
  { transform: 'rotate(-3deg)', offset: 0.65 },
  { transform: 'none' },
]

/** Puts a card on its spot and lets it live from `start`, a moment of this page's own clock, which may be past. */
export const showCard = (stage: HTMLElement, spot: Spot, part: Part, start: number): Animation => {
  const card = buildCard(part)
  Object.assign(card.style, { left: `${spot.x}px`, top: `${spot.y}px`, width: `${spot.width}px`, height: `${spot.height}px` })
  stage.append(card)
  card.querySelectorAll<HTMLElement>('.title, .line').forEach(shrink)
  const life = card.animate(frames(part), { duration: part.lengthMs, fill: 'both' })
  life.startTime = start
  const seal = card.querySelector('.seal')
  if (seal) {
    const swing = seal.animate(SWING, { duration: 1_100, easing: 'ease-in-out', fill: 'both' })
    swing.startTime = start + part.card!.entryMs * 0.4
  }
  return life
}
