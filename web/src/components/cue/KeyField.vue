<script setup lang="ts">
import { X } from '@lucide/vue'
import { keyName } from '@/composables/useHandKeys'
import type { Problem } from '@/api/types'
import TheProblems from './TheProblems.vue'

/** A key with its modifiers: it takes the key that is pressed in it. Tab and Esc go on to their own use. */
defineProps<{ label: string; modelValue: string; problems: Problem[] }>()
const emit = defineEmits<{ 'update:modelValue': [string] }>()
const MODIFIERS = ['Control', 'Alt', 'Shift', 'Meta', 'AltGraph', 'CapsLock']
const press = (key: KeyboardEvent) => {
  if (key.key === 'Tab' || key.key === 'Escape' || MODIFIERS.includes(key.key)) {
    return
  }
  key.preventDefault()
  key.stopPropagation()
  emit('update:modelValue', key.key === 'Backspace' || key.key === 'Delete' ? '' : keyName(key))
}
</script>

<template>
  <div>
    <label class="block">
      <span class="text-[13px] text-soft">{{ label }}</span>
      <span class="relative block">
        <input
          class="field pr-7 font-mono text-[13px]"
          :value="modelValue"
          readonly
          placeholder="Press a key here"
          :aria-invalid="problems.length > 0"
          @keydown="press"
        />
        <button
          v-if="modelValue"
          type="button"
          class="absolute top-1/2 right-1.5 -translate-y-1/2 rounded-[6px] p-0.5 text-soft hover:bg-well"
          aria-label="No key"
          @click.prevent="emit('update:modelValue', '')"
        >
          <X :size="13" />
        </button>
      </span>
    </label>
    <TheProblems :problems="problems" />
  </div>
</template>
