import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { router } from '@/console/router'
import { helpOf, PLACE_HELP } from './places'

const headings = readFileSync('../docs/guide.md', 'utf8')
  .split('\n')
  .filter((line) => line.startsWith('## '))
  .map((line) => line.slice(3))

describe('the help of a place', () => {
  it('is there for every place of the console', () => {
    const paths = router
      .getRoutes()
      .filter((each) => !each.meta.dock && !each.redirect)
      .map((each) => each.path.replace(/\/:.*/, ''))
    paths.forEach((path) =>
      expect(PLACE_HELP.some((each) => path === each.path || path.startsWith(`${each.path}/`))).toBe(true),
    )
  })
  it.each(PLACE_HELP)('of $path leads to a heading that the guide has', ({ guide }) => {
    expect(headings).toContain(guide)
  })
  it('is that of the nearest place', () => {
    expect(helpOf('/people/ledger').title).toBe('People')
    expect(helpOf('/look-back/3').title).toBe('Look back')
    expect(helpOf('/somewhere').title).toBe('Cues')
  })
})
