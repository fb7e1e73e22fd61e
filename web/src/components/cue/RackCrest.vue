<script setup lang="ts">
import { computed } from 'vue'
import { numberOf } from '@/lib/cueList'

/** A seal drawn from the name of a rack: its rim, its sign and its wax hang on the name alone. */
const props = defineProps<{ name: string }>()
const hash = computed(() => numberOf(props.name))
const LANES = ['screen', 'sound', 'voice', 'chat', 'mixer', 'room', 'books', 'outside']
/** Signs of the candle-maker's bench, in a field of 20 by 20. */
const SIGNS = [
  'M10 4c2 3 4 5 4 8a4 4 0 0 1-8 0c0-3 2-5 4-8z',
  'M10 4v2M8 8h4v7H8zM6 15h8',
  'M6 13c0-6 1-8 4-8s4 2 4 8zM9 15h2',
  'M5 9h7a3 3 0 0 1-6 3M12 9l4-4',
  'M5 12c2-4 3 2 5-2s3 2 5-2M5 15h10',
  'M10 5v10M6 8l8 4M14 8l-8 4',
  'M5 14V8l5-3 5 3v6zM9 14v-3h2v3',
]
const lane = computed(() => LANES[hash.value % LANES.length])
const sign = computed(() => SIGNS[(hash.value >>> 5) % SIGNS.length])
/** The rim of poured wax: some waves, more or less deep. */
const rim = computed(() => {
  const waves = 6 + ((hash.value >>> 10) % 5)
  const deep = 0.5 + ((hash.value >>> 14) % 4) * 0.22
  const turn = ((hash.value >>> 18) % 60) / 10
  const points = Array.from({ length: 72 }, (_, at) => {
    const angle = (at / 72) * Math.PI * 2
    const radius = 8.6 + Math.sin(angle * waves + turn) * deep
    return `${(10 + Math.cos(angle) * radius).toFixed(2)} ${(10 + Math.sin(angle) * radius).toFixed(2)}`
  })
  return `M${points.join('L')}Z`
})
</script>

<template>
  <svg viewBox="0 0 20 20" width="22" height="22" class="flex-none" aria-hidden="true">
    <path :d="rim" :style="{ fill: `var(--lane-${lane})` }" />
    <path
      :d="sign"
      fill="none"
      stroke-width="1.4"
      stroke-linecap="round"
      stroke-linejoin="round"
      :style="{ stroke: `var(--on-${lane})` }"
    />
  </svg>
</template>
