<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Queue, TurnsBoard } from '@/api/types'
import { useRows } from '@/composables/useRows'
import { span } from '@/lib/spans'

/** Who waits: found, moved by dragging or by keys, taken, drawn, sent away. */
const props = defineProps<{ sheet: Queue; board: TurnsBoard; now: number }>()
const emit = defineEmits<{ act: [name: string, said: Record<string, string>] }>()
const find = ref('')
const chosen = ref('')
const rows = computed(() =>
  props.board.waiting
    .map((each, at) => ({ ...each, place: at + 1 }))
    .filter((each) => `${each.name} ${each.note}`.toLowerCase().includes(find.value.trim().toLowerCase())),
)
const minutes = (since: number) => span(Math.max(0, Math.floor((props.now - since) / 60_000) * 60_000))
const waits = (since: number) => (props.now - since < 60_000 ? 'just joined' : `waits ${minutes(since)}`)
/** All that a row shows: while people join, only the rows that became others are drawn anew. */
const memo = (each: (typeof rows.value)[number], at: number) => [
  at,
  each.place,
  each.name,
  each.note,
  each.marks.join(),
  each.record,
  each.why,
  each.waits,
  each.odds.toFixed(0),
  each.present,
  waits(each.since),
  minutes(each.seen),
  chosen.value === each.name,
  over.value === each.name,
]
const { over, move, onKey, on } = useRows({
  type: 'application/x-waxbell-turn',
  rows: () => rows.value,
  id: (row) => row.name,
  place: (row) => row.place,
  count: () => props.board.waiting.length,
  move: (name, to) => emit('act', 'move', { name, to: String(to) }),
  keys: {
    Enter: (row) => emit('act', 'take', { name: row.name }),
    Delete: (row) => emit('act', 'remove', { name: row.name }),
  },
})
const count = ref(3)
const joining = ref('')
const add = () => {
  const [name, ...note] = joining.value.split(':')
  emit('act', 'add', { name: name!.trim(), note: note.join(':').trim() })
  joining.value = ''
}
</script>

<template>
  <section role="group" class="sheet min-w-0" aria-label="Waiting">
    <div class="flex flex-wrap items-center gap-2 border-b border-line px-4 py-2">
      <h2 class="flex-1 text-[18px] whitespace-nowrap">Waiting</h2>
      <input
        v-model="find"
        type="search"
        class="field h-8 w-24 flex-none px-2"
        placeholder="find"
        aria-label="Find who waits"
      />
      <button class="button" :disabled="!board.waiting.length" @click="emit('act', 'next', { count: String(count) })">
        Next {{ count }}
      </button>
      <button class="button" :disabled="!board.waiting.length" @click="emit('act', 'random', {})">Draw one</button>
      <button class="button" :disabled="!board.waiting.length" @click="emit('act', 'random', { from: 'members' })">
        Draw a member
      </button>
    </div>
    <p v-if="board.waiting.length === 0" class="px-4 py-5 text-center text-soft">
      Nobody waits.{{ board.open ? ' Whoever writes its word in chat joins.' : ' Open it, and viewers join by chat.' }}
    </p>
    <p v-else-if="rows.length === 0" class="px-4 py-5 text-center text-soft">Nobody of that name waits.</p>
    <ol ref="rows" class="max-h-[560px] overflow-auto">
      <li
        v-for="(each, at) in rows"
        :key="each.name"
        v-memo="memo(each, at)"
        class="grid cursor-grab grid-cols-[28px_minmax(0,1fr)_auto_14px] items-center gap-x-3 border-b border-line px-4 py-1.5 last:border-0"
        :class="[chosen === each.name && 'bg-well', over === each.name && 'border-t-2 border-t-honey']"
        tabindex="0"
        draggable="true"
        data-row
        :data-waits="each.name"
        @focus="chosen = each.name"
        @keydown.self="onKey($event, at)"
        v-on="on(each, at)"
      >
        <span class="font-mono text-honey-words">{{ each.place }}</span>
        <span class="min-w-0">
          <span class="flex flex-wrap items-baseline gap-x-2">
            <bdi class="truncate font-semibold">{{ each.name }}</bdi>
            <span v-for="mark in each.marks" :key="mark" class="rounded-full border border-line px-1.5 text-[11.5px]">{{
              mark
            }}</span>
            <span v-if="each.record" class="text-[12px] text-soft">{{ each.record }}</span>
            <span v-if="each.why" class="text-[12px] text-soft">· first: {{ each.why }}</span>
          </span>
          <bdi v-if="each.note" class="block truncate text-[13px] text-soft">{{ each.note }}</bdi>
        </span>
        <span class="text-right text-[12.5px] text-soft">
          {{ waits(each.since) }}<br />{{ each.waits ? `in ${each.waits}` : `draw ${each.odds.toFixed(0)} %` }}
        </span>
        <span
          class="h-2.5 w-2.5 rounded-full border border-verdigris"
          :class="each.present && 'bg-verdigris'"
          :title="each.present ? 'wrote lately' : `wrote nothing for ${minutes(each.seen)}`"
        />
        <span v-if="chosen === each.name" class="col-span-4 flex flex-wrap gap-2 py-1.5">
          <button class="button button-dark" @click="emit('act', 'take', { name: each.name })">Take this one</button>
          <button class="button" @click="move(each.name, 1)">To the front</button>
          <button class="button" @click="emit('act', 'remove', { name: each.name })">Send away</button>
          <button class="button" @click="emit('act', 'ban', { name: each.name })">Keep out</button>
          <span class="self-center text-[12.5px] text-soft">a draw right now: {{ each.odds.toFixed(0) }} %</span>
        </span>
      </li>
    </ol>
    <p v-if="board.more" class="px-4 py-2 text-soft">and {{ board.more }} more</p>
    <form class="flex items-end gap-2 border-t border-line px-4 py-2" @submit.prevent="add">
      <label class="block min-w-0 flex-1">
        <span class="text-[13px] text-soft">Add a name, or name: note</span>
        <input v-model="joining" class="field" autocomplete="off" data-joining />
      </label>
      <button class="button" :disabled="!joining.trim()">Add</button>
      <button type="button" class="button" :disabled="!board.waiting.length" @click="emit('act', 'clear', {})">
        Send all away
      </button>
    </form>
  </section>
</template>

<style scoped>
/* Within the list the ring would be cut. */
li:focus-visible {
  outline-offset: -2px;
}
</style>
