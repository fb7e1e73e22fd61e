<script setup lang="ts">
import { computed } from 'vue'
import type { Cue } from '@/api/types'
import { LANES, longest, planned } from '@/lib/plan'
import { useWiring } from '@/stores/wiring'

const props = defineProps<{ cue: Cue }>()
const wiring = useWiring()
const plan = computed(() => planned(props.cue.takes[0]!.score.parts, (folder, file) => longest(wiring.shelf, folder, file)))
const over = computed(() => Math.max(1_000, ...plan.value.map((each) => each.to + 400)))
const row = (lane: string) => LANES.findIndex((each) => each.lane === lane)
</script>

<template>
  <svg viewBox="0 0 72 24" width="72" height="24" aria-hidden="true" class="flex-none rounded-[4px] bg-well">
    <rect
      v-for="each in plan"
      :key="each.part.id"
      :x="4 + (each.from / over) * 64"
      :y="4 + row(each.lane) * 6"
      :width="Math.max(4, ((each.to - each.from) / over) * 64)"
      height="4"
      rx="2"
      :class="`fill-lane-${each.lane}`"
    />
  </svg>
</template>

<style scoped>
.fill-lane-screen {
  fill: var(--lane-screen);
}

.fill-lane-sound {
  fill: var(--lane-sound);
}

.fill-lane-chat {
  fill: var(--lane-chat);
}
</style>
