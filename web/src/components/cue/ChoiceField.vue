<script setup lang="ts">
import { Listbox, ListboxButton, ListboxLabel, ListboxOption, ListboxOptions } from '@headlessui/vue'
import { ChevronDown } from '@lucide/vue'
import { computed } from 'vue'
import type { Problem } from '@/api/types'
import { vMenu } from '@/lib/menu'
import TheProblems from './TheProblems.vue'

const props = defineProps<{
  label: string
  modelValue: string
  choices: { value: string; name: string }[]
  problems?: Problem[]
}>()
defineEmits<{ 'update:modelValue': [string] }>()
const named = computed(() => props.choices.find((each) => each.value === props.modelValue)?.name)
</script>

<template>
  <Listbox :model-value="modelValue" as="div" class="relative" @update:model-value="$emit('update:modelValue', $event)">
    <ListboxLabel class="text-[13px] text-soft">{{ label }}</ListboxLabel>
    <ListboxButton class="field flex items-center text-left" :aria-invalid="(problems ?? []).length > 0">
      <span class="min-w-0 flex-1 truncate" :class="!named && !modelValue && 'text-soft'">{{
        named ?? (modelValue || 'Choose…')
      }}</span>
      <ChevronDown :size="14" class="text-soft" />
    </ListboxButton>
    <ListboxOptions v-menu="'wide'" class="sheet max-h-56 overflow-auto p-1 shadow-lg">
      <ListboxOption v-for="each in choices" :key="each.value" v-slot="{ active, selected }" :value="each.value">
        <span
          class="block truncate rounded-[6px] px-2 py-1"
          :class="[active && 'bg-well', selected && 'font-semibold']"
          >{{ each.name }}</span
        >
      </ListboxOption>
    </ListboxOptions>
    <TheProblems :problems="problems ?? []" />
  </Listbox>
</template>
