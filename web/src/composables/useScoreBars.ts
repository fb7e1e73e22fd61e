import { computed, type Ref } from 'vue'
import type { PlannedPart } from '@/composables/usePlan'
import { useKinds } from '@/stores/kinds'

/** Where the bars of a score lie, and the threads between them. @param length of what is drawn, in ms @param height of a lane, in pixels */
export const useScoreBars = (plan: () => PlannedPart[], length: Ref<number>, height: Ref<number>) => {
  const kinds = useKinds()
  const at = (ms: number) => (ms / length.value) * 100
  const laid = computed(plan)
  const lanes = computed(() => kinds.lanesOf(laid.value.map((each) => each.lane)))
  const row = (lane: string) => lanes.value.findIndex((each) => each.lane === lane)
  /** Parts of one lane that sound or stand together share its height. */
  const bars = computed(() =>
    laid.value.map((each, index) => {
      const beside = laid.value.filter(
        (other) =>
          other.lane === each.lane &&
          other.from < Math.max(each.to, each.from + 1) &&
          each.from < Math.max(other.to, other.from + 1),
      )
      const share = (height.value - 10) / beside.length
      return {
        ...each,
        index,
        top: row(each.lane) * height.value + 5 + beside.indexOf(each) * share,
        height: share - 2,
      }
    }),
  )
  const threads = computed(() =>
    bars.value.flatMap((bar) => {
      const start = bar.part.start
      const other = start.kind === 'at' ? undefined : bars.value.find((each) => each.part.id === start.part)
      return other
        ? [
            {
              key: bar.part.id,
              x1: at(start.kind === 'after' ? other.to : other.from),
              y1: other.top + other.height / 2,
              x2: at(bar.from),
              y2: bar.top + bar.height / 2,
            },
          ]
        : []
    }),
  )
  return { at, lanes, bars, threads }
}
