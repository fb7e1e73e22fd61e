import { defineStore } from 'pinia'
import { ref, shallowRef, triggerRef } from 'vue'
import { useNotes } from './notes'
import { useWiring } from './wiring'
import { ask } from '@/api/http'
import { listen, paced } from '@/api/socket'
import type {
  DecisionNotice,
  Evening,
  LinkView,
  LiveStanding,
  Need,
  PageNotice,
  RingNotice,
  Seen,
  Shut,
} from '@/api/types'

const MOST_DECISIONS = 200
const ROPE_BACK = 40_000
const FORGETS_EVERY = 1_000
const AHEAD = 1_000

/** A ring that was given up while it waited, and when that was heard. */
export interface Drop {
  at: number
  ring: RingNotice
}

/** What happens now, as the server tells it. */
export const useLive = defineStore('live', () => {
  const connected = ref(false)
  const version = ref('')
  const decisions = shallowRef<DecisionNotice[]>([])
  const rings = shallowRef<Map<number, RingNotice>>(new Map())
  const drops = shallowRef<Drop[]>([])
  const pages = ref<PageNotice[]>([])
  const saved = ref({ ok: true, why: '' })
  const evening = ref<Evening>({ show: 0, shows: 0, openedAt: 0, onAir: false, lines: 0 })
  const shutters = ref<Shut>({ down: false, until: 0, why: '', held: 0 })
  const links = ref<LinkView[]>([])
  /** What needs the host, the most urgent first; known once Live was opened. */
  const needs = ref<Need[]>([])
  /** How what is switched stands, as far as it moved since this page was opened, by kind and name. */
  const shown = ref<Record<string, string>>({})
  const wiringStamp = ref(0)
  /** Another number whenever a desk stands otherwise. */
  const deskStamp = ref(0)
  let offset = 0

  /** The server's time in ms; the console is drawn by it, not by this machine's own clock, which somebody may set. */
  const now = () => performance.now() + offset
  const setClock = (server: number) => (offset = server - performance.now())

  let forgotten = 0
  /** Lets go, once a second, of what has left the rope: thousands may stand on it. */
  const forgetOld = (all: Map<number, RingNotice>) => {
    if (now() - forgotten < FORGETS_EVERY) {
      return
    }
    forgotten = now()
    const since = forgotten - ROPE_BACK
    for (const [number, ring] of all) {
      if (
        ring.state !== 'waiting' &&
        ring.state !== 'playing' &&
        Math.max(...ring.parts.map((part) => part.to)) < since
      ) {
        all.delete(number)
      }
    }
  }

  /** Whether anybody looks at what needs the host; what was told while nobody listened is asked for then. */
  let wanted = false
  let toldNeeds = 0
  const loadNeeds = () => {
    wanted = true
    const before = toldNeeds
    return ask<Need[]>('GET', '/needs').then(
      (now) => {
        // What was told meanwhile is newer than the answer.
        if (toldNeeds === before) {
          needs.value = now
        }
      },
      () => undefined,
    )
  }

  const hear = (type: string, body: unknown) => {
    if (type === 'standing') {
      const standing = body as LiveStanding
      setClock(standing.now)
      version.value = standing.version
      decisions.value = standing.decisions
      rings.value = new Map(standing.rings.map((ring) => [ring.number, ring]))
      pages.value = standing.pages
      saved.value = standing.saved
      evening.value = standing.evening
      shutters.value = standing.shutters
      links.value = standing.links
      useWiring().missed()
      wiringStamp.value++
      if (wanted) {
        void loadNeeds()
      }
    } else if (type === 'decision') {
      const decision = body as DecisionNotice
      // Nothing was decided in what is to come: the server slept, or its clock was set forward.
      if (decision.at > now() + AHEAD) {
        setClock(decision.at)
      }
      const others = decisions.value.filter((each) => each.number !== decision.number)
      decisions.value = [...others, decision].slice(-MOST_DECISIONS)
      useWiring().count(decision)
      if (decision.kind === 'mended') {
        useNotes().say(`${decision.event}: ${decision.sentence}`)
      }
    } else if (type === 'ring') {
      const ring = body as RingNotice
      if (ring.state === 'dropped' && rings.value.get(ring.number)?.state === 'waiting') {
        drops.value = [...drops.value, { at: now(), ring }].slice(-MOST_DECISIONS)
      }
      // The same map is told anew: a copy for each ring of a flood would cost more than all else.
      forgetOld(rings.value.set(ring.number, ring))
      triggerRef(rings)
    } else if (type === 'pages') {
      pages.value = body as PageNotice[]
    } else if (type === 'saved') {
      saved.value = body as { ok: boolean; why: string }
    } else if (type === 'evening') {
      evening.value = body as Evening
    } else if (type === 'shutters') {
      shutters.value = body as Shut
    } else if (type === 'target') {
      const moved = body as { target: { kind: string; name: string }; shown: string }
      shown.value = { ...shown.value, [`${moved.target.kind}/${moved.target.name}`]: moved.shown }
    } else if (type === 'needs') {
      toldNeeds++
      needs.value = body as Need[]
    } else if (type === 'links') {
      links.value = body as LinkView[]
    } else if (type === 'seen') {
      const { ring, seen } = body as { ring: number; seen: Seen }
      const known = (decision: DecisionNotice) => ({
        ...decision,
        answers: decision.answers.map((answer) => (answer.ring === ring ? { ...answer, seen } : answer)),
      })
      decisions.value = decisions.value.map((each) =>
        each.answers.some((answer) => answer.ring === ring) ? known(each) : each,
      )
    } else if (type === 'desk') {
      deskStamp.value++
    } else if (type === 'wiring') {
      wiringStamp.value++
    }
  }

  /** As whom the rope's line is written. */
  const speaker = ref('')
  const typeAs = (name: string) => {
    speaker.value = name
    document.querySelector<HTMLInputElement>('[data-try]')?.focus()
  }

  const start = () => listen('/ws/live', paced(hear), (yes) => (connected.value = yes))
  const hush = () => ask<DecisionNotice>('POST', '/hush')
  const write = (name: string, text: string) =>
    ask<DecisionNotice>('POST', '/practice/lines', { name, text, privately: false })
  /** The links that a cue needs and that are not up. */
  const missing = (needs: string[]) =>
    links.value.filter((each) => needs.includes(each.id) && each.state.phase !== 'up')
  /** Opens the show, or closes it. */
  const show = (open: boolean) => ask<DecisionNotice>('POST', '/show', { open })
  /** Lets the shutters down, or lifts them. */
  const shut = (down: boolean) => ask<DecisionNotice>('POST', '/shutters', { down })
  const air = (onAir: boolean) => ask<DecisionNotice>('POST', '/air', { onAir })

  return {
    connected,
    version,
    decisions,
    drops,
    rings,
    pages,
    saved,
    evening,
    shutters,
    shut,
    links,
    shown,
    needs,
    loadNeeds,
    missing,
    wiringStamp,
    deskStamp,
    now,
    start,
    hush,
    write,
    show,
    air,
    speaker,
    typeAs,
  }
})
