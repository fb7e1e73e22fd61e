<script setup lang="ts">
import { figure, WAX } from '@/lib/seals'

/** A seal as it stands beside a name. */
defineProps<{ seal: string; colour: string }>()
</script>

<template>
  <svg viewBox="0 0 24 24" class="h-5 w-5 flex-none" role="img" :aria-label="seal || colour">
    <path :d="WAX" :fill="colour" />
    <path
      :d="figure(seal)"
      fill="none"
      stroke="#2a1710"
      stroke-width="1.7"
      stroke-linecap="round"
      stroke-linejoin="round"
    />
  </svg>
</template>
