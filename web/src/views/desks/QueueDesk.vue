<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { ref } from 'vue'
import type { Queue, TurnsBoard } from '@/api/types'
import { useDeskBoards } from '@/stores/desks'
import { useLive } from '@/stores/live'
import QueueDone from './QueueDone.vue'
import QueueUp from './QueueUp.vue'
import QueueWaiting from './QueueWaiting.vue'

/** The board of a queue: who is up, who waits, what is done, and what was learned of turns so far. */
const props = defineProps<{ sheet: Queue; board: TurnsBoard }>()
const desks = useDeskBoards()
const live = useLive()
const now = ref(live.now())
useIntervalFn(() => (now.value = live.now()), 1_000)
const act = (name: string, said: Record<string, string> = {}) => desks.act('queue', props.sheet.id, name, said)
/** Whoever looked before somebody else pressed is told. */
const turn = () => act('turn', { step: String(props.board.steps) })
</script>

<template>
  <div class="grid grid-cols-[minmax(0,1fr)] gap-4">
    <div class="flex flex-wrap items-center gap-2">
      <p class="min-w-0 flex-1 basis-48 text-soft" data-state>
        {{ board.open ? 'Open' : 'Closed' }} · {{ board.takes }}
      </p>
      <button class="button" data-open @click="act(board.open ? 'close' : 'open')">
        {{ board.open ? 'Close it' : 'Open it' }}
      </button>
      <button
        class="button button-dark"
        data-next
        :disabled="board.waiting.length + board.up.length === 0"
        @click="turn()"
      >
        {{ board.up.length === 1 ? 'Done, next' : 'Take the next' }}
      </button>
    </div>
    <QueueUp :sheet="sheet" :board="board" :now="now" @act="act" />
    <div class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @2xl:grid-cols-[minmax(0,1fr)_280px]">
      <QueueWaiting :sheet="sheet" :board="board" :now="now" @act="act" />
      <QueueDone :sheet="sheet" :board="board" @act="act" />
    </div>
  </div>
</template>
