<script setup lang="ts">
import { computed, ref } from 'vue'
import { problemsOf } from '@/api/http'
import type { House, Problem } from '@/api/types'
import KindForm from '@/components/cue/KindForm.vue'
import { withAt } from '@/lib/at'
import { useKinds } from '@/stores/kinds'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'

/** What holds for all cues: the sign before chat words, what points are called, which chat is answered, when strangers are shut out. */
const wiring = useWiring()
const kinds = useKinds()
const notes = useNotes()
const typed = ref<Partial<House>>({})
const draft = computed<House>(() => ({ ...wiring.house, ...typed.value }))
const changed = computed(() => Object.keys(typed.value).length > 0)
/** Only what is changed is sent, for the rest may be changed elsewhere. */
const set = (key: string, value: unknown) => {
  const first = key.split('.')[0] as keyof House
  typed.value = { ...typed.value, [first]: withAt(draft.value, key, value)[first] }
}
const problems = ref<Problem[]>([])
/** Other helpers have a card of their own. */
const fields = computed(() => kinds.document('house').fields.filter((each) => each.key !== 'neighbours'))
const save = async () => {
  try {
    await wiring.saveHouse(() => typed.value)
    leave()
    notes.say('Words, points and shutters are changed.', true)
  } catch (failed) {
    problems.value = problemsOf(failed)
  }
}
const leave = () => {
  typed.value = {}
  problems.value = []
}
</script>

<template>
  <form class="sheet flex flex-col gap-2 p-4" aria-label="Words, points and shutters" @submit.prevent="save">
    <h2 class="text-[18px]">Words, points and shutters</h2>
    <KindForm
      :value="draft"
      :fields="fields"
      :problems="(key: string) => problems.filter((each) => each.path === key)"
      @set="set"
    />
    <p
      v-for="each in problems.filter((one) => !fields.some((field) => field.key === one.path))"
      :key="each.path"
      role="alert"
      class="text-[13px] text-wax-words"
    >
      {{ each.message }} {{ each.remedy }}
    </p>
    <p v-if="changed" class="flex justify-end gap-2">
      <button type="button" class="button" @click="leave">Leave as it was</button>
      <button class="button button-dark">Save</button>
    </p>
  </form>
</template>
