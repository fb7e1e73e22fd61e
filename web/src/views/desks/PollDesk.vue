<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Poll, PollBoard } from '@/api/types'
import { digits } from '@/lib/clock'
import { useDeskBoards } from '@/stores/desks'
import { useLive } from '@/stores/live'
import { useWiring } from '@/stores/wiring'

/** The board of a poll: what is asked, its bars, and the next question. */
const props = defineProps<{ sheet: Poll; board: PollBoard }>()
const desks = useDeskBoards()
const live = useLive()
const wiring = useWiring()
const now = ref(live.now())
useIntervalFn(() => (now.value = live.now()), 500)
const question = ref('')
const answers = ref('')
const face = computed(() => props.board.face)
const total = computed(() => face.value.answers.reduce((sum, each) => sum + each.votes, 0))
const most = computed(() => Math.max(1, ...face.value.answers.map((each) => each.votes)))
const act = (name: string, said: Record<string, string> = {}) => desks.act('poll', props.sheet.id, name, said)
const ask = async () => {
  await act('open', { question: question.value, answers: answers.value })
  question.value = ''
  answers.value = ''
}
const says = computed(() => {
  if (!face.value.open) {
    return props.board.result ? `Over: ${props.board.result}` : 'Nothing is asked'
  }
  const left = face.value.ends ? `, over in ${digits(Math.max(0, face.value.ends - now.value), true)}` : ''
  return `${props.board.voters} ${props.board.voters === 1 ? 'viewer' : 'viewers'} voted${left}`
})
</script>

<template>
  <div class="grid grid-cols-[minmax(0,1fr)] gap-4">
    <section role="group" class="sheet border-l-4 border-l-honey px-5 py-4" aria-label="The poll">
      <div class="flex flex-wrap items-baseline gap-3">
        <h2 class="min-w-0 flex-1 basis-48 text-[20px]">
          <bdi>{{ face.question || sheet.question }}</bdi>
        </h2>
        <template v-if="face.open">
          <button class="button" @click="act('cancel')">Break it off</button>
          <button class="button button-dark" @click="act('close')">Close it now</button>
        </template>
      </div>
      <p class="text-soft" data-state>
        {{ says }}<template v-if="board.paid"> · {{ board.paid }} {{ wiring.house.pointsMany }} paid</template>
      </p>
      <ul v-if="face.answers.length" class="pt-2">
        <li
          v-for="(each, at) in face.answers"
          :key="each.answer"
          class="flex items-center gap-3 border-t border-line py-1.5 first:border-0"
          :data-answer="each.answer"
        >
          <span class="w-6 flex-none text-soft">{{ at + 1 }}</span>
          <bdi class="w-36 flex-none truncate" :class="each.first && 'font-semibold'">{{ each.answer }}</bdi>
          <span class="h-2.5 min-w-0 flex-1 overflow-hidden rounded-full bg-well" aria-hidden="true">
            <span
              class="block h-full"
              :class="each.first ? 'bg-honey' : 'bg-verdigris'"
              :style="{ width: `${(100 * each.votes) / most}%` }"
            />
          </span>
          <span class="w-24 flex-none text-right font-mono text-[13px]">
            {{ each.votes }} · {{ total ? Math.round((100 * each.votes) / total) : 0 }} %
          </span>
          <button v-if="face.open" class="button flex-none" @click="act('vote', { choice: String(at + 1) })">
            Vote
          </button>
        </li>
      </ul>
    </section>
    <form v-if="!face.open" class="sheet flex flex-col gap-2 px-5 py-4" aria-label="Ask" @submit.prevent="ask">
      <h2 class="text-[18px]">Ask</h2>
      <label class="flex flex-col gap-1 text-[13px] text-soft">
        Another question
        <input v-model="question" class="field" maxlength="120" :placeholder="sheet.question" />
      </label>
      <label class="flex flex-col gap-1 text-[13px] text-soft">
        Its answers, with strokes between them
        <input v-model="answers" class="field" maxlength="300" :placeholder="sheet.options.join(' | ')" />
      </label>
      <p class="flex items-center gap-3">
        <span class="min-w-0 flex-1 text-[13px] text-soft">Left empty it asks its own.</span>
        <button class="button button-dark">Ask</button>
      </p>
    </form>
  </div>
</template>
