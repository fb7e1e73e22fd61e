<script setup lang="ts">
import { onBeforeUnmount, onMounted, useTemplateRef } from 'vue'

/** A moving picture in a small place, standing still; its player is fetched when the first is seen. */
const props = defineProps<{ address: string }>()
const host = useTemplateRef<HTMLElement>('host')
let away: (() => void) | null = null
let gone = false
onMounted(async () => {
  const { still } = await import('@/fixtures/mascot/lottie')
  if (!gone) {
    away = still(host.value!, props.address)
  }
})
onBeforeUnmount(() => {
  gone = true
  away?.()
})
</script>

<template>
  <span ref="host" class="block h-full w-full" data-moving />
</template>
