<script setup lang="ts">
import { computed } from 'vue'
import type { MixerItem, MixerSource } from '@/api/types'
import BackdropPicture from './BackdropPicture.vue'
import BenchCamera from './BenchCamera.vue'
import BrowserSource from './BrowserSource.vue'
import CrestPicture from './CrestPicture.vue'
import HumSound from './HumSound.vue'
import KettleCamera from './KettleCamera.vue'

/** A source as it stands in a scene. */
const props = defineProps<{ item: MixerItem; source: MixerSource; onProgramme: boolean }>()
defineEmits<{ peak: [number] }>()
const DRAWN: Record<string, unknown> = {
  'bench-camera': BenchCamera,
  'kettle-camera': KettleCamera,
  crest: CrestPicture,
  backdrop: BackdropPicture,
}
const warm = computed(() => props.source.filters.some((each) => each.id === 'warm' && each.on))
const loudness = computed(() =>
  props.onProgramme && props.item.shown && !props.source.muted ? props.source.level / 100 : 0,
)
const place = computed(() => ({
  left: `${props.item.place.left}px`,
  top: `${props.item.place.top}px`,
  width: `${props.item.place.width}px`,
  height: `${props.item.place.height}px`,
}))
</script>

<template>
  <HumSound
    v-if="source.kind === 'sound'"
    :loudness="loudness"
    :muffled="source.filters.some((each) => each.id === 'muffle' && each.on)"
    @peak="$emit('peak', $event)"
  />
  <div
    v-else
    class="absolute overflow-hidden"
    :class="!item.shown && 'invisible'"
    :style="place"
    :data-source="source.id"
  >
    <BrowserSource
      v-if="source.kind === 'browser'"
      :key="source.address"
      :address="source.address"
      :name="source.name"
      :loudness="loudness"
      @peak="$emit('peak', $event)"
    />
    <p v-else-if="source.kind === 'text'" class="tag">
      <bdi>{{ source.text }}</bdi>
    </p>
    <component :is="DRAWN[source.id]" v-else class="block h-full w-full" :class="warm && 'warm'" />
  </div>
</template>

<style scoped>
.warm {
  filter: sepia(0.45) saturate(1.5) brightness(1.06);
}

.tag {
  height: 100%;
  padding: 0 22px;
  font: 650 34px/60px var(--font-serif);
  color: #fff4de;
  text-shadow: 0 2px 10px rgb(0 0 0 / 0.75);
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
}
</style>
