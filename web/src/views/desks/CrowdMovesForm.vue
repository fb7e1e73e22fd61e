<script setup lang="ts">
import { Plus } from '@lucide/vue'
import type { Crowd, Problem } from '@/api/types'
import { changedAt, withoutAt } from '@/lib/lists'
import RowButton from '@/components/cue/RowButton.vue'
import TheProblems from '@/components/cue/TheProblems.vue'

/** Which word of a crowd presses which key, and what it cancels. */
const props = defineProps<{ sheet: Crowd; problems: (key: string) => Problem[] }>()
const emit = defineEmits<{ set: [key: string, value: unknown] }>()
type Move = Crowd['moves'][number]
const put = (next: Move[]) => emit('set', 'moves', next)
const change = (at: number, next: Partial<Move>) => put(changedAt(props.sheet.moves, at, next))
const text = (event: Event) => (event.target as HTMLInputElement).value
</script>

<template>
  <fieldset data-field="moves">
    <legend class="text-[13px] text-soft">Words and the keys that they press</legend>
    <div v-for="(move, at) in sheet.moves" :key="at" class="grid grid-cols-[1fr_1fr_1fr_auto] items-center gap-2 py-1">
      <input
        class="field"
        :value="move.word"
        :aria-label="`Word ${at + 1}`"
        placeholder="a word"
        @change="change(at, { word: text($event) })"
      />
      <input
        class="field font-mono"
        :value="move.key"
        :aria-label="`Key of ${move.word}`"
        placeholder="ArrowLeft"
        @change="change(at, { key: text($event) })"
      />
      <select
        class="field"
        :value="move.against"
        :aria-label="`What ${move.word} cancels`"
        @change="change(at, { against: text($event) })"
      >
        <option value="">cancels nothing</option>
        <option v-for="each in sheet.moves.filter((other) => other !== move)" :key="each.word" :value="each.word">
          cancels {{ each.word }}
        </option>
      </select>
      <RowButton :what="move.word" @click="put(withoutAt(sheet.moves, at))" />
      <TheProblems class="col-span-4" :problems="problems(`moves[${at}]`)" />
    </div>
    <TheProblems :problems="problems('moves').filter((each) => each.path === 'moves')" />
    <button type="button" class="button mt-1" @click="put([...sheet.moves, { word: '', key: 'Space', against: '' }])">
      <Plus :size="14" /> A word
    </button>
  </fieldset>
</template>
