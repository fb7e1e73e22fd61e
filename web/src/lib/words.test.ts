import { describe, expect, it } from 'vitest'
import { fillSample } from './words'

describe('words with sample values', () => {
  it('fills names, and leaves what has no sample', () => {
    expect(fillSample('{viewer} and {other}', { viewer: 'lou' })).toBe('lou and {other}')
  })

  it('says counts with their plural, as the engine does', () => {
    const pattern = '{viewer} sent {giftCount, plural, one {# sprig} other {# sprigs}}'
    expect(fillSample(pattern, { viewer: 'lou', giftCount: '1' })).toBe('lou sent 1 sprig')
    expect(fillSample(pattern, { viewer: 'lou', giftCount: '1200' })).toBe('lou sent 1,200 sprigs')
  })

  it('shows the first of several wordings, and tags as text', () => {
    expect(fillSample('one <b>{viewer, select, other {x}}</b>\n~\ntwo', { viewer: 'lou' })).toBe('one <b>x</b>')
  })

  it('leaves a pattern that cannot be read', () => {
    expect(fillSample('{n, plural, one {x}', { n: '1' })).toBe('{n, plural, one {x}')
    expect(fillSample('{n, plural, one {#} other {#}}', {})).toBe('{n, plural, one {#} other {#}}')
  })
})
