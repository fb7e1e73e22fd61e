<script setup lang="ts">
import { computed } from 'vue'
import { differences } from '@/lib/differences'
import type { Draft } from '@/stores/drafts'

/** Where somebody else changed the cue meanwhile: both texts, place by place. */
const props = defineProps<{ draft: Draft }>()
const rows = computed(() =>
  props.draft.state === 'conflict' && props.draft.theirs ? differences(props.draft.theirs, props.draft.cue) : [],
)
</script>

<template>
  <table
    v-if="rows.length > 0"
    class="sheet w-full table-fixed border-separate border-spacing-0 px-3 py-2 text-left text-[13px]"
    aria-label="Theirs and mine"
  >
    <thead class="text-soft">
      <tr>
        <th class="w-[190px] font-normal">Place</th>
        <th class="font-normal">Theirs</th>
        <th class="font-normal">Mine</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.path" class="align-top">
        <td class="truncate font-mono text-[12px] text-soft" :title="row.path">{{ row.path }}</td>
        <td class="break-words">{{ row.before || 'nothing' }}</td>
        <td class="break-words">{{ row.after || 'nothing' }}</td>
      </tr>
    </tbody>
  </table>
</template>
