<script setup lang="ts">
import { onMounted, ref, watch } from 'vue'

const props = defineProps<{ address: string; scene: string; onProgramme: boolean }>()
const frame = ref<HTMLIFrameElement | null>(null)

/** Routes the page's sound as a mixer does: only the source on programme is heard. */
const route = () => frame.value?.contentWindow?.postMessage({ level: props.onProgramme ? 1 : 0 }, location.origin)
watch(() => props.onProgramme, route)
onMounted(() => addEventListener('pointerdown', () => setTimeout(route)))
</script>

<template>
  <iframe
    ref="frame"
    :src="address"
    :title="`Stage Main in ${scene}`"
    class="absolute inset-0 border-0"
    :style="{ colorScheme: 'light' }"
    width="1280"
    height="720"
    allow="autoplay"
    tabindex="-1"
    @load="route"
  />
</template>
