<script setup lang="ts">
import { X } from '@lucide/vue'
import type { Problem } from '@/api/types'
import TheProblems from './TheProblems.vue'

/** A colour: chosen by eye or typed. */
defineProps<{ label: string; modelValue: string; problems: Problem[]; none?: boolean | undefined }>()
const emit = defineEmits<{ 'update:modelValue': [string] }>()
const typed = (event: Event) => emit('update:modelValue', (event.target as HTMLInputElement).value.trim().toLowerCase())
</script>

<template>
  <div>
    <span class="text-[13px] text-soft" aria-hidden="true">{{ label }}</span>
    <div class="flex items-center gap-1.5">
      <input
        type="color"
        class="h-8 w-9 flex-none cursor-pointer rounded-[7px] border border-edge bg-sheet p-0.5"
        :value="modelValue || '#2b2724'"
        :aria-label="`${label}, by eye`"
        @input="typed"
      />
      <input
        class="field font-mono text-[13px]"
        :value="modelValue"
        :placeholder="none ? 'none' : '#c8841a'"
        :aria-label="label"
        :aria-invalid="problems.length > 0"
        autocomplete="off"
        @input="typed"
      />
      <button
        v-if="none && modelValue"
        type="button"
        class="rounded-[7px] p-1 text-soft hover:bg-well"
        :aria-label="`${label}: none`"
        title="None"
        @click="emit('update:modelValue', '')"
      >
        <X :size="14" />
      </button>
    </div>
    <TheProblems :problems="problems" />
  </div>
</template>
