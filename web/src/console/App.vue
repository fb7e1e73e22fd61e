<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { defineAsyncComponent, onMounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import FirstStrip from '@/components/first/FirstStrip.vue'
import TheRail from '@/components/rail/TheRail.vue'
import ShutterStrip from '@/components/rail/ShutterStrip.vue'
import TheNotes from '@/components/rail/TheNotes.vue'
import TheRope from '@/components/rope/TheRope.vue'
import { useEver } from '@/composables/useEver'
import { useHandKeys } from '@/composables/useHandKeys'
import { useKeys } from '@/composables/useKeys'
import { useHearHere } from '@/stores/hearHere'
import { useKinds } from '@/stores/kinds'
import { useLive } from '@/stores/live'
import { useNeedSound } from '@/stores/needSound'
import { useNotes } from '@/stores/notes'
import { useWhy } from '@/stores/why'
import { useWiring } from '@/stores/wiring'

/** What opens over the page is loaded when it is first opened. */
const HelpDialog = defineAsyncComponent(() => import('@/components/rail/HelpDialog.vue'))
const ThePalette = defineAsyncComponent(() => import('@/components/rail/ThePalette.vue'))
const HearingFrames = defineAsyncComponent(() => import('@/components/rail/HearingFrames.vue'))
const JournalDialog = defineAsyncComponent(() => import('@/components/why/JournalDialog.vue'))
const WhyDialog = defineAsyncComponent(() => import('@/components/why/WhyDialog.vue'))
const route = useRoute()
const kinds = useKinds()
const live = useLive()
const wiring = useWiring()
const notes = useNotes()
const keys = ref(false)
const palette = ref(false)
const why = useWhy()
const here = useHearHere()
const keysEver = useEver(() => keys.value)
const paletteEver = useEver(() => palette.value)
const whyEver = useEver(() => why.journal || why.decision !== null)

void kinds.load()
onMounted(() => live.start())
useNeedSound().listen()
watch(
  () => live.wiringStamp,
  () => void wiring.load(),
)

const history = async (step: 'undo' | 'redo') => {
  const what = wiring.view?.history[step]
  if (!what) {
    notes.say(step === 'undo' ? 'There is nothing to undo.' : 'There is nothing to do again.')
    return
  }
  try {
    await wiring[step]()
    notes.say(step === 'undo' ? `Undone: ${what}` : `Done again: ${what}`)
  } catch (refusal) {
    notes.say((refusal as Error).message)
  }
}
useHandKeys()
useEventListener('keydown', (key: KeyboardEvent) => {
  if ((key.ctrlKey || key.metaKey) && key.key.toLowerCase() === 'k') {
    key.preventDefault()
    palette.value = true
  }
})
useKeys({
  'Ctrl+z': () => void history('undo'),
  'Ctrl+Shift+z': () => void history('redo'),
  'Ctrl+y': () => void history('redo'),
  '?': () => (keys.value = true),
  t: () => document.querySelector<HTMLInputElement>('[data-try]')?.focus(),
})
</script>

<template>
  <div class="flex h-full flex-col">
    <TheRail v-if="!route.meta.dock" @keys="keys = true" @palette="palette = true" @history="history" />
    <p v-if="!live.connected && live.version" role="alert" class="bg-wax px-4 py-1 text-on-wax">
      Wax Bell does not answer. What is on air goes away by itself; this page comes back as soon as it runs again.
    </p>
    <p v-if="!live.saved.ok" role="alert" class="bg-wax px-4 py-1 text-on-wax">
      Unsaved: the data folder cannot be written ({{ live.saved.why }}). Screen and sound go on; make room on the disk,
      it is tried again every second.
    </p>
    <ShutterStrip />
    <FirstStrip v-if="!route.meta.dock" />
    <main class="min-h-0 flex-1"><RouterView /></main>
    <HearingFrames v-if="here.on" />
    <TheRope v-if="!route.meta.dock" :low="route.meta.low === true" />
    <TheNotes />
    <ThePalette v-if="paletteEver" :open="palette" @close="palette = false" @keys="keys = true" @history="history" />
    <template v-if="whyEver">
      <JournalDialog />
      <WhyDialog />
    </template>
    <HelpDialog v-if="keysEver" :open="keys" @close="keys = false" />
  </div>
</template>
