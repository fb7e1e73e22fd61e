import type { DecisionNotice } from '@/api/types'
import { moodOf } from '@/components/rope/bars'

/** Which of what happened is shown: all of it, or what became of it, or who wrote what. */
export const FILTERS: { filter: string; name: string; lets: (decision: DecisionNotice) => boolean }[] = [
  { filter: 'all', name: 'everything', lets: () => true },
  { filter: 'rang', name: 'rang', lets: (each) => moodOf(each) === 'rang' },
  { filter: 'held', name: 'held', lets: (each) => moodOf(each) === 'held' },
  { filter: 'questions', name: 'questions', lets: (each) => each.written?.question === true },
  { filter: 'staff', name: 'staff', lets: (each) => ['host', 'moderator'].includes(each.written?.standing ?? '') },
  { filter: 'events', name: 'gifts and more', lets: (each) => !each.written },
]
