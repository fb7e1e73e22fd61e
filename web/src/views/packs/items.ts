import type { PackItem } from '@/api/types'

/** How each sort of thing is called, one and several, in the order in which they are listed. */
export const SORTS: { sort: PackItem['sort']; one: string; many: string }[] = [
  { sort: 'rack', one: 'Rack', many: 'Racks' },
  { sort: 'cue', one: 'Cue', many: 'Cues' },
  { sort: 'desk', one: 'Desk', many: 'Desks' },
  { sort: 'stage', one: 'Stage', many: 'Stages' },
  { sort: 'look', one: 'Look', many: 'Looks' },
  { sort: 'slate', one: 'Value of the slate', many: 'Values of the slate' },
  { sort: 'circle', one: 'Circle', many: 'Circles' },
]
export const keyOf = (item: PackItem): string => `${item.sort}/${item.id}`
/** Things by their sorts, those that there are. */
export const bySort = <T extends { item: PackItem }>(all: T[]) =>
  SORTS.map((each) => ({ ...each, items: all.filter((one) => one.item.sort === each.sort) })).filter(
    (each) => each.items.length > 0,
  )
