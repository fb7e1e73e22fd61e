<script setup lang="ts">
import { computed } from 'vue'
import { useDrafts, type Draft } from '@/stores/drafts'

const props = defineProps<{ draft: Draft }>()
const drafts = useDrafts()
const says = computed(
  () =>
    ({
      saved: 'Saved',
      editing: 'Editing…',
      saving: 'Saving…',
      refused: `Not saved: ${props.draft.problems.length === 1 ? 'one thing is' : `${props.draft.problems.length} things are`} to mend. What was saved before still holds.`,
      conflict: `Not saved. ${props.draft.message}`,
      offline: `Not saved. ${props.draft.message}`,
    })[props.draft.state],
)
const bad = computed(() => ['refused', 'conflict', 'offline'].includes(props.draft.state))
</script>

<template>
  <p role="status" class="flex items-center gap-2" :class="bad ? 'text-wax-words' : 'text-soft'">
    {{ says }}
    <template v-if="draft.state === 'conflict'">
      <button class="button" @click="drafts.takeTheirs(draft.cue.id)">Take theirs</button>
      <button class="button" @click="drafts.keepMine(draft.cue.id)">Keep mine</button>
    </template>
    <button v-if="draft.state === 'offline'" class="button" @click="drafts.save(draft.cue.id)">Try again</button>
  </p>
</template>
