import type { Cue, Gate, House, Pull } from '@/api/types'

/** One field of a pull or a gate, from which its form is made. */
export interface Field {
  name: string
  label: string
  as: 'text' | 'mono' | 'seconds' | 'number' | 'list' | 'flag' | 'choice' | 'colour' | 'colours' | 'words' | 'file'
  unit?: string
  hint?: string
  /** Stands beside another in one row. */
  half?: boolean
  choices?: { value: string; name: string }[]
  /** The folder of the shelf from which a file is chosen. */
  folder?: string
  /** Whether no colour or file may be chosen. */
  none?: boolean
  /** What may be taken over into a list by a click. */
  suggest?: string[]
  /** Whether it means anything with the other fields as they are. */
  shown?: (value: Record<string, unknown>) => boolean
}

/** What forms choose from. */
export interface Ground {
  house: House
  /** Values that the program counts by itself. */
  counted: House['slate']
  cues: { id: string; name: string }[]
  scenes: string[]
  links: { id: string; name: string }[]
}

/** A kind as menus offer it. */
export interface Kind<T> {
  name: string
  /** Other words under which people look for it. */
  also: string
  make: (ground: Ground) => T
  fields: (ground: Ground) => Field[]
}

type PullKind = Exclude<Pull['kind'], 'event'>
type GateKind = Exclude<Gate['kind'], 'who' | 'cooldown' | 'condition'>

export const field = (name: string, label: string, as: Field['as'], more: Partial<Field> = {}): Field => ({
  name,
  label,
  as,
  ...more,
})
const named = (all: { id: string; name: string }[]) => all.map((each) => ({ value: each.id, name: each.name }))
const numbers = ({ house, counted }: Ground) =>
  [...house.slate, ...counted].filter((each) => each.number && !each.perViewer)
const ZONE = () => Intl.DateTimeFormat().resolvedOptions().timeZone
const tomorrow = () => `${new Date(Date.now() + 86_400_000).toISOString().slice(0, 10)}T19:55:00`

