<script setup lang="ts">
import { X } from '@lucide/vue'
import { computed, onMounted, ref, watch } from 'vue'
import { ask } from '@/api/http'
import type { House, Neighbourhood } from '@/api/types'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'

/** Other helper accounts, which never ring, earn, count or get greeted; and who seems to be one. */
const wiring = useWiring()
const live = useLive()
const notes = useNotes()
const around = ref<Neighbourhood | null>(null)
const typed = ref('')
const names = computed(() => wiring.house.neighbours)
const guarded = (work: Promise<unknown>) => work.catch((refusal: Error) => notes.say(refusal.message))
const look = () => guarded(ask<Neighbourhood>('GET', '/neighbours').then((now) => (around.value = now)))
onMounted(look)
watch(
  () => [live.links, wiring.house],
  () => void look(),
)

const save = (change: Partial<House>) => guarded(wiring.saveHouse(() => change))
const add = (name: string) => save({ neighbours: [...names.value.filter((each) => each !== name), name] })
const addTyped = async () => {
  if (typed.value.trim()) {
    await add(typed.value.trim())
    typed.value = ''
  }
}
const isViewer = (name: string) =>
  guarded(ask<Neighbourhood>('POST', '/neighbours/viewers', { name }).then((now) => (around.value = now)))
</script>

<template>
  <section class="sheet flex flex-col gap-2 p-4" aria-label="Neighbours">
    <h2 class="text-[18px]">Neighbours</h2>
    <p class="text-[13px] text-soft">
      Other helpers in the chat. They are never answered, counted, greeted or given points.
    </p>
    <div
      v-for="each in around?.suspects ?? []"
      :key="each.name"
      role="status"
      class="rounded-[8px] border border-edge p-3"
    >
      <p>
        <b
          ><bdi>{{ each.name }}</bdi></b
        >
        answered {{ each.words.join(', ') }} {{ each.answers }} times, right after viewers typed it. Is that another
        helper?
      </p>
      <div class="flex flex-wrap gap-2 pt-2">
        <button class="button button-dark" @click="add(each.name)">A neighbour</button>
        <button class="button" @click="isViewer(each.name)">A viewer</button>
        <button v-if="around?.freePrefix" class="button" @click="save({ prefix: around.freePrefix })">
          Begin our words with {{ around.freePrefix }} instead of {{ around.prefix }}
        </button>
      </div>
      <p class="pt-1 text-[13px] text-soft">
        While both answer the same word, viewers get two answers. The other prefix holds for all words that use the
        general one.
      </p>
    </div>
    <ul v-if="names.length" class="flex flex-wrap gap-1.5">
      <li v-for="name in names" :key="name" class="flex items-center gap-1 rounded-[8px] bg-well py-0.5 pr-1 pl-2">
        <bdi>{{ name }}</bdi>
        <button
          class="rounded p-0.5 text-soft hover:text-ink"
          :aria-label="`Take ${name} off`"
          @click="save({ neighbours: names.filter((each) => each !== name) })"
        >
          <X :size="13" />
        </button>
      </li>
    </ul>
    <p v-else class="text-soft">None so far. Whoever answers our words is noticed here.</p>
    <form class="flex gap-2" @submit.prevent="addTyped">
      <input
        v-model="typed"
        class="field"
        aria-label="Name of a neighbour"
        placeholder="name of another helper"
        autocomplete="off"
      />
      <button class="button flex-none">Add</button>
    </form>
  </section>
</template>
