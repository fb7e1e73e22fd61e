<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { StageView } from '@/api/types'

/** The real page of a stage, as large as there is room; silent. */
const props = defineProps<{ stage: StageView; title: string }>()
defineEmits<{ load: [] }>()
const frame = ref<HTMLElement | null>(null)
const page = ref<HTMLIFrameElement | null>(null)
const { width } = useElementSize(frame)
const scale = computed(() => width.value / props.stage.stage.width)
defineExpose({ tell: (what: unknown) => page.value?.contentWindow?.postMessage(what, location.origin) })
</script>

<template>
  <div
    ref="frame"
    class="checks relative overflow-hidden rounded-[10px] border border-line"
    :style="{ height: stage.stage.height * scale + 'px', colorScheme: 'light' }"
  >
    <iframe
      ref="page"
      :key="stage.stage.id"
      :src="stage.previewAddress"
      :title="title"
      class="absolute top-0 left-0 origin-top-left border-0"
      tabindex="-1"
      allow="autoplay"
      :width="stage.stage.width"
      :height="stage.stage.height"
      :style="{ transform: `scale(${scale})`, colorScheme: 'light' }"
      @load="$emit('load')"
    />
  </div>
</template>
