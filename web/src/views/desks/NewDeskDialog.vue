<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { ask, problemsOf } from '@/api/http'
import type { MadeSheet, Problem } from '@/api/types'
import ChoiceField from '@/components/cue/ChoiceField.vue'
import TextField from '@/components/cue/TextField.vue'
import TheProblems from '@/components/cue/TheProblems.vue'
import TheDialog from '@/components/TheDialog.vue'
import { useKinds } from '@/stores/kinds'
import { useWiring } from '@/stores/wiring'
import { DRAWN } from './kinds'

/** Makes a desk with its chat words and its place on a stage, in one step. */
const props = defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: []; made: [id: string] }>()
const kinds = useKinds()
const wiring = useWiring()
/** What was chosen; until then the first of what there is, which may come only after the dialog is open. */
const chosenKind = ref('')
const chosenStage = ref<string | null>(null)
const name = ref('')
const word = ref('')
const words = ref(true)
const busy = ref(false)
const problems = ref<Problem[]>([])
const form = ref<HTMLElement | null>(null)
const offered = computed(() => kinds.all.desks.filter((each) => DRAWN[each.name]))
const kind = computed(() => chosenKind.value || (offered.value[0]?.name ?? ''))
const stage = computed(() => chosenStage.value ?? wiring.stages[0]?.stage.id ?? '')
const stages = computed(() => [
  ...wiring.stages.map((each) => ({ value: each.stage.id, name: each.stage.name })),
  { value: '', name: 'nowhere yet' },
])
watch(
  () => props.open,
  async (open) => {
    if (open) {
      chosenKind.value = ''
      name.value = ''
      word.value = ''
      chosenStage.value = null
      words.value = true
      problems.value = []
      await nextTick()
      form.value?.querySelector<HTMLInputElement>('input[autocomplete]')?.focus()
    }
  },
)
const make = async () => {
  busy.value = true
  try {
    const made = await ask<MadeSheet>('POST', '/sheets', {
      kind: kind.value,
      name: name.value,
      word: word.value,
      stage: stage.value,
      words: words.value,
    })
    emit('made', made.id)
  } catch (failed) {
    problems.value = problemsOf(failed)
  }
  busy.value = false
}
const at = (field: string) => problems.value.filter((each) => each.path === field)
</script>

<template>
  <TheDialog :open="open" title="New desk" width="780px" @close="emit('close')">
    <form ref="form" class="flex flex-col gap-3" @submit.prevent="make">
      <div class="grid grid-cols-3 gap-2 max-sm:grid-cols-1" role="radiogroup" aria-label="Kind of desk">
        <button
          v-for="each in offered"
          :key="each.name"
          type="button"
          role="radio"
          class="rounded-[10px] border px-3 py-2 text-left"
          :class="kind === each.name ? 'border-ink bg-well' : 'border-line'"
          :aria-checked="kind === each.name"
          @click="chosenKind = each.name"
        >
          <span class="block font-semibold">{{ each.title }}</span>
          <span class="block text-[13px] text-soft">{{ DRAWN[each.name]?.begins }}</span>
        </button>
      </div>
      <TextField
        v-model="name"
        label="What it is called; empty for its kind"
        :placeholder="offered.find((each) => each.name === kind)?.title"
        :problems="at('name')"
      />
      <TextField v-model="word" label="Its word in chat; empty for one made of its name" :problems="at('word')" />
      <ChoiceField
        :model-value="stage"
        label="Seen on the stage"
        @update:model-value="chosenStage = $event"
        :choices="stages"
        :problems="at('stage')"
      />
      <label class="flex items-center gap-2 text-[13.5px]">
        <input v-model="words" type="checkbox" class="h-4 w-4" />
        with chat words, as cues of yours in a rack of their own
      </label>
      <TheProblems :problems="problems.filter((each) => !['name', 'stage'].includes(each.path))" />
      <div class="flex justify-end gap-2">
        <button type="button" class="button" @click="emit('close')">Cancel</button>
        <button class="button button-dark" :disabled="busy">Make it</button>
      </div>
    </form>
  </TheDialog>
</template>
