<script setup lang="ts">
import { Play, Square } from '@lucide/vue'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import ChoiceField from '@/components/cue/ChoiceField.vue'
import { ask } from '@/api/http'
import type { CueLook } from '@/api/types'
import { useNotes } from '@/stores/notes'
import { usePlayhead } from '@/stores/playhead'
import { useWiring } from '@/stores/wiring'

/** Tries any cue that shows something here: in the preview only, or on the real stage. */
const props = defineProps<{ stage: string }>()
const wiring = useWiring()
const playhead = usePlayhead()
const notes = useNotes()
const cues = computed(() =>
  wiring.cues.filter((each) =>
    each.cue.takes.some((take) => take.score.parts.some((part) => 'stage' in part && part.stage === props.stage)),
  ),
)
const chosen = ref('')
watch(
  [cues, () => props.stage],
  () => {
    if (!cues.value.some((each) => each.cue.id === chosen.value)) {
      chosen.value = cues.value[0]?.cue.id ?? ''
    }
  },
  { immediate: true },
)
const cue = computed(() => wiring.cue(chosen.value)?.cue)
const event = async () => {
  const look = cue.value && (await ask<CueLook>('POST', '/cues/look', cue.value).catch(() => null))
  return look?.events[0]?.event ?? null
}
const show = async () => {
  playhead.scrub(null)
  playhead.event = await event()
  if (cue.value && playhead.event) {
    playhead.plan = null
    await playhead.loadNow(cue.value, 0)
    playhead.play()
  }
}
const ring = async () => {
  const made = await event()
  if (made) {
    await ask('POST', `/cues/${chosen.value}/try`, { event: made, past: true }).catch((refusal: Error) =>
      notes.say(refusal.message),
    )
  }
}
watch(
  () => playhead.playing,
  (playing, was) => !playing && was && playhead.at !== null && playhead.at >= playhead.end && playhead.scrub(null),
)
onBeforeUnmount(() => {
  playhead.scrub(null)
  playhead.plan = null
})
</script>

<template>
  <div v-if="cues.length" class="flex items-end gap-1.5" role="group" aria-label="Try a cue here">
    <ChoiceField
      class="w-[190px]"
      label="Try a cue here"
      :model-value="chosen"
      :choices="cues.map((each) => ({ value: each.cue.id, name: each.cue.name }))"
      @update:model-value="chosen = $event"
    />
    <button class="button h-9" @click="playhead.playing ? playhead.scrub(null) : show()">
      <component :is="playhead.playing ? Square : Play" :size="14" /> {{ playhead.playing ? 'Stop' : 'Preview' }}
    </button>
    <button class="button h-9" title="On every page that shows this stage, past its gates" @click="ring">On air</button>
  </div>
  <p v-else class="text-[13px] text-soft">No cue shows anything here yet.</p>
</template>
