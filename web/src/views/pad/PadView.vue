<script setup lang="ts">
import { useIntervalFn, useLocalStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { OrderBoard } from '@/api/types'
import NothingYet from '@/components/NothingYet.vue'
import HushButton from '@/components/rail/HushButton.vue'
import { usePress } from '@/composables/useHandKeys'
import { useMixerNow } from '@/composables/useMixerNow'
import { useOpenDesks } from '@/composables/useOpenDesks'
import { useDesks } from '@/composables/useDesks'
import { useDeskBoards } from '@/stores/desks'
import { useLive } from '@/stores/live'
import { useWiring } from '@/stores/wiring'
import { FIRST_ACTS } from './acts'

/** The control pad: pages of large buttons for a phone or a tablet, each with how it stands. */
const live = useLive()
const wiring = useWiring()
const desks = useDeskBoards()
const press = usePress()
const views = useDesks()
const now = ref(live.now())
useIntervalFn(() => (now.value = live.now()), 500)
interface Key {
  id: string
  name: string
  state: string
  lit: boolean
  off?: boolean
  press: () => unknown
}
const playing = computed(() => [...live.rings.values()].filter((each) => each.state === 'playing'))
/** How long what a cue plays still takes, in words; empty where it does not play. */
const left = (cue: string) => {
  const over = playing.value.filter((each) => each.cueId === cue).flatMap((each) => each.parts.map((part) => part.to))
  return over.length ? `${Math.max(0, Math.ceil((Math.max(...over) - now.value) / 1_000))} s` : ''
}
const waiting = (cue: string) =>
  [...live.rings.values()].filter((each) => each.state === 'waiting' && each.cueId === cue).length
const keysOf = (rack: string): Key[] =>
  wiring.buttons
    .filter((each) => each.rack === rack)
    .map(({ id, name, on, rang }) => {
      const waits = waiting(id)
      return {
        id,
        name,
        lit: left(id) !== '',
        off: !on,
        state: !on ? 'off' : left(id) || (waits ? `${waits} wait` : rang ? `${rang} so far` : ''),
        press: () => press(id),
      }
    })
const orders = computed(() => wiring.sheets.map((each) => each.desk).filter((each) => each.kind === 'order'))
useOpenDesks(() => orders.value.map((each) => each.id))
const { picture, put } = useMixerNow()
const scenes = computed<Key[]>(() =>
  (picture.value?.scenes ?? []).map((scene) => {
    const lit = scene.id === picture.value?.current
    return {
      id: `scene/${scene.id}`,
      name: scene.name,
      lit,
      state: lit ? 'on programme' : 'scene',
      press: () => put('scene', '', scene.id),
    }
  }),
)
const chapters = computed<Key[]>(() =>
  orders.value.flatMap((order) => {
    const board = desks.boards[order.id] as OrderBoard | undefined
    return order.chapters.map((chapter) => ({
      id: `${order.id}/${chapter.id}`,
      name: chapter.name,
      lit: board?.chapter === chapter.id,
      state: board?.chapter === chapter.id ? 'on now' : board?.next === chapter.id ? 'next' : 'chapter',
      press: () => desks.act('order', order.id, 'enter', { chapter: chapter.id }),
    }))
  }),
)
const ofDesks = computed<Key[]>(() =>
  views.value.flatMap((view) =>
    (FIRST_ACTS[view.desk] ?? []).map(({ act, says }) => ({
      id: `${view.about}/${act}`,
      name: `${view.name}: ${says}`,
      lit: false,
      state: view.brief,
      press: () => desks.act(view.desk, view.about, act),
    })),
  ),
)
const pages = computed(() =>
  [
    ...wiring.racks.map(({ rack }) => ({ id: rack.id, name: rack.name, keys: keysOf(rack.id) })),
    { id: '/evening', name: 'Evening', keys: [...chapters.value, ...scenes.value] },
    { id: '/desks', name: 'Desks', keys: ofDesks.value },
  ].filter((page) => page.keys.length),
)
const chosen = useLocalStorage('waxbell.pad', '')
const page = computed(() => pages.value.find((each) => each.id === chosen.value) ?? pages.value[0])
</script>

<template>
  <div class="flex h-full flex-col gap-2 p-2">
    <h1 class="sr-only">Control pad</h1>
    <nav class="flex flex-none items-center gap-1.5 overflow-x-auto" aria-label="Pages of the pad">
      <button
        v-for="each in pages"
        :key="each.id"
        class="button flex-none py-2.5 whitespace-nowrap"
        :class="page?.id === each.id && 'button-dark'"
        :aria-pressed="page?.id === each.id"
        @click="chosen = each.id"
      >
        {{ each.name }}
      </button>
      <div class="ml-auto flex-none"><HushButton /></div>
    </nav>
    <div
      v-if="page"
      class="grid min-h-0 flex-1 auto-rows-[minmax(88px,150px)] content-start grid-cols-[repeat(auto-fill,minmax(132px,1fr))] gap-2 overflow-auto"
      :data-page="page.id"
    >
      <button
        v-for="key in page.keys"
        :key="key.id"
        class="flex flex-col justify-between rounded-[12px] border p-3 text-left active:translate-y-px"
        :class="key.lit ? 'border-ink bg-honey text-[#2a211a]' : 'border-edge bg-sheet hover:bg-well'"
        :disabled="key.off"
        :aria-pressed="key.lit"
        :data-key="key.id"
        @click="key.press()"
      >
        <b class="line-clamp-3 text-[17px] leading-tight">{{ key.name }}</b>
        <span class="truncate font-mono text-[12.5px] opacity-80">{{ key.state || ' ' }}</span>
      </button>
    </div>
    <NothingYet v-else class="p-6">
      No cue has a button yet. Add <i>a button or key</i> to what sets a cue off, and it stands here.
    </NothingYet>
  </div>
</template>
