<script setup lang="ts">
import { Plus, X } from '@lucide/vue'
import { useDebounceFn } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { ask } from '@/api/http'
import type { PeopleFound, PeopleRule, PersonSeen } from '@/api/types'
import { useKinds } from '@/stores/kinds'
import { useWiring } from '@/stores/wiring'
import PeopleNav from './PeopleNav.vue'
import PersonCard from './PersonCard.vue'

/** Everyone who is known: found by name, filtered by rows, sorted by any column, a page at a time. */
const route = useRoute()
const router = useRouter()
const kinds = useKinds()
const wiring = useWiring()
const name = ref('')
const rules = ref<PeopleRule[]>([])
const sort = ref('lastSeen')
const down = ref(true)
const people = ref<PersonSeen[]>([])
const count = ref(0)
const failed = ref('')
const FIELDS = computed(() => [
  { field: 'points', title: wiring.house.pointsMany, number: true },
  { field: 'lines', title: 'lines', number: true },
  { field: 'evenings', title: 'evenings here', number: true },
  { field: 'months', title: 'months of membership', number: true },
  { field: 'daysKnown', title: 'days known', number: true },
  { field: 'daysAway', title: 'days since last here', number: true },
  { field: 'standing', title: 'standing', number: false },
  { field: 'note', title: 'your note', number: false },
])
const COMPARES = {
  number: [
    { compare: 'atLeast', title: 'at least' },
    { compare: 'atMost', title: 'at most' },
    { compare: 'is', title: 'just' },
  ],
  text: [
    { compare: 'is', title: 'has' },
    { compare: 'isNot', title: 'has not' },
  ],
}
const COLUMNS = computed(() => [
  { sort: 'name', title: 'Name', wide: 'min-w-0 flex-1' },
  { sort: 'months', title: 'Standing', wide: 'w-40' },
  { sort: 'lastSeen', title: 'Last here', wide: 'w-28' },
  { sort: 'evenings', title: 'Evenings', wide: 'w-20 text-right' },
  { sort: 'lines', title: 'Lines', wide: 'w-20 text-right' },
  { sort: 'points', title: wiring.house.pointsMany, wide: 'w-24 text-right' },
])
const isNumber = (field: string) => FIELDS.value.find((each) => each.field === field)?.number ?? false
const complete = computed(() => rules.value.filter((each) => String(each.value).trim() !== ''))
/** Answers may overtake one another. */
let asked = 0
const look = async (from: number) => {
  const mine = ++asked
  try {
    const found = await ask<PeopleFound>('POST', '/people', {
      name: name.value,
      rules: complete.value,
      sort: sort.value,
      down: down.value,
      from,
    })
    if (mine === asked) {
      count.value = found.count
      people.value = from ? [...people.value, ...found.people] : found.people
      failed.value = ''
    }
  } catch (refusal) {
    failed.value = (refusal as Error).message
  }
}
const soon = useDebounceFn(() => void look(0), 200)
onMounted(() => void look(0))
watch([name, rules], soon, { deep: true })
const by = (column: string) => {
  down.value = sort.value === column ? !down.value : column !== 'name'
  sort.value = column
  void look(0)
}
const add = () => (rules.value = [...rules.value, { field: 'points', compare: 'atLeast', value: '' }])
const change = (at: number, part: Partial<PeopleRule>) => {
  const next = { ...rules.value[at]!, ...part }
  if (part.field) {
    next.compare = isNumber(part.field) ? 'atLeast' : 'is'
    next.value = part.field === 'standing' ? 'member' : ''
  }
  rules.value = rules.value.map((each, i) => (i === at ? next : each))
}
const open = computed(() => String(route.params.id ?? ''))
const standingOf = (person: PersonSeen) =>
  person.standing === 'anyone' ? '' : person.months ? `${person.standing}, ${person.months} months` : person.standing
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
        <button class="button" @click="add"><Plus :size="14" /> Only who …</button>
      </div>
      <div v-for="(rule, at) in rules" :key="at" class="flex flex-wrap items-center gap-2 pt-2" data-rule>
        <span class="text-[13px] text-soft">{{ at ? 'and' : 'Only who has' }}</span>
        <select
          class="field w-auto"
          aria-label="What"
          :value="rule.field"
          @change="change(at, { field: ($event.target as HTMLSelectElement).value })"
        >
          <option v-for="each in FIELDS" :key="each.field" :value="each.field">{{ each.title }}</option>
        </select>
        <select
          class="field w-auto"
          aria-label="Compared how"
          :value="rule.compare"
          @change="change(at, { compare: ($event.target as HTMLSelectElement).value })"
        >
          <option
            v-for="each in COMPARES[isNumber(rule.field) ? 'number' : 'text']"
            :key="each.compare"
            :value="each.compare"
          >
            {{ each.title }}
          </option>
        </select>
        <select
          v-if="rule.field === 'standing'"
          class="field w-auto"
          aria-label="Standing"
          :value="rule.value"
          @change="change(at, { value: ($event.target as HTMLSelectElement).value })"
        >
          <option v-for="each in kinds.all.standings" :key="each.standing" :value="each.standing">
            {{ each.standing }}
          </option>
        </select>
        <input
          v-else
          class="field w-32"
          aria-label="Value"
          :value="rule.value"
          @input="change(at, { value: ($event.target as HTMLInputElement).value })"
        />
        <button class="button px-2" aria-label="Take this away" @click="rules = rules.filter((_, i) => i !== at)">
          <X :size="14" />
        </button>
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
        <p v-if="!people.length && !failed" class="py-4 text-center text-soft">
          {{ name || complete.length ? 'Nobody is like that.' : 'Nobody was here yet.' }}
        </p>
      </div>
      <p v-if="people.length < count" class="py-3 text-center">
        <button class="button" @click="look(people.length)">{{ (count - people.length).toLocaleString() }} more</button>
      </p>
    </div>
    <PersonCard v-if="open" :id="open" :key="open" @close="router.push('/people')" @changed="look(0)" />
  </div>
</template>
