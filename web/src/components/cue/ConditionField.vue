<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { ask, problemsOf, type Refusal } from '@/api/http'
import type { ConditionRows as Rows, ConditionTried, Problem } from '@/api/types'
import { timeOfDay } from '@/lib/spans'
import { problemsAt, type Draft } from '@/stores/drafts'
import ConditionRows from './ConditionRows.vue'
import ConditionText from './ConditionText.vue'

/** Writes a condition of a cue, as rows or as text, and says at once what it comes to: for a sample, and for what happened lately. @param place of it in the document */
const props = defineProps<{ draft: Draft; place: string; value: string; label: string }>()
const emit = defineEmits<{ set: [string] }>()
const condition = computed(() => props.value)
const saved = computed(() => problemsAt(props.draft, props.place))
const tried = ref<ConditionTried | null>(null)
const problems = ref<Problem[]>([])
const types = computed(() => props.draft.look?.names ?? {})
const rows = computed(() => props.draft.look?.rows[props.place])
const typing = ref(false)
const set = (text: string) => emit('set', text)
let newest = 0
const preview = async () => {
  const mine = ++newest
  const answer = condition.value
    ? await ask<ConditionTried>('POST', '/conditions', { cue: props.draft.cue, condition: condition.value }).catch(
        (failed: Refusal) => failed.problems ?? [],
      )
    : []
  if (mine === newest) {
    problems.value = Array.isArray(answer) ? answer : []
    tried.value = Array.isArray(answer) ? null : answer
  }
}
watch(condition, useDebounceFn(preview, 300))
void preview()
/** Rows are written by the server, which knows the types of names; the last change counts. */
let written = 0
const write = async (next: Rows) => {
  const mine = ++written
  try {
    const { text } = await ask<{ text: string }>('POST', '/conditions/rows', { cue: props.draft.cue, rows: next })
    if (mine === written) {
      set(text)
    }
  } catch (refusal) {
    problems.value = problemsOf(refusal)
  }
}
const real = computed(() => tried.value?.tried.filter((each) => each.at > 0) ?? [])
const sample = computed(() => tried.value?.tried.find((each) => each.at === 0))
const shown = computed(() => (problems.value.length ? problems.value : saved.value))
</script>

<template>
  <div class="flex flex-col gap-2">
    <ConditionRows v-if="rows && !typing" :value="rows" :types="types" @set="write" />
    <ConditionText v-else :label="label" :value="condition" :names="Object.keys(types)" :problems="shown" @set="set" />
    <button v-if="rows" type="button" class="self-start text-[13px] underline" @click="typing = !typing">
      {{ typing ? 'As rows' : 'As text' }}
    </button>
    <p v-else-if="draft.look" class="text-[12.5px] text-soft">This says more than rows can, so it stands as text.</p>
    <template v-if="tried">
      <p class="text-[13px]" role="status">
        <template v-if="sample"
          >For the sample it is <b>{{ sample.holds }}</b>.
        </template>
        <template v-if="real.length"
          >Of the last {{ real.length }} such events it was true for
          <b>{{ real.filter((each) => each.holds).length }}</b>, as the evening stands now.</template
        >
        <template v-else>No such event happened yet.</template>
      </p>
      <ol class="max-h-28 overflow-auto text-[12.5px]">
        <li v-for="(each, at) in real" :key="at" class="flex gap-1.5" :title="each.fault">
          <time class="flex-none font-mono text-[12px] text-soft">{{ timeOfDay(each.at) }}</time>
          <span class="flex-none font-semibold" :class="each.holds ? 'text-verdigris-words' : 'text-wax-words'">{{
            each.fault ? 'fails' : each.holds
          }}</span>
          <bdi dir="ltr" class="truncate">{{ each.event }}</bdi>
        </li>
      </ol>
    </template>
  </div>
</template>
