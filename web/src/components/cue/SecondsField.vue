<script setup lang="ts">
import type { Problem } from '@/api/types'
import NumberField from './NumberField.vue'

/** A time in seconds for a value kept in milliseconds. */
defineProps<{ label: string; modelValue: number; problems?: Problem[]; hideLabel?: boolean }>()
defineEmits<{ 'update:modelValue': [number] }>()
</script>

<template>
  <NumberField
    :label="label"
    :model-value="modelValue"
    :problems="problems"
    :hide-label="hideLabel"
    :scale="1000"
    unit="s"
    @update:model-value="$emit('update:modelValue', $event)"
  />
</template>
