<script setup lang="ts">
import { computed } from 'vue'
import type { Bar } from '@/api/types'
import { useKinds } from '@/stores/kinds'

/** The first take of a cue, drawn small. */
const props = defineProps<{ plan: Bar[] }>()
const kinds = useKinds()
const over = computed(() => Math.max(1_000, ...props.plan.map((each) => each.to + 400)))
const lanes = computed(() => kinds.lanesOf(props.plan.map((each) => each.lane)))
const row = (lane: string) => lanes.value.findIndex((each) => each.lane === lane)
/** At most four rows fit; more lie closer together. */
const step = computed(() => Math.min(6, 18 / Math.max(1, lanes.value.length)))
</script>

<template>
  <svg viewBox="0 0 72 24" width="72" height="24" aria-hidden="true" class="flex-none rounded-[4px] bg-well">
    <rect
      v-for="(each, at) in plan"
      :key="at"
      :x="4 + (each.from / over) * 64"
      :y="3 + row(each.lane) * step"
      :width="Math.max(4, ((each.to - each.from) / over) * 64)"
      :height="Math.max(1, Math.min(4, step - 1))"
      rx="2"
      :style="{ fill: `var(--lane-${each.lane})` }"
    />
  </svg>
</template>
