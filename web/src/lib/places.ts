import type { Cue } from '@/api/types'

/** Which control of a cue a gate is set at: its chip, the switch of the cue, or the takes. */
export const chipOf = (gate: string): string =>
  gate === 'on' || gate === 'rack' || gate === 'allTheSame' ? gate : gate === 'take' ? 'takes' : `gate:${gate}`

/** Where in the editor a place of a cue's document is set: a chip of the sentence, or a part of a take. */
export interface Spot {
  chip?: string
  take?: number
  part?: string
}

/** The control for a place such as `gates[1].forAllMs` or `takes[0].score.parts[2]`, or for a chip by its own name. */
export const spotOf = (place: string, cue: Cue): Spot => {
  const pull = /^pulls\[(\d+)\]/.exec(place)
  const gate = /^gates\[(\d+)\]/.exec(place)
  const take = /^takes\[(\d+)\](?:\.score\.parts\[(\d+)\])?/.exec(place)
  if (pull) {
    return { chip: `pull:${pull[1]}` }
  }
  if (gate) {
    const kind = cue.gates[Number(gate[1])]?.kind
    return kind ? { chip: `gate:${kind}` } : {}
  }
  if (take) {
    const part = take[2] === undefined ? undefined : cue.takes[Number(take[1])]?.score.parts[Number(take[2])]?.id
    return { take: Number(take[1]), ...(part ? { part } : {}) }
  }
  if (/^(gate|pull):/.test(place)) {
    return { chip: place }
  }
  return {
    chip: (
      {
        pulls: 'pull:0',
        gates: 'gate:cooldown',
        whenHeld: 'held',
        longestWaitMs: 'wait',
        takes: 'takes',
        takeRule: 'takes',
        wait: 'wait',
        held: 'held',
      } as Record<string, string>
    )[place.split(/[[.]/)[0]!],
  }
}
