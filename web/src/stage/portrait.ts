import { hash, svg } from './elements'

const WAXES = ['#c8841a', '#2f7468', '#b4623a', '#3d5c7c', '#6b7a2f', '#a45a63']

/** A viewer's portrait where no link brings one: a seal pressed from their name, always the same. */
export const portrait = (name: string): SVGElement => {
  const number = hash(name)
  const wax = WAXES[number % WAXES.length]!
  const bumps = 7 + (number % 5)
  const edge = Array.from({ length: 72 }, (_, at) => {
    const turn = (at / 72) * Math.PI * 2
    const far = 44 + 3.2 * Math.sin(turn * bumps + (number % 7))
    return `${(50 + far * Math.cos(turn)).toFixed(1)} ${(50 + far * Math.sin(turn)).toFixed(1)}`
  })
  const letter = svg('text', {
    x: 50,
    y: 52,
    'text-anchor': 'middle',
    'dominant-baseline': 'central',
    fill: '#fffaf0',
    'font-size': 42,
    'font-family': "'Fraunces Variable', serif",
    'font-weight': 700,
  })
  letter.textContent = [...name.replace(/^[^\p{L}\p{N}]+/u, '')][0]?.toLocaleUpperCase() ?? '·'
  return svg(
    'svg',
    { viewBox: '0 0 100 100', class: 'portrait', 'aria-hidden': 'true' },
    svg('path', { d: `M${edge.join('L')}Z`, fill: wax }),
    svg('circle', {
      cx: 50,
      cy: 50,
      r: 34,
      fill: 'none',
      stroke: '#fffaf0',
      'stroke-opacity': 0.45,
      'stroke-width': 2,
    }),
    letter,
  )
}
