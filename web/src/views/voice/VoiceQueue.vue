<script setup lang="ts">
import { ArrowUp, RotateCcw, Square, SkipForward } from '@lucide/vue'
import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { PartNotice, RingNotice } from '@/api/types'
import { span } from '@/lib/spans'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'
import { useWhy } from '@/stores/why'

/** What is said now, with how far it has come, and what waits for its turn. */
const TICK_MS = 200
const live = useLive()
const why = useWhy()
const notes = useNotes()
const now = ref(live.now())
useIntervalFn(() => (now.value = live.now()), TICK_MS)

interface Said {
  ring: RingNotice
  part: PartNotice
}
const all = computed<Said[]>(() =>
  [...live.rings.values()]
    .flatMap((ring) => ring.parts.filter((part) => part.lane === 'voice').map((part) => ({ ring, part })))
    .sort((one, other) => one.part.from - other.part.from),
)
const speaking = computed(() => all.value.filter(({ part }) => part.state === 'told'))
const waiting = computed(() => all.value.filter(({ part }) => part.state === 'planned'))
const last = computed(() =>
  all.value
    .filter(({ part }) => ['ended', 'cut', 'failed'].includes(part.state))
    .slice(-3)
    .reverse(),
)
const share = ({ part }: Said) => Math.min(1, Math.max(0, (now.value - part.from) / Math.max(1, part.to - part.from)))
const act = (done: Promise<{ sentence: string }>) =>
  done.then(
    (said) => notes.say(said.sentence),
    (failed: Error) => notes.say(failed.message),
  )
const skip = (ring: RingNotice) => void act(why.stop(ring.number))
const clear = () => waiting.value.forEach(({ ring }) => skip(ring))
</script>

<template>
  <section class="sheet px-5 py-4" aria-label="Now and next">
    <div class="flex items-center gap-2">
      <h2 class="flex-1 text-[18px]">Now and next</h2>
      <button v-if="waiting.length > 1" class="button" @click="clear">Drop all that waits</button>
    </div>
    <p v-if="!speaking.length && !waiting.length" class="pt-1 text-soft">Nothing is being said.</p>
    <ul>
      <li v-for="said in speaking" :key="`${said.ring.number}.${said.part.id}`" class="py-2" data-speaking>
        <div class="flex items-start gap-2">
          <p class="min-w-0 flex-1 break-words">
            <bdi>{{ said.part.label }}</bdi>
          </p>
          <button class="button flex-none" @click="skip(said.ring)"><Square :size="13" /> End it</button>
        </div>
        <progress class="mt-1 h-1.5 w-full" :value="share(said)" max="1" aria-label="How far it has come" />
      </li>
      <li
        v-for="(said, place) in waiting"
        :key="`${said.ring.number}.${said.part.id}`"
        class="flex items-start gap-2 border-t border-line py-2"
        data-waiting
      >
        <p class="min-w-0 flex-1 break-words">
          <bdi>{{ said.part.label }}</bdi>
          <span class="block text-[13px] text-soft"
            >by <bdi>{{ said.ring.viewer || 'a cue' }}</bdi>, in
            {{ span(Math.max(0, Math.round((said.part.from - now) / 1_000)) * 1_000) }}</span
          >
        </p>
        <button v-if="place > 0" class="button flex-none" @click="act(why.next(said.ring.number))">
          <ArrowUp :size="13" /> Say it next
        </button>
        <button class="button flex-none" @click="skip(said.ring)"><SkipForward :size="13" /> Skip</button>
      </li>
    </ul>
    <h3 v-if="last.length" class="pt-2 text-[13px] text-soft">Said last</h3>
    <ul>
      <li
        v-for="said in last"
        :key="`${said.ring.number}.${said.part.id}`"
        class="flex items-start gap-2 py-1 text-[14px]"
      >
        <p class="min-w-0 flex-1 break-words">
          <bdi>{{ said.part.label }}</bdi>
          <span v-if="said.part.note" class="block text-[13px] text-wax-words">{{ said.part.note }}</span>
        </p>
        <button class="button flex-none" @click="act(why.again(said.ring.number))">
          <RotateCcw :size="13" /> Say it again
        </button>
      </li>
    </ul>
  </section>
</template>
