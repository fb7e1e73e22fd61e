import type { Frame } from './messages'

export const element = (name: string, className: string, text = ''): HTMLElement => {
  const made = document.createElement(name)
  made.className = className
  made.textContent = text
  return made
}

export const svg = (
  name: string,
  attributes: Record<string, string | number>,
  ...children: SVGElement[]
): SVGElement => {
  const made = document.createElementNS('http://www.w3.org/2000/svg', name)
  Object.entries(attributes).forEach(([key, value]) => made.setAttribute(key, String(value)))
  made.append(...children)
  return made
}

/** A line of words that may come from chat: text only, in its own direction. */
export const line = (className: string, text: string): HTMLElement => {
  const made = element('div', className, text)
  made.dir = 'auto'
  return made
}

/** Takes an element away with its life, which an unpainted page does not list, and all that moves in it: what a hidden page never painted would be kept for a frame that does not come. */
export const gone = (made: HTMLElement, life: Animation | null = null): void => {
  made.getAnimations?.({ subtree: true }).forEach(still)
  still(life)
  made.remove()
}

/** Ends an animation. A page that is not painted keeps even a cancelled one until its next frame; without its effect it holds nothing. */
export const still = (animation: Animation | null): void => {
  if (animation) {
    animation.onfinish = null
    animation.cancel()
    animation.effect = null
  }
}

/** Makes a line's type smaller than usual (what its style says, where nothing is told) until it fits its room, down to six tenths; what is longer still is cut. */
export const shrink = (words: HTMLElement, usual = ''): void => {
  words.style.fontSize = usual
  const size = parseFloat(getComputedStyle(words).fontSize)
  const room = words.clientWidth
  if (room > 0 && words.scrollWidth > room) {
    words.style.fontSize = `${Math.max(size * 0.62, (size * room) / words.scrollWidth)}px`
  }
}

/** Puts an element where its frame says. */
export const stand = (made: HTMLElement, frame: Frame): void => {
  Object.assign(made.style, {
    left: `${frame.x}px`,
    top: `${frame.y}px`,
    width: `${frame.width}px`,
    height: `${frame.height}px`,
    zIndex: String(frame.layer),
  })
}

/** A number that hangs on a text and on nothing else (FNV-1a), 0 to 2^32. */
export const hash = (text: string): number => {
  let made = 2_166_136_261
  for (const char of text) {
    made = Math.imul(made ^ char.codePointAt(0)!, 16_777_619)
  }
  return made >>> 0
}
