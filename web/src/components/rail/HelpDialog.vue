<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import TheDialog from '@/components/TheDialog.vue'
import { KEYS } from '@/composables/useKeys'
import { helpOf } from '@/help/places'
import { useLive } from '@/stores/live'

/** What this place is for, what one does there, and the keys. */
defineProps<{ open: boolean }>()
defineEmits<{ close: [] }>()
const live = useLive()
const route = useRoute()
const help = computed(() => helpOf(route.path))
</script>

<template>
  <TheDialog :open="open" :title="help.title" width="560px" @close="$emit('close')">
    <p data-help>{{ help.says }}</p>
    <ol class="list-decimal pl-6">
      <li v-for="each in help.things" :key="each" class="py-0.5">{{ each }}</li>
    </ol>
    <p>
      <RouterLink
        :to="`/guide/${encodeURIComponent(help.guide)}`"
        class="underline"
        data-to-guide
        @click="$emit('close')"
        >More in the guide</RouterLink
      >
    </p>
    <details class="border-t border-line pt-2">
      <summary class="cursor-pointer text-[16px]">Keys</summary>
      <dl class="grid max-h-72 grid-cols-[130px_1fr] gap-y-1.5 overflow-auto pt-2" tabindex="0" aria-label="Keys">
        <template v-for="each in KEYS" :key="each.keys">
          <dt class="font-mono text-[13px]">{{ each.keys }}</dt>
          <dd class="text-soft">{{ each.does }}</dd>
        </template>
      </dl>
    </details>
    <p class="flex items-center justify-between border-t border-line pt-3 text-soft">
      <span>Wax Bell {{ live.version }}</span>
      <button class="button" @click="$emit('close')">Close</button>
    </p>
  </TheDialog>
</template>
