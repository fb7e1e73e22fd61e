<script setup lang="ts">
import { computed } from 'vue'
import type { Problem, Pull } from '@/api/types'
import { EVENTS, fieldName } from '@/lib/sentence'
import { useWiring } from '@/stores/wiring'
import ChoiceField from './ChoiceField.vue'
import NumberField from './NumberField.vue'
import TextField from './TextField.vue'

/** An event and which of them: least values of its numbers, texts that must be the very same. */
const props = defineProps<{ value: Extract<Pull, { kind: 'event' }>; problems: (name: string) => Problem[] }>()
const emit = defineEmits<{ set: [name: string, value: unknown] }>()
const wiring = useWiring()
const sample = computed(() =>
  Object.entries(wiring.view?.samples[props.value.event] ?? {}).filter(
    ([name]) => name !== 'viewer' && name !== 'commands' && !name.startsWith('slate'),
  ),
)
/** An amount of money is written out in words and counted in hundredths. */
const counted = (name: string) => (name === 'tipAmount' ? 'tipCents' : name)
const isNumber = ([name, text]: [string, string]) => /^\d+$/.test(text) || name === 'tipAmount'
const numbers = computed(() => sample.value.filter(isNumber).map(([name]) => counted(name)))
const texts = computed(() => sample.value.filter((each) => !isNumber(each)).map(([name]) => name))
const choose = (event: string) => {
  emit('set', 'atLeast', {})
  emit('set', 'exactly', {})
  emit('set', 'event', event)
}
const without = <T,>(all: Record<string, T>, name: string, value: T | undefined) =>
  Object.fromEntries([
    ...Object.entries(all).filter(([each]) => each !== name),
    ...(value === undefined ? [] : [[name, value] as [string, T]]),
  ])
const least = (name: string, number: number) =>
  emit('set', 'atLeast', without(props.value.atLeast, name, number > 0 ? number : undefined))
const exactly = (name: string, text: string) =>
  emit('set', 'exactly', without(props.value.exactly, name, text || undefined))
</script>

<template>
  <div class="flex flex-col gap-2">
    <ChoiceField
      label="When"
      :model-value="value.event"
      :choices="Object.entries(EVENTS).map(([kind, name]) => ({ value: kind, name }))"
      :problems="problems('event')"
      @update:model-value="choose"
    />
    <NumberField
      v-for="name in numbers"
      :key="name"
      :label="`${fieldName(name)} at least`"
      :model-value="value.atLeast[name] ?? 0"
      :problems="problems('atLeast')"
      @update:model-value="least(name, $event)"
    />
    <TextField
      v-for="name in texts"
      :key="name"
      :label="`${fieldName(name)} exactly`"
      :model-value="value.exactly[name] ?? ''"
      :problems="problems('exactly')"
      @update:model-value="exactly(name, $event)"
    />
    <p v-if="sample.length" class="text-[12.5px] text-soft">0 and empty mean any.</p>
  </div>
</template>
