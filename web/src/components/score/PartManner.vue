<script setup lang="ts">
import type { Part, Problem } from '@/api/types'
import ChoiceField from '../cue/ChoiceField.vue'

/** How a part behaves within its score: what follows where it fails, whether it waits with the others, whether it lasts to the end. */
const props = defineProps<{ part: Part; spare: boolean; lasts: boolean; problems: (field: string) => Problem[] }>()
const emit = defineEmits<{ set: [field: string, value: unknown] }>()
const FAILS = [
  { value: 'goOn', name: 'the rest goes on' },
  { value: 'stop', name: 'the score ends' },
  { value: 'otherTake', name: 'another take is played' },
]
const set = (change: Partial<Part['manner']>) => emit('set', 'manner', { ...props.part.manner, ...change })
</script>

<template>
  <details class="text-[13px]" :open="part.manner.atOnce || part.manner.toEnd || part.manner.ifFails !== 'goOn'">
    <summary class="cursor-pointer text-soft">How it plays</summary>
    <div class="flex flex-col gap-1.5 pt-1">
      <ChoiceField
        label="If it fails"
        :model-value="part.manner.ifFails"
        :choices="FAILS"
        :problems="problems('manner.ifFails')"
        @update:model-value="set({ ifFails: $event as Part['manner']['ifFails'] })"
      />
      <p v-if="part.manner.ifFails === 'otherTake' && !spare" class="text-[12.5px] text-soft">
        Choose at the take which one that is.
      </p>
      <label class="flex items-center gap-2"
        ><input
          type="checkbox"
          class="h-4 w-4"
          :checked="part.manner.atOnce"
          @change="set({ atOnce: !part.manner.atOnce })"
        />
        at once: never waits for a busy place</label
      >
      <label v-if="lasts" class="flex items-center gap-2"
        ><input
          type="checkbox"
          class="h-4 w-4"
          :checked="part.manner.toEnd"
          @change="set({ toEnd: !part.manner.toEnd })"
        />
        to the end: goes when all others are over</label
      >
    </div>
  </details>
</template>
