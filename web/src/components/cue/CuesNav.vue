<script setup lang="ts">
import { useRoute } from 'vue-router'
import { useCheckup } from '@/composables/useCheckup'

/** The places that belong to the cues: themselves, the slate, the words for viewers, ready-made pieces, packs, the check-up. */
const route = useRoute()
const { all } = useCheckup()
const PLACES = [
  { path: '/cues', name: 'Cues' },
  { path: '/slate', name: 'Slate' },
  { path: '/viewers', name: 'For viewers' },
  { path: '/ready', name: 'Ready-made' },
  { path: '/packs', name: 'Packs' },
  { path: '/checkup', name: 'Check-up' },
]
const isHere = (path: string) => route.path.startsWith(path)
</script>

<template>
  <nav aria-label="Of the cues" class="flex flex-wrap gap-x-3 gap-y-1 text-[13px]">
    <RouterLink
      v-for="each in PLACES"
      :key="each.path"
      :to="each.path"
      class="pb-0.5 whitespace-nowrap"
      :class="isHere(each.path) ? 'border-b-2 border-honey font-semibold' : 'text-soft hover:text-ink'"
      :aria-current="isHere(each.path) ? 'page' : undefined"
    >
      {{ each.path === '/checkup' && all.length ? `${each.name} · ${all.length}` : each.name }}
    </RouterLink>
  </nav>
</template>
