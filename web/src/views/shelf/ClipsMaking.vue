<script setup lang="ts">
import { X } from '@lucide/vue'
import { useClips } from '@/stores/clips'

/** Clips that are being made now, how far each is, and a way to give it up. */
const clips = useClips()
</script>

<template>
  <ul v-if="clips.view.making.length" class="sheet mb-3 px-4 py-2" aria-label="Clips that are being made">
    <li v-for="each in clips.view.making" :key="each.number" class="flex items-center gap-3 py-1" data-making>
      <span class="min-w-0 flex-1 truncate"
        ><bdi>{{ each.title }}</bdi
        ><span class="text-soft">, the last {{ each.seconds }} s{{ each.maker && `, for ${each.maker}` }}</span></span
      >
      <progress class="h-1.5 w-[140px]" :value="each.percent" max="100" :aria-label="`How far ${each.title} is`" />
      <button class="button" @click="clips.stop(each.number)"><X :size="14" /> Give it up</button>
    </li>
  </ul>
</template>
