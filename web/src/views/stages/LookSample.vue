<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Look } from '@/api/types'
import BenchCamera from '@/practice/mixer/BenchCamera.vue'
import { useWiring } from '@/stores/wiring'

/** A card in a look, by the very stage page, over a dark and a bright picture. */
const props = defineProps<{ look: Look }>()
const wiring = useWiring()
const room = ref<HTMLElement | null>(null)
const page = ref<HTMLIFrameElement | null>(null)
const { width } = useElementSize(room)
const stage = computed(() => wiring.stages[0])
const WIDE = 640
const HIGH = 200
const scale = computed(() => width.value / WIDE)
const spot = computed(() => stage.value?.stage.spots[0])
const picture = computed(() => wiring.shelf.find((each) => each.folder === 'Pictures')?.address ?? '')
const tell = () => {
  const card = {
    spot: spot.value?.id ?? '',
    look: props.look,
    title: 'marshlight_ines',
    words: 'pours a tall taper',
    picture: picture.value,
    portrait: '',
    entryMs: 500,
    exitMs: 500,
  }
  const moment = {
    parts: [{ partRun: 'sample', at: 0, lengthMs: 5_000, card, sound: null, quiet: null, thing: null }],
    at: 2_500,
    playing: false,
    sounds: false,
  }
  page.value?.contentWindow?.postMessage(JSON.parse(JSON.stringify({ moment, only: 'parts' })), location.origin)
}
defineExpose({ tell })
</script>

<template>
  <div ref="room" class="relative overflow-hidden" :style="{ height: HIGH * scale + 'px' }">
    <BenchCamera class="absolute inset-y-0 left-0 h-full w-[42%]" preserveAspectRatio="xMidYMid slice" />
    <div class="absolute inset-y-0 right-0 w-[58%] bg-[#f3ead8]" />
    <iframe
      v-if="stage && spot"
      :key="JSON.stringify(look)"
      ref="page"
      :src="stage.previewAddress"
      title="A card in this look"
      tabindex="-1"
      class="pointer-events-none absolute origin-top-left border-0"
      :width="stage.stage.width"
      :height="stage.stage.height"
      :style="{
        transform: `scale(${scale}) translate(${60 - spot.frame.x}px, ${HIGH / 2 - spot.frame.y - spot.frame.height / 2}px)`,
        colorScheme: 'light',
      }"
      @load="tell"
    />
  </div>
</template>
