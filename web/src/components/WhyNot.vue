<script setup lang="ts">
import { ref, watch } from 'vue'

/** Why what was pressed cannot be had: told where it can be seen, also where the list it stands below is cut off. @param why in words, empty text for nothing */
const props = defineProps<{ why: string }>()
const told = ref<HTMLElement | null>(null)
watch(
  () => props.why,
  (why) => why && told.value?.scrollIntoView({ block: 'nearest' }),
  { flush: 'post' },
)
</script>

<template>
  <p ref="told" role="status" class="text-[13px] text-soft empty:hidden">{{ why }}</p>
</template>
