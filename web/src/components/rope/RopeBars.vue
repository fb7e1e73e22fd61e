<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { LANE_ICONS } from '@/components/score/lanes'
import { useKinds } from '@/stores/kinds'
import { useLive } from '@/stores/live'
import RopeRing from './RopeRing.vue'
import { useWhy } from '@/stores/why'
import { type Bar, barsOf, BACK_MS, heldMarks, NOW_AT, placeOf, rowHeight, saidOf, stack } from './bars'
import { useSampleWord } from './useSampleWord'
import { useStrip } from './useStrip'

const props = defineProps<{ folded: boolean; height: number }>()
const live = useLive()
const kinds = useKinds()
const why = useWhy()
const strip = ref<HTMLElement | null>(null)
const sample = useSampleWord()
const { now, since, move } = useStrip(strip, live.now)

const bars = computed(() => barsOf(live.rings.values(), now.value, since.value))
const room = computed(() => Math.max(12, props.height - 66))
const lanes = computed(() => stack(bars.value, kinds.lanesOf, room.value))
const rowSize = computed(() =>
  rowHeight(
    lanes.value.reduce((sum, lane) => sum + lane.rows, 0),
    room.value,
  ),
)
const picked = ref<{ ring: number; left: number } | null>(null)
/** Opens what can be done with a ring, where its bar stands now; it does not go by with the bar. */
const pick = (bar: Bar) =>
  (picked.value = { ring: bar.ring, left: bar.left - placeOf(live.now() - BACK_MS, since.value) })
/** What a bar is called: what is written on it first. */
const named = (bar: Bar) => {
  const all = bar.why.replaceAll('\n', ', ')
  return all.includes(bar.label) ? all : `${bar.label}, ${all}`
}
const ring = computed(() => (picked.value ? live.rings.get(picked.value.ring) : undefined))
const said = computed(() => saidOf(live.decisions, live.drops))
const held = computed(() => heldMarks(said.value, now.value, since.value))
const NAMES = computed(() => Object.fromEntries(kinds.lanes.map((each) => [each.lane, each.name])))
const quiet = computed(() => bars.value.length === 0 && held.value.length === 0)
watch(quiet, (is) => move(!is), { immediate: true })
</script>

<template>
  <div class="relative flex flex-col px-3 pt-1.5 pb-1">
    <div v-if="!folded" class="flex justify-between text-[12px] text-rope-soft">
      <span>half a minute ago</span>
      <span>20 s from now</span>
    </div>
    <div class="relative min-h-0 flex-1">
      <div class="absolute inset-y-0 -top-4 z-10 border-l-2 border-rope-honey" :style="{ left: NOW_AT + '%' }">
        <span class="ml-1.5 text-[12px] leading-none text-rope-honey">now</span>
      </div>
      <div
        v-for="lane in lanes"
        :key="lane.lane"
        class="absolute right-0 left-0 border-t border-rope-line/70"
        :style="{ top: lane.first * rowSize + 'px' }"
      >
        <component
          :is="LANE_ICONS[lane.lane]"
          v-if="!folded"
          :size="13"
          class="absolute top-1 left-0 text-rope-soft"
          :aria-label="NAMES[lane.lane]"
        />
      </div>
      <div class="absolute inset-x-5 top-0 bottom-0 overflow-clip">
        <div ref="strip" class="absolute inset-0">
          <button
            v-for="bar in bars"
            :key="bar.key"
            v-memo="[bar.left, bar.width, bar.row, rowSize, bar.state, bar.label, bar.why]"
            class="bar"
            :class="[`lane-${bar.lane}`, bar.state]"
            :style="{
              left: bar.left + '%',
              width: bar.width + '%',
              top: bar.row * rowSize + 1.5 + 'px',
              height: rowSize - 3 + 'px',
              lineHeight: rowSize - 3 + 'px',
              fontSize: rowSize < 20 ? '11px' : '12px',
            }"
            :title="bar.why"
            :aria-label="named(bar)"
            @click="pick(bar)"
          >
            {{ bar.label }}
          </button>
          <button
            v-for="mark in held"
            :key="mark.key"
            class="held"
            :style="{ left: mark.left + '%' }"
            :title="mark.why"
            :aria-label="`Why: ${mark.why.replaceAll('\n', ', ')}`"
            @click="mark.decision && why.open(mark.decision)"
          />
        </div>
      </div>
      <RopeRing v-if="picked && ring" :ring="ring" :left="picked.left" @close="picked = null" />
      <p v-if="quiet && !folded" class="absolute top-[30px] left-8 z-20 text-rope-soft">
        <template v-if="sample"
          >All quiet. Write a chat word on the right, such as
          <b class="font-mono font-medium text-rope-words">{{ sample }}</b>, and watch it ring.</template
        >
        <template v-else>All quiet. What rings is drawn here; no cue waits for a chat word yet.</template>
      </p>
    </div>
  </div>
</template>

<style scoped>
.bar {
  position: absolute;
  overflow: hidden;
  border-radius: 6px;
  padding: 0 7px;
  text-overflow: ellipsis;
  white-space: nowrap;
  text-align: left;
}

/* What is over sinks back into the rope. A mixed colour, not a filter: each filter would be a layer of its own. */
.past {
  background: color-mix(in srgb, var(--fill) 40%, var(--rope-well));
  color: var(--rope-words);
  box-shadow: inset 0 0 0 1px color-mix(in srgb, var(--fill) 65%, var(--rope-words));
}

.waits {
  background: repeating-linear-gradient(115deg, transparent 0 7px, var(--rope-well) 7px 14px);
  color: var(--rope-words);
  box-shadow: inset 0 0 0 1.5px var(--rope-honey);
}

.cut {
  background: var(--rope-well);
  color: var(--rope-soft);
  box-shadow: inset 3px 0 0 var(--rope-held);
}

/* What was held hangs as a small drop of wax on the row below the lanes. */
.held {
  position: absolute;
  bottom: 2px;
  width: 10px;
  height: 13px;
  margin-left: -5px;
  border-radius: 1px 9px 9px 9px;
  rotate: 45deg;
  background: var(--rope-held);
}
</style>
