<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { ask } from '@/api/http'
import type { Me } from '@/api/types'
import TheNotes from '@/components/rail/TheNotes.vue'
import MarkMoment from '@/components/MarkMoment.vue'
import ShutterStrip from '@/components/rail/ShutterStrip.vue'
import { useDusk } from '@/composables/useDusk'
import { usePress } from '@/composables/useHandKeys'
import { useOpenDesks } from '@/composables/useOpenDesks'
import { useDeskBoards } from '@/stores/desks'
import { useKinds } from '@/stores/kinds'
import { useLive } from '@/stores/live'
import { useNeedSound } from '@/stores/needSound'
import { useNotes } from '@/stores/notes'
import { useWhy } from '@/stores/why'
import { DRAWN } from '@/views/desks/kinds'
import LiveChat from '@/views/live/LiveChat.vue'
import NeedsStrip from '@/views/live/NeedsStrip.vue'

/** The page of somebody who helps the host: what needs somebody, chat, and the desks and buttons that they were given. */
useDusk()
const live = useLive()
const desks = useDeskBoards()
const kinds = useKinds()
const notes = useNotes()
const why = useWhy()
const press = usePress()
const me = ref<Me | null>(null)
const turned = ref('')
const load = () =>
  ask<Me>('GET', '/me').then(
    (told) => {
      me.value = told
      turned.value = ''
    },
    (refusal: Error) => (turned.value = refusal.message),
  )
void kinds.load()
void live.loadNeeds()
onMounted(() => live.start())
useNeedSound().listen()
/** What one may holds from the moment on at which it was given or taken: then one is connected anew. */
watch(
  () => live.connected,
  () => void load(),
  { immediate: true },
)
const may = (right: Me['rights'][number]) => me.value?.rights.includes(right) ?? false
useOpenDesks(() => (may('ask') ? (me.value?.desks ?? []).map((each) => each.id) : []))
const shown = computed(() => (may('ask') ? (me.value?.desks ?? []) : []))
const buttons = computed(() => (may('press') ? (me.value?.buttons ?? []) : []))
const playing = computed(() => [...live.rings.values()].filter((each) => each.state === 'playing'))
</script>

<template>
  <div class="flex h-full flex-col">
    <header class="flex flex-none flex-wrap items-center gap-3 border-b border-line bg-sheet px-4 py-2">
      <img src="/bell.svg" alt="" width="24" height="24" />
      <h1 class="min-w-0 flex-1 truncate text-[19px]">
        Wax Bell
        <span class="font-sans text-[14px] text-soft"
          >helping as <bdi data-me>{{ me?.name || 'the host' }}</bdi></span
        >
      </h1>
      <MarkMoment v-if="may('mark')" />
      <button v-if="may('hush')" class="button button-wax" data-hush @click="notes.tell(live.hush())">Hush</button>
    </header>
    <p v-if="turned" role="alert" class="bg-wax px-4 py-1 text-on-wax">
      {{ turned }} <a href="/sign-in" class="underline">Sign in</a>
    </p>
    <ShutterStrip />
    <main class="flex min-h-0 flex-1 flex-col gap-3 overflow-auto p-3">
      <NeedsStrip :may="may" />
      <div class="flex min-h-0 flex-1 flex-wrap gap-3">
        <LiveChat class="h-[520px] min-w-[300px] flex-1" helping :answering="may('say')" />
        <div v-if="buttons.length || playing.length || shown.length" class="flex min-w-[300px] flex-1 flex-col gap-3">
          <section v-if="buttons.length" class="sheet px-4 py-3" aria-label="Buttons">
            <div class="grid grid-cols-[repeat(auto-fill,minmax(118px,1fr))] gap-2">
              <button
                v-for="each in buttons"
                :key="each.cue"
                class="button py-3"
                :disabled="!each.on"
                :data-button="each.cue"
                @click="press(each.cue)"
              >
                {{ each.name }}
              </button>
            </div>
          </section>
          <section v-if="may('hush') && playing.length" class="sheet px-4 py-3" aria-label="What plays">
            <p v-for="each in playing" :key="each.number" class="flex items-center gap-2 py-0.5">
              <span class="min-w-0 flex-1 truncate">{{ each.cueName }}</span>
              <button class="button" @click="notes.tell(why.stop(each.number))">Stop</button>
            </p>
          </section>
          <section
            v-for="desk in shown"
            :key="desk.id"
            class="sheet px-4 py-3"
            :aria-label="desk.name"
            :data-desk="desk.id"
          >
            <h2 class="pb-1 text-[18px]">{{ desk.name }}</h2>
            <!-- What a board leads to, pages and files, is the host’s. -->
            <div class="@container [&_a]:hidden">
              <component
                :is="DRAWN[desk.kind]!.board"
                v-if="desks.boards[desk.id]"
                :sheet="desk"
                :board="desks.boards[desk.id]"
              />
            </div>
          </section>
        </div>
      </div>
    </main>
    <TheNotes />
  </div>
</template>
