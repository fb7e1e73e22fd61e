<script setup lang="ts">
import { Lock } from '@lucide/vue'
import { useElementSize } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { Frame, Stage } from '@/api/types'
import { useFrameDrag } from '@/composables/useFrameDrag'
import { useFrameKeys } from '@/composables/useFrameKeys'
import { SAFE, standing, type Grip } from '@/lib/placing'
import BenchCamera from '@/practice/mixer/BenchCamera.vue'
import { usePlayhead } from '@/stores/playhead'
import { useWiring } from '@/stores/wiring'

/** A stage to place things on: the real stage page below, a frame for each spot and fixture above it. */
const props = defineProps<{
  stage: Stage
  previewAddress: string
  chosen: string
  safe: boolean
  frames: boolean
  zoom: number
}>()
const emit = defineEmits<{ choose: [string]; edit: [Stage]; remove: []; order: [nearer: boolean] }>()
const wiring = useWiring()
const playhead = usePlayhead()
const GRIPS: Grip[] = ['nw', 'n', 'ne', 'e', 'se', 's', 'sw', 'w']
const room = ref<HTMLElement | null>(null)
const page = ref<HTMLIFrameElement | null>(null)
const { width, height } = useElementSize(room)
const fit = computed(() => Math.min((width.value - 8) / props.stage.width, (height.value - 8) / props.stage.height))
const scale = computed(() => Math.max(0.02, fit.value * props.zoom))
const px = (value: number) => `${value * scale.value}px`
const backdrop = computed(
  () => wiring.shelf.find((each) => each.folder === 'Pictures' && each.name === props.stage.backdrop)?.address,
)

const { drag, down, move, up } = useFrameDrag({
  stage: () => props.stage,
  scale,
  choose: (id) => emit('choose', id),
  edit: (stage) => emit('edit', stage),
})
const all = computed(() =>
  standing(props.stage)
    .map((each) => (drag.value?.id === each.id ? { ...each, frame: drag.value.now } : each))
    .reverse(),
)
const tell = (message: object) =>
  page.value?.contentWindow?.postMessage(JSON.parse(JSON.stringify(message)), location.origin)
const told = (now: { id: string; frame: Frame }[]) =>
  tell({ frames: Object.fromEntries(now.map((each) => [each.id, each.frame])) })
watch(all, told)

// What is tried plays in the preview: it is told of the plan and of jumps, and runs by itself.
const parts = computed(() =>
  (playhead.plan?.stages ?? []).filter((each) => each.stage === props.stage.id).map((each) => each.part),
)
watch(
  () => playhead.jumps,
  () =>
    tell({
      moment:
        playhead.at === null ? null : { parts: parts.value, at: playhead.at, playing: playhead.playing, sounds: false },
    }),
  { flush: 'post' },
)

const keys = useFrameKeys({
  stage: () => props.stage,
  edit: (stage) => emit('edit', stage),
  remove: () => emit('remove'),
  order: (nearer) => emit('order', nearer),
})
defineExpose({ tell })
</script>

