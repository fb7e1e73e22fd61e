<script setup lang="ts">
import { Plus, Trash2 } from '@lucide/vue'
import { onMounted, ref } from 'vue'
import { ask, problemsOf } from '@/api/http'
import type { Circle, CircleNow, Problem } from '@/api/types'
import NothingYet from '@/components/NothingYet.vue'
import { splitList } from '@/lib/lists'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'
import PeopleCondition from './PeopleCondition.vue'
import PeopleNav from './PeopleNav.vue'

/** People named together, by hand and by what they did, for every gate. */
const wiring = useWiring()
const notes = useNotes()
const now = ref<CircleNow[]>([])
const problems = ref<Problem[]>([])
const name = ref('')
const look = () =>
  ask<CircleNow[]>('GET', '/circles/now').then(
    (told) => (now.value = told),
    () => undefined,
  )
onMounted(look)
const BY = [
  { by: 'hand', title: 'nobody else' },
  { by: 'gave', title: 'who gave most tonight' },
  { by: 'gaveMonth', title: 'who gave most this month' },
  { by: 'gaveEver', title: 'who gave most ever' },
  { by: 'wrote', title: 'who wrote most tonight' },
  { by: 'wroteEver', title: 'who wrote most ever' },
  { by: 'longest', title: 'who is known longest' },
  { by: 'rule', title: 'everyone of whom this holds' },
] as const
const START = 'evenings >= 3'
const save = async (circles: (now: Circle[]) => Circle[]) => {
  try {
    await wiring.saveHouse((house) => ({ circles: circles(house.circles) }))
    problems.value = []
    await look()
  } catch (refusal) {
    problems.value = problemsOf(refusal)
    notes.say((refusal as Error).message)
  }
}
const change = (id: string, more: Partial<Circle>) =>
  save((all) => all.map((each) => (each.id === id ? { ...each, ...more } : each)))
const add = () =>
  ask('POST', '/circles', { name: name.value }).then(
    () => (name.value = ''),
    (refusal: Error) => notes.say(refusal.message),
  )
const remove = async (circle: Circle) => {
  await save((all) => all.filter((each) => each.id !== circle.id))
  notes.say(`The circle ${circle.name} is taken away.`, true)
}
const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })
const sumOf = (circle: Circle, sum: number) => {
  if (!sum) {
    return ''
  }
  if (circle.by === 'longest') {
    return `since ${day.format(sum)}`
  }
  return circle.by.startsWith('wrote') ? `${sum} lines` : String(sum)
}
const by = (circle: Circle, next: Circle['by']) =>
  change(circle.id, { by: next, rule: next === 'rule' ? circle.rule || START : '' })
const first = (id: string) => now.value.find((each) => each.circle === id)?.first ?? []
const at = (index: number) => problems.value.filter((each) => each.path.startsWith(`circles[${index}]`))
</script>

<template>
  <div class="h-full overflow-auto px-6 py-3">
    <PeopleNav />
    <div class="mx-auto max-w-[980px] py-3">
      <h1 class="text-[24px]">Circles</h1>
      <p class="text-soft">
        People named together. A gate lets a circle through, a desk pays it, and one by what people did keeps itself up
        to date: of equal ones, who came to it first.
      </p>
      <form class="flex gap-2 pt-3" @submit.prevent="add">
        <input v-model="name" class="field w-72" maxlength="40" placeholder="Name of a new circle" required />
        <button class="button"><Plus :size="14" /> Add it</button>
      </form>
      <section
        v-for="(circle, index) in wiring.house.circles"
        :key="circle.id"
        class="sheet mt-3 flex flex-col gap-2 px-5 py-4"
        :aria-label="circle.name"
        :data-circle="circle.id"
      >
        <div class="flex flex-wrap items-center gap-2">
          <input
            class="field min-w-0 flex-1 font-serif text-[18px]"
            aria-label="Name"
            maxlength="40"
            :value="circle.name"
            @change="change(circle.id, { name: ($event.target as HTMLInputElement).value })"
          />
          <button class="button px-2" :aria-label="`Take ${circle.name} away`" @click="remove(circle)">
            <Trash2 :size="15" />
          </button>
        </div>
        <div class="flex flex-wrap items-center gap-2">
          <span>Who is named here, and</span>
          <input
            v-if="circle.by !== 'hand' && circle.by !== 'rule'"
            class="field w-20"
            type="number"
            min="1"
            max="100"
            aria-label="How many"
            :value="circle.first"
            @change="change(circle.id, { first: Number(($event.target as HTMLInputElement).value) })"
          />
          <select
            class="field w-auto"
            aria-label="By what"
            :value="circle.by"
            @change="by(circle, ($event.target as HTMLSelectElement).value as Circle['by'])"
          >
            <option v-for="each in BY" :key="each.by" :value="each.by">{{ each.title }}</option>
          </select>
        </div>
        <PeopleCondition
          v-if="circle.by === 'rule'"
          :value="circle.rule"
          label="Of whom this holds"
          @set="change(circle.id, { rule: $event })"
        />
        <p v-for="each in at(index)" :key="each.path" role="alert" class="text-[13px] text-wax-words">
          {{ each.message }} {{ each.remedy }}
        </p>
        <ol v-if="circle.by !== 'hand'" class="flex flex-wrap gap-x-4 text-[14px]" data-now>
          <li v-for="each in first(circle.id)" :key="each.person">
            <bdi class="font-semibold">{{ each.name }}</bdi> {{ sumOf(circle, each.sum) }}
          </li>
          <li v-if="!first(circle.id).length" class="text-soft">Nobody yet.</li>
        </ol>
        <label class="flex flex-col gap-1 text-[13px] text-soft">
          Named by hand, with commas between them
          <input
            class="field"
            :value="circle.people.join(', ')"
            @change="change(circle.id, { people: splitList(($event.target as HTMLInputElement).value, 'people') })"
          />
        </label>
      </section>
      <NothingYet v-if="!wiring.house.circles.length" class="py-6">
        No circle yet. Name one, such as your friends of the bench, and let a cue be for them alone.
      </NothingYet>
    </div>
  </div>
</template>
