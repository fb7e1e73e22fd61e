<script setup lang="ts">
import { useRoute } from 'vue-router'

/** The places that belong to the stages: themselves, and the looks of cards. */
const route = useRoute()
const PLACES = [
  { path: '/stages', name: 'Stages' },
  { path: '/looks', name: 'Looks' },
]
const isHere = (path: string) => route.path.startsWith(path)
</script>

<template>
  <nav aria-label="Of the stages" class="flex gap-3 text-[13px]">
    <RouterLink
      v-for="each in PLACES"
      :key="each.path"
      :to="each.path"
      class="pb-0.5"
      :class="isHere(each.path) ? 'border-b-2 border-honey font-semibold' : 'text-soft hover:text-ink'"
      :aria-current="isHere(each.path) ? 'page' : undefined"
      >{{ each.name }}</RouterLink
    >
  </nav>
</template>
