<script setup lang="ts">
import { useRoute } from 'vue-router'

/** The places of People. */
const PLACES = [
  { path: '/people', name: 'Everybody' },
  { path: '/people/circles', name: 'Circles' },
  { path: '/people/ledger', name: 'The ledger' },
]
const route = useRoute()
const isHere = (path: string) =>
  path === '/people' ? !['/people/ledger', '/people/circles'].includes(route.path) : route.path === path
</script>

<template>
  <nav aria-label="People" class="flex gap-1 text-[13px]">
    <RouterLink
      v-for="each in PLACES"
      :key="each.path"
      :to="each.path"
      class="rounded-[10px] px-3 py-1 hover:bg-well"
      :class="isHere(each.path) && 'bg-well font-semibold'"
      :aria-current="isHere(each.path) ? 'page' : undefined"
      >{{ each.name }}</RouterLink
    >
  </nav>
</template>
