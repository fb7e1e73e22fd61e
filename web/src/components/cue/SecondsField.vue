<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Problem } from '@/api/types'
import TheProblems from './TheProblems.vue'

/** A time in seconds for a value kept in milliseconds; what is no number is marked and not passed on. */
const props = defineProps<{ label: string; modelValue: number; problems?: Problem[]; hideLabel?: boolean }>()
const emit = defineEmits<{ 'update:modelValue': [number] }>()

const asText = (ms: number) => String(ms / 1_000)
const text = ref(asText(props.modelValue))
const parsed = computed(() => (/^-?\d+([.,]\d+)?$/.test(text.value.trim()) ? Math.round(parseFloat(text.value.replace(',', '.')) * 1_000) : null))
watch(() => props.modelValue, (ms) => {
  if (parsed.value !== ms) {
    text.value = asText(ms)
  }
})
const type = (typed: string) => {
  text.value = typed
  if (parsed.value !== null) {
    emit('update:modelValue', parsed.value)
  }
}
const wrong = computed<Problem[]>(() =>
  parsed.value === null ? [{ path: '', value: text.value, message: 'This is no number of seconds, so it is not saved.', remedy: 'Write one such as 5.6.' }] : (props.problems ?? []),
)
</script>

<template>
  <label class="block" :class="wrong.length > 0 && 'col-span-full'">
    <span class="text-[13px] text-soft" :class="hideLabel && 'sr-only'">{{ label }}</span>
    <span class="flex items-center gap-1.5">
      <input class="field font-mono text-[13px]" inputmode="decimal" :value="text" :aria-invalid="wrong.length > 0" @input="type(($event.target as HTMLInputElement).value)" />
      <span class="text-soft">s</span>
    </span>
    <TheProblems :problems="wrong" />
  </label>
</template>
