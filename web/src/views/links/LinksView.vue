<script setup lang="ts">
import { computed } from 'vue'
import { useLive } from '@/stores/live'
import { useWiring } from '@/stores/wiring'
import StageAddress from './StageAddress.vue'

const live = useLive()
const wiring = useWiring()
const soundless = computed(() => live.pages.filter((page) => !page.sounds).length)
const state = computed(() => {
  if (live.pages.length === 0) {
    return { good: false, says: 'No page shows this stage: viewers see nothing of it.', todo: 'Open the practice mixer, or give the address to your broadcasting software.' }
  }
  const pages = live.pages.length === 1 ? 'One page shows it' : `${live.pages.length} pages show it`
  return soundless.value === live.pages.length
    ? { good: false, says: `${pages}, and none may sound.`, todo: 'Click once into the page that shows it.' }
    : { good: true, says: `${pages}, and sound can be heard.`, todo: '' }
})
</script>

<template>
  <div class="h-full overflow-auto p-5">
    <h1 class="text-[25px]">Links</h1>
    <p class="max-w-[70ch] pt-1 pb-4 text-soft">Where lines come from and where the stage is shown. Everything here stays on this machine.</p>
    <div class="grid max-w-[1180px] grid-cols-[repeat(auto-fill,minmax(360px,1fr))] gap-4">
      <section class="sheet p-4" aria-label="Practice channel">
        <h2 class="flex items-center gap-2 text-[18px]"><span class="h-2.5 w-2.5 rounded-full bg-verdigris-words" />Practice channel</h2>
        <p class="py-2 text-soft">A channel of our own, to try everything as any viewer. It is always up and nothing leaves this machine.</p>
        <p>{{ wiring.cues.length }} cues listen to it. Answers are written by <b>saltmarsh_bell</b>.</p>
        <p class="pt-3"><a class="button" href="/channel" target="_blank">Open the channel</a></p>
      </section>
      <section class="sheet p-4" aria-label="Practice mixer">
        <h2 class="flex items-center gap-2 text-[18px]"><span class="h-2.5 w-2.5 rounded-full bg-verdigris-words" />Practice mixer</h2>
        <p class="py-2 text-soft">Stands for your broadcasting software: two scenes, each with a browser source that shows the stage.</p>
        <p class="pt-3"><a class="button" href="/mixer" target="_blank">Open the mixer</a></p>
      </section>
      <section v-for="each in wiring.stages" :key="each.stage.id" class="sheet p-4" :aria-label="`Stage ${each.stage.name}`">
        <h2 class="flex items-center gap-2 text-[18px]">
          <span class="h-2.5 w-2.5 rounded-full" :class="state.good ? 'bg-verdigris-words' : 'bg-wax-words'" />Stage {{ each.stage.name }}
        </h2>
        <p class="py-2" :class="!state.good && 'text-wax-words'">{{ state.says }} {{ state.todo }}</p>
        <p class="text-soft">Browser source of {{ each.stage.width }} × {{ each.stage.height }} pixels, with the address</p>
        <StageAddress :stage="each.stage.id" :shown-now="live.pages.length" />
      </section>
    </div>
  </div>
</template>
