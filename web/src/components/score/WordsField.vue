<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { Braces, Hash } from '@lucide/vue'
import { computed, nextTick, ref, watch } from 'vue'
import { ask } from '@/api/http'
import type { Problem } from '@/api/types'
import { vMenu } from '@/lib/menu'
import { useWiring } from '@/stores/wiring'
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
const wiring = useWiring()
/** What is known for all cues, by name, with what it is. */
const known = computed(() => new Map((wiring.view?.values ?? []).map((each) => [each.name, each.title])))
/** What this cue brings comes first. */
const names = computed(() =>
  Object.keys(props.values).sort((one, other) => Number(known.value.has(one)) - Number(known.value.has(other))),
)
const sought = ref('')
const found = computed(() => {
  const wish = sought.value.trim().toLowerCase()
  return names.value.filter((name) =>
    `${name} ${known.value.get(name) ?? ''} ${props.values[name]}`.toLowerCase().includes(wish),
  )
})
const numbers = computed(() => names.value.filter((name) => /^-?\d+$/.test(props.values[name]!)))
const count = ref('')
const one = ref('sprig')
const many = ref('sprigs')
const insert = async (value: string, close?: () => void) => {
  const from = area.value?.selectionStart ?? props.modelValue.length
  const to = area.value?.selectionEnd ?? from
  const [before, after] = [props.modelValue.slice(0, from), props.modelValue.slice(to)]
  // A value is a word of its own: a space where it would touch another.
  const text = `${/[\p{L}\p{N}},.;:!?]$/u.test(before) ? ' ' : ''}${value}${/^[\p{L}\p{N}{]/u.test(after) ? ' ' : ''}`
  emit('update:modelValue', before + text + after)
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
        <PopoverPanel v-menu="'bottom-end'" class="sheet max-h-72 w-[320px] overflow-auto p-1 shadow-lg">
          <input
            v-if="names.length > 8"
            v-model="sought"
            class="field mb-1 h-8 text-[13px]"
            aria-label="Find a value"
            placeholder="Find a value"
            autocomplete="off"
          />
          <button
            v-for="(name, at) in found"
            :key="name"
            type="button"
            class="flex w-full items-baseline gap-2 rounded-[7px] px-2 py-0.5 text-left hover:bg-well"
            :class="at > 0 && known.has(name) && !known.has(found[at - 1]!) && 'border-t border-line'"
            :title="known.get(name)"
            @click="insert(`{${name}}`, close)"
          >
            <code class="font-mono text-[12.5px]">{{ '{' + name + '}' }}</code><span
              class="min-w-0 flex-1 truncate text-right text-[12.5px] text-soft"
              >{{ values[name] }}</span
            >
          </button>
          <p v-if="names.length > 0 && found.length === 0" class="px-2 py-1 text-[13px] text-soft">
            Nothing is called that.
          </p>
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
        <PopoverPanel v-menu="'bottom-end'" class="sheet flex w-[260px] flex-col gap-2 p-3 shadow-lg">
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
