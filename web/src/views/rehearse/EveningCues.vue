<script setup lang="ts">
import { computed } from 'vue'
import type { ReportView } from '@/api/types'
import { span } from '@/lib/spans'
import { useKinds } from '@/stores/kinds'
import { useWiring } from '@/stores/wiring'

/** What became of each cue; beside another wiring what differs stands first. */
const props = defineProps<{ report: ReportView; cue: string }>()
const kinds = useKinds()
const wiring = useWiring()
defineEmits<{ cue: [string] }>()
const heldOf = (held: Record<string, number>) => Object.values(held).reduce((sum, each) => sum + each, 0)
const wait = (ms: number) => (ms === 0 ? '' : span(Math.round(ms / 100) * 100))
const both = (before: number | string, after: number | string) =>
  before === after ? String(after) : `${before === '' ? '0 s' : before} → ${after === '' ? '0 s' : after}`
const rows = computed(() => {
  const differs = new Map((props.report.differs?.differences ?? []).map((each, at) => [each.id, { ...each, at }]))
  const all = props.report.evening.cues.map((each) => {
    const other = differs.get(each.id)
    return {
      id: each.id,
      name: each.name,
      differs: other !== undefined,
      at: other?.at ?? Infinity,
      rangAfter: each.rang,
      rang: other ? both(other.rangBefore, other.rangAfter) : String(each.rang),
      held: other ? both(other.heldBefore, other.heldAfter) : String(heldOf(each.held)),
      dropped: other ? both(other.droppedBefore, other.droppedAfter) : String(each.dropped),
      longest: other ? both(wait(other.longestBeforeMs), wait(other.longestAfterMs)) : wait(each.longestMs),
      why: Object.entries(each.held)
        .map(([gate, times]) => `${kinds.says(gate)} ${times}`)
        .join(', '),
    }
  })
  const gone = [...differs.values()]
    .filter((each) => !all.some((row) => row.id === each.id))
    .map((each) => ({
      id: each.id,
      name: each.name,
      differs: true,
      at: each.at,
      rangAfter: 0,
      rang: both(each.rangBefore, 0),
      held: both(each.heldBefore, 0),
      dropped: both(each.droppedBefore, 0),
      longest: '',
      why: '',
    }))
  return [...all, ...gone].sort((one, other) => one.at - other.at || other.rangAfter - one.rangAfter)
})
</script>

<template>
  <table class="w-full text-left text-[13px]" aria-label="What became of each cue">
    <thead class="sticky top-0 bg-paper text-soft">
      <tr>
        <th class="py-1 font-normal">Cue</th>
        <th class="w-[74px] font-normal">rang</th>
        <th class="w-[74px] font-normal">held</th>
        <th class="w-[74px] font-normal">dropped</th>
        <th class="w-[112px] font-normal">longest wait</th>
      </tr>
    </thead>
    <tbody>
      <tr
        v-for="row in rows"
        :key="row.id"
        class="border-t border-line"
        :class="[row.id === cue && 'bg-well', row.differs && 'font-semibold']"
      >
        <td class="py-0.5">
          <button
            class="max-w-[220px] truncate rounded text-left hover:underline"
            :aria-pressed="row.id === cue"
            @click="$emit('cue', row.id === cue ? '' : row.id)"
          >
            {{ row.name }}
          </button>
          <RouterLink
            v-if="wiring.cue(row.id)"
            class="ml-1 text-[12.5px] text-soft underline decoration-line"
            :to="`/cues/${row.id}`"
            :aria-label="`Open ${row.name} under Cues`"
            >open</RouterLink
          >
        </td>
        <td :class="row.rangAfter === 0 && 'text-wax-words'">{{ row.rang === '0' ? 'never' : row.rang }}</td>
        <td :title="row.why">{{ row.held }}</td>
        <td>{{ row.dropped }}</td>
        <td>{{ row.longest }}</td>
      </tr>
    </tbody>
  </table>
</template>
