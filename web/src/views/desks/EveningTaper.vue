<script setup lang="ts">
import { useElementSize, useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { OrderBoard } from '@/api/types'
import { minuteOfDay } from '@/lib/spans'
import { useDeskBoards } from '@/stores/desks'
import { useLive } from '@/stores/live'
import { drawn, flameAt, lateNow, lateWords, timed } from './taper'

/** The order of an evening as a candle that burns down: its chapters, now, and how late it is. */
const props = defineProps<{ about: string; board: OrderBoard }>()
const desks = useDeskBoards()
const live = useLive()
const now = ref(live.now())
useIntervalFn(() => (now.value = live.now()), 1_000)
const all = computed(() => drawn(props.board, now.value))
const flame = computed(() => flameAt(all.value, now.value))
const bar = ref<HTMLElement | null>(null)
const { width } = useElementSize(bar)
/** How wide a time of day is, in CSS pixels, with a little room. */
const TIME = 44
const times = computed(() => timed(all.value, on.value ? flame.value : -100, (100 * TIME) / Math.max(1, width.value)))
const on = computed(() => props.board.chapter !== '')
const late = computed(() => lateNow(props.board, now.value))
const enter = (chapter: string) => desks.act('order', props.about, 'enter', { chapter })
</script>

<template>
  <section class="flex flex-wrap items-center gap-x-4 gap-y-2" aria-label="The evening" data-taper>
    <div class="w-[150px] flex-none">
      <p class="truncate font-serif text-[19px] leading-tight" data-chapter>
        <bdi>{{ on ? board.name : 'Not begun' }}</bdi>
      </p>
      <p v-if="on" class="text-[13px]" :class="late >= 60_000 ? 'font-semibold text-wax-words' : 'text-soft'" data-late>
        {{ lateWords(late) }}
      </p>
    </div>
    <div ref="bar" class="relative h-[54px] min-w-[280px] flex-1">
      <ol class="absolute inset-x-0 top-[14px] flex h-[22px] overflow-hidden rounded-[6px] border border-edge">
        <li
          v-for="(each, at) in all"
          :key="`${each.chapter} ${at}`"
          class="h-full border-l border-paper first:border-0"
          :class="{ past: 'bg-well', now: 'bg-taper-lit font-semibold', toCome: 'bg-taper' }[each.when]"
          :style="{ width: `${each.width}%` }"
          :data-span="each.chapter"
          :data-when="each.when"
        >
          <span
            v-if="each.when === 'now'"
            class="block truncate px-1.5 text-[12px] leading-[20px]"
            aria-current="step"
            >{{ each.name }}</span
          >
          <button
            v-else
            class="block h-full w-full truncate px-1.5 text-left text-[12px] leading-[20px]"
            :class="each.when === 'past' && 'text-soft'"
            :aria-label="`Enter ${each.name}`"
            :title="`${each.name}: enter it`"
            @click="enter(each.chapter)"
          >
            {{ each.width > 4 ? each.name : '' }}
          </button>
        </li>
      </ol>
      <svg
        v-if="on"
        class="pointer-events-none absolute top-[-4px] h-[40px] w-[16px] -translate-x-1/2"
        viewBox="0 0 16 40"
        :style="{ left: `${flame}%` }"
        aria-hidden="true"
      >
        <path d="M8 1c4 6 6 9 6 12a6 6 0 0 1-12 0c0-3 2-6 6-12z" class="fill-honey" />
        <path d="M8 8c2 3 3 4 3 6a3 3 0 0 1-6 0c0-2 1-3 3-6z" fill="#fff3d6" />
        <path d="M8 17v22" class="stroke-ink" stroke-width="1.6" />
      </svg>
      <span
        v-for="each in times"
        :key="`t${each.left}`"
        class="absolute top-[38px] -translate-x-1/2 font-mono text-[11px] text-soft"
        :style="{ left: `${each.left}%` }"
        aria-hidden="true"
        >{{ minuteOfDay(each.from) }}</span
      >
      <span
        v-if="on"
        class="absolute top-[38px] font-mono text-[11px] font-semibold"
        :class="flame > 4 && '-translate-x-1/2'"
        :style="{ left: `${flame}%` }"
        >{{ minuteOfDay(now) }}</span
      >
    </div>
    <button v-if="board.next" class="button button-dark" data-next @click="enter(board.next)">
      {{ on ? 'Next' : 'Begin' }}: {{ board.nextName }}
    </button>
    <button v-else-if="on" class="button button-dark" @click="desks.act('order', about, 'end')">End it</button>
  </section>
</template>
