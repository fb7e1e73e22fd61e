/** What the stage feed sends; see docs/formats/stage-feed.md. */
export interface Look {
  id: string
  plate: string
  plateTo: string
  angle: number
  ink: string
  second: string
  seal: string
  edge: 'clean' | 'drip' | 'bar' | 'line'
  corner: number
  outline: boolean
  face: 'fraunces' | 'hyperlegible' | 'mono'
  titleSize: number
  lineSize: number
  entry: MotionName
  exit: MotionName
  easing: EasingName
}
export type MotionName = 'pour' | 'rise' | 'settle' | 'swing' | 'drift' | 'tide' | 'unroll' | 'kindle'
export type EasingName = 'soft' | 'even' | 'springy'

export interface Card {
  spot: string
  look: Look
  title: string
  words: string
  picture: string
  /** Name of the viewer whose portrait stands there; empty text for none. */
  portrait: string
  entryMs: number
  exitMs: number
}

export interface Sound {
  outlet: string
  media: string
  volume: number
  /** Hundredths of a decibel by which it is raised beside its volume, so that all sounds are equally loud. */
  gain: number
  fromMs: number
  /** How much of it is played, 0 for all. */
  playMs: number
  fadeInMs: number
  fadeOutMs: number
  /** Whether it is still being made, as speech is: it begins when it is there, and from its beginning. */
  coming: boolean
}

/** Spoken words that can be read while they are heard. */
export interface Caption {
  spot: string
  look: Look
  byWord: boolean
  /** Each with how much of the speech has gone by when it begins, 0 to 1. */
  words: { text: string; share: number }[]
}

/** Another outlet sounds quieter meanwhile. */
export interface Quiet {
  outlet: string
  percent: number
}

interface Eases {
  entry: string
  exit: string
  entryMs: number
  exitMs: number
}
export type Shown =
  | ({ kind: 'picture' } & Eases)
  | ({ kind: 'video'; volume: number; left: number; top: number; right: number; bottom: number } & Eases)
  | { kind: 'burst'; shape: string; count: number; colours: string[]; seed: number }
  | { kind: 'names'; heading: string; names: string[]; colour: string; plate: string }
  | { kind: 'spin'; drawn: number[]; words: string[]; spinMs: number; stayMs: number }
  | { kind: 'move'; move: string }
  | ({
      kind: 'introduction'
      look: Look
      name: string
      words: string
      last: string
      /** Address of their portrait, empty text for a seal made of their name. */
      portrait: string
    } & Eases)
export type ShownOf<K extends Shown['kind']> = Extract<Shown, { kind: K }>

/** What is shown beside cards, on a spot or by a fixture. */
export interface Thing {
  place: string
  media: string
  shown: Shown
}

export interface Part {
  partRun: string
  at: number
  lengthMs: number
  card: Card | null
  sound: Sound | null
  caption: Caption | null
  quiet: Quiet | null
  thing: Thing | null
}

/** Where something stands, in pixels of the stage; what has a higher layer stands before a lower. */
export interface Frame {
  x: number
  y: number
  width: number
  height: number
  layer: number
}

export interface Spot {
  id: string
  frame: Frame
}

/** A display that stays; what else it has depends on its kind. */
export interface Fixture {
  kind: string
  id: string
  name: string
  frame: Frame
}

/** What a fixture shows now; each kind is told only its own of it. */
export interface Face {
  text: string
  now: number
  goal: number
  last: number
  out: number[]
}
export const BLANK: Face = { text: '', now: 0, goal: 0, last: -1, out: [] }

export interface ChatSeen {
  at: number
  name: string
  text: string
  command: boolean
}

export interface StageSize {
  width: number
  height: number
  spots: Spot[]
  fixtures: Fixture[]
  outlets: { id: string; apart: boolean }[]
}

/** A file that parts of this stage use, to be fetched before it is due. */
export interface Ahead {
  type: string
  address: string
}

/** The colours that a fixture has of a saved look. */
export type Plate = Record<'colour' | 'mark' | 'wax' | 'plate', string>

export type News =
  | {
      type: 'welcome'
      number: number
      preview: boolean
      stage: StageSize
      media: Record<string, string>
      ahead: Ahead[]
      plates: Record<string, Plate>
      faces: Record<string, Partial<Face>>
      lines: ChatSeen[]
      parts: Part[]
    }
  | {
      type: 'stage'
      number: number
      stage: StageSize
      media: Record<string, string>
      ahead: Ahead[]
      plates: Record<string, Plate>
      faces: Record<string, Partial<Face>>
    }
  | { type: 'face'; number: number; fixture: string; face: Partial<Face> }
  | { type: 'lines'; number: number; lines: ChatSeen[] }
  | { type: 'part'; number: number; part: Part }
  | { type: 'end'; number: number; partRun: string; at: number }
  | { type: 'hush'; number: number; at: number }
  | { type: 'clock'; sent: number; now: number }
  | { type: 'ask' }
  /** Make this speech, and give it to the server. */
  | { type: 'make'; id: string; words: string[] }

export type Report =
  | { type: 'hello'; key: string }
  | { type: 'clock'; sent: number }
  | { type: 'ready'; roundTrip: number; sounds: boolean }
  | { type: 'started'; partRun: string; at: number }
  | { type: 'ended'; partRun: string }
  | { type: 'failed'; partRun: string; why: string }
  /** What this page's browser can speak with, name to tongue. */
  | { type: 'voices'; voices: Record<string, string> }
