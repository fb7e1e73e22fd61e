import { describe, expect, it } from 'vitest'
import { buildCard, frames } from './cards'
import type { Part } from './messages'

const part = (over: Partial<NonNullable<Part['card']>> = {}, lengthMs = 5_600): Part => ({
  partRun: '1.card', at: 0, lengthMs, sound: null, quiet: null,
  card: { spot: 'lower-third', look: 'beeswax', title: 'wickerby', words: 'pours', picture: '', entryMs: 400, exitMs: 600, ...over },
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

  it('falls back to a look that it knows', () => {
    expect(buildCard(part({ look: 'unknown' })).className).toBe('card beeswax')
  })

  it('counts easing in and out within its time', () => {
    expect(frames(part()).map((frame) => frame.offset)).toEqual([0, 400 / 5_600, 1 - 600 / 5_600, 1])
  })

  it('never runs its frames backwards, however short it is', () => {
    const offsets = frames(part({ entryMs: 400, exitMs: 600 }, 900)).map((frame) => frame.offset as number)
    expect([...offsets].sort((a, b) => a - b)).toEqual(offsets)
  })
})
