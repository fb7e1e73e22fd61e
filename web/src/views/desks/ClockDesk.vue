<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Clock, ClockBoard } from '@/api/types'
import { digits, share, showsAt } from '@/lib/clock'
import { minuteOfDay } from '@/lib/spans'
import { useDeskBoards } from '@/stores/desks'
import { useLive } from '@/stores/live'

/** The board of a clock: what it shows, its acts beside it, and what events added. */
const props = defineProps<{ sheet: Clock; board: ClockBoard }>()
const desks = useDeskBoards()
const live = useLive()
const now = ref(live.now())
useIntervalFn(() => (now.value = live.now()), 200)
const face = computed(() => props.board.face)
const shows = computed(() => showsAt(face.value, now.value))
const running = computed(() => face.value.phase === 'running')
const PHASES = { ready: 'not started', running: 'runs', paused: 'is paused', over: 'is over' } as const
const says = computed(() => {
  const round = face.value.round && face.value.phase !== 'ready' ? ` · ${face.value.round}` : ''
  const end = running.value && !face.value.up ? ` · until ${minuteOfDay(face.value.moment)}` : ''
  return `${PHASES[face.value.phase]}${round}${end}`
})
const time = ref('')
const act = (name: string, said: Record<string, string> = {}) => desks.act('clock', props.sheet.id, name, said)
const timed = async (name: string) => {
  await act(name, { time: time.value })
  time.value = ''
}
const START = { ready: 'Start', paused: 'Go on', over: 'Start anew', running: 'Pause' } as const
</script>

<template>
  <div class="grid grid-cols-[minmax(0,1fr)] gap-4">
    <section role="group" class="sheet border-l-4 border-l-honey px-5 py-4" aria-label="The clock">
      <div class="flex flex-wrap items-baseline gap-x-4">
        <p class="font-mono text-[44px] leading-tight tabular-nums" data-shows>{{ digits(shows, face.up) }}</p>
        <p class="text-soft" data-says>{{ says }}</p>
      </div>
      <div class="mt-1 h-2 overflow-hidden rounded-full bg-well" aria-hidden="true">
        <div class="h-full bg-honey" :style="{ width: `${share(face, shows) * 100}%` }" />
      </div>
      <div class="flex flex-wrap gap-2 pt-3">
        <button class="button button-dark" data-start @click="act(running ? 'pause' : 'start')">
          {{ START[face.phase] }}
        </button>
        <button v-if="face.phase !== 'over' && face.phase !== 'ready'" class="button" @click="act('restart')">
          Start anew
        </button>
        <button v-if="sheet.way === 'rounds'" class="button" @click="act('skip')">Next round</button>
        <button v-if="face.phase !== 'ready'" class="button" @click="act('reset')">Back to the beginning</button>
      </div>
      <form class="flex flex-wrap items-end gap-2 pt-3" @submit.prevent="timed('add')">
        <label class="block min-w-0 flex-1 basis-48">
          <span class="text-[13px] text-soft">A time, such as 90, 1:30, 1h 5m or until 21:00</span>
          <input v-model="time" class="field" autocomplete="off" data-time />
        </label>
        <button class="button" :disabled="!time.trim()">Add</button>
        <button type="button" class="button" :disabled="!time.trim()" @click="timed('take')">Take away</button>
        <button type="button" class="button" :disabled="!time.trim()" @click="timed('set')">Set</button>
      </form>
    </section>
    <section role="group" v-if="board.lines.length" class="sheet px-5 py-4" aria-label="What events added">
      <div class="flex items-baseline gap-3">
        <h2 class="flex-1 text-[18px]">Added by events</h2>
        <p class="text-soft" data-in-all>{{ board.inAll || 'nothing yet' }}</p>
      </div>
      <ul>
        <li
          v-for="(line, at) in board.lines"
          :key="at"
          class="flex gap-3 border-t border-line py-1.5 text-[14px] first:border-0"
        >
          <span class="min-w-0 flex-1">{{ line }}</span>
          <span class="text-soft">{{ board.added[at] || 'nothing' }}</span>
        </li>
      </ul>
    </section>
  </div>
</template>
