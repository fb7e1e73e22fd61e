import { beforeEach, describe, expect, it, vi } from 'vitest'
import { Deck } from './deck'
import { Larder } from './larder'
import { Moments } from './moment'
import type { Look, Part, StageSize } from './messages'
import { coming } from './motions'
import type { Sounds } from './sounds'
import { showThing, type Ground } from './things'

const frame = { x: 10, y: 20, width: 300, height: 100, layer: 2 }
const SIZE: StageSize = { width: 1_280, height: 720, spots: [{ id: 'spot', frame }], fixtures: [], outlets: [] }
const LOOK = {
  plate: '#fff4de',
  plateTo: '#fff4de',
  ink: '#2a211a',
  second: '#5a4836',
  seal: '#c8841a',
  edge: 'clean',
  face: 'fraunces',
  entry: 'rise',
  exit: 'rise',
  easing: 'soft',
} as Look
const part = (partRun: string, at: number, lengthMs: number, more: Partial<Part>): Part => ({
  partRun,
  at,
  lengthMs,
  card: null,
  sound: null,
  caption: null,
  quiet: null,
  thing: null,
  ...more,
})
const card = (partRun: string, at: number, title: string) =>
  part(partRun, at, 2_000, {
    card: { spot: 'spot', look: LOOK, title, words: '', picture: '', portrait: '', entryMs: 200, exitMs: 200 },
  })
const names = (partRun: string, at: number) =>
  part(partRun, at, 2_000, {
    thing: {
      place: 'spot',
      media: '',
      shown: {
        kind: 'names',
        heading: 'Thanks',
        names: ['<b>wickerby</b>', 'tallowmoth'],
        colour: '#fffaf0',
        plate: '',
      },
    },
  })

interface Played {
  element: Element
  duration: number
  startTime: number | null
  currentTime: number
  paused: boolean
  pause: () => void
  cancel: () => void
}
let played: Played[] = []
const sounds = { may: true, film: vi.fn(), warm: vi.fn(), stop: vi.fn(), play: vi.fn(() => Promise.resolve()) }
const page = (silent = true) => {
  const root = document.createElement('div')
  const ground: Ground = {
    root,
    sounds: sounds as unknown as Sounds,
    silent,
    video: (address) =>
      Object.assign(document.createElement('video'), { src: address, play: () => Promise.resolve(), pause: vi.fn() }),
  }
  return {
    root,
    ground,
    moments: new Moments(ground, new Deck(root, (server) => server), () => SIZE, sounds as unknown as Sounds),
  }
}

beforeEach(() => {
  played = []
  vi.clearAllMocks()
  Object.defineProperty(document, 'timeline', { value: { currentTime: 10_000 }, configurable: true })
  Element.prototype.animate = function (this: Element, _frames: unknown, options: { duration: number }) {
    const made: Played = {
      element: this,
      duration: options.duration,
      startTime: null,
      currentTime: 0,
      paused: false,
      pause: () => (made.paused = true),
      cancel: () => undefined,
    }
    played.push(made)
    return made as unknown as Animation
  } as never
  Element.prototype.getAnimations = function (this: Element) {
    return played.filter((each) => this.contains(each.element)) as unknown as Animation[]
  }
})

