import { ref } from 'vue'
import { onOutput } from '@/lib/output'
import { useHearHere } from '@/stores/hearHere'

/** What is heard in the console just now: one file at a time, as loud as a stage would play it. */
const playing = ref('')
const position = ref(0)
let element: HTMLAudioElement | null = null
let context: AudioContext | null = null
let level: GainNode | null = null
let frame = 0

const ended = () => {
  cancelAnimationFrame(frame)
  playing.value = ''
  position.value = 0
}
const begin = (): HTMLAudioElement => {
  if (!element) {
    element = new Audio()
    element.onended = element.onerror = ended
    context = new AudioContext()
    level = context.createGain()
    context.createMediaElementSource(element).connect(level).connect(context.destination)
  }
  return element
}
const follow = () => {
  position.value = element && element.duration > 0 ? element.currentTime / element.duration : 0
  frame = requestAnimationFrame(follow)
}

export const useHearing = () => {
  const stop = () => {
    element?.pause()
    ended()
  }
  /** Plays a file from a share of its length on, or stops it where it plays. @param gain in hundredths of a decibel */
  const hear = async (address: string, gain: number, from?: number) => {
    if (playing.value === address && from === undefined) {
      stop()
      return
    }
    const player = begin()
    await context!.resume()
    // An output that was pulled out since is no reason for silence.
    await onOutput(context!, useHearHere().output).catch(() => undefined)
    level!.gain.value = 10 ** (gain / 2_000)
    if (playing.value !== address) {
      player.src = address
    }
    playing.value = address
    cancelAnimationFrame(frame)
    await player.play().catch(ended)
    if (from !== undefined && player.duration > 0) {
      player.currentTime = from * player.duration
    }
    follow()
  }
  return { playing, position, hear, stop }
}
