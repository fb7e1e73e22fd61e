<script setup lang="ts">
import { Plus, X } from '@lucide/vue'
import { reactive, watch } from 'vue'
import type { ConditionRow as Row, ConditionRows as Rows, CueLook } from '@/api/types'
import { useKinds } from '@/stores/kinds'
import ChoiceField from './ChoiceField.vue'
import TextField from './TextField.vue'

/** A condition as rows of field, comparison and value. */
type NameType = CueLook['names'][string]
const props = defineProps<{ value: Rows; types: CueLook['names']; titles?: Record<string, string> }>()
const kinds = useKinds()
const ways = (row: Row) => kinds.all.ways[typeOf(row)] ?? []
const emit = defineEmits<{ set: [Rows] }>()
/** What is typed stands here until the server has written it down. */
const now = reactive<Rows>({ any: false, rows: [] })
let sent: string[] = []
watch(
  () => props.value,
  (told) => {
    const text = JSON.stringify({ any: told.any, rows: told.rows })
    const at = sent.indexOf(text)
    sent = at < 0 ? [] : sent.slice(at + 1)
    if (sent.length === 0) {
      Object.assign(now, JSON.parse(text))
    }
  },
  { immediate: true },
)
const put = (next: Rows) => {
  Object.assign(now, next)
  sent.push(JSON.stringify({ any: next.any, rows: next.rows }))
  emit('set', next)
}
const names = () =>
  Object.keys(props.types).map((name) => ({
    value: name,
    name: name === SET_OFF ? 'what set it off' : (props.titles?.[name] ?? name),
  }))
const typeOf = (row: Row): NameType => props.types[row.name] ?? 'text'
const START: Record<NameType, string> = { number: '1', text: '', truth: '', texts: 'member' }
/** What set the cue off is chosen from what there is. */
const SET_OFF = 'event.how'
const change = (at: number, to: Partial<Row>) => {
  const next = { ...now.rows[at]!, ...to }
  const type = typeOf(next)
  if (to.name) {
    Object.assign(next, {
      compare: kinds.all.ways[type]?.[0]?.value ?? '==',
      value: to.name === SET_OFF ? kinds.all.setOff[0]!.value : START[type],
    })
  }
  put({ ...now, rows: now.rows.map((row, index) => (index === at ? next : row)) })
}
/** A row of the first name there is, for not every cue has a viewer. */
const add = () => {
  const name = 'viewer.months' in props.types ? 'viewer.months' : Object.keys(props.types)[0]!
  const type = props.types[name]!
  put({ ...now, rows: [...now.rows, { name, compare: kinds.all.ways[type]?.[0]?.value ?? '==', value: START[type] }] })
}
const drop = (at: number) => put({ ...now, rows: now.rows.filter((_, index) => index !== at) })
const standings = kinds.all.standings
  .filter((each) => each.standing !== 'anyone')
  .map((each) => ({
    value: each.standing,
    name: each.plural,
  }))
</script>

<template>
  <div class="flex flex-col gap-1.5">
    <ChoiceField
      v-if="now.rows.length > 1"
      label="Holds where"
      :model-value="now.any ? 'any' : 'all'"
      :choices="[
        { value: 'all', name: 'all of these do' },
        { value: 'any', name: 'one of these does' },
      ]"
      @update:model-value="put({ ...now, any: $event === 'any' })"
    />
    <div v-for="(row, at) in now.rows" :key="at" class="flex items-end gap-1">
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
        :choices="ways(row)"
        @update:model-value="change(at, { compare: $event })"
      />
      <ChoiceField
        v-if="typeOf(row) === 'texts' && row.name.endsWith('standing')"
        class="min-w-0 flex-1"
        label="Value"
        :model-value="row.value"
        :choices="standings"
        @update:model-value="change(at, { value: $event })"
      />
      <ChoiceField
        v-else-if="row.name === SET_OFF"
        class="min-w-0 flex-1"
        label="Value"
        :model-value="row.value"
        :choices="kinds.all.setOff"
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
