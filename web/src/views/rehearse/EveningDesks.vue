<script setup lang="ts">
import { computed } from 'vue'
import type { ReportView } from '@/api/types'

/** What happened at desks, and how often; beside another wiring both figures, where they differ. */
const props = defineProps<{ report: ReportView }>()
const said = computed(() => {
  const differs = props.report.differs?.desks ?? []
  const same = props.report.evening.desks.filter(
    (each) => !differs.some((other) => other.desk === each.desk && other.happens === each.happens),
  )
  return [
    ...differs.map((each) => ({ ...each, count: `${each.before} → ${each.after}`, differs: true })),
    ...same.map((each) => ({ ...each, count: String(each.count), differs: false })),
  ]
})
</script>

<template>
  <ul v-if="said.length" class="flex flex-wrap gap-x-4 pb-1 text-[13px] text-soft" aria-label="At desks">
    <li v-for="each in said" :key="`${each.desk} ${each.happens}`" :class="each.differs && 'text-ink'">
      {{ each.desk }}: {{ each.happens }} <b class="font-semibold">{{ each.count }}</b>
    </li>
  </ul>
</template>
