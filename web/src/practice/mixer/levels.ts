import { onUnmounted, reactive } from 'vue'
import { ask } from '@/api/http'
import { LOOK_MS, SILENT } from '@/lib/meter'

/** Below this a level counts as silence, in decibels below full scale. */
const SILENCE = -60
/** How often the mixer is told at all, so that it knows that levels are measured. */
const HEARTBEAT = 10

/** Gathers how loud the sources are and tells the mixer a few times a second while something sounds. */
export const useLevels = () => {
  const peaks = reactive<Record<string, number>>({})
  const heard = new Map<string, number>()
  let turn = 0
  const tell = (source: string, peak: number) => {
    heard.set(source, Math.max(heard.get(source) ?? SILENT, peak))
  }
  const timer = window.setInterval(() => {
    for (const source of [...Object.keys(peaks), ...heard.keys()]) {
      peaks[source] = heard.get(source) ?? SILENT
    }
    heard.clear()
    const loud = Object.entries(peaks).filter(([, peak]) => peak > SILENCE)
    turn++
    if (loud.length > 0 || turn % HEARTBEAT === 1) {
      // A meter that is lost is of no weight: the next one follows.
      ask(
        'POST',
        '/practice/mixer/levels',
        loud.map(([source, peak]) => ({ source, peak })),
      ).catch(() => undefined)
    }
  }, LOOK_MS)
  onUnmounted(() => clearInterval(timer))
  return { peaks, tell }
}