describe('a moment of a plan', () => {
  it('shows just what stands then, begun when it would have been, and stopped there', () => {
    const { root, moments } = page()
    moments.show({
      parts: [card('a', 0, 'one'), card('b', 1_500, 'two'), card('c', 4_000, 'three')],
      at: 1_800,
      playing: false,
      sounds: false,
    })
    expect([...root.querySelectorAll('.title')].map((each) => each.textContent)).toEqual(['one', 'two'])
    expect(played.filter((each) => each.element.classList.contains('card')).map((each) => each.startTime)).toEqual([
      8_200, 9_700,
    ])
    expect(played.every((each) => each.paused)).toBe(true)
    expect(root.hasAttribute('data-moment')).toBe(true)
    moments.show({ parts: [card('a', 0, 'one'), card('b', 1_500, 'two')], at: 2_600, playing: false, sounds: false })
    expect([...root.querySelectorAll('.title')].map((each) => each.textContent)).toEqual(['two'])
    moments.show(null)
    expect(root.childElementCount).toBe(0)
    expect(root.hasAttribute('data-moment')).toBe(false)
  })

  it('runs on by itself where it plays, with what is still to come, and sounds only where that is wished', () => {
    const { root, moments } = page()
    const sound = part('s', 200, 900, {
      sound: {
        outlet: 'bench',
        media: '/media/1',
        volume: 80,
        gain: 0,
        fromMs: 0,
        playMs: 0,
        fadeInMs: 0,
        fadeOutMs: 0,
        coming: false,
      },
    })
    moments.show({ parts: [card('a', 500, 'later'), sound], at: 0, playing: true, sounds: false })
    expect(root.querySelector('.title')!.textContent).toBe('later')
    expect(played[0]!.paused).toBe(false)
    expect(sounds.play).not.toHaveBeenCalled()
    moments.show({ parts: [sound], at: 0, playing: true, sounds: true })
    expect(sounds.play).toHaveBeenCalledOnce()
  })

  it('leaves out what has no place on this stage', () => {
    const { root, moments } = page()
    moments.show({
      parts: [{ ...card('a', 0, 'x'), card: { ...card('a', 0, 'x').card!, spot: 'gone' } }, names('n', 0)],
      at: 100,
      playing: false,
      sounds: false,
    })
    expect([...root.children].map((each) => each.className)).toEqual(['part thing names bare'])
    expect([...root.querySelectorAll('.line')].map((each) => each.textContent)).toEqual([
      '<b>wickerby</b>',
      'tallowmoth',
    ])
    expect(root.querySelector('b')).toBeNull()
  })
})

describe('things on a spot', () => {
  it('stand in its frame, before what has a lower layer', () => {
    const { root, ground } = page()
    showThing(names('n', 0), frame, 0, ground)
    const style = (root.firstElementChild as HTMLElement).style
    expect([style.left, style.top, style.width, style.height, style.zIndex]).toEqual([
      '10px',
      '20px',
      '300px',
      '100px',
      '2',
    ])
  })

  it('are videos cut at their edges, silent in previews, with the volume of their part', () => {
    const film = part('v', 0, 4_000, {
      thing: {
        place: 'spot',
        media: '/media/9',
        shown: {
          kind: 'video',
          volume: 40,
          left: 25,
          top: 0,
          right: 25,
          bottom: 50,
          entry: '',
          exit: 'kindle',
          entryMs: 100,
          exitMs: 100,
        },
      },
    })
    const quiet = showThing(film, frame, 9_000, page().ground)!
    const video = quiet.made!.querySelector('video')!
    expect([video.style.width, video.style.height, video.style.left, video.style.top]).toEqual([
      '200%',
      '200%',
      '-50%',
      '0%',
    ])
    expect(video.muted).toBe(true)
    expect(sounds.film).toHaveBeenCalledWith(video, 40)
    quiet.hold()
    expect(video.currentTime).toBe(1)
    quiet.end()
    expect(showThing(film, frame, 9_000, page(false).ground)!.made!.querySelector('video')!.muted).toBe(false)
  })

  it('come as they say, and rise where they say nothing or what nobody knows', () => {
    expect(coming({ entry: '', exit: 'leap', entryMs: 1, exitMs: 2 })).toMatchObject({ entry: 'rise', exit: 'rise' })
    expect(coming({ entry: 'unroll', exit: 'kindle', entryMs: 1, exitMs: 2 })).toMatchObject({
      entry: 'unroll',
      exit: 'kindle',
    })
  })
})

describe('files ahead of time', () => {
  it('are fetched once each, whatever their token, and a video that plays is not taken twice', () => {
    const fetched: string[] = []
    vi.stubGlobal(
      'Image',
      class {
        set src(address: string) {
          fetched.push(address)
        }
        decode() {
          return Promise.resolve()
        }
      },
    )
    const larder = new Larder(sounds as unknown as Sounds)
    larder.fetch([
      { type: 'image/png', address: '/media/1?t=a' },
      { type: 'audio/wav', address: '/media/2?t=a' },
      { type: 'video/webm', address: '/media/3?t=a' },
    ])
    larder.fetch([{ type: 'image/png', address: '/media/1?t=b' }])
    expect(fetched).toEqual(['/media/1?t=a'])
    expect(sounds.warm).toHaveBeenCalledWith('/media/2?t=a')
    const first = larder.video('/media/3?t=b')
    expect(larder.video('/media/3?t=c')).toBe(first)
    document.body.append(first)
    expect(larder.video('/media/3?t=c')).not.toBe(first)
    first.remove()
    vi.unstubAllGlobals()
  })
})
