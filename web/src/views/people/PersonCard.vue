<script setup lang="ts">
import { X } from '@lucide/vue'
import { computed, onMounted, ref } from 'vue'
import { ask } from '@/api/http'
import type { PersonKept } from '@/api/types'
import { dayAndTime, months, span } from '@/lib/spans'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'
import AccountsForm from './AccountsForm.vue'
import EntranceForm from './EntranceForm.vue'
import ForgetForm from './ForgetForm.vue'
import KnownAtDesks from './KnownAtDesks.vue'
import PointsForm from './PointsForm.vue'
import ReadForm from './ReadForm.vue'

/** Somebody: what is known of them, what you note, their accounts, circles, points and entrance. */
const props = defineProps<{ id: string }>()
const emit = defineEmits<{ close: []; changed: [] }>()
const wiring = useWiring()
const notes = useNotes()
const kept = ref<PersonKept | null>(null)
const failed = ref('')
const note = ref('')
const path = computed(() => `/people/${encodeURIComponent(props.id)}`)
const load = () =>
  ask<PersonKept>('GET', path.value).then(
    (told) => {
      kept.value = told
      note.value = told.person.note
    },
    (refusal: Error) => (failed.value = refusal.message),
  )
onMounted(load)
const moved = () => {
  void load()
  emit('changed')
}
const gone = () => {
  emit('changed')
  emit('close')
}
const keep = () =>
  ask<PersonKept>('PUT', `${path.value}/note`, { note: note.value }).then(
    (told) => {
      kept.value = told
      emit('changed')
      notes.say('Noted.')
    },
    (refusal: Error) => notes.say(refusal.message),
  )
const person = computed(() => kept.value?.person)
/** Puts them into a circle, or takes them out. */
const turn = (id: string) =>
  ask('PUT', `/circles/${id}/people`, { name: person.value!.name, in: !kept.value!.circles.includes(id) }).then(
    load,
    (refusal: Error) => notes.say(refusal.message),
  )
</script>

<template>
  <aside class="flex w-[400px] flex-none flex-col gap-3 overflow-auto border-l border-line p-4" aria-label="Person">
    <header class="flex items-start gap-2">
      <h2 class="min-w-0 flex-1 truncate pb-1 text-[22px] leading-snug">
        <bdi>{{ person?.name ?? '' }}</bdi>
      </h2>
      <button class="button px-2" aria-label="Close" @click="$emit('close')"><X :size="16" /></button>
    </header>
    <p v-if="failed" role="alert" class="text-wax-words">{{ failed }}</p>
    <template v-if="person && kept">
      <dl class="grid grid-cols-[auto_minmax(0,1fr)] gap-x-3 gap-y-0.5 text-[14px]" data-facts>
        <dt class="text-soft">On</dt>
        <dd>{{ person.link }}</dd>
        <dt class="text-soft">Standing</dt>
        <dd>{{ person.standing }}{{ person.months ? `, ${months(person.months)} of membership` : '' }}</dd>
        <dt class="text-soft">First here</dt>
        <dd>{{ person.firstSeen ? dayAndTime(person.firstSeen) : 'not yet' }}</dd>
        <dt class="text-soft">Last here</dt>
        <dd>{{ person.lastSeen ? dayAndTime(person.lastSeen) : 'not yet' }}</dd>
        <dt class="text-soft">Evenings</dt>
        <dd :title="'Shows in which they wrote or caused something; who only watched is not seen'">
          {{ person.evenings }}, as far as they wrote
        </dd>
        <dt class="text-soft">Time here</dt>
        <dd title="The time between lines that are less than ten minutes apart; who only watched is not seen" data-here>
          {{ person.minutes ? `about ${span(person.minutes * 60_000)}, a guess by lines` : 'not known' }}
        </dd>
        <dt class="text-soft">Lines</dt>
        <dd>{{ person.lines }}</dd>
        <template v-if="person.gave">
          <dt class="text-soft">Gave</dt>
          <dd>{{ person.gave }} in all</dd>
        </template>
        <dt class="text-soft">{{ wiring.house.pointsMany }}</dt>
        <dd data-points>{{ person.points }}</dd>
      </dl>
      <AccountsForm :kept="kept" @changed="moved" />
      <form class="flex flex-col gap-1" @submit.prevent="keep">
        <label class="flex flex-col gap-1 text-[13px] text-soft">
          Your note
          <textarea v-model="note" class="field" rows="2" maxlength="1000" />
        </label>
        <p v-if="note.trim() !== person.note" class="text-right"><button class="button button-dark">Keep it</button></p>
      </form>
      <div v-if="wiring.house.circles.length" role="group" aria-label="Circles" class="flex flex-wrap gap-1.5">
        <button
          v-for="each in wiring.house.circles"
          :key="each.id"
          class="rounded-full border px-3 py-0.5 text-[13px]"
          :class="kept.circles.includes(each.id) ? 'border-ink bg-well font-semibold' : 'border-edge'"
          :aria-pressed="kept.circles.includes(each.id)"
          @click="turn(each.id)"
        >
          {{ each.name }}
        </button>
      </div>
      <EntranceForm :name="person.name" :theirs="kept.entrance" @made="load" />
      <ReadForm :kept="kept" @changed="load" />
      <KnownAtDesks :kept="kept" @changed="load" />
      <PointsForm :id="id" @moved="moved" />
      <section v-if="kept.entries.length" aria-label="Their points">
        <h3 class="text-[16px]">Their {{ wiring.house.pointsMany }}, and why</h3>
        <ol class="text-[13.5px]">
          <li
            v-for="each in kept.entries"
            :key="each.number"
            class="flex gap-2 border-t border-line py-0.5 first:border-0"
            data-entry
          >
            <span class="w-14 flex-none text-right font-mono">{{ each.amount > 0 ? '+' : '' }}{{ each.amount }}</span>
            <span class="min-w-0 flex-1 truncate" :title="each.why">{{ each.why }}</span>
            <span class="flex-none text-soft">{{ dayAndTime(each.at) }}</span>
          </li>
        </ol>
      </section>
      <section v-if="kept.changes.length" aria-label="Changes">
        <h3 class="text-[16px]">Who changed what</h3>
        <ol class="text-[13.5px]">
          <li v-for="each in kept.changes" :key="each.number" class="border-t border-line py-0.5 first:border-0">
            {{ each.what }} <span class="text-soft">· {{ each.who }}, {{ dayAndTime(each.at) }}</span>
          </li>
        </ol>
      </section>
      <p class="flex items-center justify-between">
        <a class="text-[13px] underline" :href="`/api${path}/kept.json`" download="person.json"
          >All that is known of them (JSON)</a
        >
        <ForgetForm :id="id" :name="person.name" @gone="gone" />
      </p>
    </template>
  </aside>
</template>
