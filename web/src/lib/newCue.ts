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
  formatVersion: 3,
  id: free(slug(word), taken),
  name: `Answer to ${word.trim()}`.slice(0, 60),
  description: '',
  listed: true,
  rack,
  on: true,
  pulls: [{ kind: 'chatWord', words: word.split(/\s+/).filter(Boolean), general: false, argument: '' }],
  gates: [{ kind: 'who', standings: ['anyone'], leastMonths: 0, allow: [], deny: [], circles: [] }, { kind: 'cooldown', forAllMs: 5_000, perViewerMs: 0 }],
  whenHeld: [],
  takes: [onlyTake([{ kind: 'reply', id: 'answer', start: { kind: 'at', ms: 0 }, words: answer, manner: PLAIN }])],
  takeRule: 'first',
  urgency: 'usual',
  longestWaitMs: 60_000,
})

/** What a new part can stand on: a stage, a folder of sounds, a rack, values of the slate, and the values that its words may use. */
export interface PartGround {
  stage: { id: string; spots: { id: string }[]; outlets: { id: string }[] }
  folder: string
  rack: string
  slate: string[]
  values: string[]
}

/** A part of that kind with values that play at once; an answer comes after the card that is there. */
export const newPart = (kind: Part['kind'], parts: Part[], { stage, folder, rack, slate, values }: PartGround): Part => {
  const card = parts.find((part) => part.kind === 'card')
  const head = { id: free(kind, parts.map((part) => part.id)), start: { kind: 'at', ms: 0 } as Part['start'], manner: PLAIN }
  const viewer = values.includes('viewer')
  switch (kind) {
    case 'card':
      return {
        kind, ...head, lengthMs: 5_000, stage: stage.id, spot: stage.spots[card ? 1 : 0]?.id ?? stage.spots[0]!.id, look: 'beeswax',
        title: viewer ? '{viewer}' : 'Good evening', words: viewer ? 'was here' : '', picture: '', entryMs: 400, exitMs: 600,
      }
    case 'sound':
      return { kind, ...head, stage: stage.id, outlet: stage.outlets[0]!.id, folder, file: '', volume: 80 }
    case 'reply':
      return { kind, ...head, start: card ? { kind: 'after', part: card.id, gapMs: 200 } : head.start, words: viewer ? 'Thank you, {viewer}.' : 'Good evening.' }
    case 'clip':
      return { kind, ...head, seconds: 30, title: viewer ? '{viewer}' : 'Tonight', longestMs: 20_000 }
    case 'switch':
      return { kind, ...head, target: { kind: 'rack', name: rack }, value: 'off', lengthMs: 5_000, stay: false }
    case 'slate':
      return { kind, ...head, value: slate[0]!, act: 'set', words: '1' }
    case 'points':
      return { kind, ...head, amount: 10 }
  }
}
