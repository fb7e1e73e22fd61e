import type { DecisionNotice } from '@/api/types'

/** Which of what happened is shown: all of it, or what became of it, or who wrote what. */
export const FILTERS: { filter: string; name: string; lets: (decision: DecisionNotice) => boolean }[] = [
  { filter: 'all', name: 'everything', lets: () => true },
  { filter: 'rang', name: 'rang', lets: (each) => each.answers.some((answer) => !answer.held && !answer.dropped) },
  { filter: 'held', name: 'held', lets: (each) => each.answers.some((answer) => answer.held || answer.dropped) },
  { filter: 'questions', name: 'questions', lets: (each) => each.written?.question === true },
  { filter: 'staff', name: 'staff', lets: (each) => ['host', 'moderator'].includes(each.written?.standing ?? '') },
  { filter: 'events', name: 'gifts and more', lets: (each) => !each.written },
]
