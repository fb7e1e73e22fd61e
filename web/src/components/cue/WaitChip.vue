<script setup lang="ts">
import { problemsAt, useDrafts, type Draft } from '@/stores/drafts'
import { useKinds } from '@/stores/kinds'
import KindForm from './KindForm.vue'

/** How long the cue waits for busy places, and who goes first there. */
defineProps<{ draft: Draft }>()
const drafts = useDrafts()
const kinds = useKinds()
const FIELDS = ['longestWaitMs', 'urgency']
</script>

<template>
  <KindForm
    :value="draft.cue"
    :fields="kinds.document('cue').fields.filter((each) => FIELDS.includes(each.key))"
    :problems="(key: string) => problemsAt(draft, key)"
    @set="(key, value) => drafts.edit(draft.cue.id, (cue) => Object.assign(cue, { [key]: value }))"
  />
</template>
