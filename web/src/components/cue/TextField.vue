<script setup lang="ts">
import type { Problem } from '@/api/types'
import TheProblems from './TheProblems.vue'

defineProps<{ label: string; modelValue: string; problems: Problem[]; mono?: boolean }>()
defineEmits<{ 'update:modelValue': [string] }>()
</script>

<template>
  <label class="block">
    <span class="text-[13px] text-soft">{{ label }}</span>
    <input
      class="field"
      :class="mono && 'font-mono text-[13px]'"
      :value="modelValue"
      :aria-invalid="problems.length > 0"
      autocomplete="off"
      @input="$emit('update:modelValue', ($event.target as HTMLInputElement).value)"
    />
    <TheProblems :problems="problems" />
  </label>
</template>
