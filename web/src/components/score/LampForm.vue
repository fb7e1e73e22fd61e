<script setup lang="ts">
import { computed } from 'vue'
import type { Problem } from '@/api/types'
import ChoiceField from '../cue/ChoiceField.vue'
import ColourField from '../cue/ColourField.vue'
import NumberField from '../cue/NumberField.vue'

/** What a lamp is asked to do: off, on as it was, a colour with its brightness, or one that breathes or blinks. */
const props = defineProps<{ modelValue: string; problems: Problem[] }>()
const emit = defineEmits<{ 'update:modelValue': [string] }>()
const WAYS = [
  { value: 'off', name: 'off' },
  { value: 'on', name: 'on, as it was' },
  { value: 'colour', name: 'a colour' },
  { value: 'breathe', name: 'breathing' },
  { value: 'blink', name: 'blinking slowly' },
]
const words = computed(() => props.modelValue.split(' '))
const way = computed(() => (words.value[0]!.startsWith('#') ? 'colour' : words.value[0]!))
const colour = computed(() => words.value.find((each) => each.startsWith('#')) ?? '#c8841a')
const bright = computed(() => (way.value === 'colour' ? Number(words.value[1] ?? 100) : 100))
const say = (next: { way?: string; colour?: string; bright?: number }) => {
  const all = { way: way.value, colour: colour.value, bright: bright.value, ...next }
  emit(
    'update:modelValue',
    all.way === 'colour'
      ? all.colour + (all.bright === 100 ? '' : ` ${all.bright}`)
      : all.way === 'breathe' || all.way === 'blink'
        ? `${all.way} ${all.colour}`
        : all.way,
  )
}
</script>

<template>
  <div class="grid grid-cols-6 gap-2">
    <ChoiceField
      class="col-span-6"
      label="To"
      :model-value="way"
      :choices="WAYS"
      :problems="problems"
      @update:model-value="say({ way: $event })"
    />
    <ColourField
      v-if="way !== 'off' && way !== 'on'"
      class="col-span-3"
      label="Its colour"
      :model-value="colour"
      :problems="[]"
      @update:model-value="say({ colour: $event })"
    />
    <NumberField
      v-if="way === 'colour'"
      class="col-span-3"
      label="Brightness"
      unit="%"
      :model-value="bright"
      :problems="[]"
      @update:model-value="say({ bright: $event })"
    />
  </div>
</template>
