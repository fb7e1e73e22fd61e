<script setup lang="ts">
import { computed } from 'vue'
import { stepsOf } from '@/lib/shelf'

/** A sound drawn on time, as one outline around its middle; what was heard of it already stands darker. @param heard a share of its length */
const props = defineProps<{ drawing: string | null | undefined; heard?: number }>()
const steps = computed(() => stepsOf(props.drawing))
const outline = computed(() => {
  const up = steps.value.map((each, at) => `${at},${(50 - Math.max(0.012, each) * 48).toFixed(1)}`)
  const down = steps.value.map((each, at) => `${at},${(50 + Math.max(0.012, each) * 48).toFixed(1)}`).reverse()
  return `M${[...up, ...down].join('L')}Z`
})
</script>

<template>
  <svg
    v-if="steps.length"
    class="block h-full w-full text-verdigris"
    :viewBox="`0 0 ${steps.length - 1} 100`"
    preserveAspectRatio="none"
    aria-hidden="true"
  >
    <path :d="outline" fill="currentColor" :opacity="heard ? 0.4 : 0.85" />
    <svg v-if="heard" :width="heard * (steps.length - 1)" height="100" overflow="hidden">
      <path :d="outline" fill="currentColor" />
    </svg>
  </svg>
</template>
