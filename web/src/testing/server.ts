import { vi } from 'vitest'
import { PLAIN_HOUSE } from '@/stores/wiring'
import type { Cue, CueLook, House, KindsView, Part, Sketched, WiringView } from '@/api/types'
import KINDS from './kinds.json'

/** What the server says of its kinds, as it said it when it was last asked. */
export const kindsView = KINDS as unknown as KindsView

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

export const HOUSE: House = { ...PLAIN_HOUSE, pointsOne: 'drip', pointsMany: 'drips' }

/** A cue of the demo, for tests. */
export const pour = (over: Partial<Cue> = {}): Cue => ({
  formatVersion: 7,
  id: 'pour',
  name: 'Pour the taper',
  description: '',
  listed: true,
  rack: 'bench',
  on: true,
  pulls: [{ kind: 'chatWord', words: ['!pour'], general: false, argument: '' }],
  gates: [
    { kind: 'who', standings: ['anyone'], leastMonths: 0, allow: [], deny: [], circles: [] },
    { kind: 'cooldown', forAllMs: 14_000, perViewerMs: 0 },
  ],
  whenHeld: [],
  takes: [
    onlyTake([{ kind: 'reply', id: 'answer', start: { kind: 'at', ms: 0 }, words: 'Thanks, {viewer}', manner: PLAIN }]),
  ],
  takeRule: 'first',
  urgency: 'usual',
  longestWaitMs: 60_000,
  allTheSame: false,
  ...over,
})

/** A cue in the list as the server tells it. */
export const viewOf = (cue: Cue, version = 1): WiringView['cues'][number] => ({
  version,
  cue,
  rang: 0,
  held: 0,
  needs: [],
  uses: [],
  brief: `brief of ${cue.name}`,
  find: `${cue.name}\n${cue.id}`.toLowerCase(),
  sketch: [],
})

/** A part as it will be played. */
export const sketched = (part: Part, over: Partial<Sketched> = {}): Sketched => ({
  id: part.id,
  lane: 'screen',
  from: 0,
  to: 0,
  open: false,
  label: `label of ${part.id}`,
  least: 0,
  most: 0,
  mayLast: false,
  ...over,
})

/** A look at a cue with nothing wrong with it; each part stands where it starts and lasts as long as it says. */
export const lookAt = (cue: Cue, over: Partial<CueLook> = {}): CueLook => ({
  problems: [],
  sentence: [
    { text: 'When', chip: '', code: false },
    ...cue.pulls.map((pull, at) => ({ text: `pull ${pull.kind}`, chip: `pull:${at}`, code: true })),
    ...cue.gates.map((gate) => ({ text: `gate ${gate.kind}`, chip: `gate:${gate.kind}`, code: false })),
    { text: '.', chip: '', code: false },
  ],
  text: `The sentence of ${cue.name}.`,
  plans: cue.takes.map((take) =>
    take.score.parts.map((part) => {
      const from = part.start.kind === 'at' ? part.start.ms : 0
      const length = 'lengthMs' in part ? part.lengthMs : 0
      return sketched(part, { from, to: from + length, ...(length ? { least: 500, most: 600_000 } : {}) })
    }),
  ),
  values: { viewer: 'wickerby' },
  filled: {},
  names: { 'viewer.months': 'number', 'viewer.name': 'text' },
  rows: {},
  remarks: [],
  needs: [],
  events: [],
  gates: ['chance', 'price'],
  missing: {},
  held: { on: 'switched off' },
  danger: '',
  ...over,
})

export const wiringOf = (version: number, cue: Cue): WiringView => ({
  revision: version,
  cueOrder: [cue.id],
  house: { version: 1, house: HOUSE },
  racks: [{ version: 1, rack: { formatVersion: 1, id: 'bench', name: 'At the bench', on: true } }],
  cues: [viewOf(cue, version)],
  stages: [],
  desks: [],
  shelf: [],
  looks: [],
  values: [],
  history: { undo: '', redo: '' },
})

type Answer = { status?: number; body: unknown }

/** Answers fetch as a server would; what was asked is kept in `asked`. */
export const serve = (answer: (method: string, path: string, body: unknown) => Answer) => {
  const asked: { method: string; path: string; body: unknown }[] = []
  vi.stubGlobal('fetch', (path: string, init: RequestInit = {}) => {
    const body = typeof init.body === 'string' ? (JSON.parse(init.body) as unknown) : undefined
    asked.push({ method: init.method ?? 'GET', path, body })
    const { status = 200, body: sent } = answer(init.method ?? 'GET', path, body)
    return Promise.resolve(new Response(JSON.stringify(sent), { status }))
  })
  return asked
}

/** A WebSocket in the hands of a test. */
export class FakeSocket {
  static readonly OPEN = 1
  static all: FakeSocket[] = []
  readyState = 1
  sent: Record<string, unknown>[] = []
  onopen: (() => void) | null = null
  onmessage: ((message: { data: string }) => void) | null = null
  onclose: ((close: { code: number }) => void) | null = null

  constructor(readonly address: URL) {
    FakeSocket.all.push(this)
  }

  send(text: string) {
    this.sent.push(JSON.parse(text) as Record<string, unknown>)
  }

  close() {
    this.onclose?.({ code: 1000 })
  }

  hear(message: unknown) {
    this.onmessage?.({ data: JSON.stringify(message) })
  }

  static install() {
    FakeSocket.all = []
    vi.stubGlobal('WebSocket', FakeSocket)
  }

  static get last() {
    return FakeSocket.all.at(-1)!
  }
}
