<script setup lang="ts">
import { Plus, X } from '@lucide/vue'
import { useDebounceFn } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { ask } from '@/api/http'
import type { PeopleFound, PersonSeen } from '@/api/types'
import NothingYet from '@/components/NothingYet.vue'
import { months } from '@/lib/spans'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'
import PeopleCondition from './PeopleCondition.vue'
import PeopleNav from './PeopleNav.vue'
import PersonCard from './PersonCard.vue'

/** Everyone who is known: found by name, filtered by a condition, sorted by any column, a page at a time. */
const route = useRoute()
const router = useRouter()
const notes = useNotes()
const wiring = useWiring()
const name = ref(String(route.query.name ?? ''))
const condition = ref('')
/** Whether the condition is being written; an empty one lets everyone through. */
const only = ref(false)
const sort = ref('lastSeen')
const down = ref(true)
const people = ref<PersonSeen[]>([])
const count = ref(0)
const told = ref(false)
const failed = ref('')
const COLUMNS = computed(() => [
  { sort: 'name', title: 'Name', wide: 'min-w-0 flex-1' },
  { sort: 'months', title: 'Standing', wide: 'w-40' },
  { sort: 'lastSeen', title: 'Last here', wide: 'w-28' },
  { sort: 'evenings', title: 'Evenings', wide: 'w-20 text-right' },
  { sort: 'lines', title: 'Lines', wide: 'w-20 text-right' },
  { sort: 'points', title: wiring.house.pointsMany, wide: 'w-24 text-right' },
])
/** Answers may overtake one another. */
let asked = 0
const look = async (from: number) => {
  const mine = ++asked
  try {
    const found = await ask<PeopleFound>('POST', '/people', {
      name: name.value,
      condition: condition.value,
      sort: sort.value,
      down: down.value,
      from,
    })
    if (mine === asked) {
      count.value = found.count
      told.value = true
      people.value = from ? [...people.value, ...found.people] : found.people
      failed.value = ''
    }
  } catch (refusal) {
    failed.value = (refusal as Error).message
  }
}
const soon = useDebounceFn(() => void look(0), 200)
onMounted(() => void look(0))
watch([name, condition], soon)
const by = (column: string) => {
  down.value = sort.value === column ? !down.value : column !== 'name'
  sort.value = column
  void look(0)
}
const filters = computed(() => wiring.house.filters)
const chosen = computed(() => filters.value.find((each) => each.condition === condition.value)?.name ?? '')
const choose = (which: string) => {
  condition.value = filters.value.find((each) => each.name === which)?.condition ?? ''
  only.value = condition.value !== ''
}
const close = () => {
  only.value = false
  condition.value = ''
}
const called = ref('')
const save = (change: Parameters<typeof wiring.saveHouse>[0], says: string) =>
  wiring.saveHouse(change).then(
    () => {
      called.value = ''
      notes.say(says, true)
    },
    (refusal: Error) => notes.say(refusal.message),
  )
const keep = () => {
  const filter = { name: called.value.trim(), condition: condition.value }
  void save(
    (house) => ({ filters: [...house.filters.filter((each) => each.name !== filter.name), filter] }),
    `Kept as ${filter.name}.`,
  )
}
const drop = () => {
  const gone = chosen.value
  void save(
    (house) => ({ filters: house.filters.filter((each) => each.name !== gone) }),
    `${gone} is not kept any more.`,
  )
}
const open = computed(() => String(route.params.id ?? ''))
const standingOf = (person: PersonSeen) =>
  person.standing === 'anyone' ? '' : person.months ? `${person.standing}, ${months(person.months)}` : person.standing
const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })
</script>

<template>
  <div class="flex h-full">
    <div class="flex min-w-0 flex-1 flex-col overflow-auto px-6 py-3">
      <PeopleNav />
      <div class="flex flex-wrap items-center gap-2 pt-3">
        <h1 class="text-[24px]">People</h1>
        <span class="min-w-0 flex-1 text-soft" data-count>{{ count.toLocaleString() }}</span>
        <input v-model="name" type="search" class="field w-52" placeholder="Find by name" aria-label="Find by name" />
        <select
          v-if="filters.length"
          class="field w-auto"
          aria-label="Kept filters"
          :value="chosen"
          @change="choose(($event.target as HTMLSelectElement).value)"
        >
          <option value="">everyone</option>
          <option v-for="each in filters" :key="each.name">{{ each.name }}</option>
        </select>
        <button v-if="!only" class="button" @click="only = true"><Plus :size="14" /> Only who …</button>
      </div>
      <div v-if="only" class="sheet mt-2 flex flex-col gap-2 px-4 py-3" data-only>
        <div class="flex items-start gap-2">
          <PeopleCondition
            class="min-w-0 flex-1"
            :value="condition"
            label="Only of whom that holds"
            @set="condition = $event"
          />
          <button class="button px-2" aria-label="Everyone again" @click="close"><X :size="14" /></button>
        </div>
        <div v-if="condition" class="flex flex-wrap items-center gap-2">
          <button v-if="chosen" class="button" @click="drop">Do not keep {{ chosen }} any more</button>
          <form v-else class="flex gap-2" @submit.prevent="keep">
            <input
              v-model="called"
              class="field w-52"
              maxlength="40"
              required
              placeholder="Keep it as …"
              aria-label="Keep it as"
            />
            <button class="button">Keep it</button>
          </form>
        </div>
      </div>
      <p v-if="failed" role="alert" class="pt-2 text-wax-words">{{ failed }}</p>
      <div class="sheet mt-3 px-4 py-1">
        <div class="flex gap-3 py-1.5 text-[13px] text-soft">
          <button
            v-for="each in COLUMNS"
            :key="each.sort"
            class="truncate text-left hover:underline"
            :class="[each.wide, sort === each.sort && 'font-semibold text-ink']"
            :aria-pressed="sort === each.sort"
            @click="by(each.sort)"
          >
            {{ each.title }}{{ sort === each.sort ? (down ? ' ↓' : ' ↑') : '' }}
          </button>
        </div>
        <button
          v-for="each in people"
          :key="each.id"
          class="flex w-full gap-3 border-t border-line py-1.5 text-left hover:bg-well"
          :class="open === each.id && 'bg-well'"
          :data-person="each.id"
          @click="router.push(`/people/${encodeURIComponent(each.id)}`)"
        >
          <span class="min-w-0 flex-1 truncate">
            <bdi class="font-semibold">{{ each.name }}</bdi>
            <span class="pl-1.5 text-[12.5px] text-soft">{{ each.link }}</span>
            <span v-if="each.note" class="pl-1.5 text-[12.5px] text-soft">{{ each.note }}</span>
          </span>
          <span class="w-40 truncate text-soft">{{ standingOf(each) }}</span>
          <span class="w-28 text-soft">{{ each.lastSeen ? day.format(each.lastSeen) : 'not yet' }}</span>
          <span class="w-20 text-right font-mono">{{ each.evenings }}</span>
          <span class="w-20 text-right font-mono">{{ each.lines }}</span>
          <span class="w-24 text-right font-mono">{{ each.points }}</span>
        </button>
        <NothingYet v-if="!people.length && !failed" :told="told" class="py-4">
          {{ name || condition ? 'Nobody is like that.' : 'Nobody was here yet.' }}
        </NothingYet>
      </div>
      <p v-if="people.length < count" class="py-3 text-center">
        <button class="button" @click="look(people.length)">{{ (count - people.length).toLocaleString() }} more</button>
      </p>
    </div>
    <PersonCard v-if="open" :id="open" :key="open" @close="router.push('/people')" @changed="look(0)" />
  </div>
</template>
