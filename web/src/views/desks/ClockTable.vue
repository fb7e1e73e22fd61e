<script setup lang="ts">
import { changedAt, withoutAt } from '@/lib/lists'
import { Plus, X } from '@lucide/vue'
import { computed } from 'vue'
import type { Adding, Clock, Problem } from '@/api/types'
import ChoiceField from '@/components/cue/ChoiceField.vue'
import NumberField from '@/components/cue/NumberField.vue'
import SecondsField from '@/components/cue/SecondsField.vue'
import TextField from '@/components/cue/TextField.vue'
import { useChoices } from '@/composables/useChoices'
import { useKinds } from '@/stores/kinds'

/** The table by which events add time to a clock. */
const props = defineProps<{ sheet: Clock; problems: (path: string) => Problem[] }>()
const emit = defineEmits<{ set: [key: string, value: unknown] }>()
const kinds = useKinds()
const { from } = useChoices()
const events = computed(() => kinds.all.events.filter((each) => each.ofChannel))
const of = (line: Adding) => events.value.find((each) => each.name === line.event)
const text = (line: Adding) => of(line)?.fields.find((each) => !each.number)
const numbers = (line: Adding) => [
  { value: '', name: 'once an event' },
  ...(of(line)?.fields ?? []).filter((each) => each.number).map((each) => ({ value: each.key, name: each.label })),
]
const put = (lines: Adding[]) => emit('set', 'adding', lines)
const change = (at: number, over: Partial<Adding>) => put(changedAt(props.sheet.adding, at, over))
const add = () =>
  put([...props.sheet.adding, { event: 'gift', only: '', addMs: 60_000, each: 1, per: 'count', mostMs: 0 }])
const remove = (at: number) => put(withoutAt(props.sheet.adding, at))
</script>

<template>
  <fieldset data-field="adding">
    <legend class="text-[13px] text-soft">Events add time</legend>
    <p v-if="sheet.adding.length === 0" class="text-[13px] text-soft">
      No event does yet. A line could say that each Lantern adds two minutes.
    </p>
    <ol class="flex flex-col gap-2">
      <li
        v-for="(line, at) in sheet.adding"
        :key="at"
        class="grid grid-cols-[1fr_1fr_auto] gap-2 rounded-[8px] border border-line p-2"
      >
        <ChoiceField
          label="When"
          :model-value="line.event"
          :choices="events.map((each) => ({ value: each.name, name: each.title }))"
          :problems="problems(`adding[${at}].event`)"
          @update:model-value="change(at, { event: $event, only: '', per: '' })"
        />
        <TextField
          v-if="text(line)"
          :label="`${text(line)!.label}, empty for any`"
          :model-value="line.only"
          :suggest="from(text(line)!.from)"
          :problems="problems(`adding[${at}].only`)"
          @update:model-value="change(at, { only: $event })"
        />
        <span v-else />
        <button type="button" class="button self-start" :aria-label="`Remove line ${at + 1}`" @click="remove(at)">
          <X :size="14" />
        </button>
        <SecondsField
          label="It adds"
          :model-value="line.addMs"
          :problems="problems(`adding[${at}].addMs`)"
          @update:model-value="change(at, { addMs: $event })"
        />
        <ChoiceField
          label="counted by"
          :model-value="line.per"
          :choices="numbers(line)"
          :problems="problems(`adding[${at}].per`)"
          @update:model-value="change(at, { per: $event })"
        />
        <span />
        <NumberField
          v-if="line.per"
          label="for each so many of it"
          :model-value="line.each"
          :problems="problems(`adding[${at}].each`)"
          @update:model-value="change(at, { each: $event })"
        />
        <SecondsField
          label="At most in all, 0 for any"
          :model-value="line.mostMs"
          :problems="problems(`adding[${at}].mostMs`)"
          @update:model-value="change(at, { mostMs: $event })"
        />
      </li>
    </ol>
    <button type="button" class="button mt-2" @click="add"><Plus :size="14" /> Another line</button>
  </fieldset>
</template>
