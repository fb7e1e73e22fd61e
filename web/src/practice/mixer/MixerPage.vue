<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { ask } from '@/api/http'
import { listen } from '@/api/socket'
import type { MixerStanding } from '@/api/types'
import { useDusk } from '@/composables/useDusk'
import BenchCamera from './BenchCamera.vue'
import BrowserSource from './BrowserSource.vue'
import KettleCamera from './KettleCamera.vue'

useDusk()
const CAMERAS: Record<string, unknown> = { bench: BenchCamera, kettle: KettleCamera }
const mixer = ref<MixerStanding | null>(null)
const failed = ref('')
const clicked = ref(navigator.userActivation?.hasBeenActive ?? true)
const room = ref<HTMLElement | null>(null)
const { width, height } = useElementSize(room)
const scale = computed(() => Math.min(width.value / 1_280, height.value / 720) || 0.5)

onMounted(() => listen('/ws/practice/mixer', (_type, body) => (mixer.value = body as MixerStanding), () => undefined))
addEventListener('pointerdown', () => (clicked.value = true), { once: true })

const guarded = async (work: Promise<MixerStanding>) => {
  try {
    mixer.value = await work
    failed.value = ''
  } catch (refusal) {
    failed.value = (refusal as Error).message
  }
}
const cut = (scene: string) => guarded(ask('PUT', '/practice/mixer/scene', { scene }))
const takeAddress = () => guarded(ask('POST', '/practice/mixer/source'))
</script>

<template>
  <main class="flex h-full flex-col p-4">
    <header class="flex items-baseline gap-3 pb-3">
      <h1 class="text-[22px]">Practice mixer</h1>
      <p class="text-soft">stands for your broadcasting software; programme of 1280 × 720</p>
      <p v-if="!clicked" class="ml-auto text-[13px] text-honey-words">Click anywhere once, so that this page may sound.</p>
    </header>
    <div class="flex min-h-0 flex-1 gap-4">
      <div ref="room" class="min-w-0 flex-1">
        <section v-if="mixer" aria-label="Programme" class="relative overflow-hidden rounded-[10px] bg-ink" :style="{ width: 1280 * scale + 'px', height: 720 * scale + 'px' }">
          <div class="absolute top-0 left-0 h-[720px] w-[1280px] origin-top-left" :style="{ transform: `scale(${scale})` }">
            <div v-for="scene in mixer.scenes" :key="scene.id" class="absolute inset-0" :class="scene.id !== mixer.current && 'invisible'" :data-scene="scene.id">
              <component :is="CAMERAS[scene.id]" />
              <BrowserSource :key="mixer.sourceAddress" :address="mixer.sourceAddress" :scene="scene.name" :on-programme="scene.id === mixer.current" />
            </div>
          </div>
        </section>
      </div>
      <div class="flex w-[230px] flex-none flex-col gap-4">
        <section class="sheet p-3" aria-label="Scenes">
          <h2 class="pb-2 text-[16px]">Scenes</h2>
          <button
            v-for="scene in mixer?.scenes ?? []"
            :key="scene.id"
            class="mb-1.5 flex w-full items-center justify-between rounded-[8px] border px-3 py-2 text-left"
            :class="scene.id === mixer?.current ? 'border-ink bg-well font-semibold' : 'border-edge'"
            :aria-pressed="scene.id === mixer?.current"
            @click="cut(scene.id)"
          >
            {{ scene.name }} <span v-if="scene.id === mixer?.current" class="text-[12px] text-verdigris-words">on programme</span>
          </button>
        </section>
        <section class="sheet p-3" aria-label="Sources">
          <h2 class="pb-1 text-[16px]">Browser source</h2>
          <p v-if="mixer?.sourceValid" class="text-soft">Stage Main, in both scenes, by its secret address. Only the one on programme sounds.</p>
          <template v-else-if="mixer">
            <p role="alert" class="pb-2 text-wax-words">The stage's address was renewed, so this source shows nothing.</p>
            <button class="button" @click="takeAddress">Give it the new address</button>
          </template>
        </section>
        <p v-if="failed" role="alert" class="text-wax-words">{{ failed }}</p>
      </div>
    </div>
  </main>
</template>
