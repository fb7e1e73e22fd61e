import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { ReportView } from '@/api/types'
import EveningDesks from './EveningDesks.vue'

const report = (differs: object | null): ReportView =>
  ({
    evening: {
      desks: [
        { desk: 'At the bench', happens: 'a queue opens', count: 1 },
        { desk: 'At the bench', happens: 'someone joins a queue', count: 4 },
      ],
    },
    differs,
  }) as unknown as ReportView
const rows = (of: ReportView) =>
  mount(EveningDesks, { props: { report: of } })
    .findAll('li')
    .map((each) => each.text())

describe('what happened at desks in a rehearsal', () => {
  it('is counted', () => {
    expect(rows(report(null))).toEqual(['At the bench: a queue opens 1', 'At the bench: someone joins a queue 4'])
  })
  it('stands first with both figures where it differs from another wiring', () => {
    const desks = [
      { desk: 'At the bench', happens: 'someone joins a queue', before: 8, after: 4 },
      { desk: 'Tea', happens: 'a clock is over', before: 1, after: 0 },
    ]
    expect(rows(report({ desks }))).toEqual([
      'At the bench: someone joins a queue 8 → 4',
      'Tea: a clock is over 1 → 0',
      'At the bench: a queue opens 1',
    ])
  })
})
