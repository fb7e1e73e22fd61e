import type { Cue, Pull, ShowEvent, TrySample } from '@/api/types'

/** Under which kind the sample of a pull's event is sent. */
const KIND_OF: Partial<Record<Pull['kind'], string>> = {
  chatWord: 'chatLine',
  phrase: 'chatLine',
  pattern: 'chatLine',
  firstLine: 'chatLine',
  private: 'privateLine',
  mark: 'value',
  scene: 'scene',
  webCall: 'webCall',
  hand: 'hand',
  every: 'time',
  afterLines: 'time',
  calendar: 'time',
  cue: 'chatLine',
}
export const sampleKind = (pull: Pull): string =>
  pull.kind === 'event' ? pull.event : (KIND_OF[pull.kind] ?? 'chatLine')

/** A made-up event that sets a pull off, from the sample of its kind. */
const fitted = (event: ShowEvent, pull: Pull, cue: Cue, prefix: string): ShowEvent => {
  const made = JSON.parse(JSON.stringify(event)) as ShowEvent & Record<string, unknown>
  const argument = cue.gates.find((gate) => gate.kind === 'argument')
  const behind =
    argument?.kind !== 'argument'
      ? ''
      : {
          viewer: ' tallowmoth',
          number: ` ${argument.least}`,
          colour: ' #c8841a',
          link: ' https://example.org/wax',
          oneOf: ` ${argument.words[0] ?? ''}`,
          text: ' sage',
        }[argument.wants]
  if (pull.kind === 'chatWord') {
    made.text = (pull.general ? prefix : '') + (pull.words[0] ?? '') + behind
  } else if (pull.kind === 'phrase') {
    made.text = `${pull.phrases[0] ?? 'good evening'}, all`
  } else if (pull.kind === 'event') {
    const short = (name: string) =>
      name.replace(new RegExp(`^${pull.event}`), '').replace(/^./, (first) => first.toLowerCase())
    Object.entries({ ...pull.atLeast, ...pull.exactly }).forEach(
      ([name, value]) => short(name) in made && (made[short(name)] = value),
    )
  } else if (pull.kind === 'mark') {
    Object.assign(made, { value: pull.value, before: pull.up ? pull.mark - 1 : pull.mark + 1, now: pull.mark })
  } else if (pull.kind === 'hand') {
    Object.assign(made, { cue: cue.id, control: pull.button || pull.key })
  }
  return made
}

/** Which events a cue may be tried with: one for each of its pulls, else a line of chat. */
export const sampleEvents = (cue: Cue, samples: TrySample[], prefix: string): { name: string; event: ShowEvent }[] => {
  const found = cue.pulls.flatMap((pull) => {
    const sample = samples.find((each) => each.kind === sampleKind(pull))
    return sample ? [{ name: sampleKind(pull), event: fitted(sample.event, pull, cue, prefix) }] : []
  })
  return found.length ? found : samples.slice(0, 1).map((each) => ({ name: each.kind, event: each.event }))
}
