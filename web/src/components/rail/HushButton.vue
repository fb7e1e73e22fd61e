<script setup lang="ts">
import { ref } from 'vue'
import { useHeldEscape } from '@/composables/useHeldEscape'
import { useLive } from '@/stores/live'

const live = useLive()
const failed = ref('')

const hush = async () => {
  try {
    await live.hush()
    failed.value = ''
  } catch (refusal) {
    failed.value = (refusal as Error).message
  }
}
const { share } = useHeldEscape(() => void hush())
</script>

<template>
  <button
    class="hush relative flex h-9 items-center gap-2 overflow-hidden rounded-full bg-wax px-4 text-on-wax"
    aria-describedby="hush-means"
    @click="hush"
  >
    <span
      class="absolute inset-y-0 left-0 w-full origin-left bg-ink opacity-40"
      :style="{ transform: `scaleX(${share})` }"
      aria-hidden="true"
    />
    <span class="relative font-bold">Hush</span>
    <span class="relative font-mono text-[12px] whitespace-nowrap max-[600px]:hidden">hold Esc</span>
  </button>
  <span id="hush-means" class="sr-only">Ends everything that is on air now and drops what waits</span>
  <span v-if="failed" role="alert" class="absolute top-14 right-4 z-40 rounded-[10px] bg-wax px-3 py-2 text-on-wax">{{
    failed
  }}</span>
</template>
