<script setup lang="ts">
import { X } from '@lucide/vue'

/** Takes a row of a form away. @param what it is, for who does not see it */
defineProps<{ what: string }>()
</script>

<template>
  <button
    type="button"
    class="rounded-[8px] p-2 text-soft hover:bg-well hover:text-ink"
    :aria-label="`Take ${what} away`"
  >
    <X :size="14" />
  </button>
</template>
