<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { span } from '@/lib/spans'
import { useLive } from '@/stores/live'
import { usePlayhead } from '@/stores/playhead'

/** Where the playhead stands; while the cue plays for real it runs through its score. */
const props = defineProps<{ cueId: string; length: number }>()
const live = useLive()
const playhead = usePlayhead()
const now = ref(live.now())
useIntervalFn(() => (now.value = live.now()), 50)
const real = computed(() => {
  const ring = [...live.rings.values()].filter((each) => each.cueId === props.cueId && each.state === 'playing').at(-1)
  const since = ring ? now.value - ring.start : -1
  return since >= 0 && since <= props.length ? since : null
})
const at = computed(() => (playhead.at === null ? real.value : Math.min(playhead.at, props.length)))
</script>

<template>
  <div
    v-if="at !== null"
    class="pointer-events-none absolute -top-6 bottom-0 z-10 border-l-2 border-ink"
    :style="{ left: (at / length) * 100 + '%' }"
    aria-hidden="true"
  >
    <span
      class="absolute top-0 -left-[25px] w-12 rounded-[6px] bg-ink text-center font-mono text-[11.5px] leading-[18px] text-paper"
      >{{ span(Math.round(at / 100) * 100) }}</span
    >
  </div>
</template>
