<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useFirst } from '@/stores/first'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'
import TheTaper from './TheTaper.vue'

/** The first evening: a taper for each step, lit once it is done; the first that is not says what is next. It stays until all burn or it is put away. */
const LOOK_MS = 2_000
const live = useLive()
const notes = useNotes()
const first = useFirst()
const looked = ref('')
void first.look()
const { pause, resume } = useIntervalFn(first.look, LOOK_MS, { immediate: false })
watch(
  () => first.shown,
  (shown) => (shown ? resume() : pause()),
)
watch(
  () => live.wiringStamp,
  () => first.shown && first.look(),
)
const next = computed(() => first.steps.find((each) => !each.done))
const step = computed(() => first.steps.find((each) => each.id === looked.value) ?? next.value)
watch(next, () => (looked.value = ''))
const away = () =>
  first.put(true).then(
    () => notes.say('Put away. Ctrl+K and “First evening” shows it again.'),
    (refusal: Error) => notes.say(refusal.message),
  )
</script>

<template>
  <section
    v-if="first.shown"
    aria-label="First evening"
    class="flex flex-none flex-wrap items-center gap-x-4 gap-y-1 border-b border-line bg-sheet px-4 py-1.5"
    data-first
  >
    <h2 class="text-[16px] whitespace-nowrap">First evening</h2>
    <ol class="flex items-end gap-1">
      <li v-for="each in first.steps" :key="each.id">
        <button
          class="flex items-center gap-1 rounded-[8px] px-1.5 py-0.5 text-[13px] hover:bg-well"
          :class="[each.done ? 'text-soft' : '', step?.id === each.id && 'bg-well font-semibold']"
          :aria-pressed="step?.id === each.id"
          :data-step="each.id"
          :data-done="each.done"
          @click="looked = each.id"
        >
          <TheTaper :lit="each.done" />{{ each.title }}<span class="sr-only">{{ each.done ? ', done' : '' }}</span>
        </button>
      </li>
    </ol>
    <p v-if="step" class="flex min-w-0 flex-1 basis-96 flex-wrap items-center gap-x-3 gap-y-1 text-[13.5px]" data-next>
      <span class="text-soft">{{ step.done ? 'Done. ' : '' }}{{ step.says }}</span>
      <template v-for="way in step.ways" :key="way.path">
        <a v-if="way.apart" :href="way.path" target="_blank" class="underline">{{ way.title }} ↗</a>
        <RouterLink v-else :to="way.path" class="underline">{{ way.title }}</RouterLink>
      </template>
    </p>
    <p v-else class="flex-1 text-[13.5px]">All of it is done: the evening is yours.</p>
    <button class="button flex-none" @click="away">{{ next ? 'Put away' : 'Done' }}</button>
  </section>
</template>
