<script setup lang="ts">
import { ChevronDown, ChevronUp, Lock, LockOpen } from '@lucide/vue'
import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import type { Frame, Problem, Stage } from '@/api/types'
import { atDistance, distances, type Distance } from '@/lib/placing'
import NumberField from '../cue/NumberField.vue'

/** Where something stands, in numbers: its distances from the nearest edges and its size, in pixels or as a share of the stage. */
const props = defineProps<{ frame: Frame; stage: Stage; problems: (name: string) => Problem[] }>()
const emit = defineEmits<{ set: [Frame]; order: [nearer: boolean] }>()
const shares = useLocalStorage('waxbell.shares', false)
const near = computed(() => distances(props.frame, props.stage))
const whole = (from: Distance['from'] | 'width' | 'height') =>
  from === 'left' || from === 'right' || from === 'width' ? props.stage.width : props.stage.height
/** Shares are shown in hundredths of a percent, so that every pixel has one of its own. */
const shown = (px: number, of: Distance['from'] | 'width' | 'height') =>
  shares.value ? Math.round((px / whole(of)) * 10_000) : px
const pixels = (value: number, of: Distance['from'] | 'width' | 'height') =>
  shares.value ? Math.round((value / 10_000) * whole(of)) : value
const distance = (of: Distance, value: number) =>
  emit('set', atDistance(props.frame, props.stage, { from: of.from, px: pixels(value, of.from) }))
const unit = computed(() => (shares.value ? '%' : 'px'))
const scale = computed(() => (shares.value ? 100 : 1))
</script>

<template>
  <div class="flex flex-col gap-2">
    <div class="grid grid-cols-2 gap-2">
      <NumberField
        v-for="each in [near.across, near.down]"
        :key="each.from + unit"
        :label="`From the ${each.from}`"
        :unit="unit"
        :scale="scale"
        :model-value="shown(each.px, each.from)"
        :problems="problems(each.from === 'left' || each.from === 'right' ? 'x' : 'y')"
        @update:model-value="distance(each, $event)"
      />
      <NumberField
        :key="`w${unit}`"
        label="Width"
        :unit="unit"
        :scale="scale"
        :model-value="shown(frame.width, 'width')"
        :problems="problems('width')"
        @update:model-value="emit('set', { ...frame, width: pixels($event, 'width') })"
      />
      <NumberField
        :key="`h${unit}`"
        label="Height"
        :unit="unit"
        :scale="scale"
        :model-value="shown(frame.height, 'height')"
        :problems="problems('height')"
        @update:model-value="emit('set', { ...frame, height: pixels($event, 'height') })"
      />
    </div>
    <div class="flex items-center gap-1.5">
      <button class="button h-8 px-2" :aria-pressed="shares" @click="shares = !shares">
        {{ shares ? 'as a share' : 'in pixels' }}
      </button>
      <button
        class="button h-8 px-2"
        :aria-label="frame.locked ? 'Unlock' : 'Lock'"
        :title="frame.locked ? 'Unlock' : 'Lock where it is'"
        :aria-pressed="frame.locked"
        @click="emit('set', { ...frame, locked: !frame.locked })"
      >
        <component :is="frame.locked ? Lock : LockOpen" :size="15" />
      </button>
      <button class="button h-8 px-2" aria-label="Nearer" title="Nearer: Page up" @click="emit('order', true)">
        <ChevronUp :size="15" />
      </button>
      <button
        class="button h-8 px-2"
        aria-label="Further away"
        title="Further away: Page down"
        @click="emit('order', false)"
      >
        <ChevronDown :size="15" />
      </button>
    </div>
  </div>
</template>
