<script setup lang="ts">
import type { Tunes, TunesBoard } from '@/api/types'
import { useDeskBoards } from '@/stores/desks'
import TunesFind from './TunesFind.vue'
import TunesKept from './TunesKept.vue'
import TunesNow from './TunesNow.vue'
import TunesWaiting from './TunesWaiting.vue'

/** The board of tunes: what plays, what waits, the host's own list, and what was played. */
const props = defineProps<{ sheet: Tunes; board: TunesBoard }>()
const desks = useDeskBoards()
const act = (name: string, said: Record<string, string> = {}) => desks.act('tunes', props.sheet.id, name, said)
</script>

<template>
  <div class="grid grid-cols-[minmax(0,1fr)] gap-4">
    <TunesNow :board="board" @act="act" />
    <div class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @2xl:grid-cols-2">
      <div class="grid min-w-0 gap-4">
        <TunesWaiting :board="board" @act="act" />
        <TunesFind @act="act" />
        <section role="group" v-if="board.banned.length" class="sheet px-4 py-3" aria-label="Kept out">
          <h2 class="text-[18px]">Kept out</h2>
          <p v-for="each in board.banned" :key="each" class="flex items-center gap-2 py-1">
            <bdi class="min-w-0 flex-1 truncate">{{ each }}</bdi>
            <button class="button" @click="act('unban', { name: each })">Let in again</button>
          </p>
        </section>
      </div>
      <div class="grid min-w-0 gap-4">
        <TunesKept :sheet="sheet" :board="board" @act="act" />
      </div>
    </div>
  </div>
</template>
