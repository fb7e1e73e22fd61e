<script setup lang="ts">
import { usePlan } from '@/composables/usePlan'
import { span } from '@/lib/spans'
import { problemsAt, type Draft } from '@/stores/drafts'
import { useKinds } from '@/stores/kinds'
import { LANE_ICONS } from './lanes'

/** A score of one or two parts as plain rows: what, when, how long. */
const props = defineProps<{ draft: Draft; take: number; picked: string[] }>()
const emit = defineEmits<{ pick: [string[]] }>()
const kinds = useKinds()
const { parts, plan } = usePlan(
  () => props.draft,
  () => props.take,
)
const starts = (at: number) => {
  const start = parts.value[at]!.start
  const late = start.kind === 'at' ? start.ms : start.kind === 'with' ? start.offsetMs : start.gapMs
  const then = start.kind === 'at' ? 'at once' : start.kind === 'with' ? `with ${start.part}` : `after ${start.part}`
  return late === 0
    ? then
    : start.kind === 'at'
      ? `at ${span(late)}`
      : `${span(late)} ${start.kind === 'with' ? `into ${start.part}` : then}`
}
const lasts = (at: number) =>
  plan.value[at]!.to > plan.value[at]!.from
    ? `${plan.value[at]!.open ? 'up to ' : 'for '}${span(plan.value[at]!.to - plan.value[at]!.from)}`
    : ''
const wrong = (at: number) => problemsAt(props.draft, `takes[${props.take}].score.parts[${at}]`).length > 0
const step = (by: number, at: number) => {
  const next = parts.value[(at + by + parts.value.length) % parts.value.length]!
  emit('pick', [next.id])
  document.getElementById(`part-${next.id}`)?.focus()
}
</script>

<template>
  <ul class="sheet flex-none overflow-hidden" aria-label="Score, in rows">
    <li v-for="(each, at) in plan" :key="each.part.id" class="border-t border-line first:border-0">
      <button
        :id="`part-${each.part.id}`"
        class="part flex w-full items-center gap-3 px-3 py-2 text-left hover:bg-well"
        :class="[picked.includes(each.part.id) && 'picked', wrong(at) && 'text-wax-words']"
        :aria-pressed="picked.includes(each.part.id)"
        @click="emit('pick', [each.part.id])"
        @keydown.down.prevent="step(1, at)"
        @keydown.up.prevent="step(-1, at)"
      >
        <span class="grid h-7 w-7 flex-none place-items-center rounded-[8px]" :class="`lane-${each.lane}`"
          ><component :is="LANE_ICONS[each.lane]" :size="15"
        /></span>
        <span class="w-[120px] flex-none font-semibold">{{ kinds.part(each.part.kind).title }}</span>
        <span class="min-w-0 flex-1 truncate">{{ each.label }}</span>
        <span class="flex-none text-[13px] text-soft">{{ [starts(at), lasts(at)].filter(Boolean).join(' · ') }}</span>
      </button>
    </li>
    <li v-if="plan.length === 0" class="px-3 py-3 text-soft">Nothing is played yet. Add a part below.</li>
  </ul>
</template>

<style scoped>
.picked {
  background: var(--well);
  box-shadow: inset 4px 0 0 var(--honey);
}
</style>
