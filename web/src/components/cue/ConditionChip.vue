<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { ask, type Refusal } from '@/api/http'
import type { ConditionTried, Problem } from '@/api/types'
import { gateOf } from '@/lib/sentence'
import { timeOfDay } from '@/lib/spans'
import { problemsAt, useDrafts, type Draft } from '@/stores/drafts'
import TheProblems from './TheProblems.vue'

/** Writes the condition and says at once what it comes to: for a sample, and for what happened lately. */
const props = defineProps<{ draft: Draft }>()
const drafts = useDrafts()
const condition = computed(() => gateOf(props.draft.cue, 'condition')?.condition ?? '')
const saved = computed(() => problemsAt(props.draft, `gates[${props.draft.cue.gates.findIndex((each) => each.kind === 'condition')}]`))
const tried = ref<ConditionTried | null>(null)
const problems = ref<Problem[]>([])
const set = (text: string) =>
  drafts.edit(props.draft.cue.id, (cue) => {
    const others = cue.gates.filter((each) => each.kind !== 'condition')
    cue.gates = text.trim() ? [...others, { kind: 'condition', condition: text }] : others
  })
let newest = 0
const preview = async () => {
  const mine = ++newest
  if (!condition.value) {
    tried.value = null
    problems.value = []
    return
  }
  try {
    const answer = await ask<ConditionTried>('POST', '/conditions', { cue: props.draft.cue, condition: condition.value })
    if (mine === newest) {
      tried.value = answer
      problems.value = []
    }
  } catch (failed) {
    if (mine === newest) {
      tried.value = null
      problems.value = (failed as Refusal).problems ?? []
    }
  }
}
watch(condition, useDebounceFn(preview, 300))
void preview()
const real = computed(() => tried.value?.tried.filter((each) => each.at > 0) ?? [])
const sample = computed(() => tried.value?.tried.find((each) => each.at === 0))
const shown = computed(() => (problems.value.length ? problems.value : saved.value))
</script>

<template>
  <div class="flex flex-col gap-2">
    <label class="block">
      <span class="text-[13px] text-soft">Rings only if (empty: in any case)</span>
      <textarea class="field font-mono text-[13px]" rows="2" :value="condition" :aria-invalid="shown.length > 0" placeholder="viewer.months >= 3" @input="set(($event.target as HTMLTextAreaElement).value)" />
    </label>
    <TheProblems :problems="shown" />
    <template v-if="tried">
      <p class="text-[13px]" role="status">
        <template v-if="sample">For the sample it is <b>{{ sample.holds }}</b>. </template>
        <template v-if="real.length">Of the last {{ real.length }} such events it was true for <b>{{ real.filter((each) => each.holds).length }}</b>, as the evening stands now.</template>
        <template v-else>No such event happened yet.</template>
      </p>
      <ol class="max-h-32 overflow-auto text-[12.5px]">
        <li v-for="(each, at) in real" :key="at" class="flex gap-1.5" :title="each.fault">
          <time class="flex-none font-mono text-[12px] text-soft">{{ timeOfDay(each.at) }}</time>
          <span class="flex-none font-semibold" :class="each.holds ? 'text-verdigris-words' : 'text-wax-words'">{{ each.fault ? 'fails' : each.holds }}</span>
          <bdi class="truncate">{{ each.event }}</bdi>
        </li>
      </ol>
      <p class="text-[12px] text-soft">It may use {{ tried.names.join(', ') }}.</p>
    </template>
  </div>
</template>
