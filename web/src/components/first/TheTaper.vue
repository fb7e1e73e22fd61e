<script setup lang="ts">
/** A small taper, lit or not. */
defineProps<{ lit: boolean }>()
</script>

<template>
  <svg viewBox="0 0 14 26" width="13" height="24" aria-hidden="true" class="flex-none">
    <path v-if="lit" d="M7 1c2.400 3 3 4.400 3 5.800a3 3 0 0 1-6 0C4 5.400 4.600 4 7 1z" fill="var(--honey)" />
    <path d="M7 10v3" stroke="var(--ink)" stroke-width="1.4" />
    <rect
      x="3.500"
      y="12.500"
      width="7"
      height="12.500"
      rx="1.800"
      stroke="var(--honey)"
      stroke-width="1.2"
      :fill="lit ? 'var(--honey)' : 'none'"
    />
  </svg>
</template>
