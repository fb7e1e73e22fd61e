import type { Cue, CueView } from '@/api/types'

/** The name of a value of the slate among the values of words: `slatePours`. */
export const inWords = (id: string): string => `slate${id.charAt(0).toUpperCase()}${id.slice(1)}`

const writes = (cue: Cue, id: string): boolean =>
  cue.takes.some((take) => take.score.parts.some((part) => part.kind === 'slate' && part.value === id))
const reads = (cue: Cue, id: string): boolean => {
  const name = new RegExp(`\\{\\s*${inWords(id)}\\b|\\bslate\\.${id}\\b`)
  const inText = (value: unknown): boolean =>
    typeof value === 'string'
      ? name.test(value)
      : typeof value === 'object' && value !== null && Object.values(value).some(inText)
  return (
    cue.pulls.some((pull) => pull.kind === 'mark' && pull.value === id) || inText([cue.gates, cue.whenHeld, cue.takes])
  )
}

/** Which cues write a value of the slate and which read it. */
export const usesOf = (id: string, cues: CueView[]): { writers: Cue[]; readers: Cue[] } => ({
  writers: cues.filter((each) => writes(each.cue, id)).map((each) => each.cue),
  readers: cues.filter((each) => reads(each.cue, id)).map((each) => each.cue),
})
