<script setup lang="ts">
import { computed } from 'vue'
import type { OrderBoard } from '@/api/types'
import { useOpenDesks } from '@/composables/useOpenDesks'
import { useDeskBoards } from '@/stores/desks'
import { useWiring } from '@/stores/wiring'
import EveningTaper from '@/views/desks/EveningTaper.vue'

/** Where the evening is: the order that is on, or the first while none is. */
const wiring = useWiring()
const desks = useDeskBoards()
const ids = computed(() =>
  wiring.sheets
    .map((each) => each.desk)
    .filter((each) => each.kind === 'order')
    .map((each) => each.id),
)
useOpenDesks(() => ids.value)
const boards = computed(() =>
  ids.value.flatMap((id) => (desks.boards[id] ? [{ id, board: desks.boards[id] as OrderBoard }] : [])),
)
const shown = computed(() => boards.value.find((each) => each.board.chapter) ?? boards.value[0])
</script>

<template>
  <EveningTaper v-if="shown" :about="shown.id" :board="shown.board" />
</template>
