<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { LANE_ICONS } from './lanes'
import { lanesOf, longest, planned, sampleValues, sampleWords, ticks } from '@/lib/plan'
import { span } from '@/lib/spans'
import { problemsAt, type Draft } from '@/stores/drafts'
import { useLive } from '@/stores/live'
import { useWiring } from '@/stores/wiring'

const props = defineProps<{ draft: Draft; chosen: string }>()
const emit = defineEmits<{ choose: [string] }>()
const wiring = useWiring()
const live = useLive()
const HEIGHT = 58

const parts = computed(() => props.draft.cue.takes[0]!.score.parts)
const plan = computed(() => planned(parts.value, (folder, file) => longest(wiring.shelf, folder, file)))
const values = computed(() => sampleValues(props.draft.cue, wiring.view?.samples ?? {}))
const length = computed(() => Math.max(2_000, ...plan.value.map((each) => each.to)) * 1.12 + 500)
const at = (ms: number) => (ms / length.value) * 100
const lanes = computed(() => lanesOf(plan.value.map((each) => each.lane)))
const row = (lane: string) => lanes.value.findIndex((each) => each.lane === lane)

/** Parts of one lane that sound or stand together share its height. */
const bars = computed(() =>
  plan.value.map((each, index) => {
    const beside = plan.value.filter((other) => other.lane === each.lane && other.from < Math.max(each.to, each.from + 1) && each.from < Math.max(other.to, other.from + 1))
    const height = (HEIGHT - 12) / beside.length
    return { ...each, index, top: row(each.lane) * HEIGHT + 6 + beside.indexOf(each) * height, height: height - 2 }
  }),
)
const threads = computed(() =>
  bars.value.flatMap((bar) => {
    const start = bar.part.start
    const other = start.kind === 'at' ? undefined : bars.value.find((each) => each.part.id === start.part)
    if (!other) {
      return []
    }
    return [{ key: bar.part.id, x1: at(start.kind === 'after' ? other.to : other.from), y1: other.top + other.height / 2, x2: at(bar.from), y2: bar.top + bar.height / 2 }]
  }),
)

/** While this cue plays, the playhead runs through its score. */
const now = ref(live.now())
useIntervalFn(() => (now.value = live.now()), 50)
const playhead = computed(() => {
  const ring = [...live.rings.values()].filter((each) => each.cueId === props.draft.cue.id && each.state === 'playing').at(-1)
  const since = ring ? now.value - ring.start : -1
  return since >= 0 && since <= length.value ? since : null
})
const wrong = (index: number) => problemsAt(props.draft, `takes[0].score.parts[${index}]`).length > 0
const step = (by: number) => {
  const index = parts.value.findIndex((part) => part.id === props.chosen)
  const next = parts.value[(index + by + parts.value.length) % parts.value.length]
  if (next) {
    emit('choose', next.id)
    document.getElementById(`part-${next.id}`)?.focus()
  }
}
</script>

<template>
  <section aria-label="Score, drawn on time" class="sheet flex flex-none overflow-hidden" @keydown.right.prevent="step(1)" @keydown.left.prevent="step(-1)">
    <div class="w-[92px] flex-none border-r border-line pt-7">
      <div v-for="lane in lanes" :key="lane.lane" class="flex items-center gap-2 border-t border-line pl-3 text-[13px] text-soft" :style="{ height: HEIGHT + 'px' }">
        <component :is="LANE_ICONS[lane.lane]" :size="15" /> {{ lane.name }}
      </div>
    </div>
    <div class="relative min-w-0 flex-1">
      <div class="relative h-7" aria-hidden="true">
        <span v-for="tick in ticks(length).filter((each) => at(each) < 95)" :key="tick" class="absolute top-1.5 pl-1 whitespace-nowrap font-mono text-[12px] text-soft" :style="{ left: at(tick) + '%' }">{{ span(tick) }}</span>
      </div>
      <div class="relative" :style="{ height: lanes.length * HEIGHT + 'px' }">
        <div v-for="(lane, index) in lanes" :key="lane.lane" class="absolute inset-x-0 border-t border-line" :style="{ top: index * HEIGHT + 'px', height: HEIGHT + 'px' }" />
        <span v-for="tick in ticks(length)" :key="tick" class="absolute inset-y-0 border-l border-line/60" :style="{ left: at(tick) + '%' }" />
        <svg class="absolute inset-0 h-full w-full" preserveAspectRatio="none" :viewBox="`0 0 100 ${lanes.length * HEIGHT}`" aria-hidden="true">
          <path
            v-for="thread in threads"
            :key="thread.key"
            :d="`M${thread.x1} ${thread.y1} C${thread.x1 + 1.5} ${thread.y1}, ${thread.x2 - 1.5} ${thread.y2}, ${thread.x2} ${thread.y2}`"
            fill="none"
            stroke="var(--edge)"
            stroke-width="1.5"
            stroke-dasharray="3 3"
            vector-effect="non-scaling-stroke"
          />
        </svg>
        <button
          v-for="bar in bars"
          :id="`part-${bar.part.id}`"
          :key="bar.part.id"
          class="part"
          :class="[`lane-${bar.lane}`, bar.open && 'open', bar.part.id === chosen && 'chosen', wrong(bar.index) && 'wrong']"
          :style="{ left: at(bar.from) + '%', width: at(bar.to - bar.from) + '%', top: bar.top + 'px', height: bar.height + 'px' }"
          :aria-pressed="bar.part.id === chosen"
          :title="`${bar.part.id}: ${span(bar.from)} to ${bar.open ? 'about ' : ''}${span(bar.to)}`"
          @click="emit('choose', bar.part.id)"
        >
          <span class="block truncate">{{ sampleWords(bar.part, values) }}</span>
        </button>
        <div v-if="playhead !== null" class="absolute inset-y-0 z-10 border-l-2 border-ink" :style="{ left: at(playhead) + '%' }" aria-hidden="true" />
      </div>
    </div>
  </section>
</template>

<style scoped>
.part {
  position: absolute;
  min-width: 34px;
  overflow: hidden;
  border-radius: 8px;
  padding: 0 8px;
  text-align: left;
  font-size: 13px;
}

/* An open end: how long it lasts is known only when chance has chosen. */
.part.open {
  border-right: 5px double var(--sheet);
}

.part.chosen {
  box-shadow:
    0 0 0 2px var(--sheet),
    0 0 0 4px var(--ink);
}

.part.wrong {
  box-shadow:
    0 0 0 2px var(--sheet),
    0 0 0 4px var(--wax-words);
}
</style>
