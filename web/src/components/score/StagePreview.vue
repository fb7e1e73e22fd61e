<script setup lang="ts">
import { computed } from 'vue'
import { useElementSize } from '@vueuse/core'
import { ref } from 'vue'
import { useWiring } from '@/stores/wiring'

const wiring = useWiring()
const stage = computed(() => wiring.stages[0])
const frame = ref<HTMLElement | null>(null)
const { width } = useElementSize(frame)
const scale = computed(() => width.value / (stage.value?.stage.width ?? 1_280))
</script>

<template>
  <figure v-if="stage" class="m-0">
    <div ref="frame" class="backdrop relative overflow-hidden rounded-[10px] border border-line" :style="{ height: stage.stage.height * scale + 'px' }">
      <iframe
        :src="stage.previewAddress"
        :title="`Preview of the stage ${stage.stage.name}`"
        class="absolute top-0 left-0 origin-top-left border-0"
        tabindex="-1"
        :width="stage.stage.width"
        :height="stage.stage.height"
        :style="{ transform: `scale(${scale})`, colorScheme: 'light' }"
      />
    </div>
    <figcaption class="pt-1 text-[12.5px] text-soft">Stage {{ stage.stage.name }}, as it is now · silent here</figcaption>
  </figure>
</template>

<style scoped>
.backdrop {
  background: conic-gradient(#d8ccb4 25%, #e6dbc6 0 50%, #d8ccb4 0 75%, #e6dbc6 0) 0 0 / 22px 22px;
  color-scheme: light;
}
</style>
