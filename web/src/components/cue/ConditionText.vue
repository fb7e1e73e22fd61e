<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import type { Problem } from '@/api/types'
import { completions, placeOf } from '@/lib/conditionText'
import TheProblems from './TheProblems.vue'

/** A condition typed in CEL: names are completed, an error is shown at its place. */
const props = defineProps<{ label: string; value: string; names: string[]; problems: Problem[]; example?: string }>()
const emit = defineEmits<{ set: [string] }>()
const area = ref<HTMLTextAreaElement | null>(null)
const caret = ref(0)
const closed = ref(true)
const chosen = ref(0)
const offered = computed(() =>
  closed.value ? { from: 0, found: [] } : completions(props.value, caret.value, props.names),
)
const place = computed(() => Math.max(-1, ...props.problems.map((each) => placeOf(props.value, each.message))))
const type = (event: Event) => {
  const typed = event.target as HTMLTextAreaElement
  caret.value = typed.selectionStart
  closed.value = false
  chosen.value = 0
  emit('set', typed.value)
}
const accept = async (name: string) => {
  const { from } = offered.value
  closed.value = true
  emit('set', props.value.slice(0, from) + name + props.value.slice(caret.value))
  await nextTick()
  area.value?.setSelectionRange(from + name.length, from + name.length)
}
const keys = (key: KeyboardEvent) => {
  const { found } = offered.value
  if (found.length === 0) {
    return
  }
  if (key.key === 'ArrowDown' || key.key === 'ArrowUp') {
    chosen.value = (chosen.value + (key.key === 'ArrowDown' ? 1 : found.length - 1)) % found.length
    key.preventDefault()
  } else if (key.key === 'Enter' || key.key === 'Tab') {
    key.preventDefault()
    void accept(found[chosen.value]!)
  } else if (key.key === 'Escape') {
    closed.value = true
    key.stopPropagation()
  }
}
const go = () => {
  area.value?.focus()
  area.value?.setSelectionRange(place.value, place.value + 1)
}
</script>

<template>
  <div>
    <label class="block">
      <span class="text-[13px] text-soft">{{ label }}</span>
      <textarea
        ref="area"
        class="field font-mono text-[13px]"
        rows="2"
        role="combobox"
        aria-autocomplete="list"
        aria-controls="cel-names"
        :aria-expanded="offered.found.length > 0"
        :value="value"
        :aria-invalid="problems.length > 0"
        :placeholder="example ?? 'viewer.months >= 3'"
        @input="type"
        @keydown="keys"
        @blur="closed = true"
      />
    </label>
    <ul
      id="cel-names"
      role="listbox"
      aria-label="Names"
      class="sheet mt-0.5 p-1"
      :class="offered.found.length === 0 && 'hidden'"
    >
      <li
        v-for="(name, at) in offered.found"
        :key="name"
        role="option"
        :aria-selected="at === chosen"
        class="cursor-pointer rounded-[6px] px-2 font-mono text-[12.5px]"
        :class="at === chosen && 'bg-well'"
        @mousedown.prevent="accept(name)"
      >
        {{ name }}
      </li>
    </ul>
    <button
      v-if="place >= 0"
      type="button"
      class="block max-w-full truncate font-mono text-[12.5px] text-wax-words"
      title="Go there"
      @click="go"
    >
      {{ value.slice(Math.max(0, place - 14), place)
      }}<mark class="bg-wax px-0.5 text-on-wax">{{ value.slice(place, place + 1) || ' ' }}</mark
      >{{ value.slice(place + 1, place + 16) }}
    </button>
    <TheProblems :problems="problems" />
  </div>
</template>
