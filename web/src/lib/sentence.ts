import type { ArgumentGate, ChanceGate, CooldownGate, Cue, Gate, Pull, Standing, WhoGate } from '@/api/types'
import { planned, type PlannedPart } from './plan'
import { span } from './spans'

/** What stands in the sentence as a control. */
export type ChipName = 'words' | 'who' | 'cooldown' | 'wait' | 'held'
export type Piece = { text: string } | { chip: ChipName; text: string; mono?: boolean }

export const STANDINGS: { standing: Standing; plural: string }[] = [
  { standing: 'anyone', plural: 'anyone' },
  { standing: 'follower', plural: 'followers' },
  { standing: 'member', plural: 'members' },
  { standing: 'vip', plural: 'VIPs' },
  { standing: 'moderator', plural: 'moderators' },
  { standing: 'host', plural: 'the host' },
]

/** "a, b or c". */
export const either = (names: string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} or ${names.at(-1)}`

interface Gates {
  who: WhoGate
  argument: ArgumentGate
  cooldown: CooldownGate
  chance: ChanceGate
}
export const gateOf = <K extends keyof Gates>(cue: Cue, kind: K) => cue.gates.find((gate) => gate.kind === kind) as Gates[K] | undefined

/** What people call the gates of a cue; every cue has the first by itself. */
export const GATES: Record<string, string> = { on: 'switched off', who: 'not allowed', argument: 'argument missing or wrong', cooldown: 'resting', chance: 'chance' }
export const gateKinds = (cue: Cue): string[] => ['on', ...cue.gates.map((gate: Gate) => gate.kind)]

/** What must stand behind the word, as a part of the sentence. */
const argumentWords = (gate: ArgumentGate): string =>
  ({
    viewer: 'the name of a viewer', number: `a number from ${gate.least} to ${gate.most}`, colour: 'a colour', link: 'a web address',
    oneOf: either(gate.words), text: `text of ${gate.most} characters at most`,
  })[gate.wants]

export const wordsOf = (cue: Cue): string[] => cue.pulls.flatMap((pull) => (pull.kind === 'chatWord' ? pull.words : []))

/** What happens on the channel, by kind of event. */
const EVENTS: Record<string, string> = {
  follow: 'someone follows', membership: 'a membership begins or is renewed', gift: 'a gift arrives', tip: 'a tip arrives',
  arrival: 'another broadcaster arrives', reward: 'a reward is redeemed', clip: 'a clip is made', likes: 'likes arrive',
}
const fieldName = (name: string) => name.replace(/([A-Z])/g, ' $1').toLowerCase()

/** What sets the cue off beside chat words, as a part of its sentence. */
export const pullWords = (pull: Pull): string => {
  if (pull.kind === 'phrase') {
    return `${either(pull.phrases.map((phrase) => `“${phrase}”`))} stands in a line`
  }
  if (pull.kind === 'pattern') {
    return `a line fits the pattern ${pull.pattern}`
  }
  if (pull.kind === 'event') {
    const least = Object.entries(pull.atLeast).map(([name, number]) => `${fieldName(name)} at least ${number}`)
    const exactly = Object.entries(pull.exactly).map(([name, text]) => `${fieldName(name)} ${text}`)
    const filters = [...least, ...exactly]
    return (EVENTS[pull.event] ?? pull.event) + (filters.length ? ` (${filters.join(', ')})` : '')
  }
  return `${either(pull.words)} is typed`
}
const otherPulls = (cue: Cue): string[] => cue.pulls.filter((pull) => pull.kind !== 'chatWord').map(pullWords)

export const whoWords = (cue: Cue): string => {
  const gate = gateOf(cue, 'who')
  const but = gate && gate.deny.length > 0 ? ` but ${either(gate.deny)}` : ''
  if (!gate || gate.standings.includes('anyone')) {
    return `anyone${but}`
  }
  const plural = (each: (typeof STANDINGS)[number]) => (each.standing === 'member' && gate.leastMonths > 0 ? `members of ${gate.leastMonths} months` : each.plural)
  return (either([...STANDINGS.filter((each) => gate.standings.includes(each.standing)).map(plural), ...gate.allow]) || 'nobody') + but
}

export const cooldownWords = (cue: Cue): string => {
  const gate = gateOf(cue, 'cooldown')
  const all = gate && gate.forAllMs > 0 ? `every ${span(gate.forAllMs)}` : ''
  const own = gate && gate.perViewerMs > 0 ? `every ${span(gate.perViewerMs)} for each viewer` : ''
  return [all, own].filter(Boolean).join(' and ')
}

/** How long the score is, "about" where a sound is drawn by chance. */
const scoreWords = (plan: PlannedPart[]): string => {
  const over = Math.max(0, ...plan.map((each) => each.to))
  return over === 0 ? 'answers at once' : `plays for ${plan.some((each) => each.open && each.to === over) ? 'about ' : ''}${span(over)}`
}

/** The sentence of a cue, with its controls in their places; a screen reader says the same. */
export const pieces = (cue: Cue, lengthOf: (folder: string, file: string) => number): Piece[] => {
  const rest = cooldownWords(cue)
  const plan = planned(cue.takes[0]!.score.parts, lengthOf)
  const others = otherPulls(cue)
  const argument = gateOf(cue, 'argument')
  const chance = gateOf(cue, 'chance')
  const typed = wordsOf(cue).length > 0 || others.length === 0
  const asksForPlace = cue.takes[0]!.score.parts.some((part) => part.kind !== 'reply')
  return [
    { text: 'When' },
    ...(typed ? ([{ chip: 'words', text: either(wordsOf(cue)) || 'no word yet', mono: true }, { text: 'is typed' }] as Piece[]) : []),
    ...others.map((text, at): Piece => ({ text: (typed || at > 0 ? 'or ' : '') + text })),
    { text: others.length > 0 ? ', from' : 'by' },
    { chip: 'who', text: whoWords(cue) },
    ...(argument ? [{ text: `, with ${argumentWords(argument)} behind it` }] : []),
    ...(chance ? [{ text: `, ${chance.percent} times of 100` }] : []),
    ...(rest ? [{ text: ', at most' }] : [{ text: ',' }]),
    { chip: 'cooldown', text: rest || 'as often as it comes' },
    { text: `, it ${scoreWords(plan)}.` },
    ...(asksForPlace
      ? ([{ text: 'While its places are taken it waits' }, { chip: 'wait', text: `up to ${span(cue.longestWaitMs)}` }, { text: '.' }] as Piece[])
      : []),
    { text: 'When held, it' },
    { chip: 'held', text: cue.whenHeld.length > 0 ? 'says so in chat' : 'stays silent' },
    { text: '.' },
  ]
}

/** A short form for lists: words, who, rest. */
export const brief = (cue: Cue): string => {
  const rest = gateOf(cue, 'cooldown')?.forAllMs ?? 0
  return [either([...wordsOf(cue), ...otherPulls(cue)]), whoWords(cue), rest > 0 && `rests ${span(rest)}`].filter(Boolean).join(' · ')
}

/** Pieces as one text, without a space before a comma or full stop. */
export const asText = (all: Piece[]): string => all.map((piece) => piece.text).join(' ').replace(/ ([,.])/g, '$1')
