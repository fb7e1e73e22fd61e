<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { ask, problemsOf } from '@/api/http'
import type { CopiesView, HouseLook, Problem } from '@/api/types'
import TheProblems from '@/components/cue/TheProblems.vue'
import { bytes } from '@/lib/shelf'
import { dayAndTime } from '@/lib/spans'
import { useNotes } from '@/stores/notes'
import HouseLooked from './HouseLooked.vue'

/** Back-ups: those there are, another one now, what is in one. */
const notes = useNotes()
const view = ref<CopiesView | null>(null)
const problems = ref<Problem[]>([])
const passphrase = ref('')
const busy = ref(false)
const looked = ref<HouseLook | null>(null)
const all = ref(false)
const SHOWN = 4
const newest = computed(() => view.value?.copies.slice(0, all.value ? undefined : SHOWN) ?? [])
const asking = async <T,>(work: Promise<T>, told: (answer: T) => void) => {
  busy.value = true
  try {
    told(await work)
    problems.value = []
  } catch (failed) {
    problems.value = problemsOf(failed)
  } finally {
    busy.value = false
  }
}
const become = (told: CopiesView) => (view.value = told)
onMounted(() => asking(ask<CopiesView>('GET', '/copies'), become))
const backUp = () =>
  asking(ask<CopiesView>('POST', '/copies', { passphrase: passphrase.value }), (told) => {
    become(told)
    notes.say(passphrase.value ? 'The whole house is backed up.' : 'The house is backed up, without passwords.')
    passphrase.value = ''
  })
const keep = (many: string) => asking(ask<CopiesView>('PUT', '/copies', { keep: Number(many) }), become)
const look = (name: string) => asking(ask<HouseLook>('GET', `/copies/${name}`), (told) => (looked.value = told))
</script>

<template>
  <section class="sheet flex flex-col gap-2 p-4" aria-label="Back-ups">
    <h2 class="text-[18px]">Back-ups</h2>
    <p class="text-[13px] text-soft">
      The whole house in one file: wiring, evenings, people, sounds and pictures. A copy of the database alone is made
      each day too; the last seven are kept.
    </p>
    <ul v-if="newest.length" class="text-[13px]">
      <li
        v-for="each in newest"
        :key="each.name"
        class="flex flex-wrap items-baseline gap-x-3 border-t border-line py-1"
      >
        <time class="flex-none">{{ dayAndTime(each.at) }}</time>
        <span class="min-w-0 flex-1 truncate text-soft" :title="each.name"
          >{{ each.whole ? 'whole house' : 'database' }} · {{ bytes(each.bytes) }}</span
        >
        <button class="underline" :disabled="busy" :data-look="each.name" @click="look(each.name)">Look into it</button>
        <a class="underline" :href="`/api/copies/${each.name}/file`" download>Save</a>
      </li>
    </ul>
    <button
      v-if="view && view.copies.length > SHOWN && !all"
      class="self-start text-[13px] text-soft underline"
      @click="all = true"
    >
      and {{ view.copies.length - SHOWN }} more
    </button>
    <p v-if="view && newest.length === 0" class="text-soft">There is none yet.</p>
    <p v-if="view" class="text-[12.5px] text-soft">
      In {{ view.folder }}. To put one back whole, stop Wax Bell and type
      <code class="font-mono break-words">{{ view.restore }}</code>.
    </p>
    <TheProblems :problems="problems" />
    <form class="flex flex-wrap items-end gap-3" @submit.prevent="backUp">
      <label class="block min-w-0 flex-1 basis-48">
        <span class="text-[13px] text-soft">Passphrase, for passwords and addresses to go along</span>
        <input
          v-model="passphrase"
          type="password"
          class="field"
          autocomplete="new-password"
          placeholder="none: they stay out"
        />
      </label>
      <button class="button" :disabled="busy" data-back-up>{{ busy ? 'One moment…' : 'Back up now' }}</button>
    </form>
    <label v-if="view" class="flex items-center gap-2 text-[13.5px]">
      Each day by itself; kept are the last
      <input
        class="field h-8 w-16"
        inputmode="numeric"
        :value="view.keep"
        aria-label="How many daily back-ups are kept, 0 for none"
        @change="keep(($event.target as HTMLInputElement).value)"
      />
    </label>
    <HouseLooked v-if="looked" :look="looked" @close="looked = null" />
  </section>
</template>
