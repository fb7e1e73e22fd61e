<script setup lang="ts">
import { Pause, Play, ZoomIn, ZoomOut } from '@lucide/vue'
import { useElementSize, useWindowSize } from '@vueuse/core'
import { computed, ref, toRef } from 'vue'
import type { Part } from '@/api/types'
import { usePlan } from '@/composables/usePlan'
import { useScoreBars } from '@/composables/useScoreBars'
import { useScoreDrag } from '@/composables/useScoreDrag'
import { useScoreKeys } from '@/composables/useScoreKeys'
import { ticks } from '@/lib/ticks'
import { span } from '@/lib/spans'
import { problemsAt, useDrafts, type Draft } from '@/stores/drafts'
import { usePlayhead } from '@/stores/playhead'
import { LANE_ICONS } from './lanes'
import ThePlayhead from './ThePlayhead.vue'
import TheRuler from './TheRuler.vue'

const props = defineProps<{ draft: Draft; take: number; picked: string[]; zoom: number }>()
const emit = defineEmits<{ pick: [string[]]; add: [kind: Part['kind'], ms: number]; remove: []; zoom: [number] }>()
const drafts = useDrafts()
const playhead = usePlayhead()
/** Lanes are taller where the window has the room. */
const { height: window } = useWindowSize()
const HEIGHT = computed(() => (window.value > 950 ? 62 : 44))

const { parts, plan } = usePlan(
  () => props.draft,
  () => props.take,
)
const pick = (id: string, more: boolean) =>
  emit('pick', more ? [...props.picked.filter((each) => each !== id), id] : [id])
const commit = (next: Part[]) =>
  drafts.edit(
    props.draft.cue.id,
    (cue) => (cue.takes[props.take]!.score.parts = JSON.parse(JSON.stringify(next)) as Part[]),
  )
const length = computed(() => Math.max(2_000, ...plan.value.map((each) => each.to)) * 1.12 + 500)
const field = ref<HTMLElement | null>(null)
const { width } = useElementSize(field)
const { drag, shown, down, move, up, cancel } = useScoreDrag({
  parts,
  plan,
  picked: toRef(props, 'picked'),
  pick,
  commit,
  msPerPixel: () => length.value / Math.max(1, width.value),
  playhead: () => playhead.at ?? 0,
})
const { keys } = useScoreKeys({
  parts,
  plan,
  picked: toRef(props, 'picked'),
  pick: (ids) => emit('pick', ids),
  commit,
  cancel,
  remove: () => emit('remove'),
  zoom: (by) => emit('zoom', by),
})

const { at, lanes, tall, bars, threads } = useScoreBars(() => shown.value, length, HEIGHT)
/** The thread that is being pulled, from the end of its part to the pointer. */
const pulled = computed(() => {
  const bar = drag.value?.mode === 'thread' && bars.value.find((each) => each.part.id === drag.value!.id)
  const box = field.value?.getBoundingClientRect()
  return bar && box
    ? {
        x1: at(bar.to),
        y1: bar.top + bar.height / 2,
        x2: ((drag.value!.x - box.left) / box.width) * 100,
        y2: drag.value!.y - box.top,
      }
    : null
})
const under = (event: PointerEvent) =>
  document
    .elementsFromPoint(event.clientX, event.clientY)
    .map((each) => (each as HTMLElement).closest<HTMLElement>('[data-part]')?.dataset.part)
    .find(Boolean) ?? ''
const wrong = (index: number) => problemsAt(props.draft, `takes[${props.take}].score.parts[${index}]`).length > 0
const dropped = (event: DragEvent) => {
  const kind = event.dataTransfer?.getData('application/x-waxbell-part')
  const box = field.value!.getBoundingClientRect()
  if (kind) {
    emit(
      'add',
      kind as Part['kind'],
      Math.max(0, Math.round((((event.clientX - box.left) / box.width) * length.value) / 100) * 100),
    )
  }
}
const says = (bar: (typeof bars.value)[number]) =>
  `${bar.part.id}: ${span(Math.round(bar.from))} to ${bar.open ? 'about ' : ''}${span(Math.round(bar.to))}`
</script>

