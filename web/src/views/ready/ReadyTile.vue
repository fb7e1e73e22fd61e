<script setup lang="ts">
import { Check } from '@lucide/vue'
import { ref } from 'vue'
import { ask } from '@/api/http'
import type { ReadyDrawing as Drawing, ReadyPiece } from '@/api/types'
import ReadyDrawing from './ReadyDrawing.vue'

/** A piece on the shelf, drawn as it looks with the usual answers. */
const props = defineProps<{ piece: ReadyPiece; open: boolean }>()
const drawing = ref<Drawing | null>(null)
const draw = () =>
  ask<Drawing>('POST', `/ready/${props.piece.id}/drawing`, { stage: '', answers: {} }).then(
    (told) => (drawing.value = told),
    () => undefined,
  )
</script>

<template>
  <RouterLink
    :to="`/ready/${piece.id}`"
    class="sheet flex flex-col gap-1.5 p-2.5 hover:border-honey"
    :class="open && 'border-honey'"
    :aria-current="open ? 'true' : undefined"
    :data-piece="piece.id"
  >
    <ReadyDrawing :drawing="drawing" :name="piece.name" @seen="draw" />
    <span class="flex items-baseline gap-2">
      <span class="min-w-0 flex-1 font-semibold">{{ piece.name }}</span>
      <span v-if="piece.here" class="flex items-center gap-1 text-[12.5px] text-verdigris-words"
        ><Check :size="13" /> here</span
      >
    </span>
    <span class="text-[13px] text-soft">{{ piece.says }}</span>
  </RouterLink>
</template>
