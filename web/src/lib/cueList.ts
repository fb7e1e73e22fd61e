import type { CueView, RackView } from '@/api/types'

/** One row of the list: the head of a rack, a cue, or that a rack is empty. */
export type ListRow =
  | { kind: 'rack'; key: string; rack: RackView; count: number }
  | { kind: 'cue'; key: string; rack: RackView; view: CueView }
  | { kind: 'empty'; key: string; rack: RackView }

/** Whether a cue is meant by what was typed: every word of it stands somewhere in the cue, or among the trade's other words for it. */
export const isFound = (view: CueView, typed: string): boolean =>
  typed
    .trim()
    .toLowerCase()
    .split(/\s+/)
    .filter(Boolean)
    .every((word) => view.find.includes(word))

/** The list as rows; racks without anything found are left out while something is sought. */
export const rowsOf = (racks: RackView[], cues: CueView[], typed: string): ListRow[] => {
  const byRack = new Map<string, CueView[]>(racks.map((each) => [each.rack.id, []]))
  cues.forEach((view) => isFound(view, typed) && byRack.get(view.cue.rack)?.push(view))
  return racks.flatMap((rack): ListRow[] => {
    const mine = byRack.get(rack.rack.id)!
    if (typed.trim() && mine.length === 0) {
      return []
    }
    const rows: ListRow[] = mine.map((view) => ({ kind: 'cue', key: view.cue.id, rack, view }))
    return [
      { kind: 'rack', key: `rack ${rack.rack.id}`, rack, count: mine.length },
      ...(rows.length ? rows : [{ kind: 'empty', key: `empty ${rack.rack.id}`, rack } as ListRow]),
    ]
  })
}

/** Where a cue goes that is moved one place up or down in the list as it is drawn: beyond the edge of its rack it comes to the nearest place of the next. @param before the cue before which it comes, empty text for the end of the rack */
export const besideOf = (
  racks: RackView[],
  cues: CueView[],
  id: string,
  by: number,
): { rack: string; before: string } | null => {
  const inRacks = racks.map(({ rack }) => ({
    rack: rack.id,
    ids: cues.filter((each) => each.cue.rack === rack.id).map((each) => each.cue.id),
  }))
  const at = inRacks.findIndex((each) => each.ids.includes(id))
  const mine = inRacks[at]
  const place = mine?.ids.indexOf(id) ?? -1
  if (mine && mine.ids[place + by] !== undefined) {
    return { rack: mine.rack, before: (by < 0 ? mine.ids[place - 1] : mine.ids[place + 2]) ?? '' }
  }
  const next = mine && inRacks[at + by]
  return next ? { rack: next.rack, before: by < 0 ? '' : (next.ids[0] ?? '') } : null
}

/** A number that hangs on a text and on nothing else (FNV-1a), for drawing. */
export const numberOf = (text: string): number => {
  let hash = 2_166_136_261
  for (const char of text) {
    hash = Math.imul(hash ^ char.codePointAt(0)!, 16_777_619)
  }
  return hash >>> 0
}
