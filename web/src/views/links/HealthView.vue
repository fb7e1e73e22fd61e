<script setup lang="ts">
import { CircleAlert, CircleCheck, CircleX, LifeBuoy } from '@lucide/vue'
import { useIntervalFn } from '@vueuse/core'
import { computed, ref, shallowRef } from 'vue'
import { ask } from '@/api/http'
import type { HealthView, SupportPart, Vital } from '@/api/types'
import TheDialog from '@/components/TheDialog.vue'
import { bytes } from '@/lib/shelf'
import { timeOfDay } from '@/lib/spans'
import { useNotes } from '@/stores/notes'

/** How the program itself does, looked at anew every few seconds, and what is handed on to ask for help. */
const LOOKS_EVERY = 5_000
const MOODS = {
  FINE: { icon: CircleCheck, words: 'fine', colour: 'text-verdigris-words' },
  DOUBTFUL: { icon: CircleAlert, words: 'worth a look', colour: 'text-honey-words' },
  BAD: { icon: CircleX, words: 'bad', colour: 'text-wax-words' },
} as const
const notes = useNotes()
const view = shallowRef<HealthView | null>(null)
const refused = ref('')
useIntervalFn(
  () =>
    ask<HealthView>('GET', '/health').then(
      (told) => {
        view.value = told
        refused.value = ''
      },
      (refusal: Error) => (refused.value = refusal.message),
    ),
  LOOKS_EVERY,
  { immediateCallback: true },
)
const parts = computed(() => {
  const parts = new Map<string, Vital[]>()
  view.value?.vitals.forEach((each) => parts.set(each.part, [...(parts.get(each.part) ?? []), each]))
  return [...parts]
})
const doubtful = computed(() => view.value?.vitals.filter((each) => each.mood !== 'FINE').length ?? 0)

const support = shallowRef<SupportPart[]>([])
const shown = ref('')
const text = computed(() => support.value.find((each) => each.name === shown.value)?.text ?? '')
const lookAt = () =>
  ask<SupportPart[]>('GET', '/health/support').then(
    (told) => {
      support.value = told
      shown.value = told[0]!.name
    },
    (refusal: Error) => notes.say(refusal.message),
  )
</script>

<template>
  <div class="h-full overflow-auto p-5">
    <div class="mx-auto max-w-[1240px]">
      <div class="flex flex-wrap items-center gap-3 pb-1">
        <h1 class="flex-1 text-[25px]">Health</h1>
        <button class="button" @click="lookAt"><LifeBuoy :size="14" /> A file to ask for help with…</button>
      </div>
      <p class="pb-3 text-soft" role="status">
        <template v-if="refused">It cannot be told at the moment: {{ refused }}</template>
        <template v-else-if="!view">Looking…</template>
        <template v-else-if="doubtful === 0">All is as it should be, at {{ timeOfDay(view.at) }}.</template>
        <template v-else
          >{{ doubtful === 1 ? 'One thing is' : `${doubtful} things are` }} worth a look, at
          {{ timeOfDay(view.at) }}.</template
        >
      </p>
      <div class="grid grid-cols-2 items-start gap-4">
        <section v-for="[part, vitals] in parts" :key="part" class="sheet px-4 py-3" :aria-label="part">
          <h2 class="pb-1 text-[17px]">{{ part }}</h2>
          <dl>
            <div
              v-for="vital in vitals"
              :key="vital.name"
              class="flex items-start gap-2 border-t border-line py-1.5"
              :data-mood="vital.mood"
            >
              <dt class="w-[170px] flex-none text-soft">{{ vital.name }}</dt>
              <dd class="flex min-w-0 flex-1 items-start gap-2">
                <component
                  :is="MOODS[vital.mood].icon"
                  :size="16"
                  class="mt-0.5 flex-none"
                  :class="MOODS[vital.mood].colour"
                  :aria-label="MOODS[vital.mood].words"
                  role="img"
                />
                <span class="min-w-0 break-words">{{ vital.says }}</span>
              </dd>
            </div>
          </dl>
        </section>
        <section v-if="view?.slowest.length" class="sheet px-4 py-3" aria-label="What took longest">
          <h2 class="pb-1 text-[17px]">What took longest since the start</h2>
          <ol>
            <li v-for="(slow, at) in view.slowest" :key="at" class="flex gap-3 border-t border-line py-1.5">
              <time class="flex-none text-soft">{{ timeOfDay(slow.at) }}</time>
              <span class="w-[70px] flex-none text-right">{{ slow.ms.toFixed(slow.ms < 10 ? 1 : 0) }} ms</span>
              <span class="min-w-0 flex-1 truncate" :title="slow.what">{{ slow.what }}</span>
            </li>
          </ol>
        </section>
      </div>
    </div>
    <TheDialog :open="support.length > 0" title="A file to ask for help with" width="900px" @close="support = []">
      <p class="text-soft">
        One ZIP file for whoever helps you. Names of people are taken out; passwords and secret addresses never stand in
        it. Read it before you hand it on.
      </p>
      <div class="flex min-h-0 gap-4">
        <ul class="w-[230px] flex-none">
          <li v-for="part in support" :key="part.name">
            <button
              class="w-full border-t border-line py-2 text-left"
              :aria-pressed="part.name === shown"
              @click="shown = part.name"
            >
              <span :class="part.name === shown && 'font-semibold'">{{ part.name }}</span> ·
              {{ bytes(part.text.length) }}
              <span class="block text-[13px] text-soft">{{ part.says }}</span>
            </button>
          </li>
        </ul>
        <pre
          class="h-[380px] min-w-0 flex-1 overflow-auto rounded border border-line p-2 text-[12px] break-all whitespace-pre-wrap"
          tabindex="0"
          :aria-label="shown"
          >{{ text || 'Nothing yet.' }}</pre>
      </div>
      <div class="flex justify-end gap-2">
        <button class="button" @click="support = []">Close</button>
        <a class="button button-wax" href="/api/health/support/file" download>Save the file</a>
      </div>
    </TheDialog>
  </div>
</template>
