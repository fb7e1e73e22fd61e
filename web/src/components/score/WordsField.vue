<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { Braces, Hash } from '@lucide/vue'
import { computed, nextTick, ref, watch } from 'vue'
import { ask } from '@/api/http'
import type { Problem } from '@/api/types'
import TextField from '../cue/TextField.vue'
import TheProblems from '../cue/TheProblems.vue'

/** Words with values: values are picked from a list, counts get their plural, and a sample is read out below. */
const props = defineProps<{
  label: string
  modelValue: string
  values: Record<string, string>
  problems: Problem[]
  rows?: boolean
  /** How it reads with samples, where the server has told it already. */
  reads?: string | undefined
}>()
const emit = defineEmits<{ 'update:modelValue': [string] }>()
const area = ref<HTMLInputElement | HTMLTextAreaElement | null>(null)
const names = computed(() => Object.keys(props.values))
const numbers = computed(() => names.value.filter((name) => /^-?\d+$/.test(props.values[name]!)))
const count = ref('')
const one = ref('sprig')
const many = ref('sprigs')
const insert = async (text: string, close?: () => void) => {
  const from = area.value?.selectionStart ?? props.modelValue.length
  const to = area.value?.selectionEnd ?? from
  emit('update:modelValue', props.modelValue.slice(0, from) + text + props.modelValue.slice(to))
  close?.()
  await nextTick()
  area.value?.focus()
  area.value?.setSelectionRange(from + text.length, from + text.length)
}
const plural = (close: () => void) =>
  insert(`{${count.value || numbers.value[0]}, plural, one {# ${one.value}} other {# ${many.value}}}`, close)
const asked = ref('')
/** Where nobody has told how it reads, the server is asked; the last question counts. */
watch(
  () => [props.modelValue, props.reads, props.values] as const,
  async ([pattern, told, values]) => {
    if (told === undefined && /\{|\n~\n/.test(pattern)) {
      const answer = await ask<{ text: string }>('POST', '/words/sample', { pattern, values }).catch(() => null)
      asked.value = answer && pattern === props.modelValue ? answer.text : asked.value
    } else {
      asked.value = pattern
    }
  },
  { immediate: true },
)
const reading = computed(() => props.reads ?? asked.value)
</script>

<template>
  <div class="relative">
    <div class="flex items-center gap-1">
      <span class="flex-1 text-[13px] text-soft" aria-hidden="true">{{ label }}</span>
      <Popover v-slot="{ close }">
        <PopoverButton
          class="rounded-[7px] p-1 text-soft hover:bg-well"
          :aria-label="`Put a value into ${label}`"
          title="A value"
          ><Braces :size="14"
        /></PopoverButton>
        <PopoverPanel class="sheet absolute right-0 z-30 max-h-60 w-[260px] overflow-auto p-1 shadow-lg">
          <button
            v-for="name in names"
            :key="name"
            type="button"
            class="flex w-full gap-2 rounded-[7px] px-2 py-0.5 text-left hover:bg-well"
            @click="insert(`{${name}}`, close)"
          >
            <code class="font-mono text-[12.5px]">{{ '{' + name + '}' }}</code><span
              class="min-w-0 flex-1 truncate text-right text-[12.5px] text-soft"
              >{{ values[name] }}</span
            >
          </button>
          <p v-if="names.length === 0" class="px-2 py-1 text-[13px] text-soft">
            What sets this cue off brings no values.
          </p>
        </PopoverPanel>
      </Popover>
      <Popover v-if="numbers.length" v-slot="{ close }">
        <PopoverButton
          class="rounded-[7px] p-1 text-soft hover:bg-well"
          :aria-label="`Put a count with its word into ${label}`"
          title="A count with its word"
          @click="count ||= numbers[0]!"
          ><Hash :size="14"
        /></PopoverButton>
        <PopoverPanel class="sheet absolute right-0 z-30 flex w-[260px] flex-col gap-2 p-3 shadow-lg">
          <label class="text-[13px] text-soft"
            >Count
            <select v-model="count" class="field font-mono text-[13px]">
              <option v-for="name in numbers" :key="name">{{ name }}</option>
            </select></label
          >
          <TextField v-model="one" label="One" :problems="[]" />
          <TextField v-model="many" label="Several" :problems="[]" />
          <button type="button" class="button button-dark" @click="plural(close)">Put it in</button>
        </PopoverPanel>
      </Popover>
    </div>
    <component
      :is="rows ? 'textarea' : 'input'"
      ref="area"
      class="field"
      :rows="rows ? 3 : undefined"
      :value="modelValue"
      :aria-label="label"
      :aria-invalid="problems.length > 0"
      autocomplete="off"
      @input="emit('update:modelValue', ($event.target as HTMLInputElement).value)"
    />
    <p v-if="reading && reading !== modelValue" class="pt-0.5 text-[12.5px] break-words text-soft">
      Reads: {{ reading }}
    </p>
    <TheProblems :problems="problems" />
  </div>
</template>
