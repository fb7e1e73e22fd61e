<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'

/** A sheet above everything, with a title; Esc and a click beside it close it. */
withDefaults(defineProps<{ open: boolean; title: string; width?: string }>(), { width: '440px' })
defineEmits<{ close: [] }>()
</script>

<template>
  <Dialog :open="open" class="relative z-50" @close="$emit('close')">
    <div class="fixed inset-0 bg-rope/50" aria-hidden="true" />
    <div class="fixed inset-0 grid place-items-center p-4">
      <DialogPanel class="sheet flex max-h-full flex-col gap-3 overflow-auto p-5" :style="{ width }">
        <DialogTitle class="text-[20px]">{{ title }}</DialogTitle>
        <slot />
      </DialogPanel>
    </div>
  </Dialog>
</template>
