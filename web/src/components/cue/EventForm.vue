<script setup lang="ts">
import { computed } from 'vue'
import type { Problem, Pull } from '@/api/types'
import { useChoices } from '@/composables/useChoices'
import { useKinds } from '@/stores/kinds'
import ChoiceField from './ChoiceField.vue'
import NumberField from './NumberField.vue'
import TextField from './TextField.vue'

/** An event and which of them: least values of its numbers, texts that must be the very same. */
const props = defineProps<{ value: Extract<Pull, { kind: 'event' }>; problems: (name: string) => Problem[] }>()
const emit = defineEmits<{ set: [name: string, value: unknown] }>()
const kinds = useKinds()
const { from } = useChoices()
const fields = computed(() => kinds.all.events.find((each) => each.name === props.value.event)?.fields ?? [])
const numbers = computed(() => fields.value.filter((each) => each.number))
const texts = computed(() => fields.value.filter((each) => !each.number))
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
      :choices="kinds.all.events.map((each) => ({ value: each.name, name: each.title }))"
      :problems="problems('event')"
      @update:model-value="choose"
    />
    <NumberField
      v-for="{ name, label } in numbers"
      :key="name"
      :label="`${label} at least`"
      :model-value="value.atLeast[name] ?? 0"
      :problems="problems('atLeast')"
      @update:model-value="least(name, $event)"
    />
    <TextField
      v-for="{ name, label, from: source } in texts"
      :key="name"
      :label="`${label} exactly`"
      :model-value="value.exactly[name] ?? ''"
      :suggest="from(source)"
      :problems="problems('exactly')"
      @update:model-value="exactly(name, $event)"
    />
    <p v-if="fields.length" class="text-[12.5px] text-soft">0 and empty mean any.</p>
  </div>
</template>
