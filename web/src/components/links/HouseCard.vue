<script setup lang="ts">
import { computed, ref } from 'vue'
import { problemsOf } from '@/api/http'
import type { House, Problem } from '@/api/types'
import KindForm from '@/components/cue/KindForm.vue'
import { useKinds } from '@/stores/kinds'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'

/** What holds for all cues: the sign before chat words, what points are called, which chat is answered. */
const wiring = useWiring()
const kinds = useKinds()
const notes = useNotes()
const typed = ref<Partial<House>>({})
const problems = ref<Problem[]>([])
/** Other helpers have a card of their own. */
const fields = computed(() => kinds.document('house').fields.filter((each) => each.key !== 'neighbours'))
const changed = computed(() => Object.keys(typed.value).length > 0)
const save = async () => {
  try {
    await wiring.saveHouse(() => typed.value)
    leave()
    notes.say('Words and points are changed.', true)
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
  <form class="sheet flex flex-col gap-2 p-4" aria-label="Words and points" @submit.prevent="save">
    <h2 class="text-[18px]">Words and points</h2>
    <KindForm
      :value="{ ...wiring.house, ...typed }"
      :fields="fields"
      :problems="(key: string) => problems.filter((each) => each.path === key)"
      @set="(key, value) => (typed = { ...typed, [key]: value })"
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
