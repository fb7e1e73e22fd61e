<script setup lang="ts">
import { Plus } from '@lucide/vue'
import type { Part, Problem } from '@/api/types'
import { changedAt, withoutAt } from '@/lib/lists'
import RowButton from '../cue/RowButton.vue'
import TextField from '../cue/TextField.vue'
import TheProblems from '../cue/TheProblems.vue'
import WordsField from './WordsField.vue'

/** What a call to the web says. */
defineProps<{
  part: Extract<Part, { kind: 'call' }>
  /** A sample for each value that words may use. */
  words?: Record<string, string>
  reads?: (field: string) => string | undefined
  problems: (field: string) => Problem[]
}>()
const emit = defineEmits<{ set: [field: string, value: unknown] }>()
</script>

<template>
  <fieldset class="grid gap-2">
    <legend class="text-[13px] text-soft">It says</legend>
    <div
      v-for="(each, at) in part.fields"
      :key="at"
      class="rounded-[8px] border border-line px-2 py-1.5"
      :data-says="at"
    >
      <div class="flex items-end gap-1">
        <TextField
          class="min-w-0 flex-1"
          label="Name"
          mono
          :model-value="each.name"
          :problems="problems(`fields[${at}].name`)"
          @update:model-value="emit('set', 'fields', changedAt(part.fields, at, { name: $event }))"
        />
        <RowButton :what="each.name" @click="emit('set', 'fields', withoutAt(part.fields, at))" />
      </div>
      <WordsField
        label="Words"
        :rows="false"
        :values="words ?? {}"
        :reads="reads?.(`fields[${at}].words`)"
        :model-value="each.words"
        :problems="problems(`fields[${at}].words`)"
        @update:model-value="emit('set', 'fields', changedAt(part.fields, at, { words: $event }))"
      />
    </div>
    <TheProblems :problems="problems('fields').filter((each) => !each.path.includes('fields['))" />
    <button
      type="button"
      class="button justify-self-start"
      @click="emit('set', 'fields', [...part.fields, { name: `field${part.fields.length + 1}`, words: '' }])"
    >
      <Plus :size="14" /> A field
    </button>
  </fieldset>
</template>
