<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Queue, TurnsBoard } from '@/api/types'
import TheDialog from '@/components/TheDialog.vue'
import { digits } from '@/lib/clock'

/** Turns that are over, what was learned of them, who is kept out, and the list out and in. */
const props = defineProps<{ sheet: Queue; board: TurnsBoard }>()
const emit = defineEmits<{ act: [name: string, said: Record<string, string>] }>()
const most = computed(() => Math.max(1, ...props.board.lengths.map((each) => each.turns)))
const totals = computed(() =>
  props.sheet.outcomes
    .filter((each) => props.board.totals[each])
    .map((each) => `${props.board.totals[each]} ${each}`)
    .join(', '),
)
const bringing = ref(false)
const text = ref('')
const bring = () => {
  emit('act', 'bring', { list: text.value })
  bringing.value = false
}
</script>

<template>
  <div class="grid min-w-0 gap-4">
    <section role="group" class="sheet px-4 py-3" aria-label="Done in this show">
      <div class="flex items-baseline gap-2">
        <h2 class="flex-1 text-[18px]">Done</h2>
        <span class="text-[13px] text-soft" data-totals>{{ totals || 'nobody yet' }}</span>
      </div>
      <ol class="max-h-60 overflow-auto">
        <li v-for="each in board.done" :key="each.number" class="flex gap-2 py-0.5 text-[14px]" data-done>
          <bdi class="min-w-0 flex-1 truncate font-semibold">{{ each.name }}</bdi>
          <span :class="each.outcome === sheet.outcomes[0] ? 'text-verdigris-words' : 'text-wax-words'">{{
            each.outcome
          }}</span>
          <span class="font-mono text-soft">{{ digits(each.ended - each.began, true) }}</span>
        </li>
      </ol>
    </section>
    <section role="group" v-if="board.lengths.length" class="sheet px-4 py-3" aria-label="How long a turn takes">
      <h2 class="text-[18px]">How long a turn takes</h2>
      <div class="flex h-20 items-end gap-1 pt-2" aria-hidden="true">
        <div
          v-for="each in board.lengths"
          :key="each.minutes"
          class="w-6 rounded-t-[4px] bg-honey"
          :style="{ height: `${(100 * each.turns) / most}%` }"
        />
      </div>
      <p class="text-[13px] text-soft">
        {{ board.lengths[0]!.minutes }} to {{ board.lengths.at(-1)!.minutes + 1 }} min; {{ board.takes }}
      </p>
    </section>
    <section role="group" v-if="board.banned.length" class="sheet px-4 py-3" aria-label="Kept out">
      <h2 class="text-[18px]">Kept out</h2>
      <p v-for="each in board.banned" :key="each" class="flex items-center gap-2 py-1">
        <bdi class="min-w-0 flex-1 truncate">{{ each }}</bdi>
        <button class="button" @click="emit('act', 'unban', { name: each })">Let in again</button>
      </p>
    </section>
    <section role="group" class="sheet flex flex-wrap gap-2 px-4 py-3" aria-label="Carry it">
      <a class="button" :href="`/api/queues/${sheet.id}/past.csv`" download>Past turns (CSV)</a>
      <a class="button" :href="`/api/queues/${sheet.id}/list.md`" download>The list (Markdown)</a>
      <button class="button" @click="bringing = true">Carry a list on…</button>
    </section>
    <TheDialog :open="bringing" title="Carry a list on" @close="bringing = false">
      <form class="flex flex-col gap-3" @submit.prevent="bring">
        <label class="block">
          <span class="text-[13px] text-soft">One name a line, a note behind a colon; what is ticked is left out</span>
          <textarea v-model="text" class="field h-40 font-mono text-[13px]" spellcheck="false" data-list />
        </label>
        <div class="flex justify-end gap-2">
          <button type="button" class="button" @click="bringing = false">Cancel</button>
          <button class="button button-dark" :disabled="!text.trim()">Let them join</button>
        </div>
      </form>
    </TheDialog>
  </div>
</template>
