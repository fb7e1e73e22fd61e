<script setup lang="ts">
import { Plus, X } from '@lucide/vue'
import type { Problem } from '@/api/types'
import TheProblems from './TheProblems.vue'

/** Several colours. */
const props = defineProps<{ label: string; modelValue: string[]; problems: Problem[] }>()
const emit = defineEmits<{ 'update:modelValue': [string[]] }>()
const set = (at: number, colour: string) =>
  emit(
    'update:modelValue',
    props.modelValue.map((each, index) => (index === at ? colour : each)),
  )
</script>

<template>
  <fieldset>
    <legend class="text-[13px] text-soft">{{ label }}</legend>
    <div class="flex flex-wrap items-center gap-1">
      <span v-for="(each, at) in modelValue" :key="at" class="flex items-center rounded-[8px] border border-edge">
        <input
          type="color"
          class="h-7 w-8 cursor-pointer border-0 bg-transparent p-0.5"
          :value="each"
          :aria-label="`Colour ${at + 1}`"
          @input="set(at, ($event.target as HTMLInputElement).value)"
        />
        <button
          v-if="modelValue.length > 1"
          type="button"
          class="px-0.5 text-soft"
          :aria-label="`Take away colour ${at + 1}`"
          @click="
            emit(
              'update:modelValue',
              modelValue.filter((_, index) => index !== at),
            )
          "
        >
          <X :size="12" />
        </button>
      </span>
      <button
        type="button"
        class="rounded-[8px] border border-dashed border-edge p-1.5"
        aria-label="Another colour"
        @click="emit('update:modelValue', [...modelValue, '#a45a63'])"
      >
        <Plus :size="13" />
      </button>
    </div>
    <TheProblems :problems="problems" />
  </fieldset>
</template>
