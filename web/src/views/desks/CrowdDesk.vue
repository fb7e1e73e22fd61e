<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Crowd, CrowdBoard } from '@/api/types'
import { digits } from '@/lib/clock'
import { useDeskBoards } from '@/stores/desks'
import { useLive } from '@/stores/live'

/** The board of a crowd: its words with their votes, pressed by hand too, and who pressed last. */
const props = defineProps<{ sheet: Crowd; board: CrowdBoard }>()
const desks = useDeskBoards()
const live = useLive()
const now = ref(live.now())
useIntervalFn(() => (now.value = live.now()), 500)
const face = computed(() => props.board.face)
const most = computed(() => Math.max(1, ...face.value.moves.map((each) => each.votes)))
const act = (name: string, said: Record<string, string> = {}) => desks.act('crowd', props.sheet.id, name, said)
const goes = computed(() => face.value.ends > now.value)
</script>

<template>
  <div class="grid grid-cols-[minmax(0,1fr)] gap-4">
    <section role="group" class="sheet border-l-4 border-l-honey px-5 py-4" aria-label="What the crowd presses">
      <div class="flex flex-wrap items-baseline gap-3">
        <p class="min-w-0 flex-1 basis-48 text-soft" data-presses>
          {{ board.presses }} {{ board.presses === 1 ? 'press' : 'presses' }} in this show<template v-if="face.vote">
            · {{ goes ? `the vote is over in ${digits(face.ends - now, true)}` : 'no vote goes' }}</template
          >
        </p>
        <a class="button" href="/rig?by-hand" target="_blank">Open the dipping rig</a>
        <button class="button" @click="act('lift')">Lift every key</button>
      </div>
      <ul class="pt-2">
        <li
          v-for="each in face.moves"
          :key="each.word"
          class="flex items-center gap-3 border-t border-line py-1.5 first:border-0"
          :data-move="each.word"
        >
          <span class="w-24 flex-none truncate font-semibold">{{ each.word }}</span>
          <span class="w-28 flex-none">
            <kbd
              class="rounded-[6px] border border-line px-1.5 font-mono text-[12.5px]"
              :class="each.held && 'bg-honey text-[#2a211a]'"
              >{{ each.key }}</kbd
            >
          </span>
          <span v-if="face.vote" class="h-2 min-w-0 flex-1 overflow-hidden rounded-full bg-well" aria-hidden="true">
            <span class="block h-full bg-honey" :style="{ width: `${(100 * each.votes) / most}%` }" />
          </span>
          <span v-else class="flex-1" />
          <span v-if="face.vote" class="w-16 flex-none text-right font-mono text-[13px]">{{ each.votes }}</span>
          <button class="button flex-none" @click="act('press', { move: each.word })">Press</button>
        </li>
      </ul>
    </section>
    <section role="group" class="sheet px-5 py-4" aria-label="Who pressed last">
      <h2 class="text-[18px]">Who pressed last</h2>
      <p v-if="!face.recent.length" class="text-[13px] text-soft">
        Nobody yet. Viewers write one of its words in chat, while the rack of these words is on.
      </p>
      <ol>
        <li v-for="(each, at) in face.recent" :key="at" class="flex gap-3 py-0.5 text-[14px]" data-pressed>
          <bdi class="min-w-0 flex-1 truncate font-semibold">{{ each.name }}</bdi>
          <span>{{ each.word }}</span>
          <span class="w-14 flex-none text-right text-soft">{{ digits(Math.max(0, now - each.at), true) }}</span>
        </li>
      </ol>
    </section>
  </div>
</template>
