<script setup lang="ts">
import type { Cue } from '@/api/types'
import { problemsAt, useDrafts, type Draft } from '@/stores/drafts'
import ChoiceField from './ChoiceField.vue'

/** By which rule one of several takes is chosen. */
const props = defineProps<{ draft: Draft }>()
const drafts = useDrafts()
const RULES = [
  { value: 'first', name: 'the first whose condition holds' },
  { value: 'weight', name: 'drawn by weight' },
  { value: 'turn', name: 'one after the other' },
]
</script>

<template>
  <ChoiceField
    label="Which take is played"
    :model-value="draft.cue.takeRule"
    :choices="RULES"
    :problems="problemsAt(draft, 'takeRule')"
    @update:model-value="drafts.edit(props.draft.cue.id, (cue) => (cue.takeRule = $event as Cue['takeRule']))"
  />
  <p class="mt-2 text-[12.5px] text-soft">Conditions and weights stand at the tabs above the score.</p>
</template>