/** What sets a cue off, in the order in which it is offered; events of the channel have a form of their own. */
export const PULLS: { [K in PullKind]: Kind<Extract<Pull, { kind: K }>> } = {
  chatWord: {
    name: 'someone types a word',
    also: 'command chat',
    make: () => ({ kind: 'chatWord', words: ['!'], general: false, argument: '' }),
    fields: ({ house }) => [
      field('words', 'Any of these, with a space between', 'list', {
        hint: 'Capitals make no difference. What follows the word is there as {argument}.',
      }),
      field('general', `without prefix: ${house.prefix} of the house is put before them`, 'flag'),
      field('argument', 'Only where this pattern fits what follows', 'mono', {
        hint: 'Empty for anything. Regular expression (RE2).',
      }),
    ],
  },
  phrase: {
    name: 'a phrase stands in a line',
    also: 'keyword text',
    make: () => ({ kind: 'phrase', phrases: ['good evening'], wholeWords: true }),
    fields: () => [
      field('phrases', 'Any of these, with a comma between', 'list'),
      field('wholeWords', 'only as whole words', 'flag'),
    ],
  },
  pattern: {
    name: 'a line fits a pattern',
    also: 'regular expression',
    make: () => ({ kind: 'pattern', pattern: 'wax+', literal: 'wax' }),
    fields: () => [
      field('pattern', 'Pattern (RE2)', 'mono'),
      field('literal', 'Text that every such line has', 'text', { hint: 'With it, most lines need not be tried.' }),
    ],
  },
  firstLine: {
    name: 'a first line tonight',
    also: 'greeting welcome entrance',
    make: () => ({ kind: 'firstLine', whose: 'each', name: '', spentWhenHeld: false }),
    fields: () => [
      field('whose', 'Whose', 'choice', {
        choices: [
          { value: 'each', name: 'everyone’s own' },
          { value: 'named', name: 'one viewer’s' },
          { value: 'firstOfAll', name: 'the very first of the show' },
        ],
      }),
      field('name', 'The viewer', 'text', { shown: (value) => value.whose === 'named' }),
      field('spentWhenHeld', 'spent even when held', 'flag'),
    ],
  },
  private: {
    name: 'a private message comes',
    also: 'whisper',
    make: () => ({ kind: 'private', words: [] }),
    fields: () => [field('words', 'Beginning with any of these', 'list', { hint: 'Empty for any message.' })],
  },
  hand: {
    name: 'I press a button or a key',
    also: 'hotkey',
    make: () => ({ kind: 'hand', button: 'Ring it', key: '' }),
    fields: () => [
      field('button', 'On the button', 'text'),
      field('key', 'Key', 'mono', { hint: 'Such as Alt+3 or F6.' }),
    ],
  },
  every: {
    name: 'every so often',
    also: 'timer interval',
    make: () => ({ kind: 'every', everyMs: 1_200_000 }),
    fields: () => [field('everyMs', 'Every', 'seconds', { hint: 'Counted from the opening of the show.' })],
  },
  afterLines: {
    name: 'after so many lines of chat',
    also: 'timer messages',
    make: () => ({ kind: 'afterLines', lines: 50, leastMs: 600_000 }),
    fields: () => [field('lines', 'Lines', 'number'), field('leastMs', 'And not before', 'seconds')],
  },
  calendar: {
    name: 'the calendar says so',
    also: 'schedule date',
    make: () => ({ kind: 'calendar', rule: 'FREQ=WEEKLY;BYDAY=MO', start: tomorrow(), zone: ZONE() }),
    fields: () => [
      field('rule', 'Rule (RFC 5545)', 'mono'),
      field('start', 'First time', 'mono'),
      field('zone', 'Time zone', 'text'),
    ],
  },
  mark: {
    name: 'a number on the slate crosses a mark',
    also: 'goal variable counter',
    make: (ground) => ({ kind: 'mark', value: numbers(ground)[0]?.id ?? '', mark: 10, up: true }),
    fields: (ground) => [
      field('value', 'Number', 'choice', { choices: named(numbers(ground)) }),
      field('mark', 'Mark', 'number'),
      field('up', 'going up (else down)', 'flag'),
    ],
  },
  scene: {
    name: 'the scene changes',
    also: 'mixer',
    make: () => ({ kind: 'scene', scenes: [] }),
    fields: ({ scenes }) => [field('scenes', 'To one of', 'list', { hint: 'Empty for any.', suggest: scenes })],
  },
  webCall: {
    name: 'a web address is called',
    also: 'webhook',
    make: () => ({ kind: 'webCall', hook: 'kiln' }),
    fields: () => [field('hook', 'Name of the address', 'mono')],
  },
  cue: {
    name: 'another cue rings',
    also: 'chain sequence',
    make: ({ cues }) => ({ kind: 'cue', cue: cues[0]?.id ?? '', ended: false }),
    fields: ({ cues }) => [
      field('cue', 'Cue', 'choice', { choices: named(cues) }),
      field('ended', 'when it is over (else when it begins)', 'flag'),
    ],
  },
}

