<script setup lang="ts">
import { Download } from '@lucide/vue'
import { onMounted, ref } from 'vue'
import { ask } from '@/api/http'
import type { LedgerPage } from '@/api/types'
import { dayAndTime } from '@/lib/spans'
import { useWiring } from '@/stores/wiring'
import PeopleNav from './PeopleNav.vue'

/** Every movement of points with why, the newest first, and what they add up to. */
const wiring = useWiring()
const page = ref<LedgerPage | null>(null)
const more = ref(true)
const failed = ref('')
const load = async () => {
  const last = page.value?.entries.at(-1)
  try {
    const told = await ask<LedgerPage>('GET', last ? `/ledger?before=${last.number}` : '/ledger')
    more.value = told.entries.length === 100
    page.value = { ...told, entries: [...(page.value?.entries ?? []), ...told.entries] }
  } catch (refusal) {
    failed.value = (refusal as Error).message
  }
}
onMounted(load)
</script>

<template>
  <div class="h-full overflow-auto px-6 py-3">
    <PeopleNav />
    <div class="mx-auto max-w-[980px] py-3">
      <div class="flex flex-wrap items-center gap-2">
        <h1 class="min-w-0 flex-1 text-[24px]">The ledger</h1>
        <a class="button" href="/api/people/top.csv" download><Download :size="14" /> Who has most (CSV)</a>
        <a class="button" href="/api/ledger.csv" download><Download :size="14" /> All entries (CSV)</a>
      </div>
      <p v-if="failed" role="alert" class="text-wax-words">{{ failed }}</p>
      <template v-if="page">
        <p class="text-soft" data-sums>
          {{ page.sums.entries.toLocaleString() }} {{ page.sums.entries === 1 ? 'entry' : 'entries' }} of
          {{ page.sums.people.toLocaleString() }} {{ page.sums.people === 1 ? 'person' : 'people' }} add up to
          {{ page.sums.points.toLocaleString() }} {{ wiring.house.pointsMany
          }}<template v-if="page.sums.points === page.sums.balances">, which is what all of them own.</template
          ><b v-else role="alert" class="text-wax-words"
            >; all of them own {{ page.sums.balances.toLocaleString() }}. That must not be: keep a copy and tell us.</b
          >
        </p>
        <p class="text-[13px] text-soft">
          An entry is never changed. What was a mistake is put right by another one, from the page of the person.
        </p>
        <ol class="sheet mt-3 px-4 py-1">
          <li
            v-for="each in page.entries"
            :key="each.number"
            class="flex gap-3 border-t border-line py-1 first:border-0"
            data-entry
          >
            <span class="w-16 flex-none text-right font-mono text-soft">{{ each.number }}</span>
            <span class="w-20 flex-none text-right font-mono">{{ each.amount > 0 ? '+' : '' }}{{ each.amount }}</span>
            <RouterLink
              class="w-52 flex-none truncate font-semibold hover:underline"
              :to="`/people/${encodeURIComponent(each.person)}`"
              ><bdi>{{ each.name || each.person }}</bdi></RouterLink
            >
            <span class="min-w-0 flex-1 truncate" :title="each.why">{{ each.why }}</span>
            <span class="flex-none text-soft">{{ dayAndTime(each.at) }}</span>
          </li>
          <li v-if="!page.entries.length" class="py-4 text-center text-soft">
            No {{ wiring.house.pointsMany }} were earned or spent yet.
          </li>
        </ol>
        <p v-if="more && page.entries.length" class="py-3 text-center">
          <button class="button" @click="load">Older ones</button>
        </p>
      </template>
    </div>
  </div>
</template>
