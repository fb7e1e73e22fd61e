<script setup lang="ts">
import type { ShelfFile } from '@/api/types'
import MovingPicture from './MovingPicture.vue'
import WaveDrawing from './WaveDrawing.vue'

/** What a file looks like in a small place: its picture, its outline, or that it moves. */
defineProps<{ file: ShelfFile; heard?: number }>()
</script>

<template>
  <WaveDrawing v-if="file.row.type.startsWith('audio/')" :drawing="file.row.drawing" :heard="heard" />
  <img
    v-else-if="file.row.type.startsWith('image/')"
    :src="file.address"
    alt=""
    class="h-full w-full object-contain"
    loading="lazy"
  />
  <video
    v-else-if="file.row.type.startsWith('video/')"
    :src="`${file.address}#t=0.1`"
    class="h-full w-full object-contain"
    preload="metadata"
    muted
  />
  <MovingPicture v-else :key="file.address" :address="file.address" />
</template>
