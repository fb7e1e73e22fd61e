<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { ask } from '@/api/http'
import type { DecisionNotice } from '@/api/types'
import TheDialog from '@/components/TheDialog.vue'
import { timeOfDay } from '@/lib/spans'
import { useWhy } from '@/stores/why'
import OutcomeFilter, { type Outcome } from './OutcomeFilter.vue'

/** The journal, newest first: every line says on a press why it came to that. */
const why = useWhy()
const lines = ref<DecisionNotice[]>([])
const done = ref(false)
const failed = ref('')
const search = ref('')
const outcome = ref<Outcome>('all')
const older = async () => {
  const before = lines.value.at(-1)?.number
  try {
    const page = await ask<DecisionNotice[]>('GET', `/journal${before === undefined ? '' : `?before=${before}`}`)
    lines.value = [...lines.value, ...page.reverse()]
    done.value = page.length === 0 || lines.value.at(-1)!.number <= 1
    failed.value = ''
  } catch (refusal) {
    failed.value = (refusal as Error).message
  }
}
watch(
  () => why.journal,
  (open) => {
    if (open) {
      lines.value = []
      void older()
    }
  },
  { immediate: true },
)
const found = computed(() => {
  const wanted = search.value.trim().toLowerCase()
  return lines.value.filter(
    (each) =>
      (!wanted || `${each.event} ${each.sentence}`.toLowerCase().includes(wanted)) &&
      (outcome.value === 'all' ||
        each.answers.some((answer) => (answer.held || answer.dropped) === (outcome.value === 'held'))),
  )
})
</script>

<template>
  <TheDialog :open="why.journal && why.decision === null" title="Journal" width="760px" @close="why.close()">
    <div class="flex items-center gap-2">
      <input
        v-model="search"
        type="search"
        class="field min-w-0 flex-1"
        placeholder="Find a viewer, cue or word among these"
        aria-label="Find in the journal"
      />
      <OutcomeFilter v-model="outcome" />
    </div>
    <ol class="min-h-0 flex-1 overflow-auto text-[13px]">
      <li v-for="line in found" :key="line.number" class="border-t border-line first:border-0">
        <button class="flex w-full gap-3 rounded-[7px] px-1 py-1 text-left hover:bg-well" @click="why.open(line)">
          <time class="flex-none font-mono text-[12px] text-soft">{{ timeOfDay(line.at) }}</time>
          <bdi dir="ltr" class="w-[220px] flex-none truncate">{{ line.event }}</bdi>
          <span class="min-w-0 flex-1 truncate text-soft">{{ line.sentence }}</span>
        </button>
      </li>
      <li v-if="found.length === 0" class="py-2 text-soft">
        {{
          search || outcome !== 'all'
            ? 'Nothing found among these. Older lines may have it.'
            : 'Nothing was decided yet.'
        }}
      </li>
    </ol>
    <p v-if="failed" role="alert" class="text-wax-words">{{ failed }}</p>
    <div class="flex justify-between">
      <button class="button" :disabled="done" @click="older">{{ done ? 'No older lines' : 'Older' }}</button><button
        class="button"
        @click="why.close()"
      >
        Close
      </button>
    </div>
  </TheDialog>
</template>
