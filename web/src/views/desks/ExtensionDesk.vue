<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import { ask } from '@/api/http'
import type { DeskSheet, Extension, ExtensionBoard, ExtensionFacts, ExtensionTried } from '@/api/types'
import ChoiceField from '@/components/cue/ChoiceField.vue'
import { dayAndTime } from '@/lib/spans'
import { useDeskBoards } from '@/stores/desks'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'
import ExtensionCode from './ExtensionCode.vue'

/** The board of an extension: what it may, what one can ask it for, what it did and how it failed, its notes and its code. */
const props = defineProps<{ sheet: Extension; board: ExtensionBoard }>()
const desks = useDeskBoards()
const notes = useNotes()
const wiring = useWiring()
const facts = ref<ExtensionFacts | null>(null)
const tried = ref<ExtensionTried | null>(null)
const said = ref('')
const event = ref('')
const text = ref<HTMLElement | null>(null)
const load = () =>
  ask<ExtensionFacts>('GET', `/extensions/${props.sheet.id}/facts`).then(
    (told) => (facts.value = told),
    () => undefined,
  )
onMounted(load)
useIntervalFn(load, 2_000)
watch(() => props.sheet, load)
watch(
  () => [facts.value?.notes, text.value],
  // Markdown that the server made safe: tags in it are text.
  () => text.value && (text.value.innerHTML = facts.value?.notes ?? ''),
)
const change = (more: Partial<Extension>) => {
  const now = wiring.sheets.find((each) => each.desk.id === props.sheet.id)
  return now
    ? wiring.saveSheet(now.version, { ...(now.desk as Extension), ...more } as DeskSheet).then(
        () => wiring.load(),
        (refusal: Error) => notes.say(refusal.message),
      )
    : Promise.resolve()
}
const agree = () => change({ agreed: props.sheet.asks, on: true })
const takeBack = (permission: string) =>
  change({ agreed: props.sheet.agreed.filter((each) => each !== permission) as Extension['agreed'] })
const act = async (name: string) => {
  if (await desks.act('extension', props.sheet.id, name, { text: said.value })) {
    // What was said with one act is not said with the next by mistake.
    said.value = ''
  }
  await load()
}
const choices = computed(() => facts.value?.tries ?? [])
const wanted = computed(() => event.value || (choices.value[0]?.value ?? ''))
const tryIt = () =>
  ask<ExtensionTried>('POST', `/extensions/${props.sheet.id}/try`, { event: wanted.value, text: said.value }).then(
    (came) => (tried.value = came),
    (refusal: Error) => notes.say(refusal.message),
  )
const mean = computed(() => {
  const log = facts.value?.log
  return log?.calls
    ? `${log.calls} ${log.calls === 1 ? 'call' : 'calls'} since the start, ${(log.micros / log.calls / 1_000).toFixed(1)} ms on average, ${(log.longest / 1_000).toFixed(1)} ms at most`
    : ''
})
</script>

<template>
  <div class="grid grid-cols-[minmax(0,1fr)] gap-4">
    <section
      role="group"
      class="sheet border-l-4 px-5 py-4"
      :class="board.halted ? 'border-l-wax' : 'border-l-honey'"
      aria-label="What it may"
      data-may
    >
      <h2 class="text-[20px]">{{ board.runs ? 'It runs' : `It does not run: ${board.why}` }}</h2>
      <p v-if="sheet.about" class="text-soft">{{ sheet.about }}</p>
      <p class="pt-1 text-[13px] text-soft">
        Version {{ sheet.version }}<template v-if="mean"> · {{ mean }}</template> · keeps
        {{ board.kept.toLocaleString('en') }} of {{ board.most.toLocaleString('en') }} characters
      </p>
      <ul v-if="facts?.asks.length" class="pt-2">
        <li
          v-for="each in facts.asks"
          :key="each.permission"
          class="flex items-center gap-2 border-t border-line py-1 first:border-0"
          :data-ask="each.permission"
        >
          <span class="min-w-0 flex-1">It {{ each.words }}.</span>
          <template v-if="each.agreed">
            <span class="text-[13px] text-soft">you agreed</span>
            <button class="button" @click="takeBack(each.permission)">Take that back</button>
          </template>
          <span v-else class="text-[13px] text-wax-words">not agreed to</span>
        </li>
      </ul>
      <div class="flex flex-wrap gap-2 pt-2">
        <button v-if="board.missing.length" class="button button-dark" data-agree @click="agree">
          Agree to all of it, and switch it on
        </button>
        <button v-else-if="!sheet.on" class="button button-dark" data-agree @click="agree">Switch it on</button>
        <button v-else class="button" data-off @click="change({ on: false })">Switch it off</button>
        <button v-if="board.halted" class="button" data-go-on @click="desks.act('extension', sheet.id, 'goOn')">
          Let it go on
        </button>
      </div>
    </section>
    <section role="group" class="sheet px-5 py-4" aria-label="Ask it, and try it">
      <h2 class="text-[18px]">Ask it, and try it</h2>
      <label class="block pt-1">
        <span class="text-[13px] text-soft">What is said with it</span>
        <input v-model="said" class="field" autocomplete="off" data-said />
      </label>
      <div class="flex flex-wrap items-end gap-2 pt-2">
        <button
          v-for="each in sheet.offers"
          :key="each.name"
          class="button"
          :disabled="!board.runs"
          :data-act="each.name"
          @click="act(each.name)"
        >
          {{ each.title }}
        </button>
      </div>
      <div v-if="choices.length" class="flex items-end gap-2 pt-2">
        <span class="min-w-0 flex-1"
          ><ChoiceField
            label="Tried with"
            :model-value="wanted"
            :choices="choices"
            @update:model-value="event = $event"
        /></span>
        <button class="button" data-try @click="tryIt">Try it, nothing is done</button>
      </div>
      <div v-if="tried" class="mt-2 rounded-[8px] bg-well px-3 py-2 text-[14px]" role="status" data-tried>
        <p v-if="tried.failure" class="text-wax-words">{{ tried.failure }}</p>
        <p v-else-if="!tried.wishes.length">It wants nothing done.</p>
        <p v-for="(each, at) in tried.wishes" :key="at">
          <bdi>{{ each }}</bdi>
        </p>
        <p v-for="(each, at) in tried.log" :key="`log${at}`" class="font-mono text-[13px] text-soft">{{ each }}</p>
      </div>
    </section>
    <section role="group" class="sheet px-5 py-4" aria-label="Its log">
      <h2 class="text-[18px]">Its log</h2>
      <p v-if="!facts?.log.lines.length" class="text-[13px] text-soft">
        Nothing yet. What it writes down and how it fails stands here; what it did stands in Look back.
      </p>
      <ol class="max-h-[260px] overflow-auto">
        <li
          v-for="(each, at) in facts?.log.lines"
          :key="at"
          class="flex gap-3 border-t border-line py-1 text-[14px] first:border-0"
          :data-failed="each.failed"
        >
          <span class="w-[92px] flex-none text-soft">{{ dayAndTime(each.at) }}</span>
          <span class="min-w-0 flex-1 break-words" :class="each.failed && 'text-wax-words'">
            <bdi>{{ each.text }}</bdi>
            <span v-if="each.heard" class="block text-[13px] text-soft"
              >on <bdi>{{ each.heard }}</bdi></span
            >
          </span>
        </li>
      </ol>
    </section>
    <ExtensionCode :sheet="sheet" @save="(code) => change({ code })" />
    <section v-show="facts?.notes" role="group" class="sheet px-5 py-4" aria-label="Its notes">
      <article ref="text" class="guide"></article>
    </section>
  </div>
</template>