<template>
  <div ref="room" class="relative isolate min-h-0 flex-1 overflow-auto rounded-[12px] bg-well" data-canvas>
    <div
      class="absolute overflow-hidden"
      :style="{
        width: px(stage.width),
        height: px(stage.height),
        left: `max(4px, calc(50% - ${px(stage.width / 2)}))`,
        top: `max(4px, calc(50% - ${px(stage.height / 2)}))`,
      }"
    >
      <div class="checks absolute inset-0" aria-hidden="true">
        <BenchCamera
          v-if="stage.backdrop === 'mixer'"
          class="h-full w-full object-cover"
          preserveAspectRatio="xMidYMid slice"
        />
        <img v-else-if="backdrop" :src="backdrop" alt="" class="h-full w-full object-cover" />
      </div>
      <iframe
        ref="page"
        :key="previewAddress"
        :src="previewAddress"
        :title="`The stage ${stage.name} as it is`"
        class="absolute top-0 left-0 origin-top-left border-0"
        tabindex="-1"
        :width="stage.width"
        :height="stage.height"
        :style="{ transform: `scale(${scale})`, colorScheme: 'light' }"
      />
      <div v-if="safe" class="safe" aria-hidden="true" :style="{ inset: `${SAFE * 100}%` }" />
      <template v-if="frames">
        <div
          v-for="each in all"
          :key="each.id"
          class="pointer-events-none absolute"
          :style="{
            left: px(each.frame.x),
            top: px(each.frame.y),
            width: px(each.frame.width),
            height: px(each.frame.height),
            zIndex: each.id === chosen ? 900 : each.frame.layer,
          }"
        >
          <button
            :id="`place-${each.id}`"
            class="frame"
            :class="[
              each.sort,
              each.frame.y * scale < 18 && 'high',
              each.id === chosen && 'chosen',
              each.frame.locked && 'locked',
            ]"
            :aria-pressed="each.id === chosen"
            :aria-label="`${each.name}: ${each.frame.width} by ${each.frame.height} at ${each.frame.x}, ${each.frame.y}`"
            @pointerdown="down($event, each.id, '')"
            @pointermove="move"
            @pointerup="up"
            @pointercancel="drag = null"
            @click="$emit('choose', each.id)"
            @focus="$emit('choose', each.id)"
            @keydown="keys($event, each.id, each.frame)"
          >
            <span class="name" :class="each.sort === 'fixture' && 'quiet'"
              ><Lock v-if="each.frame.locked" :size="11" /> {{ each.name }}</span
            >
          </button>
          <template v-if="each.id === chosen && !each.frame.locked">
            <span
              v-for="grip in GRIPS"
              :key="grip"
              class="grip"
              :class="grip"
              :data-grip="grip"
              aria-hidden="true"
              @pointerdown.stop="down($event, each.id, grip)"
              @pointermove="move"
              @pointerup="up"
              @pointercancel="drag = null"
            />
          </template>
        </div>
      </template>
    </div>
  </div>
</template>

<style scoped>
.safe {
  position: absolute;
  border: 1px dashed #fffaf0;
  outline: 1px dashed #2a211a;
  outline-offset: -2px;
  opacity: 0.55;
  pointer-events: none;
}

.frame {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  cursor: move;
  pointer-events: auto;
  touch-action: none;
  border: 1.5px solid rgb(255 250 240 / 0.9);
  border-radius: 4px;
  outline: 1px solid rgb(42 33 26 / 0.75);
  text-align: left;
}

.frame.spot {
  border-style: dashed;
}

/* What is locked lets the pointer through to what lies below it; the list chooses it. */
.frame.locked {
  cursor: default;
  border-style: dotted;
  pointer-events: none;
}

.frame.chosen {
  border: 2px solid var(--honey);
  border-style: solid;
  outline: 2px solid #2a211a;
}

.name {
  position: absolute;
  top: 0;
  left: 0;
  display: flex;
  max-width: 100%;
  align-items: center;
  gap: 3px;
  overflow: hidden;
  border-radius: 2px 0 6px;
  background: #2a211a;
  padding: 0 6px;
  font: 11.5px/17px var(--font-sans);
  color: #fffaf0;
  white-space: nowrap;
}

.frame:not(.high) .name {
  top: auto;
  bottom: 100%;
  border-radius: 6px 6px 0 0;
}

.name.quiet {
  visibility: hidden;
}

.frame:is(:hover, :focus-visible, .chosen) .name.quiet {
  visibility: visible;
}

.chosen .name {
  background: var(--honey);
  color: #2a211a;
}

.grip {
  position: absolute;
  z-index: 2;
  width: 11px;
  height: 11px;
  margin: -6px;
  pointer-events: auto;
  touch-action: none;
  border: 1.5px solid #2a211a;
  border-radius: 3px;
  background: var(--honey);
}

.grip:is(.nw, .w, .sw) {
  left: 0;
}
.grip:is(.n, .s) {
  left: 50%;
  cursor: ns-resize;
}
.grip:is(.ne, .e, .se) {
  left: 100%;
}
.grip:is(.nw, .n, .ne) {
  top: 0;
}
.grip:is(.e, .w) {
  top: 50%;
  cursor: ew-resize;
}
.grip:is(.sw, .s, .se) {
  top: 100%;
}
.grip:is(.nw, .se) {
  cursor: nwse-resize;
}
.grip:is(.ne, .sw) {
  cursor: nesw-resize;
}
</style>
