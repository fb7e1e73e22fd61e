<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { ask } from '@/api/http'
import type { ShowListed, ShowSeen } from '@/api/types'
import NothingYet from '@/components/NothingYet.vue'
import { dayAndTime, minuteOfDay, span } from '@/lib/spans'
import { useLive } from '@/stores/live'
import DrawnShow from './DrawnShow.vue'
import KeepShows from './KeepShows.vue'
import ShowLines from './ShowLines.vue'

/** Shows that were: each drawn on time, what was used and held, who was new, and what is worth doing; two beside one another. */
const props = defineProps<{ show?: string }>()
const router = useRouter()
const live = useLive()
const shows = ref<ShowListed[]>([])
const listed = ref(false)
const seen = ref<ShowSeen | null>(null)
const beside = ref<ShowSeen | null>(null)
const other = ref('')
const failed = ref('')
const names = ref(true)
const told = (work: Promise<unknown>) =>
  work.then(
    () => (failed.value = ''),
    (why: Error) => (failed.value = why.message),
  )
const load = () =>
  told(
    ask<ShowListed[]>('GET', '/lookback').then((all) => {
      shows.value = all
      listed.value = true
    }),
  )
/** The list is another when a show opens or closes. */
watch(() => live.evening.show, load, { immediate: true })
const chosen = computed(() => shows.value.find((each) => String(each.show) === props.show) ?? shows.value[0])
watch(
  () => chosen.value?.show,
  (show) => show && void told(ask<ShowSeen>('GET', `/lookback/${show}`).then((all) => (seen.value = all))),
)
watch(other, (show) => {
  beside.value = null
  if (show) {
    void told(ask<ShowSeen>('GET', `/lookback/${show}`).then((all) => (beside.value = all)))
  }
})
const titleOf = (each: ShowListed) =>
  `Show ${each.show}, ${dayAndTime(each.from)}${each.open ? ', still open' : `, ${span(Math.round((each.to - each.from) / 60_000) * 60_000 || 1_000)}`}`
const FIGURES = [
  ['lines', 'lines'],
  ['people', 'people'],
  ['rang', 'rang'],
  ['held', 'held'],
] as const
/** Where what is worth doing is done. */
const NEXT = {
  word: { name: 'Make a cue of it', to: (word: string) => ({ path: '/cues', query: { word } }) },
  cue: { name: 'Look at its gates', to: (cue: string) => ({ path: `/cues/${cue}` }) },
}
const at = ref(0)
const busiest = computed(() =>
  seen.value && seen.value.busiest >= 0 ? seen.value.summary.from + seen.value.busiest * 60_000 : 0,
)
const path = computed(() => `/api/lookback/${chosen.value?.show}`)
</script>

