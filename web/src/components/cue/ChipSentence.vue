<script setup lang="ts">
import type { Piece } from '@/api/types'

/** A sentence whose chips open what they name. */
defineProps<{ pieces: Piece[]; wrong: (field: string) => boolean }>()
defineEmits<{ go: [field: string] }>()
</script>

<template>
  <p class="text-[18px] leading-[1.75]">
    <template v-for="(piece, at) in pieces" :key="at">
      <button
        v-if="piece.chip"
        type="button"
        class="chip"
        :class="wrong(piece.chip) && 'wrong'"
        :data-chip="piece.chip"
        @click="$emit('go', piece.chip)"
      >
        {{ piece.text }}
      </button>
      <template v-else>{{ piece.text }}</template>
    </template>
  </p>
</template>
