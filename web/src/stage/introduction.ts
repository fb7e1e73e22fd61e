import { dress } from './cards'
import { element, line } from './elements'
import type { ShownOf } from './messages'
import { portrait } from './portrait'

const picture = (address: string): HTMLImageElement => {
  const made = document.createElement('img')
  made.src = address
  made.alt = ''
  return made
}

/** Somebody introduced: their portrait, name, what is known of them, and what they last streamed with its art. @param art its address, empty text for none */
export const introduction = (shown: ShownOf<'introduction'>, art: string): HTMLElement => {
  const made = element('article', 'card-of')
  dress(made, shown.look)
  const face = element('div', 'face')
  face.append(shown.portrait ? picture(shown.portrait) : portrait(shown.name))
  const words = element('div', 'words')
  words.append(line('title', shown.name))
  if (shown.words) {
    words.append(line('line', shown.words))
  }
  const top = element('div', 'top')
  top.append(face, words)
  made.append(top)
  if (shown.last) {
    const last = element('div', 'last')
    if (art) {
      last.append(picture(art))
    }
    last.append(line('line', shown.last))
    made.append(last)
  }
  return made
}
