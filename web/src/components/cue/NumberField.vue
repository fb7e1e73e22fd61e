<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Problem } from '@/api/types'
import TheProblems from './TheProblems.vue'

/** A number that is shown in a unit and kept in a smaller one; what is no number is marked and not passed on. */
const props = withDefaults(
  defineProps<{
    label: string
    modelValue: number
    problems?: Problem[]
    hideLabel?: boolean
    unit?: string
    scale?: number
  }>(),
  {
    problems: () => [],
    unit: '',
    scale: 1,
  },
)
const emit = defineEmits<{ 'update:modelValue': [number] }>()

const asText = (kept: number) => String(kept / props.scale)
const text = ref(asText(props.modelValue))
const parsed = computed(() => {
  const shape = props.scale === 1 ? /^-?\d{1,9}$/ : /^-?\d+([.,]\d+)?$/
  return shape.test(text.value.trim()) ? Math.round(parseFloat(text.value.replace(',', '.')) * props.scale) : null
})
watch(
  () => props.modelValue,
  (kept) => {
    if (parsed.value !== kept) {
      text.value = asText(kept)
    }
  },
)
const type = (typed: string) => {
  text.value = typed
  if (parsed.value !== null) {
    emit('update:modelValue', parsed.value)
  }
}
const none = computed<Problem>(() =>
  props.scale === 1
    ? {
        path: '',
        value: text.value,
        message: 'This is no whole number, so it is not saved.',
        remedy: 'Write one such as 5.',
      }
    : {
        path: '',
        value: text.value,
        message: `This is no number${props.unit === 's' ? ' of seconds' : ''}, so it is not saved.`,
        remedy: 'Write one such as 5.6.',
      },
)
const wrong = computed<Problem[]>(() => (parsed.value === null ? [none.value] : props.problems))
</script>

<template>
  <label class="block" :class="wrong.length > 0 && 'col-span-full'">
    <span class="text-[13px] text-soft" :class="hideLabel && 'sr-only'">{{ label }}</span>
    <span class="flex items-center gap-1.5">
      <input
        class="field font-mono text-[13px]"
        inputmode="decimal"
        :value="text"
        :aria-invalid="wrong.length > 0"
        @input="type(($event.target as HTMLInputElement).value)"
      />
      <span v-if="unit" class="text-soft">{{ unit }}</span>
    </span>
    <TheProblems :problems="wrong" />
  </label>
</template>
