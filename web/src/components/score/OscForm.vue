<script setup lang="ts">
import { Plus } from '@lucide/vue'
import type { Part, Problem } from '@/api/types'
import { changedAt, withoutAt } from '@/lib/lists'
import ChoiceField from '../cue/ChoiceField.vue'
import RowButton from '../cue/RowButton.vue'
import TheProblems from '../cue/TheProblems.vue'
import WordsField from './WordsField.vue'

/** What goes with a message of Open Sound Control. */
defineProps<{
  part: Extract<Part, { kind: 'osc' }>
  /** A sample for each value that words may use. */
  words?: Record<string, string>
  reads?: (field: string) => string | undefined
  problems: (field: string) => Problem[]
}>()
const emit = defineEmits<{ set: [field: string, value: unknown] }>()
type Argument = Extract<Part, { kind: 'osc' }>['arguments'][number]
const SORTS = [
  { value: 'float', name: 'a number with a point' },
  { value: 'int', name: 'a whole number' },
  { value: 'text', name: 'a text' },
]
const put = (next: Argument[]) => emit('set', 'arguments', next)
</script>

<template>
  <fieldset class="grid gap-2">
    <legend class="text-[13px] text-soft">With</legend>
    <div v-for="(each, at) in part.arguments" :key="at" class="rounded-[8px] border border-line px-2 py-1.5">
      <div class="flex items-end gap-1">
        <ChoiceField
          class="min-w-0 flex-1"
          :label="`${at + 1}. is`"
          :model-value="each.sort"
          :choices="SORTS"
          :problems="problems(`arguments[${at}].sort`)"
          @update:model-value="put(changedAt(part.arguments, at, { sort: $event }))"
        />
        <RowButton :what="`the ${at + 1}.`" @click="put(withoutAt(part.arguments, at))" />
      </div>
      <WordsField
        label="Value"
        :rows="false"
        :values="words ?? {}"
        :reads="reads?.(`arguments[${at}].words`)"
        :model-value="each.words"
        :problems="problems(`arguments[${at}].words`)"
        @update:model-value="put(changedAt(part.arguments, at, { words: $event }))"
      />
    </div>
    <TheProblems :problems="problems('arguments').filter((each) => !each.path.includes('arguments['))" />
    <button
      type="button"
      class="button justify-self-start"
      @click="put([...part.arguments, { sort: 'float', words: '1' }])"
    >
      <Plus :size="14" /> A value
    </button>
  </fieldset>
</template>
