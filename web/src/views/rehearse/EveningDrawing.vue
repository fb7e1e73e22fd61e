<script setup lang="ts">
import { useElementSize, useEventListener } from '@vueuse/core'
import { Droplet } from '@lucide/vue'
import { computed, ref, watchEffect } from 'vue'
import { LANE_ICONS } from '@/components/score/lanes'
import { useDusk } from '@/composables/useDusk'
import { moved, zoomed, type Moment, type Stretch } from '@/lib/evening'
import { heightOf, paint, RULER, sizesOf, type Painted } from './paint'

const props = defineProps<{ painted: Painted; name: string }>()
const emit = defineEmits<{ stretch: [Stretch]; choose: [Moment] }>()
const canvas = ref<HTMLCanvasElement | null>(null)
const { width } = useElementSize(canvas)
const { dusk } = useDusk()
const height = computed(() => heightOf(props.painted))
const sizes = computed(() => sizesOf(props.painted.small))

watchEffect(() => {
  const element = canvas.value
  const context = element?.getContext('2d')
  // Colours are read anew when the light changes.
  void dusk.value
  if (!element || !context || width.value === 0) {
    return
  }
  const dots = window.devicePixelRatio || 1
  element.width = Math.round(width.value * dots)
  element.height = Math.round(height.value * dots)
  context.setTransform(dots, 0, 0, dots, 0, 0)
  const style = getComputedStyle(document.documentElement)
  paint(context, width.value, props.painted, (colour) => style.getPropertyValue(colour).trim())
})

const timeAt = (x: number) =>
  props.painted.stretch.from + (x / Math.max(1, width.value)) * (props.painted.stretch.to - props.painted.stretch.from)
const wheel = (turn: WheelEvent) => {
  const { stretch, whole } = props.painted
  const across = turn.shiftKey || Math.abs(turn.deltaX) > Math.abs(turn.deltaY)
  emit(
    'stretch',
    across
      ? moved(stretch, whole, ((turn.deltaX || turn.deltaY) / 800) * (stretch.to - stretch.from))
      : zoomed(stretch, whole, turn.deltaY > 0 ? 1.25 : 0.8, timeAt(turn.offsetX)),
  )
}

/** Pressing and moving pulls the evening along; a press without a move chooses. */
let press: { x: number; stretch: Stretch; moves: boolean } | null = null
const down = (pointer: PointerEvent) => (press = { x: pointer.clientX, stretch: props.painted.stretch, moves: false })
useEventListener(window, 'pointermove', (pointer: PointerEvent) => {
  if (press && Math.abs(pointer.clientX - press.x) > 4) {
    press.moves = true
    emit(
      'stretch',
      moved(
        press.stretch,
        props.painted.whole,
        ((press.x - pointer.clientX) / Math.max(1, width.value)) * (press.stretch.to - press.stretch.from),
      ),
    )
  }
})
useEventListener(window, 'pointerup', (pointer: PointerEvent) => {
  if (press && !press.moves && pointer.target === canvas.value) {
    choose(pointer.offsetX, pointer.offsetY)
  }
  press = null
})
const NEAR = 6
const choose = (x: number, y: number) => {
  const row = props.painted.rows[Math.floor((y - RULER - sizes.value.lines) / sizes.value.row)]
  const at = timeAt(x)
  const near = timeAt(x + NEAR) - at
  const distance = (from: number, to: number) => (at < from ? from - at : at > to ? at - to : 0)
  const found = props.painted.moments
    .map((moment) => {
      const spans =
        moment.ring && moment.kind === 'rang'
          ? moment.ring.parts
              .filter((part) => (part.place || part.lane) === row?.key)
              .map((part) => distance(part.from, part.to))
          : row?.key === 'held'
            ? [distance(moment.at, moment.at)]
            : []
      return { moment, away: Math.min(Infinity, ...spans) }
    })
    .filter((each) => each.away <= near)
    .sort((one, other) => one.away - other.away)[0]
  if (found) {
    emit('choose', found.moment)
  }
}
</script>

<template>
  <section :aria-label="name" class="sheet flex flex-none overflow-hidden">
    <div class="w-[128px] flex-none border-r border-line">
      <div class="flex items-end px-3 text-[12.5px] text-soft" :style="{ height: `${RULER + sizes.lines}px` }">
        Lines of chat
      </div>
      <div
        v-for="row in painted.rows"
        :key="row.key"
        class="flex items-center gap-1.5 border-t border-line px-3 text-[12.5px] text-soft"
        :style="{ height: `${sizes.row}px` }"
      >
        <component :is="row.lane === 'held' ? Droplet : LANE_ICONS[row.lane]" :size="13" class="flex-none" />
        <span class="truncate" :title="row.name">{{ row.name }}</span>
      </div>
    </div>
    <canvas
      ref="canvas"
      class="min-w-0 flex-1 cursor-grab touch-none"
      :style="{ height: `${height}px` }"
      role="img"
      :aria-label="`${name}: the list below says the same`"
      @wheel.prevent="wheel"
      @pointerdown="down"
    />
  </section>
</template>
