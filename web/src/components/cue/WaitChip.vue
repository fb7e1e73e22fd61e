<script setup lang="ts">
import type { Cue } from '@/api/types'
import { problemsAt, useDrafts, type Draft } from '@/stores/drafts'
import ChoiceField from './ChoiceField.vue'
import SecondsField from './SecondsField.vue'

const props = defineProps<{ draft: Draft }>()
const drafts = useDrafts()
const URGENCIES = [
  { value: 'calm', name: 'calm: others go first' },
  { value: 'usual', name: 'usual: as they come' },
  { value: 'urgent', name: 'urgent: it goes first' },
]
const edit = (change: (cue: Cue) => void) => drafts.edit(props.draft.cue.id, change)
</script>

<template>
  <div class="flex flex-col gap-2">
    <SecondsField
      label="Waits for busy places at most"
      :model-value="draft.cue.longestWaitMs"
      :problems="problemsAt(draft, 'longestWaitMs')"
      @update:model-value="edit((cue) => (cue.longestWaitMs = $event))"
    />
    <p class="text-[12.5px] text-soft">A spot may allow less. What has waited too long is dropped, and says so.</p>
    <ChoiceField
      label="Urgency"
      :model-value="draft.cue.urgency"
      :choices="URGENCIES"
      @update:model-value="edit((cue) => (cue.urgency = $event as Cue['urgency']))"
    />
  </div>
</template>
