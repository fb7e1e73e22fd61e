<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { ask } from '@/api/http'
import type { DrawRow, PrizeBoard, PrizeDraw } from '@/api/types'
import { digits } from '@/lib/clock'
import { dayAndTime } from '@/lib/spans'
import { useDeskBoards } from '@/stores/desks'
import { useLive } from '@/stores/live'
import { useWiring } from '@/stores/wiring'

/** The board of a prize draw: who is in, on whom it fell, and what was published so that anybody can draw again. */
const props = defineProps<{ sheet: PrizeDraw; board: PrizeBoard }>()
const desks = useDeskBoards()
const live = useLive()
const wiring = useWiring()
const now = ref(live.now())
useIntervalFn(() => (now.value = live.now()), 500)
const name = ref('')
const face = computed(() => props.board.face)
const act = (what: string, said: Record<string, string> = {}) => desks.act('prize', props.sheet.id, what, said)
const enter = async () => {
  await act('enter', { name: name.value })
  name.value = ''
}
const earlier = ref<DrawRow[]>([])
/** What was published of those that are over. */
watch(
  () => face.value.phase,
  () =>
    ask<DrawRow[]>('GET', `/prizes/${props.sheet.id}/draws`).then(
      (told) => (earlier.value = told),
      () => undefined,
    ),
  { immediate: true },
)
const CLAIMS = { waits: 'has time to speak up', won: 'has it', missed: 'did not speak up' } as const
const left = (until: number) => digits(Math.max(0, until - now.value), true)
const says = computed(() => {
  const count = `${face.value.entrants} ${face.value.entrants === 1 ? 'is' : 'are'} in`
  if (face.value.phase === 'open') {
    return `${count}${face.value.ends ? `, drawn in ${left(face.value.ends)}` : ''}`
  }
  if (face.value.phase === 'drawn') {
    return `${face.value.draws.at(-1)?.name} is drawn${face.value.claimBy ? ` and has ${left(face.value.claimBy)} to speak up` : ''}`
  }
  return face.value.phase === 'over'
    ? `Over; ${count.replace(' is ', ' was ').replace(' are ', ' were ')}`
    : 'Nobody can enter'
})
</script>

<template>
  <div class="grid grid-cols-[minmax(0,1fr)] gap-4">
    <section role="group" class="sheet border-l-4 border-l-honey px-5 py-4" aria-label="The draw">
      <div class="flex flex-wrap items-baseline gap-3">
        <h2 class="min-w-0 flex-1 basis-48 text-[20px]">
          For <bdi>{{ face.prize }}</bdi>
        </h2>
        <template v-if="face.phase === 'open'">
          <button class="button" @click="act('cancel')">Break it off</button>
          <button class="button button-dark" @click="act('close')">Close it and draw</button>
        </template>
        <button v-else-if="face.phase === 'drawn'" class="button" @click="act('again')">Draw again</button>
        <template v-else>
          <button v-if="face.phase === 'over'" class="button" @click="act('again')">Draw one more</button>
          <button class="button button-dark" @click="act('open')">Let people enter</button>
        </template>
      </div>
      <p class="text-soft" data-state>
        {{ says }}<template v-if="board.paid"> · {{ board.paid }} {{ wiring.house.pointsMany }} paid</template>
      </p>
      <ol v-if="face.draws.length" class="pt-2">
        <li
          v-for="(each, at) in face.draws"
          :key="at"
          class="flex flex-wrap items-baseline gap-3 border-t border-line py-1.5 first:border-0"
          data-drawn
        >
          <span class="w-14 flex-none font-mono">{{ each.number }}</span>
          <bdi class="font-semibold">{{ each.name }}</bdi>
          <span class="min-w-0 flex-1 text-soft">{{ CLAIMS[each.claim] }}: {{ each.prize }}</span>
        </li>
      </ol>
      <dl v-if="board.seal" class="grid grid-cols-[auto_minmax(0,1fr)] gap-x-3 pt-2 text-[13px] text-soft">
        <dt>Seal</dt>
        <dd class="truncate font-mono" :title="board.seal" data-seal>{{ board.seal }}</dd>
        <template v-if="board.seed">
          <dt>Seed</dt>
          <dd class="truncate font-mono" :title="board.seed" data-seed>{{ board.seed }}</dd>
        </template>
      </dl>
      <p v-if="board.seed" class="pt-1 text-[13px]">
        <a class="underline" :href="`/api/prizes/${sheet.id}/draw.csv`" download>All of it, to draw again (CSV)</a>
      </p>
    </section>
    <section role="group" class="sheet px-5 py-4" aria-label="Who is in">
      <div class="flex flex-wrap items-center gap-3">
        <h2 class="min-w-0 flex-1 basis-48 text-[18px]">Who is in</h2>
        <form v-if="face.phase === 'open'" class="flex gap-2" @submit.prevent="enter">
          <input
            v-model="name"
            class="field"
            maxlength="60"
            aria-label="Enter somebody by name"
            placeholder="somebody’s name"
          />
          <button class="button whitespace-nowrap">Enter them</button>
        </form>
      </div>
      <p v-if="!board.entrants.length" class="text-[13px] text-soft">
        Nobody yet. Viewers write its word in chat{{ sheet.everyLine ? ', or anything at all' : '' }}.
      </p>
      <ol class="flex flex-wrap gap-x-4 gap-y-1 pt-1">
        <li v-for="each in board.entrants" :key="each.number" class="text-[14px]" data-entrant>
          <span class="font-mono text-soft">{{ each.number }}</span> <bdi>{{ each.name }}</bdi><template
            v-if="each.lots > 1"
          >
            × {{ each.lots }}</template
          >
        </li>
      </ol>
      <p v-if="face.entrants > board.entrants.length" class="pt-1 text-[13px] text-soft">
        and {{ face.entrants - board.entrants.length }} more
      </p>
    </section>
    <section v-if="earlier.length" role="group" class="sheet px-5 py-4" aria-label="Draws that are over">
      <h2 class="text-[18px]">Draws that are over</h2>
      <ul>
        <li
          v-for="each in earlier"
          :key="each.opened"
          class="flex items-baseline gap-3 border-t border-line py-1 text-[14px] first:border-0"
          data-earlier
        >
          <span class="w-32 flex-none text-soft">{{ dayAndTime(each.opened) }}</span>
          <bdi class="min-w-0 flex-1 truncate">{{ each.winners || 'nobody' }}</bdi>
          <a class="underline" :href="`/api/prizes/${sheet.id}/draws/${each.opened}/draw.csv`" download>
            All of it (CSV)
          </a>
        </li>
      </ul>
    </section>
  </div>
</template>