<template>
  <div class="h-full overflow-auto px-6 py-4 print:overflow-visible">
    <div class="mx-auto flex max-w-[1180px] flex-col gap-4">
      <header class="flex flex-wrap items-center gap-3 print:hidden">
        <h1 class="text-[24px]">Look back</h1>
        <select
          v-if="shows.length"
          class="field w-auto"
          aria-label="Which show"
          :value="chosen?.show"
          @change="router.push(`/look-back/${($event.target as HTMLSelectElement).value}`)"
        >
          <option v-for="each in shows" :key="each.show" :value="each.show">{{ titleOf(each) }}</option>
        </select>
        <select v-if="shows.length > 1" v-model="other" class="field w-auto" aria-label="Beside which show">
          <option value="">beside no other</option>
          <option
            v-for="each in shows.filter((one) => one.show !== chosen?.show)"
            :key="each.show"
            :value="String(each.show)"
          >
            beside {{ titleOf(each) }}
          </option>
        </select>
        <label v-if="seen" class="ml-auto flex items-center gap-1.5 text-[13px]">
          <input v-model="names" type="checkbox" /> with names
        </label>
      </header>
      <p v-if="failed" role="alert" class="text-wax-words">{{ failed }}</p>
      <NothingYet v-if="!shows.length && !failed" :told="listed" class="sheet px-5 py-8">
        No show was opened yet. Open one at the top, and what it came to stands here.
      </NothingYet>
      <template v-if="seen">
        <section class="sheet flex flex-col gap-3 px-5 py-4" aria-label="The show on time">
          <dl class="flex flex-wrap gap-x-8 gap-y-2" data-figures>
            <div v-for="[key, name] in FIGURES" :key="key">
              <dt class="text-[13px] text-soft">{{ name }}</dt>
              <dd class="font-serif text-[24px]">
                {{ seen.summary[key].toLocaleString()
                }}<span v-if="beside" class="pl-2 text-[14px] text-soft" data-beside
                  >{{ beside.summary[key].toLocaleString() }} there</span
                >
              </dd>
            </div>
            <div>
              <dt class="text-[13px] text-soft">here for the first time</dt>
              <dd class="font-serif text-[24px]">{{ seen.freshCount.toLocaleString() }}</dd>
            </div>
            <div v-if="busiest">
              <dt class="text-[13px] text-soft">busiest minute</dt>
              <dd class="font-serif text-[24px]">
                <button class="underline" data-busiest @click="at = busiest">{{ minuteOfDay(busiest) }}</button>
              </dd>
            </div>
          </dl>
          <DrawnShow :show="seen" :named="names" @at="at = $event" />
          <DrawnShow v-if="beside" :show="beside" :high="70" />
        </section>
        <section v-if="seen.advice.length" class="sheet px-5 py-4" aria-label="Worth doing next">
          <h2 class="text-[18px]">Worth doing next</h2>
          <p
            v-for="each in seen.advice"
            :key="each.says"
            class="flex flex-wrap items-center gap-3 border-t border-line py-1.5 first-of-type:border-0"
            data-advice
          >
            <span class="min-w-0 flex-1 basis-60">{{ each.says }}</span>
            <RouterLink class="button" :to="NEXT[each.sort].to(each.about)">{{ NEXT[each.sort].name }}</RouterLink>
          </p>
        </section>
        <div class="grid grid-cols-2 gap-4 max-[900px]:grid-cols-1">
          <section class="sheet px-5 py-4" aria-label="Cues">
            <h2 class="text-[18px]">Cues</h2>
            <table class="w-full text-[14px]">
              <thead>
                <tr class="text-left text-soft">
                  <th class="font-normal">cue</th>
                  <th class="text-right font-normal">rang</th>
                  <th class="text-right font-normal">held</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="each in seen.summary.cues" :key="each.cue" class="border-t border-line" data-cue>
                  <td class="py-0.5">
                    <RouterLink class="hover:underline" :to="`/cues/${each.cue}`">{{ each.name }}</RouterLink>
                  </td>
                  <td class="text-right font-mono">{{ each.rang }}</td>
                  <td class="text-right font-mono">{{ each.held }}</td>
                </tr>
              </tbody>
            </table>
            <p v-if="!seen.summary.cues.length" class="text-soft">No cue was pulled.</p>
            <details v-if="seen.unused.length" class="pt-2 text-[14px]">
              <summary class="cursor-pointer">{{ seen.unused.length }} cues that nobody pulled</summary>
              <p class="pt-1 text-soft">{{ seen.unused.map((each) => each.name).join(', ') }}</p>
            </details>
          </section>
          <section class="sheet px-5 py-4" aria-label="Who was here">
            <h2 class="text-[18px]">Who was here</h2>
            <template v-if="names">
              <p
                v-for="each in seen.summary.viewers.slice(0, 15)"
                :key="each.name"
                class="flex gap-2 border-t border-line py-0.5 text-[14px] first-of-type:border-0"
              >
                <bdi class="min-w-0 flex-1 truncate">{{ each.name }}</bdi>
                <span class="text-soft"
                  >{{ each.lines }} {{ each.lines === 1 ? 'line' : 'lines' }}, {{ each.rang }} rang</span
                >
              </p>
              <p v-if="seen.fresh.length" class="pt-2 text-[14px]">
                <span class="text-soft">For the first time:</span> {{ seen.fresh.join(', ')
                }}<template v-if="seen.freshCount > seen.fresh.length">
                  and {{ (seen.freshCount - seen.fresh.length).toLocaleString() }} more</template
                >
              </p>
            </template>
            <p v-else class="text-soft">Names are left out.</p>
          </section>
        </div>
        <ShowLines v-if="chosen && names" :show="chosen.show" :at="at" />
        <p class="flex flex-wrap gap-4 text-[13px] print:hidden">
          <a class="underline" :href="`${path}/minutes.csv`" download>Minutes (CSV)</a>
          <a class="underline" :href="`${path}/cues.csv`" download>Cues (CSV)</a>
          <a class="underline" :href="`${path}/show.json`" download>All of it (JSON)</a>
        </p>
        <KeepShows class="pb-4 print:hidden" />
      </template>
    </div>
  </div>
</template>
