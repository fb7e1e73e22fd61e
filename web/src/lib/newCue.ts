import type { Cue, Part, Pull } from '@/api/types'

/** A name that is not taken: the wish itself, or with a number behind it. */
export const free = (wish: string, taken: string[]): string => {
  let name = wish
  for (let count = 2; taken.includes(name); count++) {
    name = `${wish}-${count}`
  }
  return name
}

const slug = (text: string): string =>
  text
    .toLowerCase()
    .normalize('NFKD')
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-+|-+$/g, '')
    .slice(0, 40) || 'cue'

/** The rest goes on where it fails, it waits with the others, and has its own length. */
export const PLAIN: Part['manner'] = { ifFails: 'goOn', atOnce: false, toEnd: false }

/** The only take of a simple cue. */
export const onlyTake = (parts: Part[]): Cue['takes'][number] => ({
  id: 'main',
  name: 'Main',
  when: '',
  weight: 1,
  spare: '',
  score: { parts },
})

/** What a new cue is to do, in the order in which it is offered. */
export interface Wishes {
  /** An answer in chat; empty text for none. */
  answer: string
  card: boolean
  sound: boolean
}

const VIEWERLESS: Pull['kind'][] = ['mark', 'every', 'afterLines', 'calendar', 'hand', 'webCall', 'scene']
/** What a card says when an event happens. */
const SAID: Record<string, string> = {
  follow: 'follows the bench',
  membership: 'is a member for {membershipMonths, plural, one {# month} other {# months}}',
  gift: 'sent {giftCount, plural, one {a {giftItem}} other {# × {giftItem}}}',
  tip: 'left {tipAmount} in the tin',
  arrival: 'arrives with {arrivalViewers, plural, one {# viewer} other {# viewers}}',
  reward: 'redeems {rewardName}',
  clip: 'made a clip: {clipTitle}',
  likes: 'sends {likesCount} likes',
}

/** A cue of which something is heard or seen at once, with a cooldown where everyone may set it off by typing. */
export const newCue = (
  pull: Pull,
  name: string,
  { answer, card, sound }: Wishes,
  ground: PartGround,
  taken: string[],
): Cue => {
  const typed = ['chatWord', 'phrase', 'pattern', 'private'].includes(pull.kind)
  const parts: Part[] = []
  if (card) {
    const made = newPart('card', parts, ground) as Extract<Part, { kind: 'card' }>
    parts.push({ ...made, words: (pull.kind === 'event' && SAID[pull.event]) || made.words })
  }
  if (sound) {
    parts.push(newPart('sound', parts, ground))
  }
  if (answer) {
    parts.push({
      ...(newPart('reply', parts, ground) as Extract<Part, { kind: 'reply' }>),
      id: 'answer',
      words: answer,
    })
  }
  return {
    formatVersion: 4,
    id: free(slug(name), taken),
    name: name.slice(0, 60),
    description: '',
    listed: true,
    rack: ground.rack,
    on: true,
    pulls: [pull],
    gates: VIEWERLESS.includes(pull.kind)
      ? []
      : [
          { kind: 'who', standings: ['anyone'], leastMonths: 0, allow: [], deny: [], circles: [] },
          ...(typed ? [{ kind: 'cooldown' as const, forAllMs: sound ? 15_000 : 5_000, perViewerMs: 0 }] : []),
        ],
    whenHeld: [],
    takes: [onlyTake(parts)],
    takeRule: 'first',
    urgency: 'usual',
    longestWaitMs: 60_000,
  }
}

/** What a new part can stand on: a stage, a folder of sounds, a rack, values of the slate, and the values that its words may use. */
export interface PartGround {
  stage: { id: string; spots: { id: string }[]; outlets: { id: string }[]; fixtures?: { kind: string; id: string }[] }
  /** The first file of a folder of the shelf. */
  files?: Record<string, string>
  folder: string
  rack: string
  slate: string[]
  values: string[]
}

/** A part of that kind with values that play at once; an answer comes after the card that is there. */
export const newPart = (
  kind: Part['kind'],
  parts: Part[],
  { stage, folder, rack, slate, values, files }: PartGround,
): Part => {
  const card = parts.find((part) => part.kind === 'card')
  const head = {
    id: free(
      kind,
      parts.map((part) => part.id),
    ),
    start: { kind: 'at', ms: 0 } as Part['start'],
    manner: PLAIN,
  }
  const viewer = values.includes('viewer')
  const file = (of: string) => files?.[of] ?? ''
  const fixture = (of: string) => stage.fixtures?.find((each) => each.kind === of)?.id ?? ''
  const shown = { stage: stage.id, spot: stage.spots[0]?.id ?? '', entry: '', exit: '', entryMs: 400, exitMs: 400 }
  switch (kind) {
    case 'card':
      return {
        kind,
        ...head,
        lengthMs: 5_000,
        stage: stage.id,
        spot: stage.spots[card ? 1 : 0]?.id ?? stage.spots[0]!.id,
        look: 'beeswax',
        title: viewer ? '{viewer}' : 'Good evening',
        words: viewer ? 'was here' : '',
        picture: '',
        portrait: false,
        entry: '',
        exit: '',
        entryMs: 400,
        exitMs: 600,
      }
    case 'picture':
      return { kind, ...head, ...shown, lengthMs: 5_000, picture: file('Pictures') }
    case 'video':
      return { kind, ...head, ...shown, file: file('Videos'), volume: 80, left: 0, top: 0, right: 0, bottom: 0 }
    case 'burst':
      return {
        kind,
        ...head,
        lengthMs: 3_500,
        stage: stage.id,
        spot: shown.spot,
        shape: 'drops',
        count: 60,
        colours: ['#c8841a', '#fff4de', '#2f7468'],
      }
    case 'names':
      return {
        kind,
        ...head,
        lengthMs: 8_000,
        stage: stage.id,
        spot: shown.spot,
        heading: 'With thanks to',
        names: viewer ? '{viewer}' : 'everyone',
        colour: '#fffaf0',
        plate: '#2b2724',
      }
    case 'spin':
      return { kind, ...head, stage: stage.id, wheel: fixture('wheel'), spinMs: 5_000, stayMs: 3_000, times: 1 }
    case 'ask':
      return {
        kind,
        ...head,
        desk: 'wheel',
        about: `${stage.id}/${fixture('wheel')}`,
        act: 'fill',
        with: {},
      }
    case 'move':
      return { kind, ...head, lengthMs: 3_000, stage: stage.id, mascot: fixture('mascot'), move: 'flare' }
    case 'sound':
      return { kind, ...head, stage: stage.id, outlet: stage.outlets[0]!.id, folder, file: '', volume: 80 }
    case 'reply':
      return {
        kind,
        ...head,
        start: card ? { kind: 'after', part: card.id, gapMs: 200 } : head.start,
        words: viewer ? 'Thank you, {viewer}.' : 'Good evening.',
      }
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
