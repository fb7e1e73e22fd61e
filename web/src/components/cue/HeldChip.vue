<script setup lang="ts">
import { problemsAt, useDrafts, type Draft } from '@/stores/drafts'
import TextField from './TextField.vue'

const props = defineProps<{ draft: Draft }>()
const drafts = useDrafts()
const words = (gate: string) => props.draft.cue.whenHeld.find((each) => each.gate === gate)?.words ?? ''
const problems = (gate: string) =>
  problemsAt(props.draft, `whenHeld[${props.draft.cue.whenHeld.findIndex((each) => each.gate === gate)}]`)
const set = (gate: string, text: string) =>
  drafts.edit(props.draft.cue.id, (cue) => {
    const there = cue.whenHeld.find((each) => each.gate === gate)
    if (there && text) {
      there.words = text
    } else {
      cue.whenHeld = [...cue.whenHeld.filter((each) => each.gate !== gate), ...(text ? [{ gate, words: text }] : [])]
    }
  })
</script>

<template>
  <div class="flex flex-col gap-2">
    <TextField
      v-for="(says, gate) in draft.look?.held ?? {}"
      :key="gate"
      :label="`Says when ${says}`"
      :model-value="words(String(gate))"
      :problems="problems(String(gate))"
      @update:model-value="set(String(gate), $event)"
    />
    <p class="text-[12.5px] text-soft">
      Empty means silence. <code class="font-mono">{reason}</code> is what the gate said.
    </p>
  </div>
</template>
