<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { ask } from '@/api/http'
import { listen } from '@/api/socket'
import type { MixerChange, MixerPicture, MixerSource } from '@/api/types'
import { useDusk } from '@/composables/useDusk'
import MixerDoor from './MixerDoor.vue'
import { SILENT } from '@/lib/meter'
import SceneItem from './SceneItem.vue'
import SourceRow from './SourceRow.vue'
import { useLevels } from './levels'

useDusk()
const mixer = ref<MixerPicture | null>(null)
const failed = ref('')
const clicked = ref(navigator.userActivation?.hasBeenActive ?? true)
const room = ref<HTMLElement | null>(null)
const { width, height } = useElementSize(room)
const scale = computed(() => Math.min(width.value / 1_280, height.value / 720) || 0.5)
const levels = useLevels()

onMounted(() =>
  listen(
    '/ws/practice/mixer',
    (_type, body) => (mixer.value = body as MixerPicture),
    () => undefined,
  ),
)
addEventListener('pointerdown', () => (clicked.value = true), { once: true })

const scene = computed(() => mixer.value?.scenes.find((each) => each.id === mixer.value?.current))
const source = (id: string) => mixer.value?.sources.find((each) => each.id === id) as MixerSource
const NOTHING: MixerChange = {
  what: '',
  scene: '',
  source: '',
  text: '',
  level: 0,
  on: false,
  filter: '',
  place: { left: 0, top: 0, width: 0, height: 0 },
}
const hand = async (work: Partial<MixerChange> & { what: string }) => {
  try {
    mixer.value = await ask<MixerPicture>('POST', '/practice/mixer/hand', { ...NOTHING, ...work })
    failed.value = ''
  } catch (refusal) {
    failed.value = (refusal as Error).message
  }
}
</script>

<template>
  <main class="flex h-full flex-col p-4">
    <header class="flex items-baseline gap-3 pb-3">
      <h1 class="text-[22px]">Practice mixer</h1>
      <p class="text-soft">stands for your broadcasting software; programme of 1280 × 720</p>
      <p v-if="!clicked" class="ml-auto text-[13px] text-honey-words">
        Click anywhere once, so that this page may sound.
      </p>
    </header>
    <div class="flex min-h-0 flex-1 gap-4">
      <div ref="room" class="min-w-0 flex-1">
        <section
          v-if="mixer"
          aria-label="Programme"
          class="relative overflow-hidden rounded-[10px] bg-black"
          :style="{ width: 1280 * scale + 'px', height: 720 * scale + 'px' }"
        >
          <div
            class="absolute top-0 left-0 h-[720px] w-[1280px] origin-top-left"
            :style="{ transform: `scale(${scale})` }"
          >
            <div
              v-for="each in mixer.scenes"
              :key="each.id"
              class="absolute inset-0"
              :class="each.id !== mixer.current && 'invisible'"
              :data-scene="each.id"
            >
              <SceneItem
                v-for="item in each.items"
                :key="item.source"
                :item="item"
                :source="source(item.source)"
                :on-programme="each.id === mixer.current"
                @peak="levels.tell(item.source, $event)"
              />
            </div>
          </div>
          <p
            v-if="mixer.streaming || mixer.recording"
            class="absolute top-3 left-3 flex gap-2 text-[13px] font-semibold"
          >
            <span v-if="mixer.streaming" class="rounded-[8px] bg-wax px-2 py-0.5 text-on-wax">streaming</span>
            <span v-if="mixer.recording" class="rounded-[8px] bg-rope px-2 py-0.5 text-rope-words">recording</span>
          </p>
        </section>
      </div>
      <div class="flex w-[320px] flex-none flex-col gap-3 overflow-auto">
        <section class="sheet p-3" aria-label="Scenes">
          <h2 class="pb-2 text-[16px]">Scenes</h2>
          <button
            v-for="each in mixer?.scenes ?? []"
            :key="each.id"
            class="mb-1.5 flex w-full items-center justify-between rounded-[8px] border px-3 py-1.5 text-left"
            :class="each.id === mixer?.current ? 'border-ink bg-well font-semibold' : 'border-edge'"
            :aria-pressed="each.id === mixer?.current"
            @click="hand({ what: 'scene.cut', scene: each.id })"
          >
            {{ each.name }}
            <span v-if="each.id === mixer?.current" class="text-[12px] text-verdigris-words">on programme</span>
          </button>
          <div v-if="mixer" class="grid grid-cols-2 gap-2 pt-1">
            <button
              class="button"
              :class="mixer.streaming && 'button-dark'"
              :aria-pressed="mixer.streaming"
              @click="hand({ what: 'stream.set', on: !mixer.streaming })"
            >
              {{ mixer.streaming ? 'End the stream' : 'Stream' }}
            </button>
            <button
              class="button"
              :class="mixer.recording && 'button-dark'"
              :aria-pressed="mixer.recording"
              @click="hand({ what: 'recording.set', on: !mixer.recording })"
            >
              {{ mixer.recording ? 'End recording' : 'Record' }}
            </button>
          </div>
        </section>
        <section v-if="mixer && scene" class="sheet p-3" :aria-label="`Sources in ${scene.name}`">
          <h2 class="pb-1 text-[16px]">In {{ scene.name }}</h2>
          <SourceRow
            v-for="item in [...scene.items].reverse()"
            :key="item.source"
            :item="item"
            :source="source(item.source)"
            :peak="levels.peaks[item.source] ?? SILENT"
            @hand="hand({ ...$event, scene: $event.what.startsWith('item') ? scene!.id : '' })"
          />
        </section>
        <MixerDoor />
        <p v-if="failed" role="alert" class="text-wax-words">{{ failed }}</p>
      </div>
    </div>
  </main>
</template>
