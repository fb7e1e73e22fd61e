import { vi } from 'vitest'
import type { Cue, House, WiringView } from '@/api/types'
import { onlyTake, PLAIN } from '@/lib/newCue'

export const HOUSE: House = {
  formatVersion: 3,
  prefix: '!',
  home: 'practice',
  pointsOne: 'drip',
  pointsMany: 'drips',
  hints: true,
  circles: [],
  neighbours: [],
  slate: [],
  looks: [],
}

/** A cue of the demo, for tests. */
export const pour = (over: Partial<Cue> = {}): Cue => ({
  formatVersion: 4,
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
  ...over,
})

export const wiringOf = (version: number, cue: Cue): WiringView => ({
  revision: version,
  cueOrder: [cue.id],
  house: { version: 1, house: HOUSE },
  racks: [{ version: 1, rack: { formatVersion: 1, id: 'bench', name: 'At the bench', on: true } }],
  cues: [{ version, cue, rang: 0, held: 0, needs: [] }],
  stages: [],
  shelf: [],
  looks: [],
  counted: [],
  deskValues: {},
  samples: { chat: { viewer: 'wickerby' } },
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
