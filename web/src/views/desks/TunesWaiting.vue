<script setup lang="ts">
import { ArrowUpToLine, X } from '@lucide/vue'
import { useIntervalFn } from '@vueuse/core'
import { ref } from 'vue'
import type { TunesBoard } from '@/api/types'
import { useRows } from '@/composables/useRows'
import { digits } from '@/lib/clock'
import { useLive } from '@/stores/live'
import { minuteOfDay } from '@/lib/spans'

/** What waits: moved by dragging or by keys, taken away, kept from asking again. */
const props = defineProps<{ board: TunesBoard }>()
const emit = defineEmits<{ act: [name: string, said: Record<string, string>] }>()
const live = useLive()
const now = ref(live.now())
useIntervalFn(() => (now.value = live.now()), 1_000)
type Asked = TunesBoard['asked'][number]
/** How long it takes still: it stands while nothing plays. */
const until = (each: Asked) =>
  Math.max(0, each.untilMs - (props.board.playing?.paused === 0 ? now.value - props.board.at : 0))
const numberOf = (each: Asked) => String(each.request.number)
const { over, move, onKey, on } = useRows<Asked>({
  type: 'application/x-waxbell-tune',
  rows: () => props.board.asked,
  id: numberOf,
  move: (which, to) => emit('act', 'move', { number: which, to: String(to) }),
  keys: { Delete: (each) => emit('act', 'remove', { number: numberOf(each) }) },
})
</script>

<template>
  <section role="group" class="sheet min-w-0" aria-label="Waiting">
    <div class="flex items-center gap-2 border-b border-line px-4 py-2">
      <h2 class="min-w-0 flex-1 text-[18px]">Waiting</h2>
      <button class="button" :disabled="!board.asked.length" @click="emit('act', 'clear', {})">Take all away</button>
    </div>
    <p v-if="board.asked.length === 0" class="px-4 py-5 text-center text-soft">
      Nothing waits. Viewers ask by its word in chat, and you find tunes below.
    </p>
    <ol ref="rows" class="max-h-[420px] overflow-auto">
      <li
        v-for="(each, at) in board.asked"
        :key="each.request.number"
        class="flex cursor-grab items-center gap-3 border-b border-line px-4 py-1.5 last:border-0"
        :class="over === numberOf(each) && 'border-t-2 border-t-honey'"
        tabindex="0"
        draggable="true"
        data-row
        :data-asked="each.request.tune.title"
        @keydown.self="onKey($event, at)"
        v-on="on(each, at)"
      >
        <span class="w-6 flex-none text-right font-mono text-honey-words">{{ at + 1 }}</span>
        <span class="min-w-0 flex-1">
          <span class="block truncate font-semibold">{{ each.request.tune.title }}</span>
          <span class="block truncate text-[12.5px] text-soft">
            {{ each.request.tune.maker }} · {{ digits(each.request.tune.lengthMs, true)
            }}<template v-if="each.request.name">
              · for <bdi>{{ each.request.name }}</bdi></template
            >
          </span>
        </span>
        <span class="flex-none text-right text-[12.5px] text-soft" :title="`about ${minuteOfDay(now + until(each))}`">
          in {{ digits(until(each), true) }}
        </span>
        <span class="flex flex-none">
          <button
            class="rounded-[8px] p-1.5 text-soft hover:bg-well hover:text-ink"
            :aria-label="`${each.request.tune.title} to the front`"
            title="To the front"
            @click="move(numberOf(each), 1)"
          >
            <ArrowUpToLine :size="14" />
          </button>
          <button
            class="rounded-[8px] p-1.5 text-soft hover:bg-well hover:text-ink"
            :aria-label="`Take ${each.request.tune.title} away`"
            title="Take it away; its price is given back"
            @click="emit('act', 'remove', { number: numberOf(each) })"
          >
            <X :size="14" />
          </button>
        </span>
      </li>
    </ol>
  </section>
</template>

<style scoped>
/* Within the list the ring would be cut. */
li:focus-visible {
  outline-offset: -2px;
}
</style>
