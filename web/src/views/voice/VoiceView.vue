<script setup lang="ts">
import { Pause, Play } from '@lucide/vue'
import { watch } from 'vue'
import { unhurried } from '@/lib/unhurried'
import { useLive } from '@/stores/live'
import { useVoice } from '@/stores/voice'
import HearHere from './HearHere.vue'
import ReadingCard from './ReadingCard.vue'
import TryVoice from './TryVoice.vue'
import VoiceCues from './VoiceCues.vue'
import VoiceHeld from './VoiceHeld.vue'
import VoicePeople from './VoicePeople.vue'
import VoiceQueue from './VoiceQueue.vue'

/** The voice: what is said now and next, what waits for the host, how text is read, and by whom nothing is said. */
const live = useLive()
const voice = useVoice()
/** A flood of lines is no reason to ask as often. */
const OFTEN_MS = 400
watch([() => live.wiringStamp, () => live.decisions.at(-1)?.number], unhurried(voice.load, OFTEN_MS), {
  immediate: true,
})
</script>

<template>
  <div class="h-full overflow-auto px-6 py-4">
    <div class="mx-auto max-w-[1180px]">
      <div class="flex items-center gap-3 pb-3">
        <h1 class="flex-1 text-[24px]">Voice</h1>
        <HearHere />
        <button
          v-if="voice.view"
          class="button"
          :class="voice.view.paused && 'button-dark'"
          @click="voice.act(voice.view.paused ? 'resume' : 'pause')"
        >
          <component :is="voice.view.paused ? Play : Pause" :size="15" />
          {{ voice.view.paused ? 'Go on speaking' : 'Pause the voice' }}
        </button>
      </div>
      <p v-if="voice.view?.paused" role="status" class="sheet mb-3 px-4 py-2">
        The voice is paused: what viewers write from now on waits below until you let it through.
      </p>
      <div class="grid gap-4 lg:grid-cols-[minmax(0,1fr)_400px]">
        <div class="flex min-w-0 flex-col gap-4">
          <ReadingCard />
          <TryVoice />
          <VoiceCues />
        </div>
        <div class="flex min-w-0 flex-col gap-4">
          <VoiceQueue />
          <VoiceHeld />
          <VoicePeople />
        </div>
      </div>
    </div>
  </div>
</template>
