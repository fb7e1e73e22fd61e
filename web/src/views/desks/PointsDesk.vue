<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { ref } from 'vue'
import type { Earning, EarningBoard } from '@/api/types'
import { digits } from '@/lib/clock'
import { useDeskBoards } from '@/stores/desks'
import { useLive } from '@/stores/live'
import { useWiring } from '@/stores/wiring'

/** The board of points: when presence is paid, who has most, and what the host gives or takes. */
const props = defineProps<{ sheet: Earning; board: EarningBoard }>()
const desks = useDeskBoards()
const live = useLive()
const wiring = useWiring()
const now = ref(live.now())
useIntervalFn(() => (now.value = live.now()), 1_000)
const name = ref('')
const amount = ref('')
const why = ref('')
const circle = ref('')
const act = (what: string, said: Record<string, string>) => desks.act('points', props.sheet.id, what, said)
const give = async () => {
  await (name.value.trim()
    ? act('grant', { name: name.value, amount: amount.value, why: why.value })
    : act('all', { amount: amount.value, why: why.value, circle: circle.value }))
  amount.value = ''
}
</script>

<template>
  <div class="grid grid-cols-[minmax(0,1fr)] gap-4">
    <section role="group" class="sheet border-l-4 border-l-honey px-5 py-4" aria-label="How points are earned">
      <p data-state>
        <template v-if="board.next"
          ><b>{{ board.present }}</b> {{ board.present === 1 ? 'is' : 'are' }} present; they are paid in
          {{ digits(Math.max(0, board.next - now), true) }}</template
        >
        <template v-else>No show is open, so nobody is paid for being here.</template>
      </p>
      <p class="text-soft">
        {{ board.paid }} {{ wiring.house.pointsMany }} earned in this show by {{ board.here }} who were here<template
          v-if="board.first"
          >; first was <bdi>{{ board.first }}</bdi></template
        >
      </p>
      <div class="flex flex-wrap items-baseline gap-3 pt-2">
        <h2 class="min-w-0 flex-1 basis-48 text-[18px]">Most of those here, when last looked</h2>
        <button class="button" @click="act('top', {})">Look again</button>
        <RouterLink class="button" to="/people/ledger">The ledger</RouterLink>
      </div>
      <p v-if="!board.top.length" class="text-[13px] text-soft">Nobody has any yet, or nobody looked.</p>
      <ol>
        <li
          v-for="each in board.top"
          :key="each.name"
          class="flex gap-3 border-t border-line py-1 first:border-0"
          data-rich
        >
          <bdi class="min-w-0 flex-1 truncate font-semibold">{{ each.name }}</bdi>
          <span class="font-mono">{{ each.points }}</span>
        </li>
      </ol>
    </section>
    <form class="sheet flex flex-col gap-2 px-5 py-4" aria-label="Give or take" @submit.prevent="give">
      <h2 class="text-[18px]">Give or take</h2>
      <div class="grid grid-cols-[minmax(0,1fr)] gap-2 @2xl:grid-cols-[minmax(0,1fr)_110px_minmax(0,1fr)]">
        <label class="flex flex-col gap-1 text-[13px] text-soft">
          Whom, empty for all who are present
          <input v-model="name" class="field" maxlength="100" list="people-here" />
        </label>
        <label class="flex flex-col gap-1 text-[13px] text-soft">
          How many
          <input v-model="amount" class="field" inputmode="numeric" maxlength="12" placeholder="10 or -10" required />
        </label>
        <label class="flex flex-col gap-1 text-[13px] text-soft">
          Why
          <input v-model="why" class="field" maxlength="80" placeholder="stands in the ledger" />
        </label>
      </div>
      <datalist id="people-here">
        <option v-for="each in board.names" :key="each" :value="each" />
      </datalist>
      <p class="flex flex-wrap items-center gap-3">
        <label v-if="!name.trim() && wiring.house.circles.length" class="flex items-center gap-2 text-[13px] text-soft">
          Only the circle
          <select v-model="circle" class="field w-auto">
            <option value="">all</option>
            <option v-for="each in wiring.house.circles" :key="each.id" :value="each.id">{{ each.name }}</option>
          </select>
        </label>
        <span class="min-w-0 flex-1" />
        <button class="button button-dark">{{ name.trim() ? 'Give' : 'Give to all' }}</button>
      </p>
    </form>
  </div>
</template>
