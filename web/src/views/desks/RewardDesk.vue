<script setup lang="ts">
import type { RewardBoard, Rewards } from '@/api/types'
import { dayAndTime } from '@/lib/spans'
import { useDeskBoards } from '@/stores/desks'
import { useWiring } from '@/stores/wiring'

/** The board of rewards: what waits for the host, what there is, and what was redeemed. */
const props = defineProps<{ sheet: Rewards; board: RewardBoard }>()
const desks = useDeskBoards()
const wiring = useWiring()
const act = (what: string, number: number) => desks.act('rewards', props.sheet.id, what, { number: String(number) })
const pictureOf = (name: string) =>
  wiring.shelf.find((each) => each.folder === 'Pictures' && each.name === name)?.address ?? ''
const STATES = { waits: 'waits', done: 'done', back: 'given back' } as const
</script>

<template>
  <div class="grid grid-cols-[minmax(0,1fr)] gap-4">
    <section role="group" class="sheet border-l-4 border-l-honey px-5 py-4" aria-label="What waits for you">
      <h2 class="text-[20px]">{{ board.waiting.length ? 'Waits for you' : 'Nothing waits for you' }}</h2>
      <ol>
        <li
          v-for="each in board.waiting"
          :key="each.number"
          class="flex flex-wrap items-center gap-3 border-t border-line py-1.5 first:border-0"
          data-waits
        >
          <span class="min-w-0 flex-1 basis-48">
            <bdi class="font-semibold">{{ each.name }}</bdi> asks for {{ each.reward
            }}<template v-if="each.input"
              >: <bdi>{{ each.input }}</bdi></template
            >
          </span>
          <button class="button flex-none" @click="act('back', each.number)">Give it back</button>
          <button class="button button-dark flex-none" @click="act('accept', each.number)">Accept it</button>
        </li>
      </ol>
    </section>
    <section role="group" class="sheet px-5 py-4" aria-label="What there is">
      <h2 class="text-[18px]">What there is</h2>
      <ul>
        <li
          v-for="(each, at) in sheet.rewards"
          :key="each.title"
          class="flex items-center gap-3 border-t border-line py-1.5 first:border-0"
          :data-reward="each.title"
        >
          <img
            v-if="pictureOf(each.picture)"
            :src="pictureOf(each.picture)"
            alt=""
            class="h-7 w-7 rounded-[5px] object-cover"
          />
          <span
            v-else
            class="h-4 w-4 flex-none rounded-[5px]"
            :style="{ background: each.colour }"
            aria-hidden="true"
          />
          <span class="min-w-0 flex-1 truncate font-semibold">{{ each.title }}</span>
          <span class="text-[13px] text-soft">{{ board.tonight[at] ?? 0 }} in this show</span>
          <span class="w-28 flex-none text-right font-mono text-[13px]"
            >{{ each.price }} {{ wiring.house.pointsMany }}</span
          >
        </li>
        <li v-if="!sheet.rewards.length" class="text-[13px] text-soft">No reward yet. Write one in the form above.</li>
      </ul>
    </section>
    <section role="group" v-if="board.past.length" class="sheet px-5 py-4" aria-label="What was redeemed">
      <h2 class="text-[18px]">What was redeemed</h2>
      <ol>
        <li
          v-for="each in board.past"
          :key="each.number"
          class="flex gap-3 border-t border-line py-1 text-[14px] first:border-0"
          data-past
        >
          <bdi class="w-36 flex-none truncate font-semibold">{{ each.name }}</bdi>
          <span class="min-w-0 flex-1 truncate"
            >{{ each.reward }}<template v-if="each.input">: {{ each.input }}</template></span
          >
          <span class="flex-none text-soft">{{ STATES[each.state] }} · {{ dayAndTime(each.at) }}</span>
        </li>
      </ol>
    </section>
  </div>
</template>
