<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { span } from '@/lib/spans'
import { usePlayhead } from '@/stores/playhead'
import { useWiring } from '@/stores/wiring'

/** The real stage page: what is on now, or the moment at which the playhead stands. */
const props = defineProps<{ stage: string }>()
const wiring = useWiring()
const playhead = usePlayhead()
const stage = computed(() => wiring.stages.find((each) => each.stage.id === props.stage) ?? wiring.stages[0])
const frame = ref<HTMLElement | null>(null)
const page = ref<HTMLIFrameElement | null>(null)
const sounds = ref(false)
const { width } = useElementSize(frame)
const scale = computed(() => width.value / (stage.value?.stage.width ?? 1_280))
const parts = computed(() =>
  (playhead.plan?.stages ?? []).filter((each) => each.stage === stage.value?.stage.id).map((each) => each.part),
)

const tell = () => {
  const moment =
    playhead.at === null
      ? null
      : {
          parts: JSON.parse(JSON.stringify(parts.value)) as unknown,
          at: playhead.at,
          playing: playhead.playing,
          sounds: sounds.value,
        }
  page.value?.contentWindow?.postMessage({ moment }, location.origin)
}
// While it plays the page runs by itself; it is told again only of jumps.
watch([() => playhead.jumps, parts, () => (playhead.playing ? 'runs' : playhead.at)], tell, { flush: 'post' })
</script>

<template>
  <figure v-if="stage" class="m-0">
    <div
      ref="frame"
      class="checks relative overflow-hidden rounded-[10px] border border-line"
      :style="{ height: stage.stage.height * scale + 'px', colorScheme: 'light' }"
    >
      <iframe
        ref="page"
        :key="stage.stage.id"
        :src="stage.previewAddress"
        :title="`Preview of the stage ${stage.stage.name}`"
        class="absolute top-0 left-0 origin-top-left border-0"
        tabindex="-1"
        allow="autoplay"
        :width="stage.stage.width"
        :height="stage.stage.height"
        :style="{ transform: `scale(${scale})`, colorScheme: 'light' }"
        @load="tell"
      />
    </div>
    <figcaption class="flex items-center gap-2 pt-1 text-[12.5px] text-soft">
      <span class="min-w-0 flex-1 truncate" data-preview>{{
        playhead.at === null
          ? `Stage ${stage.stage.name}, as it is now · silent here`
          : `Stage ${stage.stage.name} at ${span(Math.round(playhead.at / 100) * 100)}`
      }}</span>
      <template v-if="playhead.at !== null">
        <label class="flex items-center gap-1"
          ><input v-model="sounds" type="checkbox" class="h-3.5 w-3.5" /> sound</label
        >
        <button class="underline" @click="playhead.scrub(null)">As it is now</button>
      </template>
    </figcaption>
  </figure>
</template>