<template>
  <section aria-label="Score, drawn on time" class="sheet flex flex-none overflow-hidden" @keydown="keys">
    <div class="w-[100px] flex-none border-r border-line">
      <div class="flex h-7 items-center justify-around px-1">
        <button
          class="rounded-[6px] p-1 hover:bg-well"
          :aria-label="playhead.playing ? 'Pause the preview' : 'Preview'"
          :title="playhead.playing ? 'Pause' : 'Preview: P'"
          :disabled="!playhead.plan"
          @click="playhead.toggle()"
        >
          <component :is="playhead.playing ? Pause : Play" :size="15" />
        </button>
        <button
          class="rounded-[6px] p-1 hover:bg-well"
          aria-label="Closer"
          title="Closer: +"
          :disabled="zoom >= 16"
          @click="emit('zoom', 1)"
        >
          <ZoomIn :size="15" />
        </button>
        <button
          class="rounded-[6px] p-1 hover:bg-well"
          aria-label="Further away"
          title="Further away: −"
          :disabled="zoom <= 1"
          @click="emit('zoom', -1)"
        >
          <ZoomOut :size="15" />
        </button>
      </div>
      <div
        v-for="lane in lanes"
        :key="lane.lane"
        class="flex items-center gap-2 border-t border-line pl-3 text-[13px] text-soft"
        :style="{ height: lane.height + 'px' }"
      >
        <component :is="LANE_ICONS[lane.lane]" :size="15" /> {{ lane.name }}
      </div>
    </div>
    <div class="min-w-0 flex-1 overflow-x-auto overflow-y-hidden">
      <div class="relative" :style="{ width: zoom * 100 + '%' }">
        <TheRuler :length="length" :zoom="zoom" />
        <div
          ref="field"
          class="relative"
          :style="{ height: tall + 'px' }"
          @dragover.prevent
          @drop.prevent="dropped"
          @pointermove="move"
          @pointerup="up(under($event))"
          @pointercancel="cancel"
        >
          <div
            v-for="lane in lanes"
            :key="lane.lane"
            class="absolute inset-x-0 border-t border-line"
            :style="{ top: lane.top + 'px', height: lane.height + 'px' }"
          />
          <span
            v-for="tick in ticks(length, zoom)"
            :key="tick"
            class="absolute inset-y-0 border-l border-line/60"
            :style="{ left: at(tick) + '%' }"
          />
          <svg
            class="pointer-events-none absolute inset-0 h-full w-full"
            preserveAspectRatio="none"
            :viewBox="`0 0 100 ${tall}`"
            aria-hidden="true"
          >
            <path
              v-for="thread in [...threads, ...(pulled ? [{ key: 'pulled', ...pulled }] : [])]"
              :key="thread.key"
              :d="`M${thread.x1} ${thread.y1} C${thread.x1 + 1.5} ${thread.y1}, ${thread.x2 - 1.5} ${thread.y2}, ${thread.x2} ${thread.y2}`"
              class="thread"
              :class="thread.key === 'pulled' && 'pulled'"
              vector-effect="non-scaling-stroke"
            />
          </svg>
          <div
            v-for="bar in bars"
            :key="bar.part.id"
            class="group absolute"
            :data-part="bar.part.id"
            :style="{
              left: at(bar.from) + '%',
              width: `max(${bar.to > bar.from ? 30 : 92}px, ${at(bar.to - bar.from)}%)`,
              top: bar.top + 'px',
              height: bar.height + 'px',
            }"
          >
            <button
              :id="`part-${bar.part.id}`"
              class="part h-full w-full touch-none"
              :class="[
                `lane-${bar.lane}`,
                bar.open && 'open',
                picked.includes(bar.part.id) && 'chosen',
                wrong(bar.index) && 'wrong',
                drag?.id === bar.part.id && 'cursor-grabbing',
              ]"
              :aria-pressed="picked.includes(bar.part.id)"
              :title="says(bar)"
              @focus="picked.includes(bar.part.id) || pick(bar.part.id, false)"
              @click="$event.detail === 0 && pick(bar.part.id, $event.shiftKey)"
              @pointerdown="down($event, bar.part.id, 'move')"
            >
              <span class="block truncate" :class="bar.height < 22 && 'narrow'">{{ bar.label }}</span>
            </button>
            <span
              v-if="bar.most > 0"
              class="absolute inset-y-0 right-0 w-2 cursor-ew-resize touch-none"
              data-edge
              aria-hidden="true"
              @pointerdown.stop="down($event, bar.part.id, 'stretch')"
            />
            <span
              class="knob"
              :class="picked.includes(bar.part.id) && 'opacity-100'"
              data-knob
              aria-hidden="true"
              title="Pull to a part that is to start when this one ends"
              @pointerdown.stop="down($event, bar.part.id, 'thread')"
            />
          </div>
          <ThePlayhead :cue-id="draft.cue.id" :length="length" />
        </div>
      </div>
    </div>
  </section>
</template>

<style scoped>
.part {
  overflow: hidden;
  border-radius: 8px;
  padding: 0 8px;
  text-align: left;
  font-size: 13px;
  cursor: grab;
}

/* Where several stand in one lane, words take the room there is. */
.narrow {
  font-size: 11px;
  line-height: 14px;
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

.thread {
  fill: none;
  stroke: var(--edge);
  stroke-width: 1.5;
  stroke-dasharray: 3 3;
}

.thread.pulled {
  stroke: var(--ink);
  stroke-width: 2;
}

/* From here a thread is pulled. */
.knob {
  position: absolute;
  top: calc(50% - 6px);
  right: -13px;
  width: 12px;
  height: 12px;
  border: 2px solid var(--ink);
  border-radius: 50% 50% 50% 2px;
  background: var(--sheet);
  opacity: 0;
  cursor: crosshair;
  touch-action: none;
}

.group:hover .knob,
.knob.opacity-100 {
  opacity: 1;
}
</style>
