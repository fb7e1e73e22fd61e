<script setup lang="ts">
import { computed } from 'vue'
import { useWiring } from '@/stores/wiring'

/** What stands where nothing is; until the server has told, that it is being read, so that nobody takes one for the other. */
const props = withDefaults(defineProps<{ told?: boolean }>(), {
  /** Whether the server has told; left out, whether it has told the wiring. */
  told: undefined,
})
const wiring = useWiring()
const known = computed(() => props.told ?? wiring.view !== null)
</script>

<template>
  <p class="text-center text-soft">
    <slot v-if="known" />
    <template v-else>Reading…</template>
  </p>
</template>
