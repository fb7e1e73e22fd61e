<script setup lang="ts">
import { Reply } from '@lucide/vue'
import { useResizeObserver } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { ask } from '@/api/http'
import type { DecisionNotice } from '@/api/types'
import { timeOfDay } from '@/lib/spans'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'
import { useWhy } from '@/stores/why'
import { useWiring } from '@/stores/wiring'
import { moodOf } from '@/components/rope/bars'
import { FILTERS } from './chat'

/** Chat of all links with what became of each line; nothing moves away while one reads. */
/** Somebody who may not answer only reads. */
const { helping = false, answering = true } = defineProps<{
  /** Whether it is read on the page of somebody who helps, where nothing leads to the host's own. */
  helping?: boolean
  answering?: boolean
}>()
const router = useRouter()
const live = useLive()
const why = useWhy()
const notes = useNotes()
const wiring = useWiring()
const filter = ref(FILTERS[0]!)
const scroller = ref<HTMLElement | null>(null)
/** The newest decision that is shown while one reads further up; 0 where the newest is followed. */
const stopped = ref(0)
const through = computed(() => live.decisions.filter(filter.value.lets))
const shown = computed(() =>
  stopped.value ? through.value.filter((each) => each.number <= stopped.value) : through.value,
)
const waiting = computed(() => through.value.length - shown.value.length)
const count = (of: (typeof FILTERS)[number]) => live.decisions.filter(of.lets).length
const down = () => nextTick(() => scroller.value?.scrollTo({ top: scroller.value.scrollHeight }))
const follow = () => {
  stopped.value = 0
  void down()
}
const scrolled = () => {
  const box = scroller.value!
  const atEnd = box.scrollHeight - box.scrollTop - box.clientHeight < 40
  stopped.value = atEnd ? 0 : stopped.value || (through.value.at(-1)?.number ?? 0)
}
watch(shown, () => !stopped.value && void down(), { immediate: true })
watch(filter, follow)
/** What stands above may take room from it: the newest line stays in sight. */
useResizeObserver(scroller, () => !stopped.value && void down())

const text = ref('')
const to = ref('')
/** Where one may write: the links, and a channel of one that was answered. */
const chats = computed(() => {
  const all = live.links.filter((each) => each.kind === 'irc' || each.id === 'practice')
  const named = all.map((each) => ({ id: each.id, name: each.name }))
  return chat.value && !named.some((each) => each.id === chat.value)
    ? [...named, { id: chat.value, name: nameOf(chat.value) }]
    : named
})
/** Empty for the chat of the house, which the server knows. */
const chat = ref('')
const chosen = computed({ get: () => chat.value || wiring.house.home, set: (other) => (chat.value = other) })
const nameOf = (id: string) => {
  const [link = '', ...channel] = id.split('/')
  return [live.links.find((each) => each.id === link)?.name ?? link, ...channel].join(' ')
}
/** Where lines of more than one chat stand, each says of which it is. */
const several = computed(() => new Set(live.decisions.map((each) => each.written?.chat).filter(Boolean)).size > 1)
const answer = (line: DecisionNotice) => {
  // What is answered is answered where it was written.
  chat.value = line.written?.chat ?? ''
  to.value = line.written?.privately ? line.viewer : ''
  text.value = to.value ? text.value : `@${line.viewer} `
  document.querySelector<HTMLInputElement>('[data-answer]')?.focus()
}
const send = () =>
  ask<DecisionNotice>('POST', '/chat', { chat: chat.value, to: to.value, text: text.value }).then(
    () => (text.value = ''),
    (refusal: Error) => notes.say(refusal.message),
  )
const personOf = (viewer: string) => `/people?name=${encodeURIComponent(viewer)}`
const MOODS = {
  rang: 'text-verdigris-words',
  held: 'text-wax-words',
  missed: 'text-wax-words',
  none: 'text-soft',
}
/** Where nothing came of what was written, nothing is said of it. */
const says = (line: DecisionNotice) => (line.answers.length || !line.written ? line.sentence : '')
</script>

