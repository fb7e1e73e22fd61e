<script setup lang="ts">
import { computed } from 'vue'
import type { Part, Problem } from '@/api/types'
import { useWiring } from '@/stores/wiring'
import ChoiceField from '../cue/ChoiceField.vue'
import NumberField from '../cue/NumberField.vue'
import SecondsField from '../cue/SecondsField.vue'
import TextField from '../cue/TextField.vue'

/** The fields of parts that write into books, switch things, or have others do something. */
const props = defineProps<{ part: Extract<Part, { kind: 'clip' | 'switch' | 'slate' | 'points' }>; problems: (field: string) => Problem[] }>()
const emit = defineEmits<{ set: [field: string, value: unknown] }>()
const wiring = useWiring()
const TARGETS = [
  { value: 'scene', name: 'the scene' }, { value: 'source', name: 'a source' }, { value: 'lamp', name: 'a lamp' }, { value: 'rack', name: 'a rack' },
]
const ACTS = [
  { value: 'set', name: 'is set to' }, { value: 'add', name: 'goes up by' }, { value: 'clear', name: 'is cleared' },
]
const values = computed(() => wiring.house.slate)
const racks = computed(() => wiring.racks.map((each) => ({ value: each.rack.id, name: each.rack.name })))
const target = (change: object) => props.part.kind === 'switch' && emit('set', 'target', { ...props.part.target, ...change })
</script>

<template>
  <template v-if="part.kind === 'clip'">
    <TextField label="Title" :model-value="part.title" :problems="problems('title')" @update:model-value="emit('set', 'title', $event)" />
    <div class="grid grid-cols-2 gap-2">
      <NumberField label="Seconds kept" unit="s" :model-value="part.seconds" :problems="problems('seconds')" @update:model-value="emit('set', 'seconds', $event)" />
      <SecondsField label="Given up after" :model-value="part.longestMs" :problems="problems('longestMs')" @update:model-value="emit('set', 'longestMs', $event)" />
    </div>
  </template>
  <template v-else-if="part.kind === 'switch'">
    <div class="grid grid-cols-2 gap-2">
      <ChoiceField label="Switches" :model-value="part.target.kind" :choices="TARGETS" @update:model-value="target({ kind: $event, name: '' })" />
      <ChoiceField v-if="part.target.kind === 'rack'" label="Rack" :model-value="part.target.name" :choices="racks" :problems="problems('target')" @update:model-value="target({ name: $event })" />
      <TextField v-else-if="part.target.kind !== 'scene'" label="Which one" :model-value="part.target.name" :problems="problems('target')" @update:model-value="target({ name: $event })" />
    </div>
    <TextField label="To" :model-value="part.value" :problems="problems('value')" @update:model-value="emit('set', 'value', $event)" />
    <SecondsField v-if="!part.stay" label="For, then back" :model-value="part.lengthMs" :problems="problems('lengthMs')" @update:model-value="emit('set', 'lengthMs', $event)" />
    <label class="flex items-center gap-2 text-[13px]"><input type="checkbox" class="accent-verdigris h-4 w-4" :checked="part.stay" @change="emit('set', 'stay', !part.stay)" /> stays so</label>
  </template>
  <template v-else-if="part.kind === 'slate'">
    <div class="grid grid-cols-2 gap-2">
      <ChoiceField label="Value" :model-value="part.value" :choices="values.map((each) => ({ value: each.id, name: each.name }))" :problems="problems('value')" @update:model-value="emit('set', 'value', $event)" />
      <ChoiceField label="It" :model-value="part.act" :choices="ACTS" :problems="problems('act')" @update:model-value="emit('set', 'act', $event)" />
    </div>
    <TextField v-if="part.act !== 'clear'" label="What" :model-value="part.words" :problems="problems('words')" @update:model-value="emit('set', 'words', $event)" />
  </template>
  <NumberField v-else label="Given; less than 0 takes" :unit="wiring.house.pointsMany" :model-value="part.amount" :problems="problems('amount')" @update:model-value="emit('set', 'amount', $event)" />
</template>
