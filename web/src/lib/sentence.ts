import type { ArgumentGate, ConditionGate, CooldownGate, Cue, Gate, House, Pull, Standing, WhoGate } from '@/api/types'
import { planned, type PlannedPart } from './plan'
import { span } from './spans'

/** What stands in the sentence as a control: a pull by its place, a gate by its kind, or what the cue has by itself. */
export type ChipName = `pull:${number}` | `gate:${Gate['kind']}` | 'takes' | 'wait' | 'held'
export type Piece =
  { text: string } | { chip: ChipName; text: string; mono?: boolean } | { add: 'pull' | 'gate' | 'take'; text: string }

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
  cooldown: CooldownGate
  condition: ConditionGate
}
export const gateOf = <K extends keyof Gates>(cue: Cue, kind: K) =>
  cue.gates.find((gate) => gate.kind === kind) as Gates[K] | undefined

/** What each gate is about, as its control and its answers are headed. */
export const GATE_TITLES: Record<string, string> = {
  on: 'Switch',
  who: 'Who may',
  cooldown: 'Cooldown',
  condition: 'Condition',
  argument: 'Behind the word',
  air: 'On air',
  limit: 'Limit',
  price: 'Price',
  chance: 'Chance',
  links: 'Links',
  standBack: 'More exact cues',
  take: 'Takes',
  hand: 'By hand',
}

/** What people call the gates of a cue; every cue has the first by itself. */
export const GATE_NAMES: Record<string, string> = {
  on: 'switched off',
  who: 'not allowed',
  argument: 'argument missing or wrong',
  cooldown: 'resting',
  chance: 'chance',
  standBack: 'a more exact cue rang',
  air: 'not on air or in another scene',
  limit: 'rang often enough',
  condition: 'its condition does not hold',
  price: 'too few points',
  links: 'came by another link',
}
export const gateKinds = (cue: Cue): string[] => ['on', ...cue.gates.map((gate: Gate) => gate.kind)]

/** What must stand behind the word, as a part of the sentence. */
const argumentWords = (gate: ArgumentGate): string =>
  ({
    viewer: 'the name of a viewer',
    number: `a number from ${gate.least} to ${gate.most}`,
    colour: 'a colour',
    link: 'a web address',
    oneOf: either(gate.words),
    text: `text of ${gate.most} characters at most`,
  })[gate.wants]

export const wordsOf = (cue: Cue): string[] => cue.pulls.flatMap((pull) => (pull.kind === 'chatWord' ? pull.words : []))

/** The words of a pull as viewers type them. */
const typedWords = (pull: PullOf<'chatWord'>, prefix: string): string[] =>
  pull.general ? pull.words.map((word) => prefix + word) : pull.words

/** The first pull by chat words, which stands in the sentence as its chip. */
export const typedPull = (cue: Cue) => cue.pulls.find((pull) => pull.kind === 'chatWord')

