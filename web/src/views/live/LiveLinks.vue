<script setup lang="ts">
import { colourOf } from '@/lib/links'
import { useLive } from '@/stores/live'

/** How each link stands, in a word. */
const live = useLive()
</script>

<template>
  <section class="sheet flex-none px-4 py-3" aria-label="Links">
    <h2 class="pb-1 text-[18px]">Links</h2>
    <p v-for="each in live.links" :key="each.id" class="flex items-center gap-2 py-0.5 text-[14px]">
      <span class="h-2 w-2 flex-none rounded-full" :class="colourOf(each.state.phase)" />
      <RouterLink to="/links" class="min-w-0 flex-1 truncate hover:underline">{{ each.name }}</RouterLink>
      <span class="truncate text-[13px] text-soft">{{ each.doing }}</span>
    </p>
  </section>
</template>
