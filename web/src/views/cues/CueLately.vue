<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue'
import { ask } from '@/api/http'
import type { DecisionNotice } from '@/api/types'
import { timeOfDay } from '@/lib/spans'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'
import { useWhy } from '@/stores/why'

/** What this cue was asked lately and what its gates said. */
const props = defineProps<{ cueId: string }>()
const live = useLive()
const notes = useNotes()
const why = useWhy()
/** From the journal, for other lines push this cue's own out of what the page remembers. */
const kept = shallowRef<DecisionNotice[] | null>(null)
watch(
  () => props.cueId,
  async (id) => {
    kept.value = null
    const found = await ask<DecisionNotice[]>('GET', `/cues/${id}/lately`).catch(() => [])
    if (id === props.cueId) {
      kept.value = found
    }
  },
  { immediate: true },
)
const lately = computed(() => {
  const now = new Set(live.decisions.map((each) => each.number))
  return [...(kept.value ?? []).filter((each) => !now.has(each.number)), ...live.decisions]
    .flatMap((decision) =>
      decision.answers.filter((answer) => answer.cueId === props.cueId).map((answer) => ({ decision, answer })),
    )
    .slice(-6)
    .reverse()
})
const said = (answer: (typeof lately.value)[number]['answer']) =>
  [...answer.gates.map((gate) => gate.reason), ...answer.drawn].join(' · ')
/** Puts the stage into the scene on programme, shown and heard. */
const mend = (stage: string) =>
  ask('POST', `/stages/${stage}/place`, { scene: '' }).then(
    () => notes.say('The stage stands in the scene on programme now.'),
    (refusal: Error) => notes.say(refusal.message),
  )
</script>

<template>
  <section aria-label="Lately" class="pt-1">
    <h2 class="flex items-baseline gap-3 pb-1 text-[16px]">
      Lately <button class="font-sans text-[13px] font-normal underline" @click="why.journal = true">Journal</button>
    </h2>
    <p v-if="lately.length === 0 && kept" class="text-soft">
      Nobody has pulled this cue yet. Try it, or write its word below as any viewer.
    </p>
    <ol v-else class="text-[13px]">
      <li v-for="each in lately" :key="each.decision.number" class="flex gap-3 border-t border-line py-1">
        <time class="flex-none font-mono text-[12px] text-soft">{{ timeOfDay(each.decision.at) }}</time>
        <bdi dir="ltr" class="w-[180px] flex-none truncate">{{ each.decision.event }}</bdi>
        <span
          class="flex-none font-semibold"
          :class="each.answer.held || each.answer.dropped ? 'text-wax-words' : 'text-verdigris-words'"
        >
          {{ each.answer.held ? 'held' : each.answer.dropped ? 'dropped' : 'rang' }}
        </span>
        <span
          v-if="each.answer.seen && each.answer.seen.proof !== 'seen'"
          class="min-w-0 flex-1"
          :class="each.answer.seen.proof === 'missed' ? 'text-wax-words' : 'text-soft'"
        >
          {{ each.answer.seen.says }}. {{ each.answer.seen.remedy }}
          <button v-if="each.answer.seen.mendable" class="underline" @click="mend(each.answer.seen.stage)">
            Do that
          </button>
        </span>
        <span v-else class="min-w-0 flex-1 truncate text-soft" :title="said(each.answer)"
          >{{ each.answer.seen ? `${each.answer.seen.says} · ` : '' }}{{ said(each.answer) }}</span
        >
        <button
          class="flex-none underline"
          :aria-label="`Why: ${each.decision.event}`"
          @click="why.open(each.decision)"
        >
          Why
        </button>
      </li>
    </ol>
  </section>
</template>
