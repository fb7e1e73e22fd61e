import { useLocalStorage, useWindowSize } from '@vueuse/core'
import { computed } from 'vue'

/** How the host has arranged Live. @property columns from left to right @property buttons ids of cues, in order; others come behind @property wide those of them that are large @property desks ids of those that are shown @property big words for an arm's length */
export interface Arrangement {
  columns: string[]
  buttons: string[]
  wide: string[]
  desks: string[] | null
  big: boolean
}

export const COLUMNS = ['chat', 'now', 'desks']
const USUAL: Arrangement = { columns: COLUMNS, buttons: [], wide: [], desks: null, big: false }

/** Kept for each size of screen by itself: a dock is arranged otherwise than a wall. */
const sizeOf = (width: number) => (width < 720 ? 'dock' : width < 1_600 ? 'desk' : 'wall')

export const useArrangement = () => {
  const { width } = useWindowSize()
  const kept = useLocalStorage<Record<string, Arrangement>>('waxbell.live', {})
  const size = computed(() => sizeOf(width.value))
  const now = computed<Arrangement>(() => ({ ...USUAL, ...kept.value[size.value] }))
  const put = (more: Partial<Arrangement>) => {
    kept.value = { ...kept.value, [size.value]: { ...now.value, ...more } }
  }
  return { now, put, size }
}

/** The same list with one moved by so many places, as far as there is room. */
export const moved = (all: string[], which: string, by: number): string[] => {
  const at = all.indexOf(which)
  const rest = all.filter((each) => each !== which)
  rest.splice(Math.max(0, Math.min(rest.length, at + by)), 0, which)
  return rest
}

/** Those that were put in order first, then the others as they come. */
export const inOrder = (all: string[], order: string[]): string[] => [
  ...order.filter((each) => all.includes(each)),
  ...all.filter((each) => !order.includes(each)),
]
