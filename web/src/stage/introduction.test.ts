import { describe, expect, it } from 'vitest'
import { introduction } from './introduction'
import type { Look } from './messages'

const look: Look = {
  id: 'beeswax',
  plate: '#f6ecd2',
  plateTo: '#f6ecd2',
  angle: 0,
  ink: '#201a16',
  second: '#5b5148',
  seal: '#c8841a',
  edge: 'clean',
  corner: 12,
  outline: false,
  face: 'fraunces',
  titleSize: 32,
  lineSize: 19,
  entry: 'pour',
  exit: 'tide',
  easing: 'soft',
}
const shown = {
  kind: 'introduction' as const,
  look,
  name: 'wickerby',
  words: 'weaves <b>baskets</b>',
  last: 'A creel',
  portrait: '/media/p',
  entry: 'pour',
  exit: 'tide',
  entryMs: 400,
  exitMs: 400,
}

describe('an introduction', () => {
  it('has portrait, name, words and the art of what was streamed last, never as markup', () => {
    const made = introduction(shown, '/media/a')
    expect([...made.querySelectorAll('img')].map((each) => each.getAttribute('src'))).toEqual(['/media/p', '/media/a'])
    expect([...made.querySelectorAll('.title, .line')].map((each) => each.textContent)).toEqual([
      'wickerby',
      'weaves <b>baskets</b>',
      'A creel',
    ])
    expect(made.querySelector('b')).toBeNull()
  })

  it('has a seal where there is no portrait, and nothing beside where nothing is known', () => {
    const made = introduction({ ...shown, portrait: '', words: '', last: '' }, '')
    expect(made.querySelector('.face svg')).not.toBeNull()
    expect(made.querySelector('.last')).toBeNull()
    expect(made.querySelectorAll('.line')).toHaveLength(0)
  })
})
