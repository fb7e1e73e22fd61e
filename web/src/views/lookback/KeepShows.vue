<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { ask } from '@/api/http'
import type { Kept } from '@/api/types'
import { useNotes } from '@/stores/notes'

/** For how long what was said in shows is kept. */
const notes = useNotes()
const months = ref<number | null>(null)
const CHOICES: [number, string][] = [
  [0, 'for ever'],
  [1, 'for a month'],
  [3, 'for 3 months'],
  [6, 'for 6 months'],
  [12, 'for a year'],
  [24, 'for 2 years'],
]
const told = (work: Promise<Kept>) =>
  work.then(
    (kept) => (months.value = kept.months),
    (refusal: Error) => notes.say(refusal.message),
  )
onMounted(() => told(ask<Kept>('GET', '/lookback/keeping')))
const keep = (chosen: number) => told(ask<Kept>('PUT', '/lookback/keeping', { months: chosen }))
</script>

<template>
  <p v-if="months !== null" class="flex flex-wrap items-center gap-2 text-[13px]">
    <label class="flex items-center gap-2">
      Lines and decisions are kept
      <select
        class="field h-8 w-auto"
        data-keep
        :value="months"
        @change="keep(Number(($event.target as HTMLSelectElement).value))"
      >
        <option v-for="[each, name] in CHOICES" :key="each" :value="each">{{ name }}</option>
        <option v-if="!CHOICES.some(([each]) => each === months)" :value="months">for {{ months }} months</option>
      </select>
    </label>
    <span class="text-soft">{{
      months ? 'Then only what each show came to stays: its minutes, cues and people.' : 'Nothing is taken away.'
    }}</span>
  </p>
</template>
