<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { ask } from '@/api/http'
import type { TunesBoard } from '@/api/types'
import { digits } from '@/lib/clock'
import { useLive } from '@/stores/live'
import WaveDrawing from '@/views/shelf/WaveDrawing.vue'

/** The tune that plays: drawn on time, with who asked, and what the host does with it. */
const props = defineProps<{ board: TunesBoard }>()
const emit = defineEmits<{ act: [name: string, said?: Record<string, string>] }>()
const live = useLive()
const now = ref(live.now())
useIntervalFn(() => (now.value = live.now()), 250)
const playing = computed(() => props.board.playing ?? null)
const place = computed(() => {
  const one = playing.value
  return one ? Math.min(one.tune.lengthMs, Math.max(0, (one.paused || now.value) - one.began)) : 0
})
const drawing = ref('')
watch(
  () => playing.value?.tune.id ?? '',
  async (id) => {
    drawing.value = ''
    if (id) {
      const told = await ask<{ drawing: string }>('GET', `/tunes/drawing?id=${encodeURIComponent(id)}`).catch(
        () => null,
      )
      drawing.value = told && playing.value?.tune.id === id ? told.drawing : ''
    }
  },
  { immediate: true },
)
const runs = computed(() => playing.value !== null && playing.value.paused === 0)
const volume = ref(props.board.volume)
watch(
  () => props.board.volume,
  (told) => (volume.value = told),
)
</script>

<template>
  <section role="group" class="sheet border-l-4 border-l-honey px-5 py-4" aria-label="What plays">
    <div class="flex items-center gap-4">
      <img
        v-if="playing?.tune.pictured"
        :src="`/api/tunes/picture?id=${encodeURIComponent(playing.tune.id)}`"
        alt=""
        class="h-16 w-16 flex-none rounded-[10px]"
      />
      <div class="min-w-0 flex-1">
        <h2 class="truncate text-[22px] leading-[1.35]" data-plays>{{ playing?.tune.title ?? 'Nothing plays' }}</h2>
        <p class="truncate text-soft" data-about>
          <template v-if="playing">
            {{ playing.tune.maker
            }}<template v-if="playing.name">
              · for <bdi>{{ playing.name }}</bdi></template
            >{{ playing.fallback ? ' · from your list' : '' }} · {{ playing.tune.licence || 'licence not known' }}
          </template>
          <template v-else-if="board.on">It begins with the next tune that is asked for.</template>
          <template v-else>Press Play: what was asked for comes first, then your list.</template>
        </p>
      </div>
      <p v-if="playing" class="flex-none font-mono text-[15px] tabular-nums" data-place>
        {{ digits(place, true) }} / {{ digits(playing.tune.lengthMs, true) }}
      </p>
    </div>
    <div v-if="playing" class="mt-3 h-12">
      <WaveDrawing v-if="drawing" :drawing="drawing" :heard="place / playing.tune.lengthMs" />
      <div v-else class="mt-5 h-2 overflow-hidden rounded-full bg-well">
        <div class="h-full bg-honey" :style="{ width: `${(100 * place) / playing.tune.lengthMs}%` }" />
      </div>
    </div>
    <div class="flex flex-wrap items-center gap-2 pt-3">
      <button class="button button-dark" data-play @click="emit('act', runs ? 'pause' : 'start')">
        {{ runs ? 'Pause' : playing ? 'Go on' : 'Play' }}
      </button>
      <button class="button" :disabled="!playing" data-skip @click="emit('act', 'skip')">Next</button>
      <button class="button" :disabled="!board.on" @click="emit('act', 'stop')">End playing</button>
      <button class="button" :disabled="!playing" data-keep @click="emit('act', 'keep')">Keep it on your list</button>
      <label class="ml-auto flex items-center gap-2 text-[13px] text-soft">
        Volume
        <input
          v-model.number="volume"
          type="range"
          min="0"
          max="100"
          class="w-28"
          @change="emit('act', 'volume', { percent: String(volume) })"
        />
        <span class="w-9 text-right font-mono">{{ volume }} %</span>
      </label>
    </div>
    <p v-if="board.votes" class="pt-2 text-[13px] text-soft" data-votes>
      {{ board.votes }} of {{ board.needed }} votes for the next
    </p>
  </section>
</template>
