import type { Cue, Part } from '@/api/types'

/** A name that is not taken: the wish itself, or with a number behind it. */
export const free = (wish: string, taken: string[]): string => {
  let name = wish
  for (let count = 2; taken.includes(name); count++) {
    name = `${wish}-${count}`
  }
  return name
}

const slug = (text: string): string =>
  text.toLowerCase().normalize('NFKD').replaceAll(/[^a-z0-9]+/g, '-').replaceAll(/^-+|-+$/g, '').slice(0, 40) || 'cue'

/** The rest goes on where it fails, it waits with the others, and has its own length. */
export const PLAIN: Part['manner'] = { ifFails: 'goOn', atOnce: false, toEnd: false }

/** The only take of a simple cue. */
export const onlyTake = (parts: Part[]): Cue['takes'][number] => ({ id: 'main', name: 'Main', when: '', weight: 1, spare: '', score: { parts } })

/** A cue that answers a chat word, with a cooldown that keeps it from being a nuisance. */
export const newCue = (word: string, answer: string, rack: string, taken: string[]): Cue => ({
  formatVersion: 2,
  id: free(slug(word), taken),
  name: `Answer to ${word.trim()}`.slice(0, 60),
  rack,
  on: true,
  pulls: [{ kind: 'chatWord', words: word.split(/\s+/).filter(Boolean), general: false, argument: '' }],
  gates: [{ kind: 'who', standings: ['anyone'], leastMonths: 0, allow: [], deny: [], circles: [] }, { kind: 'cooldown', forAllMs: 5_000, perViewerMs: 0 }],
  whenHeld: [],
  takes: [onlyTake([{ kind: 'reply', id: 'answer', start: { kind: 'at', ms: 0 }, words: answer, manner: PLAIN }])],
  takeRule: 'first',
  urgency: 'usual',
  longestWaitMs: 60_000,
  description: '',
  listed: true,
})

/** A part that writes into books, switches something, or has others do something. */
const more = (kind: Part['kind'], id: string, start: Part['start']): Part | null => {
  switch (kind) {
    case 'clip':
      return { kind, id, start, seconds: 30, title: '{viewer}', longestMs: 20_000, manner: PLAIN }
    case 'switch':
      return { kind, id, start, target: { kind: 'scene', name: '' }, value: 'kettle', lengthMs: 5_000, stay: false, manner: PLAIN }
    case 'slate':
      return { kind, id, start, value: '', act: 'add', words: '1', manner: PLAIN }
    case 'points':
      return { kind, id, start, amount: 10, manner: PLAIN }
    default:
      return null
  }
}

/** A part of that kind with values that play at once; it starts after what is there. */
export const newPart = (kind: Part['kind'], parts: Part[], stage: { id: string; spots: { id: string }[]; outlets: { id: string }[] }, folder: string): Part => {
  const id = free(kind, parts.map((part) => part.id))
  const card = parts.find((part) => part.kind === 'card')
  const start: Part['start'] = kind === 'reply' && card ? { kind: 'after', part: card.id, gapMs: 200 } : { kind: 'at', ms: 0 }
  if (kind === 'card') {
    return { kind, id, start, lengthMs: 5_000, stage: stage.id, spot: stage.spots[card ? 1 : 0]?.id ?? stage.spots[0]!.id, look: 'beeswax', title: '{viewer}', words: 'was here', picture: '', entryMs: 400, exitMs: 600, manner: PLAIN }
  }
  const rest = more(kind, id, start)
  if (rest) {
    return rest
  }
  return kind === 'sound'
    ? { kind, id, start, stage: stage.id, outlet: stage.outlets[0]!.id, folder, file: '', volume: 80, manner: PLAIN }
    : { kind: 'reply', id, start, words: 'Thank you, {viewer}.', manner: PLAIN }
}
