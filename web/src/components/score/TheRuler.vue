<script setup lang="ts">
import { ref } from 'vue'
import { ticks } from '@/lib/ticks'
import { span } from '@/lib/spans'
import { usePlayhead } from '@/stores/playhead'

/** The ruler above the lanes; pressing and pulling on it moves the playhead. */
const props = defineProps<{ length: number; zoom: number }>()
const playhead = usePlayhead()
const bar = ref<HTMLElement | null>(null)
const pulling = ref(false)
const at = (ms: number) => (ms / props.length) * 100
const scrub = (event: PointerEvent) => {
  const box = bar.value!.getBoundingClientRect()
  playhead.scrub(Math.min(props.length, ((event.clientX - box.left) / box.width) * props.length))
}
const down = (event: PointerEvent) => {
  bar.value!.setPointerCapture?.(event.pointerId)
  pulling.value = true
  scrub(event)
}
const STEP = 100
const by = (ms: number) => playhead.scrub(Math.min(props.length, (playhead.at ?? 0) + ms))
</script>

<template>
  <div
    ref="bar"
    class="relative h-7 cursor-col-resize touch-none select-none"
    role="slider"
    tabindex="0"
    aria-label="Playhead"
    aria-valuemin="0"
    :aria-valuemax="Math.round(length)"
    :aria-valuenow="Math.round(playhead.at ?? 0)"
    :aria-valuetext="playhead.at === null ? 'as it is now' : span(Math.round(playhead.at / 100) * 100)"
    @pointerdown="down"
    @pointermove="pulling && scrub($event)"
    @pointerup="pulling = false"
    @pointercancel="pulling = false"
    @keydown.right.prevent.stop="by(STEP)"
    @keydown.left.prevent.stop="by(-STEP)"
  >
    <span
      v-for="tick in ticks(length, zoom).filter((each) => at(each) < 96)"
      :key="tick"
      class="absolute top-1.5 pl-1 whitespace-nowrap font-mono text-[12px] text-soft"
      :style="{ left: at(tick) + '%' }"
      >{{ span(tick) }}</span
    >
  </div>
</template>
