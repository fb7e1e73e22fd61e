<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { onMounted, ref, watch } from 'vue'
import KeysDialog from '@/components/rail/KeysDialog.vue'
import ThePalette from '@/components/rail/ThePalette.vue'
import TheRail from '@/components/rail/TheRail.vue'
import TheNotes from '@/components/rail/TheNotes.vue'
import TheRope from '@/components/rope/TheRope.vue'
import JournalDialog from '@/components/why/JournalDialog.vue'
import WhyDialog from '@/components/why/WhyDialog.vue'
import { useHandKeys } from '@/composables/useHandKeys'
import { useKeys } from '@/composables/useKeys'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'

const live = useLive()
const wiring = useWiring()
const notes = useNotes()
const keys = ref(false)
const palette = ref(false)

onMounted(() => live.start())
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
    <TheRail @keys="keys = true" @palette="palette = true" @history="history" />
    <p v-if="!live.connected && live.version" role="alert" class="bg-wax px-4 py-1 text-on-wax">
      Wax Bell does not answer. What is on air goes away by itself; this page comes back as soon as it runs again.
    </p>
    <p v-if="!live.saved.ok" role="alert" class="bg-wax px-4 py-1 text-on-wax">
      Unsaved: the data folder cannot be written ({{ live.saved.why }}). Screen and sound go on; make room on the disk,
      it is tried again every second.
    </p>
    <main class="min-h-0 flex-1"><RouterView /></main>
    <TheRope />
    <TheNotes />
    <ThePalette :open="palette" @close="palette = false" @keys="keys = true" @history="history" />
    <JournalDialog />
    <WhyDialog />
    <KeysDialog :open="keys" @close="keys = false" />
  </div>
</template>
