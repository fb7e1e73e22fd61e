import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'

const css = readFileSync('src/styles/tokens.css', 'utf8')
const block = (selector: string) => {
  const body = css.slice(css.indexOf(selector + ' {')).split('}')[0] ?? ''
  return Object.fromEntries([...body.matchAll(/--([\w-]+): (#[0-9a-f]{6});/g)].map((found) => [found[1], found[2]]))
}
const day = block(':root')
const dusk = { ...day, ...block(":root[data-light='dusk']") }

/** Relative luminance and contrast as WCAG 2.2 defines them. */
const luminance = (colour: string) => {
  const [r, g, b] = [1, 3, 5].map((at) => {
    const share = parseInt(colour.slice(at, at + 2), 16) / 255
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4
  })
  return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!
}
const contrast = (one: string, other: string) => {
  const [low, high] = [luminance(one), luminance(other)].sort((a, b) => a - b)
  return (high! + 0.05) / (low! + 0.05)
}

/** Two colours mixed as `color-mix(in srgb, …)` does. */
const mixed = (one: string, share: number, other: string) =>
  '#' +
  [1, 3, 5]
    .map((at) =>
      Math.round(parseInt(one.slice(at, at + 2), 16) * share + parseInt(other.slice(at, at + 2), 16) * (1 - share))
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')

const words: [string, string][] = [
  ['ink', 'paper'],
  ['ink', 'sheet'],
  ['ink', 'well'],
  ['soft', 'paper'],
  ['soft', 'sheet'],
  ['soft', 'well'],
  ['honey-words', 'paper'],
  ['honey-words', 'sheet'],
  ['wax-words', 'sheet'],
  ['wax-words', 'paper'],
  ['on-wax', 'wax'],
  ['ink', 'taper'],
  ['ink', 'taper-lit'],
  ['verdigris-words', 'sheet'],
  ['verdigris-words', 'paper'],
  ['paper', 'ink'],
  ['rope-words', 'rope'],
  ['rope-words', 'rope-well'],
  ['rope-soft', 'rope'],
  ['rope-soft', 'rope-well'],
  ['rope-honey', 'rope'],
  ['rope-held', 'rope'],
  ['rope-rang', 'rope'],
  ['on-screen', 'lane-screen'],
  ['on-sound', 'lane-sound'],
  ['on-voice', 'lane-voice'],
  ['on-chat', 'lane-chat'],
  ['on-mixer', 'lane-mixer'],
  ['on-room', 'lane-room'],
  ['on-keys', 'lane-keys'],
  ['on-books', 'lane-books'],
  ['on-outside', 'lane-outside'],
]

describe.each([
  ['by day', day],
  ['after dusk', dusk],
] as const)('%s', (_name, palette) => {
  it.each(words)('%s can be read on %s', (front, back) => {
    expect(contrast(palette[front]!, palette[back]!)).toBeGreaterThanOrEqual(4.5)
  })

  it.each(words.filter(([, back]) => back.startsWith('lane-')).map(([, back]) => back))(
    'what is over, in the colour of %s, can be seen, and words on it can be read',
    (lane) => {
      expect(
        contrast(palette['rope-words']!, mixed(palette[lane]!, 0.4, palette['rope-well']!)),
      ).toBeGreaterThanOrEqual(4.5)
      expect(contrast(palette.rope!, mixed(palette[lane]!, 0.65, palette['rope-words']!))).toBeGreaterThanOrEqual(3)
    },
  )

  it.each(['sheet', 'paper'])('edges of controls stand out from %s', (back) => {
    expect(contrast(palette.edge!, palette[back]!)).toBeGreaterThanOrEqual(3)
  })
})