/** What must hold beside who, cooldown and condition, which have forms of their own. */
export const GATES: { [K in GateKind]: Kind<Extract<Gate, { kind: K }>> } = {
  argument: {
    name: 'something stands behind the word',
    also: 'argument parameter',
    make: () => ({ kind: 'argument', wants: 'text', least: 1, most: 100, words: [], knownOnly: false, usage: '' }),
    fields: () => [
      field('wants', 'It must be', 'choice', {
        choices: [
          ['viewer', 'a viewer'],
          ['number', 'a number'],
          ['colour', 'a colour'],
          ['link', 'a web address'],
          ['oneOf', 'one of some words'],
          ['text', 'any text'],
        ].map(([value, name]) => ({ value: value!, name: name! })),
      }),
      field('least', 'From', 'number', { shown: (value) => value.wants === 'number' }),
      field('most', 'At most', 'number', { shown: (value) => value.wants === 'number' || value.wants === 'text' }),
      field('words', 'The words, with a space between', 'list', { shown: (value) => value.wants === 'oneOf' }),
      field('knownOnly', 'only somebody who was seen here', 'flag', { shown: (value) => value.wants === 'viewer' }),
      field('usage', 'How to write it', 'text', { hint: 'Told with the refusal, such as !pour 1 to 10.' }),
    ],
  },
  air: {
    name: 'on air, or in a scene',
    also: 'live stream',
    make: () => ({ kind: 'air', air: 'on', scenes: [] }),
    fields: ({ scenes }) => [
      field('air', 'The stream', 'choice', {
        choices: [
          { value: 'on', name: 'must be on air' },
          { value: 'off', name: 'must be off air' },
          { value: 'either', name: 'makes no difference' },
        ],
      }),
      field('scenes', 'Only in these scenes', 'list', { hint: 'Empty for any.', suggest: scenes }),
    ],
  },
  limit: {
    name: 'not too often in a show',
    also: 'limit count',
    make: () => ({ kind: 'limit', perShow: 0, perViewer: 1 }),
    fields: () => [
      field('perShow', 'Times a show', 'number', { hint: '0 for no limit.' }),
      field('perViewer', 'Times for each viewer', 'number'),
    ],
  },
  price: {
    name: 'it is paid for',
    also: 'cost currency points',
    make: () => ({ kind: 'price', price: 10 }),
    fields: ({ house }) => [
      field('price', 'Costs', 'number', { unit: house.pointsMany, hint: 'Given back where nothing played.' }),
    ],
  },
  chance: {
    name: 'by chance',
    also: 'random percent',
    make: () => ({ kind: 'chance', percent: 50 }),
    fields: () => [field('percent', 'So many of a hundred', 'number')],
  },
  links: {
    name: 'it comes by certain links',
    also: 'channel platform',
    make: ({ links }) => ({ kind: 'links', links: links.slice(0, 1).map((each) => each.id) }),
    fields: ({ links }) => [field('links', 'Any of these', 'list', { suggest: links.map((each) => each.id) })],
  },
  standBack: {
    name: 'no more exact cue rang',
    also: 'priority fallback',
    make: () => ({ kind: 'standBack' }),
    fields: () => [],
  },
}

/** The gates that a cue may still be given, one of each kind at most. */
export const freeGates = (cue: Cue): { kind: Gate['kind']; name: string }[] => {
  const all: { kind: Gate['kind']; name: string }[] = [
    { kind: 'who', name: 'certain people' },
    { kind: 'cooldown', name: 'it has rested' },
    { kind: 'condition', name: 'a condition holds' },
    ...Object.entries(GATES).map(([kind, each]) => ({ kind: kind as Gate['kind'], name: each.name })),
  ]
  return all.filter((each) => !cue.gates.some((gate) => gate.kind === each.kind))
}

/** A gate with values that say something at once. */
export const newGate = (kind: Gate['kind'], ground: Ground): Gate => {
  switch (kind) {
    case 'who':
      return { kind, standings: ['anyone'], leastMonths: 0, allow: [], deny: [], circles: [] }
    case 'cooldown':
      return { kind, forAllMs: 10_000, perViewerMs: 0 }
    case 'condition':
      return { kind, condition: 'show.open' }
    default:
      return GATES[kind].make(ground)
  }
}

/** A list as it is typed: words have spaces between; what may hold spaces itself has commas. */
export const splitList = (typed: string, name: string): string[] =>
  typed
    .split(name === 'words' ? /\s+/ : /\s*,\s*/)
    .map((each) => each.trim())
    .filter(Boolean)
export const joinList = (all: string[], name: string): string => all.join(name === 'words' ? ' ' : ', ')
