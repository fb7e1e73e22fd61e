<script setup lang="ts">
import { Plus } from '@lucide/vue'
import { useIntervalFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { ask, problemsOf } from '@/api/http'
import type { Problem, SlateStanding, SlateValue } from '@/api/types'
import NothingYet from '@/components/NothingYet.vue'
import CuesNav from '@/components/cue/CuesNav.vue'
import TheProblems from '@/components/cue/TheProblems.vue'
import { free } from '@/lib/lists'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'
import SlateRow from './SlateRow.vue'

/** The values of the slate: what stands there now, and who writes and reads it. */
const wiring = useWiring()
const live = useLive()
const notes = useNotes()
const now = ref<SlateStanding[]>([])
const problems = ref<Problem[]>([])
const load = () =>
  ask<SlateStanding[]>('GET', '/slate').then(
    (found) => (now.value = found),
    () => undefined,
  )
watch([() => live.wiringStamp, () => live.decisions.at(-1)?.number], load, { immediate: true })
useIntervalFn(load, 5_000)

/** What the program counts by itself: all that is shown and stands neither on the slate nor on a desk. */
const counted = computed(() =>
  (wiring.view?.values ?? []).filter((each) => each.id && !wiring.house.slate.some((value) => value.id === each.id)),
)
const save = async (slate: (now: SlateValue[]) => SlateValue[], what: string) => {
  try {
    await wiring.saveHouse((house) => ({ slate: slate(house.slate) }))
    problems.value = []
    notes.say(what, true)
  } catch (failed) {
    problems.value = problemsOf(failed)
  }
}
const add = () => {
  const id = free(
    'value',
    wiring.house.slate.map((each) => each.id),
  ).replace('-', '')
  return save(
    (now) => [...now, { id, name: 'New value', number: true, perViewer: false, keeps: false, start: '0' }],
    'There is a new value on the slate.',
  )
}
const change = (id: string, to: SlateValue) =>
  save((now) => now.map((each) => (each.id === id ? to : each)), `${to.name} is changed.`)
const remove = (value: SlateValue) =>
  save((now) => now.filter((each) => each.id !== value.id), `${value.name} is off the slate.`)
const write = (id: string, person: string, text: string) =>
  ask('PUT', `/slate/${id}`, { person, text }).then(
    () => ((problems.value = []), load()),
    (failed: unknown) => void (problems.value = problemsOf(failed)),
  )
</script>

<template>
  <div class="h-full overflow-auto px-6 py-3">
    <CuesNav />
    <div class="mx-auto max-w-[1080px] py-3">
      <div class="flex items-center gap-3">
        <h1 class="flex-1 text-[24px]">Slate</h1>
        <button class="button button-dark" @click="add"><Plus :size="15" /> New value</button>
      </div>
      <p class="text-soft">Small named values that cues write and read: counts, records, what is being made tonight.</p>
      <TheProblems :problems="problems" />
      <NothingYet v-if="wiring.house.slate.length === 0" class="sheet mt-3 px-4 py-6">
        Nothing is on the slate yet. Make a value, then let a cue write it with the part “Write on the slate”.
      </NothingYet>
      <ul class="mt-3 flex flex-col gap-2">
        <SlateRow
          v-for="value in wiring.house.slate"
          :key="value.id"
          :value="value"
          :now="now.find((each) => each.value === value.id)"
          @change="change(value.id, $event)"
          @remove="remove(value)"
          @write="(person, text) => write(value.id, person, text)"
        />
      </ul>
      <h2 class="pt-5 text-[18px]">Counted by itself</h2>
      <p class="text-soft">
        What the channel tells is counted here; words, conditions, labels and goals read it like any value.
      </p>
      <ul class="mt-2 grid grid-cols-2 gap-2 2xl:grid-cols-3" aria-label="Counted by itself">
        <li v-for="value in counted" :key="value.id" class="sheet flex items-baseline gap-2 px-3 py-1.5">
          <span class="min-w-0 flex-1"
            >{{ value.title }}
            <code class="block truncate font-mono text-[12px] text-soft">{{ '{' + value.name + '}' }}</code></span
          >
          <bdi class="truncate font-semibold">{{ now.find((each) => each.value === value.id)?.text }}</bdi>
        </li>
      </ul>
    </div>
  </div>
</template>
