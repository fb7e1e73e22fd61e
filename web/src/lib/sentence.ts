import type { AirGate, ArgumentGate, ChanceGate, ConditionGate, CooldownGate, Cue, Gate, House, LimitGate, LinkGate, PriceGate, Pull, Standing, WhoGate } from '@/api/types'
import { planned, type PlannedPart } from './plan'
import { span } from './spans'

/** What stands in the sentence as a control. */
export type ChipName = 'words' | 'who' | 'cooldown' | 'condition' | 'wait' | 'held'
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
  air: AirGate
  links: LinkGate
  limit: LimitGate
  condition: ConditionGate
  price: PriceGate
}
export const gateOf = <K extends keyof Gates>(cue: Cue, kind: K) => cue.gates.find((gate) => gate.kind === kind) as Gates[K] | undefined

/** What people call the gates of a cue; every cue has the first by itself. */
export const GATES: Record<string, string> = {
  on: 'switched off', who: 'not allowed', argument: 'argument missing or wrong', cooldown: 'resting', chance: 'chance',
  standBack: 'a more exact cue rang', air: 'not on air or in another scene', limit: 'rang often enough', condition: 'its condition does not hold', price: 'too few points', links: 'came by another link',
}
export const gateKinds = (cue: Cue): string[] => ['on', ...cue.gates.map((gate: Gate) => gate.kind)]

/** What must stand behind the word, as a part of the sentence. */
const argumentWords = (gate: ArgumentGate): string =>
  ({
    viewer: 'the name of a viewer', number: `a number from ${gate.least} to ${gate.most}`, colour: 'a colour', link: 'a web address',
    oneOf: either(gate.words), text: `text of ${gate.most} characters at most`,
  })[gate.wants]

export const wordsOf = (cue: Cue): string[] => cue.pulls.flatMap((pull) => (pull.kind === 'chatWord' ? pull.words : []))

/** The words of a pull as viewers type them. */
const typedWords = (pull: PullOf<'chatWord'>, prefix: string): string[] => (pull.general ? pull.words.map((word) => prefix + word) : pull.words)

/** The first pull by chat words, which stands in the sentence as its chip. */
export const typedPull = (cue: Cue) => cue.pulls.find((pull) => pull.kind === 'chatWord')

/** What happens in the house, by kind of event: nobody in particular does it. */
const HOUSE_EVENTS: Record<string, string> = {
  showOpened: 'the show opens', showClosed: 'the show closes', airOn: 'the stream starts', airOff: 'the stream ends',
  clockEnded: 'a clock ends', tuneEnded: 'a tune ends', taskDone: 'a task is done', wheelStopped: 'a wheel stops',
}
/** What happens, by kind of event. */
const EVENTS: Record<string, string> = {
  ...HOUSE_EVENTS,
  follow: 'someone follows', membership: 'a membership begins or is renewed', gift: 'a gift arrives', tip: 'a tip arrives',
  arrival: 'another broadcaster arrives', reward: 'a reward is redeemed', clip: 'a clip is made', likes: 'likes arrive',
}
const fieldName = (name: string) => name.replace(/([A-Z])/g, ' $1').toLowerCase()

/** What sets the cue off beside chat words, as a part of its sentence. */
export const pullWords = (pull: Pull, prefix: string): string => {
  if (pull.kind === 'chatWord') {
    return `${either(typedWords(pull, prefix))} is typed`
  }
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
  return REST[pull.kind]?.(pull as never) ?? ''
}

type PullOf<K extends Pull['kind']> = Extract<Pull, { kind: K }>
const REST: { [K in Pull['kind']]?: (pull: PullOf<K>) => string } = {
  firstLine: (pull) =>
    pull.whose === 'named' ? `${pull.name} writes the first line tonight` : pull.whose === 'each' ? 'someone writes their first line tonight' : 'the very first line of the show is written',
  private: (pull) => (pull.words.length > 0 ? `${either(pull.words)} comes as a private message` : 'a private message comes'),
  mark: (pull) => `${pull.value} on the slate ${pull.up ? 'reaches' : 'falls to'} ${pull.mark}`,
  every: (pull) => `another ${span(pull.everyMs)} of the show have passed`,
  afterLines: (pull) => `${pull.lines} lines were written${pull.leastMs > 0 ? ` and ${span(pull.leastMs)} have passed` : ''}`,
  calendar: (pull) => `the calendar says so (${pull.rule})`,
  hand: (pull) => `I press ${either([pull.button, pull.key].filter(Boolean))}`,
  webCall: (pull) => `the address ${pull.hook} is called`,
  scene: (pull) => (pull.scenes.length > 0 ? `the scene changes to ${either(pull.scenes)}` : 'the scene changes'),
  cue: (pull) => `the cue ${pull.cue} ${pull.ended ? 'is over' : 'rings'}`,
}
const otherPulls = (cue: Cue, prefix: string): string[] => cue.pulls.filter((pull) => pull !== typedPull(cue)).map((pull) => pullWords(pull, prefix))

export const whoWords = (cue: Cue, house: House): string => {
  const gate = gateOf(cue, 'who')
  const but = gate && gate.deny.length > 0 ? ` but ${either(gate.deny)}` : ''
  if (!gate || gate.standings.includes('anyone')) {
    return `anyone${but}`
  }
  const plural = (each: (typeof STANDINGS)[number]) => (each.standing === 'member' && gate.leastMonths > 0 ? `members of ${gate.leastMonths} months` : each.plural)
  return (either([...STANDINGS.filter((each) => gate.standings.includes(each.standing)).map(plural), ...gate.allow, ...gate.circles.map((circle) => `the circle ${house.circles.find((each) => each.id === circle)?.name ?? circle}`)]) || 'nobody') + but
}

