import type { Cue, Gate } from '@/api/types'

/** The gate of a kind that a cue has; none where it has none. */
export const gateOf = <K extends Gate['kind']>(cue: Cue, kind: K) =>
  cue.gates.find((gate) => gate.kind === kind) as Extract<Gate, { kind: K }> | undefined

/** "a, b or c". */
export const either = (names: string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} or ${names.at(-1)}`
