<script setup lang="ts">
import { computed, ref, useTemplateRef, watch } from 'vue'
import NumberField from '@/components/cue/NumberField.vue'

/** The two ends of a film: dragged, moved by arrows, or written in seconds. */
const props = defineProps<{ lengthMs: number; at: number }>()
const emit = defineEmits<{ seek: [ms: number]; cut: [fromMs: number, toMs: number] }>()
const LEAST = 200
const STEP = 100
const bar = useTemplateRef<HTMLElement>('bar')
const from = ref(0)
const to = ref(props.lengthMs)
watch(
  () => props.lengthMs,
  (length) => {
    from.value = 0
    to.value = length
  },
)
const changed = computed(() => from.value > 0 || to.value < props.lengthMs)
const share = (ms: number) => `${(100 * ms) / Math.max(1, props.lengthMs)}%`
const move = (end: 'from' | 'to', ms: number) => {
  if (end === 'from') {
    from.value = Math.round(Math.max(0, Math.min(ms, to.value - LEAST)))
  } else {
    to.value = Math.round(Math.min(props.lengthMs, Math.max(ms, from.value + LEAST)))
  }
  emit('seek', end === 'from' ? from.value : to.value)
}
const drag = (end: 'from' | 'to', event: PointerEvent) => {
  const handle = event.currentTarget as HTMLElement
  handle.setPointerCapture(event.pointerId)
  const follow = (moved: PointerEvent) => {
    const box = bar.value!.getBoundingClientRect()
    move(end, ((moved.clientX - box.left) / box.width) * props.lengthMs)
  }
  handle.addEventListener('pointermove', follow)
  handle.addEventListener('pointerup', () => handle.removeEventListener('pointermove', follow), { once: true })
}
const key = (end: 'from' | 'to', event: KeyboardEvent) => {
  const by = { ArrowLeft: -STEP, ArrowRight: STEP, PageDown: -1_000, PageUp: 1_000 }[event.key]
  if (by !== undefined) {
    event.preventDefault()
    event.stopPropagation()
    move(end, (end === 'from' ? from.value : to.value) + by)
  }
}
const ENDS = [
  { end: 'from', name: 'Where it begins' },
  { end: 'to', name: 'Where it ends' },
] as const
</script>

<template>
  <div class="flex flex-col gap-2">
    <div ref="bar" class="relative mx-2 h-7 rounded-[6px] bg-well">
      <div
        class="absolute inset-y-0 rounded-[6px] border-y-2 border-honey bg-honey/25"
        :style="{ left: share(from), right: share(lengthMs - to) }"
      />
      <div class="absolute inset-y-0 w-px bg-ink" :style="{ left: share(at) }" />
      <button
        v-for="{ end, name } in ENDS"
        :key="end"
        type="button"
        role="slider"
        class="absolute -inset-y-1 w-3 -translate-x-1/2 cursor-ew-resize touch-none rounded-[4px] bg-honey"
        :style="{ left: share(end === 'from' ? from : to) }"
        :aria-label="name"
        aria-valuemin="0"
        :aria-valuemax="lengthMs / 1_000"
        :aria-valuenow="(end === 'from' ? from : to) / 1_000"
        :aria-valuetext="`${(end === 'from' ? from : to) / 1_000} seconds`"
        @pointerdown.prevent="drag(end, $event)"
        @keydown="key(end, $event)"
      />
    </div>
    <div class="grid grid-cols-2 gap-2">
      <NumberField
        label="Begins at"
        unit="s"
        :scale="1_000"
        :model-value="from"
        @update:model-value="move('from', $event)"
      />
      <NumberField label="Ends at" unit="s" :scale="1_000" :model-value="to" @update:model-value="move('to', $event)" />
    </div>
    <button class="button self-start" :disabled="!changed" @click="emit('cut', from, to)">Keep only that</button>
  </div>
</template>
