<script setup lang="ts">
import { computed, onMounted, onUnmounted, ref, watch } from 'vue'

const props = defineProps<{ address: string; name: string; loudness: number }>()
const emit = defineEmits<{ peak: [number] }>()
const frame = ref<HTMLIFrameElement | null>(null)

/** Pages of this same program are asked for under the name under which this page was, so that they may stand in it. */
const here = computed(() => {
  const address = new URL(props.address, location.origin)
  const ours =
    ['localhost', '127.0.0.1', location.hostname].includes(address.hostname) && address.port === location.port
  return ours ? address.pathname + address.search + address.hash : ''
})

/** Routes the page's sound as a mixer does, and hears how loud it is. */
const route = () => frame.value?.contentWindow?.postMessage({ level: props.loudness }, location.origin)
const hear = (message: MessageEvent<{ peak?: number }>) => {
  if (
    message.origin === location.origin &&
    message.source === frame.value?.contentWindow &&
    typeof message.data?.peak === 'number'
  ) {
    emit('peak', message.data.peak)
  }
}
watch(() => props.loudness, route)
onMounted(() => {
  addEventListener('pointerdown', () => setTimeout(route))
  addEventListener('message', hear)
})
onUnmounted(() => removeEventListener('message', hear))
</script>

<template>
  <iframe
    v-if="here"
    ref="frame"
    :src="here"
    :title="name"
    class="pointer-events-none absolute inset-0 h-full w-full border-0"
    :style="{ colorScheme: 'light' }"
    allow="autoplay"
    tabindex="-1"
    @load="route"
  />
  <p v-else class="grid h-full place-items-center bg-black/60 text-[22px] text-white">
    {{ name }}: this practice mixer shows only pages of its own Wax Bell.
  </p>
</template>
