<script setup lang="ts">
import { computed } from 'vue'
import { differences } from '@/lib/differences'
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
const differs = computed(() => (props.draft.state === 'conflict' && props.draft.theirs ? differences(props.draft.theirs, props.draft.cue) : []))
const bad = computed(() => ['refused', 'conflict', 'offline'].includes(props.draft.state))
</script>

<template>
  <div v-if="differs.length > 0" class="sheet max-h-32 w-full overflow-auto px-3 py-1.5 text-[12.5px]" aria-label="Theirs and mine">
    <p v-for="each in differs" :key="each.path" class="flex gap-3"><code class="w-[200px] flex-none truncate font-mono text-[12px] text-soft" :title="each.path">{{ each.path }}</code><span class="flex-1">theirs: {{ each.before || 'nothing' }}</span><span class="flex-1">mine: {{ each.after || 'nothing' }}</span></p>
  </div>
  <p role="status" class="flex items-center gap-2" :class="bad ? 'text-wax-words' : 'text-soft'">
    {{ says }}
    <template v-if="draft.state === 'conflict'">
      <button class="button" @click="drafts.takeTheirs(draft.cue.id)">Take theirs</button>
      <button class="button" @click="drafts.keepMine(draft.cue.id)">Keep mine</button>
    </template>
    <button v-if="draft.state === 'offline'" class="button" @click="drafts.save(draft.cue.id)">Try again</button>
  </p>
</template>
