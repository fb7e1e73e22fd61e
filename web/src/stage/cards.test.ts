import { describe, expect, it } from 'vitest'
import { buildCard } from './cards'
import type { Look, Part } from './messages'
import { frames, MOTION_NAMES } from './motions'

const LOOK: Look = {
  id: 'beeswax',
  plate: '#fff4de',
  plateTo: '#fff4de',
  angle: 90,
  ink: '#2a211a',
  second: '#5a4836',
  seal: '#c8841a',
  edge: 'drip',
  corner: 24,
  outline: false,
  face: 'fraunces',
  titleSize: 32,
  lineSize: 19,
  entry: 'pour',
  exit: 'rise',
  easing: 'soft',
}
const part = (over: Partial<NonNullable<Part['card']>> = {}, lengthMs = 5_600): Part => ({
  partRun: '1.card',
  at: 0,
  lengthMs,
  sound: null,
  caption: null,
  quiet: null,
  thing: null,
  card: {
    spot: 'lower-third',
    look: LOOK,
    title: 'wickerby',
    words: 'pours',
    picture: '',
    portrait: '',
    entryMs: 400,
    exitMs: 600,
    ...over,
  },
})

describe('a card', () => {
  it('takes names from chat as text and never as markup', () => {
    const card = buildCard(part({ title: '<img src=x onerror=alert(1)>' }))
    expect(card.querySelector('img')).toBeNull()
    expect(card.querySelector('.title')!.textContent).toBe('<img src=x onerror=alert(1)>')
  })

  it('lets each line run in its own direction', () => {
    expect(buildCard(part()).querySelector<HTMLElement>('.title')!.dir).toBe('auto')
  })

  it('has no empty line where there are no words', () => {
    expect(buildCard(part({ words: '' })).querySelector('.line')).toBeNull()
  })

  it('is dressed in its look: colours, edge, type, sizes', () => {
    const card = buildCard(part({ look: { ...LOOK, plateTo: '#2f7468', angle: 115, edge: 'bar', face: 'mono' } }))
    expect(card.style.getPropertyValue('--plate')).toBe('linear-gradient(115deg, #fff4de, #2f7468)')
    expect(card.style.getPropertyValue('--face')).toContain('Spline Sans Mono')
    expect(card.className).toContain('edge-bar')
    expect(card.querySelector('.drip')).toBeNull()
    expect(buildCard(part()).querySelector('.drip')).not.toBeNull()
  })

  it('leaves the plate out where words have an outline', () => {
    const card = buildCard(part({ look: { ...LOOK, outline: true } }))
    expect(card.style.getPropertyValue('--plate')).toBe('transparent')
    expect(card.style.getPropertyValue('--plain')).toBe('#fff4de')
    expect(card.classList.contains('outlined')).toBe(true)
  })

  it('drips in the colours of the lower edge of its plate', () => {
    const stops = (angle: number) =>
      [
        ...buildCard(part({ look: { ...LOOK, plate: '#000000', plateTo: '#ffffff', angle } })).querySelectorAll('stop'),
      ].map((each) => each.getAttribute('stop-color'))
    expect(stops(90)).toEqual(['#000000', '#ffffff'])
    expect(stops(180)).toEqual(['#ffffff', '#ffffff'])
    expect(stops(0)).toEqual(['#000000', '#000000'])
  })

  it('has the viewer’s portrait in place of a picture, the same for the same name', () => {
    const one = buildCard(part({ portrait: 'wickerby' })).querySelector('.portrait')!
    expect(one.textContent).toBe('W')
    expect(one.outerHTML).toBe(buildCard(part({ portrait: 'wickerby' })).querySelector('.portrait')!.outerHTML)
    expect(one.outerHTML).not.toBe(buildCard(part({ portrait: 'brine_otter' })).querySelector('.portrait')!.outerHTML)
  })
})

describe('how things come and go', () => {
  const how = { entry: 'pour', exit: 'kindle', easing: 'soft', entryMs: 400, exitMs: 600 } as const

  it('counts easing in and out within its time', () => {
    expect(frames(how, 5_600).map((frame) => frame.offset)).toEqual([0, 400 / 5_600, 1 - 600 / 5_600, 1])
  })

  it('never runs its frames backwards, however short it is', () => {
    const offsets = frames(how, 900).map((frame) => frame.offset as number)
    expect([...offsets].sort((a, b) => a - b)).toEqual(offsets)
  })

  it('moves and fades only, in eight ways that differ', () => {
    const all = MOTION_NAMES.map((entry) => frames({ ...how, entry }, 5_000))
    expect(new Set(all.map((each) => each[0]!.transform)).size).toBe(8)
    all
      .flat()
      .forEach((frame) =>
        expect(Object.keys(frame).every((key) => ['offset', 'opacity', 'transform', 'easing'].includes(key))).toBe(
          true,
        ),
      )
  })
})
