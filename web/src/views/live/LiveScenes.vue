<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { ref } from 'vue'
import { useMixerNow } from '@/composables/useMixerNow'
import { digits } from '@/lib/clock'
import { useLive } from '@/stores/live'

/** Scenes of the mixer, what it does, and since when the show is open. */
const live = useLive()
const { picture, put } = useMixerNow()
const now = ref(live.now())
useIntervalFn(() => (now.value = live.now()), 1_000)
</script>

<template>
  <section class="sheet flex-none px-4 py-3" aria-label="Scenes">
    <h2 class="flex items-baseline gap-3 pb-2 text-[18px]">
      Scenes
      <span v-if="live.evening.show > 0" class="font-sans text-[13px] font-normal text-soft"
        >show {{ live.evening.show }} for {{ digits(now - live.evening.openedAt, false) }}</span
      >
    </h2>
    <div v-if="picture" class="flex flex-wrap gap-2">
      <button
        v-for="scene in picture.scenes"
        :key="scene.id"
        class="button"
        :class="scene.id === picture.current && 'button-dark'"
        :aria-pressed="scene.id === picture.current"
        @click="put('scene', '', scene.id)"
      >
        {{ scene.name }}
      </button>
    </div>
    <p v-else class="text-soft">No mixer is linked.</p>
    <p v-if="picture" class="flex flex-wrap gap-2 pt-2 text-[13px]">
      <span :class="picture.streaming ? 'font-semibold text-wax-words' : 'text-soft'">{{
        picture.streaming ? 'streams' : 'does not stream'
      }}</span>
      <span :class="picture.recording ? 'font-semibold' : 'text-soft'">{{
        picture.recording ? 'records' : 'does not record'
      }}</span>
    </p>
  </section>
</template>
