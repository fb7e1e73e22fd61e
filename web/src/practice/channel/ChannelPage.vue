<script setup lang="ts">
import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/vue'
import { ChevronDown } from '@lucide/vue'
import { computed, nextTick, onMounted, ref, shallowRef, watch } from 'vue'
import { ask } from '@/api/http'
import { listen } from '@/api/socket'
import type { Viewer } from '@/api/types'
import { useDusk } from '@/composables/useDusk'
import { sampleWord } from '@/lib/sampleWord'
import CrowdMenu from './CrowdMenu.vue'
import EventMenu from '@/components/events/EventMenu.vue'
import { vMenu } from '@/lib/menu'
import RewardMenu from './RewardMenu.vue'
import ViewerMenu from './ViewerMenu.vue'
import ChatLines, { type ChatNotice } from './ChatLines.vue'

useDusk()
const NEW = 'a new name…'
const lines = shallowRef<ChatNotice[]>([])
let heard = 0
const kept = (line: Omit<ChatNotice, 'key'>): ChatNotice => ({ ...line, key: heard++ })
const viewers = ref<Viewer[]>([])
const as = ref('marshlight_ines')
const newName = ref('')
const text = ref('')
const failed = ref('')
const privately = ref(false)
const up = ref(false)
const scroller = ref<HTMLElement | null>(null)

/** A word that rings something, where one does. */
const sample = ref('')
void sampleWord().then((word) => (sample.value = word))

const load = async () => {
  viewers.value = await ask<Viewer[]>('GET', '/practice/viewers')
  if (!viewers.value.some((each) => each.name === as.value)) {
    as.value = viewers.value[0]?.name ?? NEW
  }
}
onMounted(() => {
  load().catch((refusal: Error) => (failed.value = refusal.message))
  listen(
    '/ws/practice/channel',
    (type, body) => {
      if (type === 'standing') {
        lines.value = (body as { lines: ChatNotice[] }).lines.map(kept)
      } else {
        lines.value = [...lines.value, kept(body as ChatNotice)].slice(-200)
      }
    },
    (yes) => (up.value = yes),
  )
})
watch(lines, () => nextTick(() => scroller.value?.scrollTo({ top: scroller.value.scrollHeight })))

const name = computed(() => (as.value === NEW ? newName.value : as.value))
const me = computed(() => viewers.value.find((each) => each.name === as.value))
const words = (viewer?: Viewer) =>
  (viewer?.standings ?? []).filter((each) => each !== 'anyone').join(', ') +
    (viewer?.months ? `, ${viewer.months} months` : '') || 'no standing'

const clip = async () => {
  try {
    await ask('POST', '/practice/events', {
      kind: 'clip',
      name: name.value,
      numbers: { clipSeconds: 30 },
      texts: { clipTitle: 'That moment' },
    })
    failed.value = ''
  } catch (refusal) {
    failed.value = (refusal as Error).message
  }
}
const send = async () => {
  try {
    await ask('POST', '/practice/lines', { name: name.value, text: text.value, privately: privately.value })
    text.value = ''
    failed.value = ''
    if (as.value === NEW) {
      await load()
      as.value =
        viewers.value.find((each) => each.name.toLowerCase() === newName.value.trim().toLowerCase())?.name ?? NEW
      newName.value = ''
    }
  } catch (refusal) {
    failed.value = (refusal as Error).message
  }
}
</script>

<template>
  <main class="mx-auto flex h-full max-w-[860px] flex-col p-5">
    <header class="flex items-end border-b border-line pb-3">
      <div>
        <h1 class="text-[26px]">Saltmarsh Candle Hour</h1>
        <p class="text-soft">with Odalys Fenn · practice channel, nothing leaves this machine</p>
      </div>
      <CrowdMenu class="mr-4 ml-auto" />
      <p class="text-[13px]" :class="up ? 'text-verdigris-words' : 'text-wax-words'">
        {{ up ? 'chat is up' : 'chat is away' }}
      </p>
    </header>
    <div ref="scroller" class="min-h-0 flex-1 overflow-auto py-3" tabindex="0" role="log" aria-label="Chat">
      <ChatLines :lines="lines" />
      <p v-if="lines.length === 0" class="grid h-full place-items-center text-soft">
        Nobody has written yet. Choose who you are below, and write {{ sample || 'a line' }}.
      </p>
    </div>
    <form class="sheet p-3" @submit.prevent="send">
      <div class="flex flex-wrap items-center gap-2 pb-2">
        <span class="text-soft">You are</span>
        <Listbox v-model="as" as="div" class="relative">
          <ListboxButton class="field flex w-[200px] items-center text-left" data-who>
            <span class="sr-only">You are</span>
            <span class="min-w-0 flex-1 truncate">{{ as }}</span><ChevronDown :size="14" />
          </ListboxButton>
          <ListboxOptions v-menu="'top-start'" class="sheet max-h-80 w-[300px] overflow-auto p-1 shadow-lg">
            <ListboxOption v-for="viewer in viewers" :key="viewer.id" v-slot="{ active }" :value="viewer.name">
              <span class="flex justify-between gap-3 rounded-[6px] px-2 py-1" :class="active && 'bg-well'"
                ><span class="truncate">{{ viewer.name }}</span
                ><span class="flex-none text-[12.5px] text-soft">{{ words(viewer) }}</span></span
              >
            </ListboxOption>
            <ListboxOption v-slot="{ active }" :value="NEW">
              <span class="block rounded-[6px] px-2 py-1 italic" :class="active && 'bg-well'">{{ NEW }}</span>
            </ListboxOption>
          </ListboxOptions>
        </Listbox>
        <input
          v-if="as === NEW"
          v-model="newName"
          class="field w-[180px]"
          aria-label="New name"
          placeholder="name"
          autocomplete="off"
        />
        <template v-else
          ><span class="text-[13px] text-soft">{{ words(me) }}</span
          ><ViewerMenu :name="name" :viewer="me" @known="load"
        /></template>
        <label class="flex items-center gap-1.5 text-[13px] text-soft"
          ><input v-model="privately" type="checkbox" class="accent-verdigris h-4 w-4" /> privately, to the
          helper</label
        >
        <span class="ml-auto flex gap-2">
          <button
            type="button"
            class="button"
            title="Keeps the last half minute as a clip, as any viewer may"
            @click="clip"
          >
            Clip that
          </button>
          <RewardMenu :name="name" />
          <EventMenu :name="name" />
        </span>
      </div>
      <div class="flex gap-2">
        <input
          v-model="text"
          class="field h-9"
          aria-label="Your line"
          :placeholder="sample ? `Write a line, such as ${sample}` : 'Write a line'"
          autocomplete="off"
          :aria-invalid="failed !== ''"
        />
        <button class="button button-dark">Send</button>
      </div>
      <p v-if="failed" role="alert" class="pt-1 text-wax-words">{{ failed }}</p>
    </form>
  </main>
</template>
