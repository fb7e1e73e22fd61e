<script setup lang="ts">
import { useId } from 'vue'
import type { Problem } from '@/api/types'
import TheProblems from './TheProblems.vue'

defineProps<{
  label: string
  modelValue: string
  problems: Problem[]
  mono?: boolean
  suggest?: string[]
  placeholder?: string
}>()
const list = useId()
defineEmits<{ 'update:modelValue': [string] }>()
</script>

<template>
  <label class="block">
    <span class="text-[13px] text-soft">{{ label }}</span>
    <input
      class="field"
      :class="mono && 'font-mono text-[13px]'"
      :value="modelValue"
      :placeholder="placeholder"
      :aria-invalid="problems.length > 0"
      autocomplete="off"
      :list="suggest?.length ? list : undefined"
      @input="$emit('update:modelValue', ($event.target as HTMLInputElement).value)"
    />
    <datalist v-if="suggest?.length" :id="list">
      <option v-for="each in suggest" :key="each" :value="each" />
    </datalist>
    <TheProblems :problems="problems" />
  </label>
</template>
