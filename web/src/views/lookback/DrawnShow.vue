<script setup lang="ts">
import { computed } from 'vue'
import type { ShowSeen } from '@/api/types'
import { minuteOfDay } from '@/lib/spans'
import { barsOf, type Bar } from './drawing'

/** A show drawn on time: lines of chat as wax that rises, rings in it, what was held below; moments stand on it. */
/** @param named whether its moments are listed below it, which name people */
const props = defineProps<{ show: ShowSeen; high?: number; named?: boolean }>()
const emit = defineEmits<{ at: [number] }>()
const MOST = 240
const WIDE = 1_000
const bars = computed(() => barsOf(props.show.summary.minutes, MOST))
const high = computed(() => props.high ?? 120)
const most = computed(() => Math.max(1, ...bars.value.map((each) => each.lines)))
/** Short shows are drawn on a quarter of an hour, so that a minute is no wall. */
const LEAST = 15
const step = computed(() => WIDE / Math.max(LEAST, bars.value.length))
const tall = (count: number) => (count / most.value) * (high.value - 26)
const moment = (bar: Bar) => props.show.summary.from + bar.from * 60_000
const says = (bar: Bar) =>
  `${minuteOfDay(moment(bar))}: ${bar.lines} ${bar.lines === 1 ? 'line' : 'lines'}, ${bar.rang} rang, ${bar.held} held`
const length = computed(() => {
  const each = bars.value[0]?.minutes ?? 1
  return Math.max(LEAST, bars.value.length) * each * 60_000
})
const end = computed(() => Math.max(props.show.summary.to, props.show.summary.from + length.value))
const FILL: Record<string, string> = {
  scene: 'var(--lane-mixer)',
  clip: 'var(--honey)',
  marked: 'var(--ink)',
  hush: 'var(--wax)',
}
const placed = computed(() =>
  props.show.summary.moments
    .filter((each) => each.kind in FILL)
    .map((each) => ({ ...each, x: Math.min(WIDE - 2, ((each.at - props.show.summary.from) / length.value) * WIDE) })),
)
</script>

<template>
  <figure class="flex flex-col gap-1">
    <svg
      :viewBox="`0 0 ${WIDE} ${high}`"
      preserveAspectRatio="none"
      class="block w-full"
      :style="{ height: high + 'px' }"
      role="img"
      :aria-label="`The show on time: ${show.summary.lines} lines, ${show.summary.rang} rang, ${show.summary.held} held`"
    >
      <g v-for="(bar, at) in bars" :key="bar.from">
        <title>{{ says(bar) }}</title>
        <rect :x="at * step" y="0" :width="step" :height="high" fill="transparent" />
        <rect
          :x="at * step + step * 0.08"
          :y="high - 12 - tall(bar.lines)"
          :width="step * 0.84"
          :height="tall(bar.lines)"
          fill="var(--edge)"
        />
        <rect
          :x="at * step + step * 0.08"
          :y="high - 12 - tall(Math.min(bar.rang, bar.lines))"
          :width="step * 0.84"
          :height="tall(Math.min(bar.rang, bar.lines))"
          fill="var(--verdigris)"
        />
        <rect
          v-if="bar.held"
          :x="at * step + step * 0.08"
          :y="high - 10"
          :width="step * 0.84"
          :height="Math.min(10, 2 + bar.held)"
          fill="var(--wax)"
        />
      </g>
      <rect v-for="each in placed" :key="each.number" :x="each.x" y="0" width="2.5" height="10" :fill="FILL[each.kind]">
        <title>{{ minuteOfDay(each.at) }}: {{ named ? each.says : each.kind }}</title>
      </rect>
    </svg>
    <figcaption class="flex justify-between text-[12.5px] text-soft">
      <span>{{ minuteOfDay(show.summary.from) }}</span>
      <span class="flex gap-3">
        <span><i class="mr-1 inline-block h-2.5 w-2.5 bg-edge" />lines</span>
        <span><i class="mr-1 inline-block h-2.5 w-2.5 bg-verdigris" />rang</span>
        <span><i class="mr-1 inline-block h-2.5 w-2.5 bg-wax" />held</span>
      </span>
      <span>{{ minuteOfDay(end) }}</span>
    </figcaption>
    <div
      v-if="named"
      class="flex max-h-24 flex-wrap gap-x-3 gap-y-1 overflow-auto text-[13px]"
      role="group"
      aria-label="Moments"
      tabindex="0"
    >
      <button v-for="each in placed" :key="each.number" class="hover:underline" @click="emit('at', each.at)">
        <span class="font-mono text-[12px] text-soft">{{ minuteOfDay(each.at) }}</span> {{ each.says }}
      </button>
    </div>
  </figure>
</template>
