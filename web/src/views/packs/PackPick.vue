<script setup lang="ts">
import { computed } from 'vue'
import type { PackNamed } from '@/api/types'
import { bySort, keyOf } from './items'

/** What can be chosen for a pack, by its sort; what is chosen stays to be seen whatever is looked for. */
const props = defineProps<{ items: PackNamed[]; find: string; nothing: string; label: string }>()
const chosen = defineModel<string[]>({ required: true })
const SORTS = ['rack', 'cue', 'desk', 'stage']
const shown = computed(() => {
  const words = props.find.trim().toLowerCase()
  return bySort(
    props.items.filter((each) => each.name.toLowerCase().includes(words) || chosen.value.includes(keyOf(each.item))),
  ).filter((each) => SORTS.includes(each.sort))
})
</script>

<template>
  <div class="overflow-auto" tabindex="0" role="region" :aria-label="label">
    <fieldset v-for="group in shown" :key="group.sort" class="pb-2">
      <legend class="text-[13px] text-soft">{{ group.many }}</legend>
      <div class="grid grid-cols-[repeat(auto-fill,minmax(200px,1fr))] gap-x-3">
        <label v-for="each in group.items" :key="keyOf(each.item)" class="flex min-w-0 items-center gap-2 py-0.5">
          <input v-model="chosen" type="checkbox" :value="keyOf(each.item)" class="h-4 w-4 flex-none" />
          <span class="truncate" :title="each.name">{{ each.name }}</span>
        </label>
      </div>
    </fieldset>
    <p v-if="!shown.length" class="py-4 text-center text-soft">{{ nothing }}</p>
  </div>
</template>
