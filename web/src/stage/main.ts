import './stage.css'
import { showCaption } from './caption'
import { showCard } from './cards'
import { LOOK_MS, SILENT } from '@/lib/meter'
import { onOwnVoices } from '@/lib/ownVoice'
import type { Ears } from '@/fixtures/display'
import type { Asked, Drawing } from './asked'
import { ServerClock } from './clock'
import { fitting } from './fit'
import { Deck } from './deck'
import { Feed } from './feed'
import { Larder } from './larder'
import { Maker } from './maker'
import { Moments } from './moment'
import type { Ahead, ChatSeen, Face, Frame, News, Part, Plate, StageSize } from './messages'
import { NotThere, Sounds } from './sounds'
import { run, showThing, type Ground, type Run } from './things'

/** The overlay page: shows what the feed tells it at the moment it is meant for, and nothing else. */
const root = document.getElementById('stage')!
const clock = new ServerClock()
const running = new Map<string, Run | null>()
/** What ends parts and waits for their first frame, by part. */
const clocks = new Map<string, { over: number; frame: number }>()
/** How long after its time a part is over, where its animation has not told that before: a page that is not painted is told of no end. */
const GRACE_MS = 250
let waiting: Part[] = []
let before: ChatSeen[] = []
let stage: StageSize | null = null
let preview = false
let seen = 0

const key = new URLSearchParams(location.hash.slice(1)).get('k') ?? ''
/** A page for one outlet alone shows nothing, and sounds only that. */
const outlet = new URLSearchParams(location.search).get('outlet') ?? ''
/** A preview that is heard all the same: the console's own ears. */
const aloud = new URLSearchParams(location.search).has('aloud')
/** A page that only draws what it is told by the page around it, and hears of no show. */
const draws = new URLSearchParams(location.search).has('drawing')
const feed = new Feed(key, outlet, hear, clear)
const sounds = new Sounds(ready)
const larder = new Larder(sounds)
const maker = new Maker()
const fit = fitting(root)
/** Tunes sound for whoever shows a key of a stage, and here only where this page is heard. */
const ears: Ears = {
  address: (id) => `/media/tunes/${id}?k=${encodeURIComponent(key)}`,
  heard: () => !preview || aloud,
  film: (sound, volume, through) => sounds.film(sound, volume, through),
}
const deck = new Deck(root, (server) => clock.toPage(server), draws ? undefined : ears)
const ground: Ground = { root, sounds, silent: false, video: larder.video }
const moments = new Moments({ ...ground, silent: true }, deck, () => (preview ? stage : null), sounds)

function ready(): void {
  if (aloud) {
    parent.postMessage({ may: sounds.may }, location.origin)
  }
  if (clock.inStep) {
    tellVoices()
    feed.tell({ type: 'ready', roundTrip: clock.roundTrip, sounds: sounds.may })
  }
}

let own: Record<string, string> = {}
onOwnVoices((voices) => {
  own = voices
  tellVoices()
})

function tellVoices(): void {
  if (Object.keys(own).length > 0) {
    feed.tell({ type: 'voices', voices: own })
  }
}

function hear(news: News): void {
  if (news.type === 'welcome') {
    welcome(news)
  } else if (news.type === 'clock') {
    clock.heard(news.sent, news.now, performance.now())
    waiting.forEach(start)
    waiting = []
    deck.begin(before)
  } else if (news.type === 'ask') {
    ready()
  } else if (news.type === 'make') {
    maker.make(news)
  } else if (news.number > seen) {
    seen = news.number
    told(news)
  }
}

function told(news: Exclude<News, { type: 'welcome' | 'clock' | 'ask' | 'make' }>): void {
  switch (news.type) {
    case 'hush':
      return clear()
    case 'end':
      setTimeout(() => end(news.partRun), Math.max(0, clock.toPage(news.at) - performance.now()))
      return
    case 'face':
      return outlet ? undefined : deck.face(news.fixture, news.face)
    case 'lines':
      return outlet ? undefined : news.lines.forEach((each) => deck.line(each))
    case 'stage':
      return arrange(news)
    default:
      start(news.part)
  }
}

