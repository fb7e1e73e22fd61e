import './stage.css'
import { showCard } from './cards'
import { SILENT } from '@/lib/meter'
import { ServerClock } from './clock'
import { Feed } from './feed'
import type { News, Part, StageSize } from './messages'
import { Sounds } from './sounds'

/** The overlay page: shows what the feed tells it at the moment it is meant for, and nothing else. */
const root = document.getElementById('stage')!
const clock = new ServerClock()
const running = new Map<string, Animation | null>()
let waiting: Part[] = []
let stage: StageSize | null = null
let preview = false
let seen = 0

const key = new URLSearchParams(location.hash.slice(1)).get('k') ?? ''
const feed = new Feed(key, hear, clear)
const sounds = new Sounds(ready)

function ready(): void {
  if (clock.inStep) {
    feed.tell({ type: 'ready', roundTrip: clock.roundTrip, sounds: sounds.may })
  }
}

function hear(news: News): void {
  if (news.type === 'welcome') {
    welcome(news)
  } else if (news.type === 'clock') {
    clock.heard(news.sent, news.now, performance.now())
    waiting.forEach(start)
    waiting = []
  } else if (news.type === 'ask') {
    ready()
  } else if (news.number > seen) {
    seen = news.number
    if (news.type === 'hush') {
      clear()
    } else if (news.type === 'end') {
      setTimeout(() => end(news.partRun), Math.max(0, clock.toPage(news.at) - performance.now()))
    } else {
      start(news.part)
    }
  }
}

function welcome(news: Extract<News, { type: 'welcome' }>): void {
  stage = news.stage
  preview = news.preview
  seen = news.number
  root.style.width = `${stage.width}px`
  root.style.height = `${stage.height}px`
  const still = new Set(news.parts.map((part) => part.partRun))
  for (const partRun of running.keys()) {
    if (!still.has(partRun)) {
      end(partRun)
    }
  }
  news.parts.forEach(start)
  keepInStep()
}

/** A few round trips at once and a few every ten seconds; the best of the last minute counts. */
let pings = 0
function keepInStep(): void {
  clearInterval(pings)
  let count = 0
  const ask = () => {
    count++
    if (count <= 6 || count % 50 < 3) {
      feed.tell({ type: 'clock', sent: performance.now() })
    }
    if (count % 50 === 7) {
      ready()
    }
  }
  ask()
  pings = window.setInterval(ask, 200)
}

function start(part: Part): void {
  if (running.has(part.partRun)) {
    return
  }
  if (!clock.inStep) {
    waiting.push(part)
    return
  }
  const moment = clock.toPage(part.at)
  if (moment + part.lengthMs <= performance.now()) {
    return
  }
  running.set(part.partRun, null)
  if (part.card) {
    card(part, moment)
  } else if (part.quiet) {
    quieten(part, moment)
  } else if (part.sound && !preview) {
    sounds
      .play(part, moment)
      .then(() => feed.tell({ type: 'ended', partRun: part.partRun }))
      .catch((failed: Error) => feed.tell({ type: 'failed', partRun: part.partRun, why: failed.message }))
      .finally(() => running.delete(part.partRun))
  }
}

/** Another outlet is quieter from the moment on, and loud again at its end or when it is ended early. */
function quieten(part: Part, moment: number): void {
  const until = (then: number, act: () => void) => setTimeout(() => running.has(part.partRun) && act(), Math.max(0, then - performance.now()))
  until(moment, () => sounds.hushed(part.partRun, part.quiet!.outlet, part.quiet!.percent))
  until(moment + part.lengthMs, () => end(part.partRun))
}

function card(part: Part, moment: number): void {
  const spot = stage!.spots.find((each) => each.id === part.card!.spot)
  if (!spot) {
    feed.tell({ type: 'failed', partRun: part.partRun, why: `this stage has no spot ${part.card!.spot}` })
    return
  }
  const life = showCard(root, spot, part, moment)
  running.set(part.partRun, life)
  life.onfinish = () => {
    end(part.partRun)
    feed.tell({ type: 'ended', partRun: part.partRun })
  }
  tellFirstFrame(part.partRun, moment)
}

function tellFirstFrame(partRun: string, moment: number): void {
  requestAnimationFrame((frame) => {
    if (!running.has(partRun)) {
      return
    }
    if (frame < moment) {
      tellFirstFrame(partRun, moment)
    } else {
      feed.tell({ type: 'started', partRun, at: clock.toServer(frame) })
    }
  })
}

function end(partRun: string): void {
  sounds.end(partRun)
  sounds.loud(partRun)
  running.get(partRun)?.cancel()
  running.delete(partRun)
  root.querySelectorAll<HTMLElement>('.card').forEach((each) => {
    if (each.dataset.partRun === partRun) {
      each.remove()
    }
  })
}

function clear(): void {
  waiting = []
  sounds.stop()
  ;[...running.keys()].forEach(end)
}

// The practice mixer routes this page's sound: its own page, same origin, tells the level.
addEventListener('message', (message: MessageEvent<{ level?: number }>) => {
  if (message.origin === location.origin && typeof message.data?.level === 'number') {
    sounds.loudness = Math.min(1, Math.max(0, message.data.level))
    sounds.wake()
  }
})

// It tells the mixer how loud it is, as a source does that a mixer meters.
let loud = false
setInterval(() => {
  if (parent !== window && (sounds.sounding || loud)) {
    const peak = sounds.peak
    loud = peak > SILENT
    parent.postMessage({ peak }, location.origin)
  }
}, 200)

// Fonts are asked for ahead of the first card, so that it does not change its face in mid-air.
void document.fonts.load('700 30px "Fraunces Variable"')
void document.fonts.load('500 18px "Atkinson Hyperlegible Next Variable"')
feed.connect()
