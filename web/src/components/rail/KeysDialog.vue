<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { KEYS } from '@/composables/useKeys'
import { useLive } from '@/stores/live'

defineProps<{ open: boolean }>()
defineEmits<{ close: [] }>()
const live = useLive()
</script>

<template>
  <Dialog :open="open" class="relative z-50" @close="$emit('close')">
    <div class="fixed inset-0 bg-ink/40" aria-hidden="true" />
    <div class="fixed inset-0 grid place-items-center p-4">
      <DialogPanel class="sheet w-[440px] p-5">
        <DialogTitle class="pb-3 text-[20px]">Keys</DialogTitle>
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
      </DialogPanel>
    </div>
  </Dialog>
</template>
