import { describe, expect, it } from 'vitest'
import { around, found } from './finding'

const section = (title: string, text: string) => ({ book: 'Guide', anchor: title.toLowerCase(), title, text, html: '' })
const ALL = [section('Cues', 'A cue answers a word.'), section('Stages', 'A spot shows the card of a cue.')]

describe('finding in the guide', () => {
  it('tells all while nothing is typed', () => {
    expect(found(ALL, '  ')).toEqual(ALL)
  })
  it('wants every word, anywhere, in any case', () => {
    expect(found(ALL, 'SPOT cue').map((each) => each.title)).toEqual(['Stages'])
    expect(found(ALL, 'spot lantern')).toEqual([])
  })
  it('tells first what has the word in its title', () => {
    expect(found([...ALL].reverse(), 'cue').map((each) => each.title)).toEqual(['Cues', 'Stages'])
  })
  it('shows what stands around a word', () => {
    const long = `${'before '.repeat(20)}the Lantern${' behind'.repeat(30)}`
    const shown = around(long, 'lantern')
    expect(shown).toContain('the Lantern behind')
    expect(shown.length).toBeLessThan(120)
    expect(shown.startsWith('…')).toBe(true)
  })
})
