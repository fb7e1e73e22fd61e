<script setup lang="ts">
import { ref, watch } from 'vue'
import type { Problem } from '@/api/types'
import { joinList, splitList } from '@/lib/lists'
import TextField from './TextField.vue'

/** Several words or names in one field; what is typed stays as it is typed while it means the same. */
const props = defineProps<{
  name: string
  label: string
  modelValue: string[]
  problems: Problem[]
  mono?: boolean
  suggest?: string[]
}>()
const emit = defineEmits<{ 'update:modelValue': [string[]] }>()
const text = ref(joinList(props.modelValue, props.name))
watch(
  () => props.modelValue,
  (kept) => {
    if (joinList(splitList(text.value, props.name), props.name) !== joinList(kept, props.name)) {
      text.value = joinList(kept, props.name)
    }
  },
)
const type = (typed: string) => {
  text.value = typed
  emit('update:modelValue', splitList(typed, props.name))
}
const toggle = (one: string) =>
  emit(
    'update:modelValue',
    props.modelValue.includes(one) ? props.modelValue.filter((each) => each !== one) : [...props.modelValue, one],
  )
</script>

<template>
  <div>
    <TextField :label="label" :mono="mono" :model-value="text" :problems="problems" @update:model-value="type" />
    <div v-if="suggest?.length" class="flex flex-wrap gap-1 pt-1">
      <button
        v-for="one in suggest"
        :key="one"
        type="button"
        class="rounded-[7px] border border-edge px-1.5 text-[12.5px]"
        :class="modelValue.includes(one) && 'bg-well font-semibold'"
        :aria-pressed="modelValue.includes(one)"
        @click="toggle(one)"
      >
        {{ one }}
      </button>
    </div>
  </div>
</template>
