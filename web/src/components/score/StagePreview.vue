<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { span } from '@/lib/spans'
import { usePlayhead } from '@/stores/playhead'
import { useWiring } from '@/stores/wiring'
import StageFrame from '../stage/StageFrame.vue'

/** The real stage page: what is on now, or the moment at which the playhead stands. */
const props = defineProps<{ stage: string }>()
const wiring = useWiring()
const playhead = usePlayhead()
const stage = computed(() => wiring.stages.find((each) => each.stage.id === props.stage) ?? wiring.stages[0])
const page = ref<InstanceType<typeof StageFrame> | null>(null)
const sounds = ref(false)
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
  page.value?.tell({ moment })
}
// While it plays the page runs by itself; it is told again only of jumps.
watch([() => playhead.jumps, parts, () => (playhead.playing ? 'runs' : playhead.at)], tell, { flush: 'post' })
</script>

<template>
  <figure v-if="stage" class="m-0">
    <StageFrame ref="page" :stage="stage" :title="`Preview of the stage ${stage.stage.name}`" @load="tell" />
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
