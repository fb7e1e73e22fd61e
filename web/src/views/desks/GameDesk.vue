<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { ref } from 'vue'
import type { Game, GameBoard } from '@/api/types'
import { digits } from '@/lib/clock'
import { dayAndTime } from '@/lib/spans'
import { useDeskBoards } from '@/stores/desks'
import { useLive } from '@/stores/live'
import { useWiring } from '@/stores/wiring'

/** The board of a game of chance: its odds and what comes back on average, what stands, and what was played. */
const props = defineProps<{ sheet: Game; board: GameBoard }>()
const desks = useDeskBoards()
const live = useLive()
const wiring = useWiring()
const now = ref(live.now())
useIntervalFn(() => (now.value = live.now()), 1_000)
const percent = (share: number) => `${(100 * share).toFixed(share < 0.1 ? 2 : 1)} %`
const callOff = () => desks.act('game', props.sheet.id, 'callOff')
</script>

<template>
  <div class="grid grid-cols-[minmax(0,1fr)] gap-4">
    <section role="group" class="sheet border-l-4 border-l-honey px-5 py-4" aria-label="Its odds">
      <h2 class="text-[20px]">Of a stake, {{ percent(board.expected) }} comes back on average</h2>
      <p class="text-soft">
        {{
          sheet.on
            ? `${board.staked} ${wiring.house.pointsMany} were staked in this show, ${board.won} came back.`
            : 'It is off. Look at the odds, and switch it on in its sentence.'
        }}
      </p>
      <ul class="pt-2">
        <li
          v-for="each in board.odds"
          :key="each.what"
          class="flex items-center gap-3 border-t border-line py-1.5 first:border-0"
          data-odd
        >
          <span class="min-w-0 flex-1">{{ each.what }}</span>
          <span class="h-2.5 w-40 flex-none overflow-hidden rounded-full bg-well" aria-hidden="true">
            <span class="block h-full bg-honey" :style="{ width: `${100 * each.chance}%` }" />
          </span>
          <span class="w-20 flex-none text-right font-mono text-[13px]">{{ percent(each.chance) }}</span>
          <span class="w-32 flex-none text-right text-[13px] text-soft">{{
            each.pays ? `pays ${each.pays} × the stake` : 'pays nothing'
          }}</span>
        </li>
      </ul>
    </section>
    <section
      role="group"
      v-if="board.offers.length || board.pot"
      class="sheet flex flex-wrap items-center gap-3 px-5 py-4"
      aria-label="What stands"
    >
      <ul class="min-w-0 flex-1 basis-48">
        <li v-for="each in board.offers" :key="each.person">
          <bdi class="font-semibold">{{ each.name }}</bdi> challenges <bdi class="font-semibold">{{ each.to }}</bdi> for
          {{ each.stake }}
        </li>
        <li v-if="board.pot">
          The pot holds {{ board.pot }}, for {{ digits(Math.max(0, board.ends - now), true) }} yet
        </li>
      </ul>
      <button class="button flex-none" @click="callOff">Call it off</button>
    </section>
    <section role="group" class="sheet px-5 py-4" aria-label="What was played">
      <h2 class="text-[18px]">What was played</h2>
      <p v-if="!board.plays.length" class="text-[13px] text-soft">Nothing yet.</p>
      <ol>
        <li
          v-for="(each, at) in board.plays"
          :key="at"
          class="flex gap-3 border-t border-line py-1 text-[14px] first:border-0"
          data-play
        >
          <bdi class="w-36 flex-none truncate font-semibold">{{ each.name }}</bdi>
          <span class="min-w-0 flex-1 truncate">{{ each.drawn }}</span>
          <span class="w-28 flex-none text-right font-mono">{{ each.stake }} → {{ each.won }}</span>
          <span class="flex-none text-soft">{{ dayAndTime(each.at) }}</span>
        </li>
      </ol>
    </section>
  </div>
</template>
