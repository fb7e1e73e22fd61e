<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import { computed } from 'vue'
import type { Gate } from '@/api/types'
import { problemsAt, useDrafts, type Draft } from '@/stores/drafts'
import { useKinds } from '@/stores/kinds'
import ConditionChip from './ConditionChip.vue'
import CooldownChip from './CooldownChip.vue'
import KindForm from './KindForm.vue'
import TheProblems from './TheProblems.vue'
import WhoChip from './WhoChip.vue'

/** One of the gates of a cue; those that are always in the sentence stay there when they are taken away. */
const props = defineProps<{ draft: Draft; kind: Gate['kind'] }>()
const drafts = useDrafts()
const kinds = useKinds()
const OWN = { who: WhoChip, cooldown: CooldownChip, condition: ConditionChip }
const own = computed(() => OWN[props.kind as keyof typeof OWN])
const at = computed(() => props.draft.cue.gates.findIndex((each) => each.kind === props.kind))
const gate = computed(() => props.draft.cue.gates[at.value])
const problems = (name: string) => problemsAt(props.draft, `gates[${at.value}].${name}`)
const whole = computed(() => props.draft.problems.filter((each) => each.path === `gates[${at.value}]`))
const set = (name: string, value: unknown) =>
  drafts.edit(props.draft.cue.id, (cue) => Object.assign(cue.gates[at.value]!, { [name]: value }))
const remove = () =>
  drafts.edit(props.draft.cue.id, (cue) => {
    cue.gates = cue.gates.filter((each) => each.kind !== props.kind)
    cue.whenHeld = cue.whenHeld.filter((each) => each.gate !== props.kind)
  })
</script>

<template>
  <component :is="own" v-if="own" :draft="draft" />
  <template v-else-if="gate">
    <KindForm
      :value="gate"
      :fields="kinds.gate(gate.kind).fields"
      :cue="draft.cue.id"
      :problems="problems"
      @set="set"
    />
    <TheProblems :problems="whole" />
  </template>
  <button v-if="gate" class="button mt-3 w-full" @click="remove"><Trash2 :size="14" /> Take this away</button>
</template>
