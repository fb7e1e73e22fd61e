import type { ShowSeen } from '@/api/types'

type Minute = ShowSeen['summary']['minutes'][number]

/** One bar of the drawn evening: several minutes together where there are more than fit. */
export interface Bar {
  /** Minutes from the opening to its first. */
  from: number
  minutes: number
  lines: number
  rang: number
  held: number
}

/** The evening as at most so many bars, each of as many whole minutes as the others. */
export const barsOf = (minutes: Minute[], most: number): Bar[] => {
  const each = Math.max(1, Math.ceil(minutes.length / most))
  const bars: Bar[] = []
  for (let from = 0; from < minutes.length; from += each) {
    const of = minutes.slice(from, from + each)
    const sum = (key: keyof Minute) => of.reduce((all, minute) => all + minute[key], 0)
    bars.push({ from, minutes: of.length, lines: sum('lines'), rang: sum('rang'), held: sum('held') })
  }
  return bars
}
