<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { onMounted, ref, watch } from 'vue'
import { ask, problemsOf } from '@/api/http'
import type { ConditionRows as Rows, PeopleCondition, PeopleNames, Problem } from '@/api/types'
import ConditionRows from '@/components/cue/ConditionRows.vue'
import ConditionText from '@/components/cue/ConditionText.vue'

/** A condition over people, as rows or typed. It is told when it is one that can be asked. */
const props = defineProps<{ value: string; label: string }>()
const emit = defineEmits<{ set: [string] }>()
const names = ref<PeopleNames | null>(null)
const rows = ref<Rows | null>(null)
const text = ref(props.value)
const typing = ref(false)
const problems = ref<Problem[]>([])
let newest = 0
const asked = async (path: string, wanted: { text: string } | { rows: Rows }) => {
  const mine = ++newest
  try {
    const told = await ask<PeopleCondition>('POST', path, wanted)
    if (mine === newest) {
      rows.value = told.rows ?? null
      text.value = told.text
      problems.value = []
      if (told.text !== props.value) {
        emit('set', told.text)
      }
    }
  } catch (refusal) {
    problems.value = problemsOf(refusal)
  }
}
const read = (typed: string) => asked('/people/condition', { text: typed })
const write = (next: Rows) => asked('/people/condition/rows', { rows: next })
onMounted(async () => {
  names.value = await ask<PeopleNames>('GET', '/people/names')
  await read(props.value)
})
watch(
  () => props.value,
  (told) => told !== text.value && void read(told),
)
const typed = useDebounceFn(() => void read(text.value), 300)
const type = (next: string) => {
  text.value = next
  void typed()
}
</script>

<template>
  <div v-if="names" class="flex flex-col gap-1.5">
    <ConditionRows v-if="rows && !typing" :value="rows" :types="names.names" :titles="names.titles" @set="write" />
    <ConditionText
      v-else
      :label="label"
      :value="text"
      :names="Object.keys(names.names)"
      :problems="problems"
      example="lines >= 100 && 'member' in standing"
      @set="type"
    />
    <button v-if="rows" type="button" class="self-start text-[13px] underline" @click="typing = !typing">
      {{ typing ? 'As rows' : 'As text' }}
    </button>
  </div>
</template>
