import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { showCaption } from './caption'
import type { Look, Part } from './messages'

const LOOK = {
  plate: '#fff4de',
  plateTo: '#fff4de',
  angle: 90,
  ink: '#2a211a',
  second: '#5a4836',
  seal: '#c8841a',
  edge: 'clean',
  corner: 24,
  outline: false,
  face: 'fraunces',
  titleSize: 32,
  lineSize: 19,
  entry: 'rise',
  exit: 'rise',
  easing: 'soft',
} as Look
const SPOT = { id: 'along', frame: { x: 0, y: 0, width: 400, height: 100, layer: 0 } }
const part = (byWord: boolean): Part => ({
  partRun: '1.voice',
  at: 0,
  lengthMs: 12_000,
  card: null,
  sound: null,
  quiet: null,
  thing: null,
  caption: {
    spot: 'along',
    look: LOOK,
    byWord,
    words: [
      { text: '<b>ines</b>', share: 0 },
      { text: 'says', share: 0.25 },
      { text: 'hello', share: 0.5 },
    ],
  },
})

describe('what is said and can be read', () => {
  const begins: { words: string; at: number | null }[] = []
  beforeEach(() => {
    begins.length = 0
    HTMLElement.prototype.animate = vi.fn(function (this: HTMLElement) {
      const words = this.className === 'word' ? this.textContent! : ''
      return {
        cancel: vi.fn(),
        set startTime(at: number | null) {
          begins.push({ words, at })
        },
      } as unknown as Animation
    }) as unknown as typeof HTMLElement.prototype.animate
  })
  afterEach(() => vi.restoreAllMocks())

  it('lets each word stand out when its share of the speech has gone by, and takes it as text', () => {
    const stage = document.createElement('div')
    showCaption(stage, SPOT, part(true), 1_000, 4_000)
    expect(stage.querySelector('.line')!.textContent).toBe('<b>ines</b> says hello')
    expect(stage.querySelector('b')).toBeNull()
    expect(begins.filter((each) => each.words)).toEqual([
      { words: '<b>ines</b>', at: 1_000 },
      { words: 'says', at: 2_000 },
      { words: 'hello', at: 3_000 },
    ])
  })

  it('stands as a sentence where that is wanted, with no empty line above, and goes away', () => {
    const stage = document.createElement('div')
    const shown = showCaption(stage, SPOT, part(false), 1_000, 4_000)
    expect(stage.querySelector('.word')).toBeNull()
    expect(stage.querySelector('.title')).toBeNull()
    expect(stage.querySelector('.line')!.textContent).toBe('<b>ines</b> says hello')
    shown.end()
    expect(stage.childElementCount).toBe(0)
  })
})