/** What happens in the house, by kind of event: nobody in particular does it. */
const HOUSE_EVENTS: Record<string, string> = {
  showOpened: 'the show opens',
  showClosed: 'the show closes',
  airOn: 'the stream starts',
  airOff: 'the stream ends',
  wheelStopped: 'a wheel stops',
}
/** What happens, by kind of event. */
export const EVENTS: Record<string, string> = {
  ...HOUSE_EVENTS,
  follow: 'someone follows',
  membership: 'a membership begins or is renewed',
  gift: 'a gift arrives',
  tip: 'a tip arrives',
  arrival: 'another broadcaster arrives',
  reward: 'a reward is redeemed',
  clip: 'a clip is made',
  likes: 'likes arrive',
}
export const fieldName = (name: string) => name.replace(/([A-Z])/g, ' $1').toLowerCase()

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
    pull.whose === 'named'
      ? `${pull.name} writes the first line tonight`
      : pull.whose === 'each'
        ? 'someone writes their first line tonight'
        : 'the very first line of the show is written',
  private: (pull) =>
    pull.words.length > 0 ? `${either(pull.words)} comes as a private message` : 'a private message comes',
  mark: (pull) => `${pull.value} on the slate ${pull.up ? 'reaches' : 'falls to'} ${pull.mark}`,
  every: (pull) => `another ${span(pull.everyMs)} of the show have passed`,
  afterLines: (pull) =>
    `${pull.lines} lines were written${pull.leastMs > 0 ? ` and ${span(pull.leastMs)} have passed` : ''}`,
  calendar: (pull) => `the calendar says so (${pull.rule})`,
  hand: (pull) => `I press ${either([pull.button, pull.key].filter(Boolean))}`,
  webCall: (pull) => `the address ${pull.hook} is called`,
  scene: (pull) => (pull.scenes.length > 0 ? `the scene changes to ${either(pull.scenes)}` : 'the scene changes'),
  cue: (pull) => `the cue ${pull.cue} ${pull.ended ? 'is over' : 'rings'}`,
}
export const whoWords = (cue: Cue, house: House): string => {
  const gate = gateOf(cue, 'who')
  const but = gate && gate.deny.length > 0 ? ` but ${either(gate.deny)}` : ''
  if (!gate || gate.standings.includes('anyone')) {
    return `anyone${but}`
  }
  const plural = (each: (typeof STANDINGS)[number]) =>
    each.standing === 'member' && gate.leastMonths > 0 ? `members of ${gate.leastMonths} months` : each.plural
  return (
    (either([
      ...STANDINGS.filter((each) => gate.standings.includes(each.standing)).map(plural),
      ...gate.allow,
      ...gate.circles.map((circle) => `the circle ${house.circles.find((each) => each.id === circle)?.name ?? circle}`),
    ]) || 'nobody') + but
  )
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
  gateOf(cue, 'who') !== undefined ||
  cue.pulls.length === 0 ||
  cue.pulls.some((pull) => !IMPERSONAL.includes(pull.kind) && !(pull.kind === 'event' && pull.event in HOUSE_EVENTS))

/** What a gate of a kind asks, as a part of the sentence; who, cooldown and condition have places of their own in it. */
const gateWords = (gate: Gate, house: House): string => {
  switch (gate.kind) {
    case 'argument':
      return `with ${argumentWords(gate)} behind it`
    case 'chance':
      return `${gate.percent} times of 100`
    case 'standBack':
      return 'unless a more exact cue rang'
    case 'air':
      return (
        [
          gate.air === 'on' ? 'on air' : gate.air === 'off' ? 'off air' : '',
          gate.scenes.length > 0 && `in the scene ${either(gate.scenes)}`,
        ]
          .filter(Boolean)
          .join(' ') || 'on air or not'
      )
    case 'links':
      return `from ${either(gate.links) || 'no link'}`
    case 'limit': {
      const often = [
        gate.perShow > 0 && `${times(gate.perShow)} a show`,
        gate.perViewer > 0 && `${times(gate.perViewer)} for each viewer`,
      ]
        .filter(Boolean)
        .join(' and ')
      return often ? `no more than ${often}` : 'as often in a show as it comes'
    }
    case 'price':
      return `for ${gate.price} ${gate.price === 1 ? house.pointsOne : house.pointsMany}`
    default:
      return ''
  }
}

/** The order in which gates stand in the sentence. */
const SAID: Gate['kind'][] = ['argument', 'chance', 'standBack', 'air', 'links', 'limit', 'price']

const TAKE_RULES = { first: 'the first that fits', weight: 'by weight', turn: 'in turn' }
/** How long the score is, "about" where a sound is drawn by chance. */
const scoreWords = (plan: PlannedPart[]): string => {
  const over = Math.max(0, ...plan.map((each) => each.to))
  return over === 0
    ? 'answers at once'
    : `plays for ${plan.some((each) => each.open && (each.to === over || each.part.kind === 'clip')) ? 'about ' : ''}${span(over)}`
}

const pullPieces = (cue: Cue, prefix: string): Piece[] => {
  const all = cue.pulls.flatMap((pull, at): Piece[] => {
    const chip: ChipName = `pull:${at}`
    const or = at > 0 ? [{ text: 'or' }] : []
    const typed = pull.kind === 'chatWord' ? either(typedWords(pull, prefix)) || 'no word yet' : ''
    const fits = pull.kind === 'chatWord' && pull.argument ? ` with ${pull.argument} behind it` : ''
    return pull.kind === 'chatWord'
      ? [...or, { chip, text: typed, mono: true }, { text: `is typed${fits}` }]
      : [...or, { chip, text: pullWords(pull, prefix) }]
  })
  return all.length > 0 ? all : [{ text: 'nothing yet' }]
}

/** The sentence of a cue, with its controls in their places; a screen reader says the same. */
export const pieces = (cue: Cue, lengthOf: (folder: string, file: string) => number, house: House): Piece[] => {
  const rest = cooldownWords(cue)
  const condition = gateOf(cue, 'condition')
  const onlyTyped = cue.pulls.length === 1 && cue.pulls[0]!.kind === 'chatWord'
  const asksForPlace = cue.takes.some((take) => take.score.parts.some((part) => 'stage' in part))
  const said = SAID.map((kind) => cue.gates.find((gate) => gate.kind === kind)).filter((gate) => gate !== undefined)
  const score = scoreWords(planned(cue.takes[0]!.score.parts, lengthOf))
  const several = cue.takes.length > 1
  return [
    { text: 'When' },
    ...pullPieces(cue, house.prefix),
    ...(personal(cue)
      ? ([{ text: onlyTyped ? 'by' : ', from' }, { chip: 'gate:who', text: whoWords(cue, house) }] as Piece[])
      : []),
    ...said.flatMap((gate): Piece[] => [{ text: ',' }, { chip: `gate:${gate.kind}`, text: gateWords(gate, house) }]),
    { text: rest ? ', at most' : ',' },
    { chip: 'gate:cooldown', text: rest || 'as often as it comes' },
    ...(condition
      ? ([
          { text: ', only if' },
          { chip: 'gate:condition', text: condition.condition || 'nothing yet', mono: true },
        ] as Piece[])
      : []),
    ...(several
      ? ([
          { text: ', it plays one of' },
          { chip: 'takes', text: `${cue.takes.length} takes, ${TAKE_RULES[cue.takeRule]}` },
          { text: `; the first ${score}` },
        ] as Piece[])
      : [{ text: `, it ${score}` }]),
    { text: '.' },
    ...(asksForPlace
      ? ([
          { text: 'While its places are taken it waits' },
          {
            chip: 'wait',
            text: `up to ${span(cue.longestWaitMs)}${cue.urgency === 'usual' ? '' : `, ${cue.urgency}`}`,
          },
          { text: '.' },
        ] as Piece[])
      : []),
    { text: 'When held, it' },
    { chip: 'held', text: cue.whenHeld.length > 0 ? 'says so in chat' : 'stays silent' },
    { text: '.' },
    { add: 'pull', text: '+ when' },
    { add: 'gate', text: '+ only if' },
    { add: 'take', text: '+ take' },
  ]
}

/** A short form for lists: what sets it off, who, rest. */
export const brief = (cue: Cue, house: House): string => {
  const rest = gateOf(cue, 'cooldown')?.forAllMs ?? 0
  const pulls = cue.pulls.flatMap((pull) =>
    pull.kind === 'chatWord' ? typedWords(pull, house.prefix) : [pullWords(pull, house.prefix)],
  )
  return [either(pulls), personal(cue) && whoWords(cue, house), rest > 0 && `rests ${span(rest)}`]
    .filter(Boolean)
    .join(' · ')
}

/** Pieces as one text, without what only adds and without a space before a comma or full stop. */
export const asText = (all: Piece[]): string =>
  all
    .filter((piece) => !('add' in piece))
    .map((piece) => piece.text)
    .join(' ')
    .replace(/ ([,.;])/g, '$1')
