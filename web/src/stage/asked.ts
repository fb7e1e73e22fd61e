import type { ChatSeen, Face, Frame, Part, Plate, StageSize } from './messages'
import type { Moment } from './moment'

/** A stage that is not there, as it stands at a moment. */
export interface Drawing {
  stage: StageSize
  plates: Record<string, Plate>
  faces: Record<string, Partial<Face>>
  parts: Part[]
  at: number
  lines: ChatSeen[]
}

/** What the page around asks of a stage page. */
export interface Asked {
  level?: number
  /** The output on which this page sounds, empty text for the usual one. */
  sink?: string
  moment?: Moment | null
  /** Whether fixtures are left out, for a look at cards alone. */
  only?: 'parts'
  /** Frames of fixtures as the composer moves them. */
  frames?: Record<string, Frame>
  /** A stage that is not there, as it would stand at a moment; only of a page that draws. */
  drawing?: Drawing
}