<template>
  <section class="sheet flex min-h-0 flex-col" aria-label="Chat">
    <header class="flex flex-wrap items-baseline gap-x-3 gap-y-1 border-b border-line px-4 py-2.5">
      <h2 class="text-[18px]">Chat</h2>
      <button
        v-for="each in FILTERS"
        :key="each.filter"
        class="rounded-[7px] px-1.5 text-[13px]"
        :class="filter.filter === each.filter ? 'bg-well font-semibold' : 'text-soft hover:bg-well'"
        :aria-pressed="filter.filter === each.filter"
        @click="filter = each"
      >
        {{ each.filter === 'all' ? each.name : `${each.name} ${count(each)}` }}
      </button>
    </header>
    <div
      ref="scroller"
      class="min-h-0 flex-1 overflow-auto"
      role="log"
      aria-label="Lines"
      tabindex="0"
      @scroll="scrolled"
    >
      <!-- Drawn once; in a flood, a part of its own in each line would be most of the work. -->
      <span class="hidden"><Reply id="sign-answer" :size="14" /></span>
      <div
        v-for="line in shown"
        :key="line.number"
        v-memo="[line, answering, several]"
        class="flex items-baseline gap-2 border-b border-line py-1.5 pr-2 pl-4 contain-content"
        :data-line="line.number"
      >
        <p class="min-w-0 flex-1 break-words" :title="timeOfDay(line.at)">
          <bdi v-if="!line.written" dir="ltr" class="text-honey-words italic">{{ line.event }}</bdi>
          <template v-else>
            <a
              v-if="line.viewer && !helping"
              :href="personOf(line.viewer)"
              class="font-semibold hover:underline"
              @click.exact.prevent="router.push(personOf(line.viewer))"
              ><bdi>{{ line.viewer }}</bdi></a
            >
            <bdi v-else class="font-semibold">{{ line.viewer }}</bdi>
            <span v-if="several" class="text-[12.5px] text-soft"> in {{ nameOf(line.written.chat) }}</span>
            <span v-if="line.written.privately" class="text-[12.5px] text-soft"> to you alone</span>
            {{ ' ' }}<bdi>{{ line.written.text }}</bdi>
          </template>
        </p>
        <span
          v-if="says(line) && helping"
          class="max-w-[45%] flex-none truncate text-[13px]"
          :class="MOODS[moodOf(line)]"
          :title="says(line)"
          >{{ says(line) }}</span
        >
        <button
          v-else-if="says(line)"
          class="max-w-[45%] flex-none truncate text-[13px] hover:underline"
          :class="MOODS[moodOf(line)]"
          :title="says(line)"
          @click="why.open(line)"
        >
          {{ says(line) }}
        </button>
        <button
          v-if="line.written && answering"
          class="flex-none self-start rounded-[7px] p-1 text-soft hover:bg-well"
          :aria-label="`Answer ${line.viewer}`"
          :title="`Answer ${line.viewer}`"
          @click="answer(line)"
        >
          <svg width="14" height="14"><use href="#sign-answer" /></svg>
        </button>
        <span v-else class="w-[22px] flex-none" />
      </div>
      <p v-if="!shown.length" class="px-4 py-5 text-center text-soft">
        {{ filter.filter === 'all' ? 'Nobody has written yet.' : 'Nothing of that kind yet.' }}
      </p>
    </div>
    <button v-if="waiting > 0" class="border-t border-line py-1 text-center font-semibold" data-waiting @click="follow">
      {{ waiting }} more below
    </button>
    <form
      v-if="answering"
      class="flex flex-wrap items-center gap-2 border-t border-line px-3 py-2"
      @submit.prevent="send"
    >
      <select v-if="chats.length > 1" v-model="chosen" class="field w-auto" aria-label="Into which chat">
        <option v-for="each in chats" :key="each.id" :value="each.id">{{ each.name }}</option>
      </select>
      <button v-if="to" type="button" class="text-[13px] underline" title="To everyone instead" @click="to = ''">
        to <bdi>{{ to }}</bdi> alone
      </button>
      <input
        v-model="text"
        data-answer
        class="field min-w-0 flex-1 basis-40"
        maxlength="500"
        required
        placeholder="Answer as the helper…"
        aria-label="Answer as the helper"
      />
      <button class="button button-dark">Send</button>
    </form>
  </section>
</template>
