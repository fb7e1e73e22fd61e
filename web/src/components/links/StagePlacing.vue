<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { ask } from '@/api/http'
import type { MixerView, Placing } from '@/api/types'
import { either } from '@/lib/gates'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'

/** Where a stage stands in the mixer, and where it can be put. */
const props = defineProps<{ stage: string }>()
const live = useLive()
const notes = useNotes()
const placing = ref<Placing | null>(null)
const mixer = ref<MixerView | null>(null)
const look = async () => {
  try {
    ;[placing.value, mixer.value] = await Promise.all([
      ask<Placing>('GET', `/stages/${props.stage}/placing`),
      ask<MixerView>('GET', '/mixer'),
    ])
  } catch (refusal) {
    notes.say((refusal as Error).message)
  }
}
onMounted(look)
watch(
  () => live.links,
  () => void look(),
)
const missing = computed(() =>
  (mixer.value?.picture.scenes ?? []).filter((scene) => placing.value?.missing.includes(scene.id)),
)
const fit = async () => {
  try {
    placing.value = await ask<Placing>('POST', `/stages/${props.stage}/fit`)
  } catch (refusal) {
    notes.say((refusal as Error).message)
  }
}
const place = async (scene: string) => {
  try {
    placing.value = await ask<Placing>('POST', `/stages/${props.stage}/place`, { scene })
  } catch (refusal) {
    notes.say((refusal as Error).message)
  }
}
</script>

<template>
  <div class="text-[13px]">
    <p v-if="!placing?.known" class="text-soft">
      The mixer is not connected, so it is not known where this stage stands.
    </p>
    <p v-else-if="placing.scenes.length === 0" class="text-wax-words">No scene of the mixer shows it.</p>
    <p v-else>
      In the mixer it stands in {{ either(placing.scenes).replace(' or ', ' and ')
      }}<span v-if="!placing.onProgramme" class="text-wax-words">, and not in the scene on programme</span>.
    </p>
    <p v-if="placing?.cropped.length" class="text-wax-words">
      A part of it lies outside the picture in {{ either(placing.cropped).replace(' or ', ' and ') }}.
      <button class="rounded-[6px] underline" @click="fit">Scale it to fit</button>
    </p>
    <div v-if="missing.length" class="flex flex-wrap gap-1.5 pt-1.5">
      <button v-for="scene in missing" :key="scene.id" class="button px-2 py-0.5" @click="place(scene.id)">
        Place it in {{ scene.name }}
      </button>
    </div>
  </div>
</template>