export const cooldownWords = (cue: Cue): string => {
  const gate = gateOf(cue, 'cooldown')
  const all = gate && gate.forAllMs > 0 ? `every ${span(gate.forAllMs)}` : ''
  const own = gate && gate.perViewerMs > 0 ? `every ${span(gate.perViewerMs)} for each viewer` : ''
  return [all, own].filter(Boolean).join(' and ')
}

const times = (count: number): string => (count === 1 ? 'once' : count === 2 ? 'twice' : `${count} times`)

/** What nobody in particular does; of whom it comes is then no part of the sentence. */
const IMPERSONAL = ['mark', 'every', 'afterLines', 'calendar', 'hand', 'webCall', 'scene']
const personal = (cue: Cue): boolean =>
  gateOf(cue, 'who') !== undefined || cue.pulls.length === 0 || cue.pulls.some((pull) => !IMPERSONAL.includes(pull.kind) && !(pull.kind === 'event' && pull.event in HOUSE_EVENTS))

/** What else must hold, as further parts of the sentence. */
const conditions = (cue: Cue, house: House): string[] => {
  const air = gateOf(cue, 'air')
  const limit = gateOf(cue, 'limit')
  const price = gateOf(cue, 'price')
  const links = gateOf(cue, 'links')
  const often = limit ? [limit.perShow > 0 && `${times(limit.perShow)} a show`, limit.perViewer > 0 && `${times(limit.perViewer)} for each viewer`].filter(Boolean).join(' and ') : ''
  return [
    cue.gates.some((gate) => gate.kind === 'standBack') && 'unless a more exact cue rang',
    air && [air.air === 'on' ? 'on air' : air.air === 'off' ? 'off air' : '', air.scenes.length > 0 && `in the scene ${either(air.scenes)}`].filter(Boolean).join(' '),
    links && `from ${either(links.links)}`,
    often && `no more than ${often}`,
    price && `for ${price.price} ${price.price === 1 ? house.pointsOne : house.pointsMany}`,
  ].filter((text): text is string => Boolean(text))
}

const takeWords = (cue: Cue): string =>
  cue.takes.length < 2 ? '' : `one of ${cue.takes.length} takes${cue.takeRule === 'first' ? ', the first that fits' : cue.takeRule === 'weight' ? ', by weight' : ', in turn'}, which `

/** How long the score is, "about" where a sound is drawn by chance. */
const scoreWords = (plan: PlannedPart[]): string => {
  const over = Math.max(0, ...plan.map((each) => each.to))
  return over === 0 ? 'answers at once' : `plays for ${plan.some((each) => each.open && (each.to === over || each.part.kind === 'clip')) ? 'about ' : ''}${span(over)}`
}

/** The sentence of a cue, with its controls in their places; a screen reader says the same. */
export const pieces = (cue: Cue, lengthOf: (folder: string, file: string) => number, house: House): Piece[] => {
  const { prefix } = house
  const first = typedPull(cue)
  const rest = cooldownWords(cue)
  const plan = planned(cue.takes[0]!.score.parts, lengthOf)
  const others = otherPulls(cue, prefix)
  const argument = gateOf(cue, 'argument')
  const chance = gateOf(cue, 'chance')
  const condition = gateOf(cue, 'condition')
  const typed = wordsOf(cue).length > 0 || others.length === 0
  const asksForPlace = cue.takes[0]!.score.parts.some((part) => part.kind === 'card' || part.kind === 'sound')
  return [
    { text: 'When' },
    ...(typed ? ([{ chip: 'words', text: (first && either(typedWords(first, prefix))) || 'no word yet', mono: true }, { text: 'is typed' }] as Piece[]) : []),
    ...others.map((text, at): Piece => ({ text: (typed || at > 0 ? 'or ' : '') + text })),
    ...(personal(cue) ? ([{ text: others.length > 0 ? ', from' : 'by' }, { chip: 'who', text: whoWords(cue, house) }] as Piece[]) : []),
    ...(argument ? [{ text: `, with ${argumentWords(argument)} behind it` }] : []),
    ...(chance ? [{ text: `, ${chance.percent} times of 100` }] : []),
    ...conditions(cue, house).map((text) => ({ text: `, ${text}` })),
    ...(rest ? [{ text: ', at most' }] : [{ text: ',' }]),
    { chip: 'cooldown', text: rest || 'as often as it comes' },
    { text: `, it ${takeWords(cue) ? `plays ${takeWords(cue)}` : ''}${scoreWords(plan)}.` },
    ...(asksForPlace
      ? ([{ text: 'While its places are taken it waits' }, { chip: 'wait', text: `up to ${span(cue.longestWaitMs)}` }, { text: '.' }] as Piece[])
      : []),
    { text: 'When held, it' },
    { chip: 'held', text: cue.whenHeld.length > 0 ? 'says so in chat' : 'stays silent' },
    { text: condition ? '. It rings only if' : '.' },
    { chip: 'condition', text: condition?.condition ?? '', mono: true },
  ]
}

/** A short form for lists: words, who, rest. */
export const brief = (cue: Cue, house: House): string => {
  const { prefix } = house
  const first = typedPull(cue)
  const rest = gateOf(cue, 'cooldown')?.forAllMs ?? 0
  return [either([...(first ? typedWords(first, prefix) : []), ...otherPulls(cue, prefix)]), personal(cue) && whoWords(cue, house), rest > 0 && `rests ${span(rest)}`].filter(Boolean).join(' · ')
}

/** Pieces as one text, without a space before a comma or full stop. */
export const asText = (all: Piece[]): string => all.filter((piece) => piece.text).map((piece) => piece.text).join(' ').replace(/ ([,.])/g, '$1')
