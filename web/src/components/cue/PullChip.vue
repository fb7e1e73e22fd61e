<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import { computed } from 'vue'
import { problemsAt, useDrafts, type Draft } from '@/stores/drafts'
import { useKinds } from '@/stores/kinds'
import EventForm from './EventForm.vue'
import KindForm from './KindForm.vue'
import TheProblems from './TheProblems.vue'

/** One of the things that set a cue off. */
const props = defineProps<{ draft: Draft; at: number }>()
const drafts = useDrafts()
const kinds = useKinds()
const pull = computed(() => props.draft.cue.pulls[props.at])
const problems = (name: string) => problemsAt(props.draft, `pulls[${props.at}].${name}`)
const whole = computed(() => props.draft.problems.filter((each) => each.path === `pulls[${props.at}]`))
const set = (name: string, value: unknown) =>
  drafts.edit(props.draft.cue.id, (cue) => Object.assign(cue.pulls[props.at]!, { [name]: value }))
const remove = () => drafts.edit(props.draft.cue.id, (cue) => cue.pulls.splice(props.at, 1))
</script>

<template>
  <template v-if="pull">
    <EventForm v-if="pull.kind === 'event'" :value="pull" :problems="problems" @set="set" />
    <KindForm
      v-else
      :value="pull"
      :fields="kinds.pull(pull.kind).fields"
      :cue="draft.cue.id"
      :problems="problems"
      @set="set"
    />
    <TheProblems :problems="whole" />
    <button v-if="draft.cue.pulls.length > 1" class="button mt-3 w-full" @click="remove">
      <Trash2 :size="14" /> Take this away
    </button>
  </template>
</template>
