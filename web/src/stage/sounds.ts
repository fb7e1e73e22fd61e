import { meterOf, peakOf } from '@/lib/meter'
import { onOutput } from '@/lib/output'
import { say, type Saying, type ToSay } from '@/lib/ownVoice'
import type { Part } from './messages'

type Sound = NonNullable<Part['sound']>

const SPOKEN = '/media/spoken/'
/** How late speech of the browser's own may begin before it is taken for what was begun elsewhere. */
const BEGUN_MS = 2_000
/** How long speech is kept that may be asked for again. */
const SPOKEN_MS = 180_000

/** The factor by which a sound is played: its volume, and what makes all sounds equally loud. */
export const loudnessOf = (sound: Pick<Sound, 'volume' | 'gain'>): number =>
  (sound.volume / 100) * 10 ** (sound.gain / 2_000)

/** A sound that could not be fetched. */
export class NotThere extends Error {
  constructor(readonly status: number) {
    super(`the sound could not be fetched (${status})`)
  }

  /** Whether the server could not make it, and knows that already. */
  get known(): boolean {
    return this.status === 410
  }
}

/** Lets a sound swell and fall away. @param begins its own beginning, in the time of its context @param lasts in seconds */
const fade = (gain: AudioParam, full: number, sound: Sound, begins: number, lasts: number) => {
  const into = Math.min(lasts, sound.fadeInMs / 1_000)
  const out = Math.min(lasts, sound.fadeOutMs / 1_000)
  gain.setValueAtTime(into > 0 ? 0 : full, Math.max(0, begins))
  if (into > 0) {
    gain.linearRampToValueAtTime(full, begins + into)
  }
  if (out > 0) {
    gain.setValueAtTime(full, Math.max(begins + into, begins + lasts - out))
    gain.linearRampToValueAtTime(0, begins + lasts)
  }
}

/** Plays sounds at their moment through Web Audio; silent in previews. */
export class Sounds {
  private readonly context = new AudioContext()
  private readonly level = this.context.createGain()
  private readonly meter = meterOf(this.context)
  private readonly decoded = new Map<string, Promise<AudioBuffer | ToSay>>()
  private readonly saying = new Map<string, Saying>()
  private readonly playing = new Map<string, AudioBufferSourceNode>()
  /** What is wanted and not there yet. */
  private readonly coming = new Set<string>()
  private readonly outlets = new Map<string, GainNode>()
  private readonly films = new WeakMap<HTMLMediaElement, GainNode>()
  private readonly quiet = new Map<string, { outlet: string; percent: number }>()

  constructor(changed: () => void) {
    this.level.connect(this.meter).connect(this.context.destination)
    this.context.onstatechange = changed
    // A plain browser lets a page sound only after somebody has clicked it.
    addEventListener('pointerdown', () => void this.context.resume(), { capture: true })
  }

  get may(): boolean {
    return this.context.state === 'running'
  }

  /** Asks to be allowed to sound, after a click elsewhere in the same tab. */
  wake(): void {
    void this.context.resume()
  }

  /** Sounds on that output from now on; empty text for the usual one. */
  onOutput(id: string): Promise<void> {
    return onOutput(this.context, id)
  }

  /** The level that the mixer gives this page, 0 to 1. */
  set loudness(share: number) {
    this.level.gain.setTargetAtTime(share, this.context.currentTime, 0.02)
  }

  /** How loud it is behind the mixer's level, in decibels below full scale. */
  get peak(): number {
    return peakOf(this.meter)
  }

  /** The way of an outlet's sounds, on which others make it quieter. */
  private outlet(id: string): GainNode {
    const known = this.outlets.get(id)
    if (known) {
      return known
    }
    const made = this.context.createGain()
    made.connect(this.level)
    this.outlets.set(id, made)
    return made
  }

  /** Makes an outlet quieter until {@link loud} is called for the same name; of several the quietest counts. */
  hushed(name: string, outlet: string, percent: number): void {
    this.quiet.set(name, { outlet, percent })
    this.settle(outlet)
  }

  loud(name: string): void {
    const was = this.quiet.get(name)
    this.quiet.delete(name)
    if (was) {
      this.settle(was.outlet)
    }
  }

  private settle(outlet: string): void {
    const percent = Math.min(
      100,
      ...[...this.quiet.values()].filter((each) => each.outlet === outlet).map((each) => each.percent),
    )
    this.outlet(outlet).gain.setTargetAtTime(percent / 100, this.context.currentTime, 0.08)
  }

