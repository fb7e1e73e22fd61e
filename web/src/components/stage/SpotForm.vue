<script setup lang="ts">
import type { Problem, Spot } from '@/api/types'
import ChoiceField from '../cue/ChoiceField.vue'
import NumberField from '../cue/NumberField.vue'
import SecondsField from '../cue/SecondsField.vue'

/** What happens when two parts want a spot or an outlet. */
type Busy = Spot['busy']
const props = defineProps<{ busy: Busy; problems: (name: string) => Problem[] }>()
const emit = defineEmits<{ set: [Busy] }>()
const RULES = [
  { value: 'wait', name: 'the newcomer waits' },
  { value: 'takeOver', name: 'the newcomer takes its place' },
  { value: 'share', name: 'several stand together' },
  { value: 'giveWay', name: 'the newcomer is given up' },
]
const BEGINS: Record<Busy['kind'], Busy> = {
  wait: { kind: 'wait', mostWaiting: 10, longestWaitMs: 60_000 },
  takeOver: { kind: 'takeOver', mostWaiting: 10, longestWaitMs: 60_000 },
  share: { kind: 'share', together: 3 },
  giveWay: { kind: 'giveWay' },
}
const change = (more: object) => emit('set', { ...props.busy, ...more } as Busy)
</script>

<template>
  <div class="flex flex-col gap-2">
    <ChoiceField
      label="When it is taken"
      :model-value="busy.kind"
      :choices="RULES"
      :problems="problems('kind')"
      @update:model-value="emit('set', BEGINS[$event as Busy['kind']])"
    />
    <div v-if="busy.kind === 'wait' || busy.kind === 'takeOver'" class="grid grid-cols-2 gap-2">
      <NumberField
        label="Waits at most"
        :model-value="busy.mostWaiting"
        :problems="problems('mostWaiting')"
        @update:model-value="change({ mostWaiting: $event })"
      />
      <SecondsField
        label="And so long"
        :model-value="busy.longestWaitMs"
        :problems="problems('longestWaitMs')"
        @update:model-value="change({ longestWaitMs: $event })"
      />
    </div>
    <NumberField
      v-else-if="busy.kind === 'share'"
      label="Together at most"
      :model-value="busy.together"
      :problems="problems('together')"
      @update:model-value="change({ together: $event })"
    />
  </div>
</template>
