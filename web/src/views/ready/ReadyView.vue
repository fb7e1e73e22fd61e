<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { ask } from '@/api/http'
import type { ReadyPiece } from '@/api/types'
import CuesNav from '@/components/cue/CuesNav.vue'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'
import ReadyChosen from './ReadyChosen.vue'
import ReadyTile from './ReadyTile.vue'

/** The shelf of ready-made pieces: each drawn as it will look, brought in by one press and tried. */
const props = defineProps<{ id?: string }>()
const notes = useNotes()
const live = useLive()
const all = ref<ReadyPiece[]>([])
const find = ref('')
const load = () =>
  ask<ReadyPiece[]>('GET', '/ready').then(
    (told) => (all.value = told),
    (refusal: Error) => notes.say(refusal.message),
  )
onMounted(load)
/** An undo may take away what was brought. */
watch(() => live.wiringStamp, load)
const chosen = computed(() => all.value.find((each) => each.id === props.id) ?? all.value[0])
const groups = computed(() => {
  const words = find.value.trim().toLowerCase()
  const shown = all.value.filter((each) =>
    `${each.name} ${each.says} ${each.fits} ${each.group}`.toLowerCase().includes(words),
  )
  return [...new Set(shown.map((each) => each.group))].map((name) => ({
    name,
    pieces: shown.filter((each) => each.group === name),
  }))
})
</script>

<template>
  <div class="flex h-full">
    <div class="min-w-0 flex-1 overflow-auto px-6 py-4">
      <CuesNav />
      <header class="flex flex-wrap items-center gap-3 pt-4 pb-2">
        <h1 class="text-[24px]">Ready-made</h1>
        <p class="min-w-0 flex-1 basis-72 text-soft">
          Pieces of ours, each drawn as it will look. Choose one, answer what it asks, bring it in, try it.
        </p>
        <input v-model="find" type="search" class="field w-52" placeholder="Find a piece" aria-label="Find a piece" />
      </header>
      <p v-if="all.length && !groups.length" class="py-8 text-center text-soft">
        No piece is about “{{ find }}”. A cue of your own can do it:
        <RouterLink to="/cues?new" class="underline">write one</RouterLink>.
      </p>
      <section v-for="group in groups" :key="group.name" class="pb-4" :aria-label="group.name">
        <h2 class="pb-2 text-[17px]">{{ group.name }}</h2>
        <div class="grid grid-cols-[repeat(auto-fill,minmax(220px,1fr))] gap-3">
          <ReadyTile v-for="each in group.pieces" :key="each.id" :piece="each" :open="each.id === chosen?.id" />
        </div>
      </section>
    </div>
    <aside
      v-if="chosen"
      aria-label="The piece"
      class="w-[380px] flex-none overflow-auto border-l border-line bg-sheet px-4 py-4"
    >
      <ReadyChosen :key="chosen.id" :piece="chosen" @brought="load" />
    </aside>
  </div>
</template>