  /** A sound, or what this page has to say itself in its place. */
  private fetched(address: string): Promise<AudioBuffer | ToSay> {
    const name = address.split('?')[0]!
    const known = this.decoded.get(name)
    if (known) {
      return known
    }
    const loading = fetch(address)
      .then((answer) => (answer.ok ? answer : Promise.reject(new NotThere(answer.status))))
      .then((answer): Promise<AudioBuffer | ToSay> =>
        answer.headers.get('Content-Type')?.startsWith('application/json')
          ? (answer.json() as Promise<ToSay>)
          : answer.arrayBuffer().then((bytes) => this.context.decodeAudioData(bytes)),
      )
    loading.catch(() => this.decoded.delete(name))
    if (name.startsWith(SPOKEN)) {
      // It is never said again.
      setTimeout(() => this.decoded.delete(name), SPOKEN_MS)
    }
    this.decoded.set(name, loading)
    return loading
  }

  /** Fetches and decodes a sound before it is due. */
  warm(address: string): void {
    this.fetched(address).catch(() => undefined)
  }

  /** Lets a video, or a long sound, be heard through the same level as everything else. @param volume 0 to 100 @param outlet by which others make it quieter; empty text for none */
  film(video: HTMLMediaElement, volume: number, outlet = ''): void {
    let gain = this.films.get(video)
    if (!gain) {
      gain = this.context.createGain()
      this.context
        .createMediaElementSource(video)
        .connect(gain)
        .connect(outlet ? this.outlet(outlet) : this.level)
      this.films.set(video, gain)
    }
    gain.gain.value = volume / 100
  }

  /** When a sound begins, which for one that is coming is when it is there, and how long it is. */
  async begins(sound: Sound, start: number): Promise<{ at: number; lengthMs: number }> {
    const it = await this.fetched(sound.media)
    return {
      at: sound.coming ? Math.max(start, performance.now()) : start,
      lengthMs: 'what' in it ? it.lengthMs : it.duration * 1_000,
    }
  }

  /** Plays from `planned`, a moment of this page's own clock; what of it is past already is left out, unless it had to be made first. */
  async play(part: Part, planned: number): Promise<void> {
    if (!this.may) {
      throw new Error('this page may not sound until it is clicked')
    }
    const sound = part.sound!
    this.coming.add(part.partRun)
    const { at: start } = await this.begins(sound, planned)
    const it = await this.fetched(sound.media)
    if (!this.coming.delete(part.partRun)) {
      return
    }
    await ('what' in it ? this.speak(part, it, start) : this.sound(part, it, start))
  }

  /** Says it with the browser's own voice, which goes past this page's level and is as loud as that was when it began. */
  private async speak(part: Part, what: ToSay, start: number): Promise<void> {
    if (performance.now() - start > BEGUN_MS) {
      // It was begun before this page came, and a browser cannot begin in the middle: whoever says it tells its end.
      return new Promise(() => undefined)
    }
    const outlet = this.outlet(part.sound!.outlet).gain.value
    const saying = say(what, (part.sound!.volume / 100) * outlet * this.level.gain.value)
    this.saying.set(part.partRun, saying)
    await saying.over.finally(() => this.saying.delete(part.partRun))
  }

  private async sound(part: Part, buffer: AudioBuffer, start: number): Promise<void> {
    const sound = part.sound!
    const from = sound.fromMs / 1_000
    const rest = Math.max(0, buffer.duration - from)
    const lasts = sound.playMs > 0 ? Math.min(rest, sound.playMs / 1_000) : rest
    const late = Math.max(0, (performance.now() - start) / 1_000)
    if (late >= lasts) {
      return
    }
    const source = this.context.createBufferSource()
    const gain = this.context.createGain()
    source.buffer = buffer
    source.connect(gain).connect(this.outlet(sound.outlet))
    const stamp = this.context.getOutputTimestamp()
    const when =
      (stamp.contextTime ?? this.context.currentTime) + (start - (stamp.performanceTime ?? performance.now())) / 1_000
    const begins = Math.max(this.context.currentTime, when)
    fade(gain.gain, loudnessOf(sound), sound, begins - late, lasts)
    source.start(begins, from + late, lasts - late)
    this.playing.set(part.partRun, source)
    await new Promise((over) => (source.onended = over))
    this.playing.delete(part.partRun)
  }

  /** Ends one sound before its time; nothing where it does not play. */
  end(partRun: string): void {
    this.coming.delete(partRun)
    this.playing.get(partRun)?.stop()
    this.saying.get(partRun)?.end()
  }

  /** Silences everything at once. */
  stop(): void {
    this.playing.forEach((source) => source.stop())
    this.playing.clear()
    this.saying.forEach((each) => each.end())
    this.coming.clear()
    ;[...this.quiet.keys()].forEach((name) => this.loud(name))
  }
}
