import { computed, type Ref } from 'vue'
import type { PlannedPart } from '@/composables/usePlan'
import { useKinds } from '@/stores/kinds'

/** What a lane leaves free above and below its bars, together, in pixels. */
const EDGE = 10

/** Where the bars of a score lie, and the threads between them. @param length of what is drawn, in ms @param height of a lane, in pixels */
export const useScoreBars = (plan: () => PlannedPart[], length: Ref<number>, height: Ref<number>) => {
  const kinds = useKinds()
  const at = (ms: number) => (ms / length.value) * 100
  const laid = computed(plan)
  /** Parts of one lane that sound or stand together, each on a row of its own; those that do not touch share nothing. */
  const groups = computed(() => {
    const all: { lane: string; until: number; rows: number[]; members: { index: number; row: number }[] }[] = []
    const order = laid.value.map((each, index) => ({ ...each, index })).sort((one, other) => one.from - other.from)
    for (const each of order) {
      let group = all.find((one) => one.lane === each.lane && one.until > each.from)
      if (!group) {
        group = { lane: each.lane, until: each.from, rows: [], members: [] }
        all.push(group)
      }
      const to = Math.max(each.to, each.from + 1)
      const free = group.rows.findIndex((end) => end <= each.from)
      const row = free < 0 ? group.rows.length : free
      group.rows[row] = to
      group.until = Math.max(group.until, to)
      group.members.push({ index: each.index, row })
    }
    return all
  })
  /** Two rows share the height of a lane; with more of them it grows, so that each can be read and picked. */
  const lanes = computed(() => {
    let top = 0
    return kinds.lanesOf(laid.value.map((each) => each.lane)).map((lane) => {
      const rows = Math.max(
        1,
        ...groups.value.filter((each) => each.lane === lane.lane).map((each) => each.rows.length),
      )
      const tall = ((height.value - EDGE) / 2) * Math.max(2, rows) + EDGE
      const placed = { ...lane, top, height: tall }
      top += tall
      return placed
    })
  })
  const tall = computed(() => lanes.value.reduce((sum, each) => sum + each.height, 0))
  const bars = computed(() => {
    const placed = new Map(
      groups.value.flatMap((group) => group.members.map((each) => [each.index, { group, ...each }])),
    )
    return laid.value.map((each, index) => {
      const { group, row } = placed.get(index)!
      const lane = lanes.value.find((one) => one.lane === each.lane)!
      const share = (lane.height - EDGE) / group.rows.length
      return { ...each, index, top: lane.top + EDGE / 2 + row * share, height: share - 2 }
    })
  })
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
  return { at, lanes, tall, bars, threads }
}
