import type { Cue, CueView, House, RackView } from '@/api/types'
import { free } from './newCue'
import { PARTS } from './parts'
import { brief } from './sentence'

/** One row of the list: the head of a rack, a cue, or that a rack is empty. */
export type ListRow =
  | { kind: 'rack'; key: string; rack: RackView; count: number }
  | { kind: 'cue'; key: string; rack: RackView; view: CueView }
  | { kind: 'empty'; key: string; rack: RackView }

/** The words of the trade under which people look for what we call otherwise. */
const ALSO: [RegExp, string][] = [
  [/^queue/, 'turns'],
  [/^variable/, 'slate'],
  [/^timer/, 'every'],
  [/^alert/, 'card'],
  [/^raid/, 'arrival'],
  [/^folder/, 'rack'],
  [/^command/, '!'],
]

const texts = new WeakMap<Cue, string>()
/** All in a cue by which it may be found: its name, words, sentence, parts and their words, and the viewers that it names. */
const textOf = (cue: Cue, house: House): string => {
  const known = texts.get(cue)
  if (known !== undefined) {
    return known
  }
  const who = cue.gates.flatMap((gate) => (gate.kind === 'who' ? [...gate.allow, ...gate.deny, ...gate.circles] : []))
  const parts = cue.takes.flatMap((take) =>
    take.score.parts.flatMap((part) => [
      PARTS.find((each) => each.kind === part.kind)!.name,
      ...Object.values(part).filter((value) => typeof value === 'string'),
    ]),
  )
  const text = [cue.name, cue.description, brief(cue, house), ...who, ...parts].join('\n').toLowerCase()
  texts.set(cue, text)
  return text
}

/** Whether a cue is meant by what was typed: every word of it stands somewhere in the cue. */
export const isFound = (cue: Cue, house: House, typed: string): boolean => {
  const words = typed.trim().toLowerCase().split(/\s+/).filter(Boolean)
  return words.every((word) => {
    const text = textOf(cue, house)
    return text.includes(word) || ALSO.some(([trade, ours]) => trade.test(word) && text.includes(ours))
  })
}

/** The list as rows; racks without anything found are left out while something is sought. */
export const rowsOf = (racks: RackView[], cues: CueView[], house: House, typed: string): ListRow[] => {
  const byRack = new Map<string, CueView[]>(racks.map((each) => [each.rack.id, []]))
  cues.forEach((view) => isFound(view.cue, house, typed) && byRack.get(view.cue.rack)?.push(view))
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

/** A chat word that nobody has yet: with a number behind it. */
const freeWord = (word: string, taken: Set<string>): string => {
  let made = word
  for (let count = 2; taken.has(made.toLowerCase()); count++) {
    made = `${word}${count}`
  }
  return made
}

/** A copy of a cue under a name, with words and keys that no other cue has. */
export const copyOf = (cue: Cue, all: CueView[]): Cue => {
  const taken = new Set(
    all
      .flatMap((each) => each.cue.pulls.flatMap((pull) => (pull.kind === 'chatWord' ? pull.words : [])))
      .map((word) => word.toLowerCase()),
  )
  const made = JSON.parse(JSON.stringify(cue)) as Cue
  made.id = free(
    cue.id.replace(/-\d+$/, ''),
    all.map((each) => each.cue.id),
  )
  made.name = `${cue.name}, copied`.slice(0, 60)
  made.pulls.forEach((pull) => {
    if (pull.kind === 'chatWord') {
      pull.words = pull.words.map((word) => freeWord(word, taken))
      pull.words.forEach((word) => taken.add(word.toLowerCase()))
    } else if (pull.kind === 'hand') {
      Object.assign(pull, { key: '', button: pull.button || 'Ring it' })
    }
  })
  return made
}

/** A number that hangs on a text and on nothing else (FNV-1a), for drawing. */
export const numberOf = (text: string): number => {
  let hash = 2_166_136_261
  for (const char of text) {
    hash = Math.imul(hash ^ char.codePointAt(0)!, 16_777_619)
  }
  return hash >>> 0
}
