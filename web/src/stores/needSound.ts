import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { ref, watch } from 'vue'
import type { Need } from '@/api/types'
import { onOutput } from '@/lib/output'
import { useHearHere } from './hearHere'
import { useLive } from './live'

/** Partials of what is struck: hertz, how loud beside the first, and seconds until it is gone. */
const STRUCK = {
  tap: [
    [330, 1, 0.12],
    [655, 0.4, 0.08],
  ],
  bell: [
    [523, 1, 1.4],
    [1_247, 0.5, 0.9],
    [1_910, 0.25, 0.5],
  ],
} as const
export type NeedSound = '' | keyof typeof STRUCK
export const NEED_SOUNDS: { sound: NeedSound; name: string }[] = [
  { sound: '', name: 'no sound' },
  { sound: 'tap', name: 'a tap' },
  { sound: 'bell', name: 'a bell' },
]
const LEVEL = 0.18
const SILENT = 0.0001

/** What sounds, on this computer alone, when something needs whoever looks at this page: never on a stage. */
export const useNeedSound = defineStore('needSound', () => {
  const chosen = useLocalStorage<NeedSound>('waxbell.needs.sound', '')
  /** Whether the browser kept it silent, for nobody has clicked on the page yet. */
  const silent = ref(false)
  let context: AudioContext | null = null

  const strike = async () => {
    const sound = chosen.value && STRUCK[chosen.value]
    if (!sound) {
      return
    }
    context ??= new AudioContext()
    const here = context
    // A page on which nobody clicked waits for ever.
    silent.value = here.state === 'suspended'
    await here.resume()
    silent.value = false
    await onOutput(here, useHearHere().output).catch(() => undefined)
    for (const [hertz, loud, seconds] of sound) {
      const tone = here.createOscillator()
      const level = here.createGain()
      tone.frequency.value = hertz
      level.gain.setValueAtTime(LEVEL * loud, here.currentTime)
      level.gain.exponentialRampToValueAtTime(SILENT, here.currentTime + seconds)
      tone.connect(level).connect(here.destination)
      tone.start()
      tone.stop(here.currentTime + seconds)
    }
  }
  const choose = (sound: NeedSound) => {
    chosen.value = sound
    return strike()
  }
  /** Sounds from now on for whatever is new; what is only good to know is silent. */
  const listen = () => {
    const live = useLive()
    let known: Set<string> | null = null
    watch(
      [() => chosen.value !== '', () => live.connected],
      ([wanted, connected]) => wanted && connected && void live.loadNeeds(),
      { immediate: true },
    )
    watch(
      () => live.needs,
      (now: Need[]) => {
        const urgent = now.filter((each) => each.urgency !== 'later').map((each) => each.id)
        if (known && urgent.some((each) => !known!.has(each))) {
          void strike()
        }
        known = new Set(urgent)
      },
    )
  }
  return { chosen, silent, choose, listen }
})
