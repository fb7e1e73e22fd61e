<script setup lang="ts">
import { ref, watch } from 'vue'
import { typedPull } from '@/lib/sentence'
import { problemsAt, useDrafts, type Draft } from '@/stores/drafts'
import TextField from './TextField.vue'

const props = defineProps<{ draft: Draft }>()
const drafts = useDrafts()
const asText = () => (typedPull(props.draft.cue)?.words ?? []).join(' ')
const split = (typed: string) => typed.split(/\s+/).filter(Boolean)
const text = ref(asText())
watch(asText, (kept) => {
  if (split(text.value).join(' ') !== kept) {
    text.value = kept
  }
})
const type = (typed: string) => {
  text.value = typed
  drafts.edit(props.draft.cue.id, (cue) => {
    const first = typedPull(cue)
    const others = cue.pulls.filter((pull) => pull !== first)
    cue.pulls = split(typed).length > 0 || others.length === 0 ? [{ general: false, argument: '', ...first, kind: 'chatWord', words: split(typed) }, ...others] : others
  })
}
</script>

<template>
  <TextField :label="typedPull(draft.cue)?.general ? 'Any of these, without the prefix of the house, with a space between' : 'Any of these, with a space between'" mono :model-value="text" :problems="problemsAt(draft, 'pulls')" @update:model-value="type" />
  <p class="mt-2 text-[12.5px] text-soft">Capitals make no difference. What follows the word is there as <code class="font-mono">{argument}</code>.</p>
</template>
