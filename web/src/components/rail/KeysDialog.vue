<script setup lang="ts">
import TheDialog from '@/components/TheDialog.vue'
import { KEYS } from '@/composables/useKeys'
import { useLive } from '@/stores/live'

defineProps<{ open: boolean }>()
defineEmits<{ close: [] }>()
const live = useLive()
</script>

<template>
  <TheDialog :open="open" title="Keys" @close="$emit('close')">
    <dl class="grid grid-cols-[130px_1fr] gap-y-1.5">
      <template v-for="each in KEYS" :key="each.keys">
        <dt class="font-mono text-[13px]">{{ each.keys }}</dt>
        <dd class="text-soft">{{ each.does }}</dd>
      </template>
    </dl>
    <p class="mt-4 flex items-center justify-between border-t border-line pt-3 text-soft">
      <span>Wax Bell {{ live.version }}</span>
      <button class="button" @click="$emit('close')">Close</button>
    </p>
  </TheDialog>
</template>
