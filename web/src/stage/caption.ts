import { showCard } from './cards'
import { element } from './elements'
import type { Part, Spot } from './messages'
import { run, type Run } from './things'

const EASE_MS = 180
const AWAITED = 0.5
const SMALLEST = 12
const PADDING = 12

/** As large as it may be, and smaller where it would not stand whole on its plate; it runs over several lines. */
const fill = (made: HTMLElement, written: HTMLElement, largest: number) => {
  const plate = made.querySelector<HTMLElement>('.plate')!
  const room = plate.clientHeight - PADDING
  for (let size = largest; size >= SMALLEST; size--) {
    written.style.fontSize = `${size}px`
    if (written.scrollHeight <= room && written.scrollWidth <= plate.clientWidth) {
      return
    }
  }
}

/** Puts what is said on its spot from `start` on, and lets each word stand out when it is said where that is wanted. */
export const showCaption = (stage: HTMLElement, spot: Spot, part: Part, start: number, lengthMs: number): Run => {
  const { look, byWord, words } = part.caption!
  const text = words.map((each) => each.text).join(' ')
  const card = {
    spot: spot.id,
    look,
    title: '',
    words: text,
    picture: '',
    portrait: '',
    entryMs: EASE_MS,
    exitMs: EASE_MS,
  }
  const { made, life, end } = showCard(stage, spot, { ...part, lengthMs, card }, start)
  made.classList.add('caption')
  made.querySelector('.title')?.remove()
  const written = made.querySelector<HTMLElement>('.line')!
  if (byWord) {
    const spans = words.map((each) => {
      const span = element('span', 'word')
      span.textContent = each.text
      const spoken = span.animate([{ opacity: AWAITED }, { opacity: 1 }], { duration: EASE_MS, fill: 'both' })
      spoken.startTime = start + each.share * lengthMs
      return span
    })
    written.replaceChildren(...spans.flatMap((span, at) => (at ? [' ', span] : [span])))
  }
  fill(made, written, look.lineSize)
  return run(made, life, { end })
}
