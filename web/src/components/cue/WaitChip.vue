<script setup lang="ts">
import { problemsAt, useDrafts, type Draft } from '@/stores/drafts'
import SecondsField from './SecondsField.vue'

const props = defineProps<{ draft: Draft }>()
const drafts = useDrafts()
</script>

<template>
  <SecondsField
    label="Waits for busy places at most"
    :model-value="draft.cue.longestWaitMs"
    :problems="problemsAt(draft, 'longestWaitMs')"
    @update:model-value="drafts.edit(props.draft.cue.id, (cue) => (cue.longestWaitMs = $event))"
  />
  <p class="mt-2 text-[12.5px] text-soft">A spot may allow less. What has waited too long is dropped, and says so.</p>
</template>
