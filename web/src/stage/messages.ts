/** What the stage feed sends; see docs/formats/stage-feed.md. */
export interface Card {
  spot: string
  look: string
  title: string
  words: string
  picture: string
  entryMs: number
  exitMs: number
}

export interface Sound {
  outlet: string
  media: string
  volume: number
}

/** Another outlet sounds quieter meanwhile. */
export interface Quiet {
  outlet: string
  percent: number
}

export interface Part {
  partRun: string
  at: number
  lengthMs: number
  card: Card | null
  sound: Sound | null
  quiet: Quiet | null
}

export interface Spot {
  id: string
  x: number
  y: number
  width: number
  height: number
}

export interface StageSize {
  width: number
  height: number
  spots: Spot[]
}

export type News =
  | { type: 'welcome'; number: number; preview: boolean; stage: StageSize; parts: Part[] }
  | { type: 'part'; number: number; part: Part }
  | { type: 'end'; number: number; partRun: string; at: number }
  | { type: 'hush'; number: number; at: number }
  | { type: 'clock'; sent: number; now: number }
  | { type: 'ask' }

export type Report =
  | { type: 'hello'; key: string }
  | { type: 'clock'; sent: number }
  | { type: 'ready'; roundTrip: number; sounds: boolean }
  | { type: 'started'; partRun: string; at: number }
  | { type: 'ended'; partRun: string }
  | { type: 'failed'; partRun: string; why: string }
