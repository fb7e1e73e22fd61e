<script setup lang="ts">
import { computed } from 'vue'
import { gateOf } from '@/lib/gates'
import { useDrafts, type Draft } from '@/stores/drafts'
import ConditionField from './ConditionField.vue'

/** The condition that must hold. */
const props = defineProps<{ draft: Draft }>()
const drafts = useDrafts()
const condition = computed(() => gateOf(props.draft.cue, 'condition')?.condition ?? '')
const at = computed(() => props.draft.cue.gates.findIndex((each) => each.kind === 'condition'))
const set = (text: string) =>
  drafts.edit(props.draft.cue.id, (cue) => {
    const gate = gateOf(cue, 'condition')
    if (gate) {
      gate.condition = text
    } else {
      cue.gates.push({ kind: 'condition', condition: text })
    }
  })
</script>

<template>
  <ConditionField
    :draft="draft"
    :place="`gates[${at}].condition`"
    :value="condition"
    label="Rings only if"
    @set="set"
  />
</template>
