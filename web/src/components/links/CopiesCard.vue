<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { ask, problemsOf } from '@/api/http'
import type { CopiesView, Problem } from '@/api/types'
import TheProblems from '@/components/cue/TheProblems.vue'
import { dayAndTime } from '@/lib/spans'
import { useNotes } from '@/stores/notes'

/** Copies of all that is kept: those there are, and another one now. */
const notes = useNotes()
const view = ref<CopiesView | null>(null)
const problems = ref<Problem[]>([])
const keys = ref(false)
const busy = ref(false)
const SHOWN = 4
const newest = computed(() => view.value?.copies.slice(0, SHOWN) ?? [])
const size = (bytes: number) =>
  bytes < 1_000_000 ? `${Math.ceil(bytes / 1_000)} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`
const asking = async (work: Promise<CopiesView>) => {
  busy.value = true
  try {
    view.value = await work
    problems.value = []
    return true
  } catch (failed) {
    problems.value = problemsOf(failed)
    return false
  } finally {
    busy.value = false
  }
}
onMounted(() => asking(ask<CopiesView>('GET', '/copies')))
const copy = async () => {
  if (await asking(ask<CopiesView>('POST', '/copies', { keys: keys.value }))) {
    notes.say('There is a copy of all that is kept.')
  }
}
</script>

<template>
  <section class="sheet flex flex-col gap-2 p-4" aria-label="Copies">
    <h2 class="text-[18px]">Copies</h2>
    <p class="text-[13px] text-soft">
      Made by itself each day; the last seven are kept. Pictures, sounds and videos lie beside them in the data folder.
    </p>
    <ul v-if="newest.length" class="text-[13px]">
      <li v-for="each in newest" :key="each.name" class="flex gap-3 border-t border-line py-1">
        <span class="min-w-0 flex-1 truncate font-mono text-[12.5px]" :title="each.name">{{ each.name }}</span>
        <span v-if="each.keys" class="flex-none">with keys</span>
        <span class="flex-none text-soft">{{ size(each.bytes) }}</span>
        <time class="flex-none text-soft">{{ dayAndTime(each.at) }}</time>
      </li>
    </ul>
    <p v-if="view && newest.length === 0" class="text-soft">There is none yet.</p>
    <p v-if="view" class="text-[12.5px] text-soft">
      In {{ view.folder }}. To go back to one, stop Wax Bell and type
      <code class="font-mono break-words">{{ view.restore }}</code>.
    </p>
    <TheProblems :problems="problems" />
    <div class="flex flex-wrap items-center gap-3">
      <button class="button" :disabled="busy" @click="copy">Copy now</button>
      <label class="flex items-center gap-2 text-[13.5px]"
        ><input v-model="keys" type="checkbox" class="h-4 w-4" /> with the keys to passwords and addresses</label
      >
    </div>
    <p v-if="keys" class="text-[12.5px] text-soft">
      Whoever has such a copy can read them. Keep it where nobody else comes.
    </p>
  </section>
</template>
