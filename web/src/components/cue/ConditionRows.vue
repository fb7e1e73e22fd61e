<script setup lang="ts">
import { Plus, X } from '@lucide/vue'
import { COMPARISONS, type NameType, type Row, type Rows } from '@/lib/conditionRows'
import { STANDINGS } from '@/lib/sentence'
import ChoiceField from './ChoiceField.vue'
import TextField from './TextField.vue'

/** A condition as rows of field, comparison and value. */
const props = defineProps<{ value: Rows; types: Record<string, NameType> }>()
const emit = defineEmits<{ set: [Rows] }>()
const names = () => Object.keys(props.types).map((name) => ({ value: name, name }))
const typeOf = (row: Row): NameType => props.types[row.name] ?? 'text'
const START: Record<NameType, string> = { number: '1', text: '', truth: '', texts: 'member' }
const change = (at: number, to: Partial<Row>) => {
  const next = { ...props.value.rows[at]!, ...to }
  const type = typeOf(next)
  if (to.name) {
    Object.assign(next, { compare: COMPARISONS[type][0]!.value, value: START[type] })
  }
  emit('set', { ...props.value, rows: props.value.rows.map((row, index) => (index === at ? next : row)) })
}
const add = () =>
  emit('set', { ...props.value, rows: [...props.value.rows, { name: 'viewer.months', compare: '>=', value: '3' }] })
const drop = (at: number) => emit('set', { ...props.value, rows: props.value.rows.filter((_, index) => index !== at) })
const standings = STANDINGS.filter((each) => each.standing !== 'anyone').map((each) => ({
  value: each.standing as string,
  name: each.plural,
}))
</script>

<template>
  <div class="flex flex-col gap-1.5">
    <ChoiceField
      v-if="value.rows.length > 1"
      label="Holds where"
      :model-value="value.any ? 'any' : 'all'"
      :choices="[
        { value: 'all', name: 'all of these do' },
        { value: 'any', name: 'one of these does' },
      ]"
      @update:model-value="emit('set', { ...value, any: $event === 'any' })"
    />
    <div v-for="(row, at) in value.rows" :key="at" class="flex items-end gap-1">
      <ChoiceField
        class="min-w-0 flex-[1.3]"
        :label="at === 0 ? 'Field' : 'and'"
        :model-value="row.name"
        :choices="names()"
        @update:model-value="change(at, { name: $event })"
      />
      <ChoiceField
        class="min-w-0 flex-1"
        label="Comparison"
        :model-value="row.compare"
        :choices="COMPARISONS[typeOf(row)]"
        @update:model-value="change(at, { compare: $event })"
      />
      <ChoiceField
        v-if="row.name === 'viewer.standing'"
        class="min-w-0 flex-1"
        label="Value"
        :model-value="row.value"
        :choices="standings"
        @update:model-value="change(at, { value: $event })"
      />
      <TextField
        v-else-if="typeOf(row) !== 'truth'"
        class="min-w-0 flex-1"
        label="Value"
        :model-value="row.value"
        :problems="[]"
        @update:model-value="change(at, { value: $event })"
      />
      <button
        type="button"
        class="mb-1 rounded-[7px] p-1 text-soft hover:bg-well"
        :aria-label="`Take away ${row.name}`"
        @click="drop(at)"
      >
        <X :size="14" />
      </button>
    </div>
    <button type="button" class="button self-start text-[13px]" @click="add"><Plus :size="13" /> Row</button>
  </div>
</template>