/** The stage as it is now: its size, what stands on it, and which files it may need. */
function arrange(news: {
  stage: StageSize
  media: Record<string, string>
  plates: Record<string, Plate>
  faces: Record<string, Partial<Face>>
  ahead: Ahead[]
}): void {
  stage = news.stage
  fit(stage)
  if (!outlet) {
    deck.lay(
      stage.fixtures.map((each) => ({ ...each, ...news.plates[each.id] })),
      news.media,
      news.faces,
    )
  }
  larder.fetch(news.ahead)
}

function welcome(news: Extract<News, { type: 'welcome' }>): void {
  preview = news.preview
  ground.silent = preview && !aloud
  seen = news.number
  before = news.lines
  arrange(news)
  const still = new Set(news.parts.map((part) => part.partRun))
  for (const partRun of running.keys()) {
    if (!still.has(partRun)) {
      end(partRun)
    }
  }
  news.parts.forEach(start)
  moments.draw()
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
  if (running.has(part.partRun) || !isMine(part)) {
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
  if (part.card || part.thing) {
    show(part, moment)
  } else if (part.quiet) {
    quieten(part, moment)
  } else if (part.sound) {
    read(part, moment)
    sound(part, moment)
  }
}

/** Sounds a part, where this page is to be heard. What can be read goes on where it cannot be heard; that this page may not sound is told beside. */
function sound(part: Part, moment: number): void {
  if ((preview && !aloud) || !isHeard(part)) {
    return
  }
  sounds
    .play(part, moment)
    .then(() => {
      feed.tell({ type: 'ended', partRun: part.partRun })
      end(part.partRun)
    })
    .catch((failed: Error) => {
      const isRead = part.caption !== null && !sounds.may
      if (!isRead && !(failed instanceof NotThere && failed.known)) {
        feed.tell({ type: 'failed', partRun: part.partRun, why: failed.message })
      }
      if (!isRead) {
        end(part.partRun)
      }
    })
}

/** Lets what is said be read as long as it is said, on pages that are not heard too. */
function read(part: Part, moment: number): void {
  const spot = stage!.spots.find((each) => each.id === part.caption?.spot)
  if (!spot || outlet) {
    return
  }
  sounds
    .begins(part.sound!, moment)
    .then(({ at, lengthMs }) => {
      if (running.has(part.partRun) && at + lengthMs > performance.now()) {
        running.set(part.partRun, showCaption(root, spot, part, at, lengthMs))
        const over = window.setTimeout(() => end(part.partRun), at + lengthMs + GRACE_MS - performance.now())
        clocks.set(part.partRun, { over, frame: 0 })
        tellFirstFrame(part.partRun, at)
      }
    })
    .catch(() => undefined)
}

/** Whether this page does that part: one for an outlet does its sounds alone, the others leave out what has a page of its own, unless it can be read. */
function isMine(part: Part): boolean {
  return outlet
    ? (part.sound?.outlet ?? part.quiet?.outlet) === outlet
    : !part.sound || part.caption !== null || isHeard(part)
}

/** Whether a sound is heard from pages such as this. */
function isHeard(part: Part): boolean {
  return aloud || outlet !== '' || !stage?.outlets.some((each) => each.id === part.sound?.outlet && each.apart)
}

/** Another outlet is quieter from the moment on, and loud again at its end or when it is ended early. */
function quieten(part: Part, moment: number): void {
  const until = (then: number, act: () => void) =>
    setTimeout(() => running.has(part.partRun) && act(), Math.max(0, then - performance.now()))
  until(moment, () => sounds.hushed(part.partRun, part.quiet!.outlet, part.quiet!.percent))
  until(moment + part.lengthMs, () => end(part.partRun))
}

function show(part: Part, moment: number): void {
  const place = part.card?.spot ?? part.thing!.place
  const spot = stage!.spots.find((each) => each.id === place)
  if (!spot && !deck.has(place)) {
    running.delete(part.partRun)
    feed.tell({ type: 'failed', partRun: part.partRun, why: `this stage has no spot ${place}` })
    return
  }
  running.set(part.partRun, begin(part, moment, spot?.frame))
  const left = moment + part.lengthMs + GRACE_MS - performance.now()
  clocks.set(part.partRun, {
    over: window.setTimeout(() => running.has(part.partRun) && over(part.partRun), left),
    frame: 0,
  })
  tellFirstFrame(part.partRun, moment)
}

function begin(part: Part, moment: number, frame: Frame | undefined): Run | null {
  if (!frame) {
    return deck.perform(part, moment, (one) => untilItsEnd(part, one))
  }
  if (part.card) {
    const { made, life, end: away } = showCard(root, { id: part.card.spot, frame }, part, moment)
    return untilItsEnd(part, run(made, life, { end: away }))
  }
  const one = showThing(part, frame, moment, ground)
  const film = one?.made?.querySelector('video')
  if (film) {
    film.onended = () => over(part.partRun)
    film.onerror = () => fail(part.partRun, 'the video could not be played')
  }
  return one && untilItsEnd(part, one)
}

function untilItsEnd(part: Part, one: Run): Run {
  if (one.life) {
    one.life.onfinish = () => over(part.partRun)
  }
  return one
}

function over(partRun: string): void {
  end(partRun)
  feed.tell({ type: 'ended', partRun })
}

function fail(partRun: string, why: string): void {
  end(partRun)
  feed.tell({ type: 'failed', partRun, why })
}

function tellFirstFrame(partRun: string, moment: number): void {
  const clocked = clocks.get(partRun)
  if (!clocked) {
    return
  }
  clocked.frame = requestAnimationFrame((frame) => {
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
  running.get(partRun)?.end()
  running.delete(partRun)
  const clocked = clocks.get(partRun)
  if (clocked) {
    clearTimeout(clocked.over)
    cancelAnimationFrame(clocked.frame)
    clocks.delete(partRun)
  }
}

function clear(): void {
  waiting = []
  sounds.stop()
  ;[...running.keys()].forEach(end)
}

// The practice mixer routes this page's sound: its own page, same origin, tells the level. The console asks a preview for a moment.
addEventListener('message', (message: MessageEvent<Asked>) => {
  if (message.origin !== location.origin) {
    return
  }
  if (message.data?.moment !== undefined) {
    moments.show(message.data.moment)
  }
  if (message.data?.drawing && draws) {
    draw(message.data.drawing)
  }
  root.toggleAttribute('data-only-parts', message.data?.only === 'parts' || root.hasAttribute('data-only-parts'))
  Object.entries(message.data?.frames ?? {}).forEach(([id, frame]) => deck.move(id, frame))
  if (typeof message.data?.sink === 'string') {
    sounds.onOutput(message.data.sink).catch(() => {
      parent.postMessage(
        { sinkFault: 'That output is not there any more; it sounds on the usual one.' },
        location.origin,
      )
    })
  }
  if (typeof message.data?.level === 'number') {
    sounds.loudness = Math.min(1, Math.max(0, message.data.level))
    sounds.wake()
  }
})

/** Draws a stage that is not there; what moves by a clock moves on from that moment. */
function draw({ at, parts, lines, ...drawn }: Drawing): void {
  const now = performance.now()
  clock.heard(now, at, now)
  preview = true
  ground.silent = true
  arrange({ ...drawn, media: {}, ahead: [] })
  deck.begin(lines)
  moments.show({ parts, at, playing: false, sounds: false })
}

// It tells the mixer how loud it is, as a source does that a mixer meters.
let loud = false
setInterval(() => {
  const peak = parent === window ? SILENT : sounds.peak
  if (peak > SILENT || loud) {
    parent.postMessage({ peak }, location.origin)
  }
  loud = peak > SILENT
}, LOOK_MS)

// Fonts are asked for ahead of the first card, so that it does not change its face in mid-air.
void document.fonts.load('700 30px "Fraunces Variable"')
void document.fonts.load('500 18px "Atkinson Hyperlegible Next Variable"')
if (!draws) {
  feed.connect()
}
