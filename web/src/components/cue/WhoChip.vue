<script setup lang="ts">
import { computed } from 'vue'
import type { Standing, WhoGate } from '@/api/types'
import { gateOf, STANDINGS } from '@/lib/sentence'
import { problemsAt, useDrafts, type Draft } from '@/stores/drafts'
import NumberField from './NumberField.vue'
import TheProblems from './TheProblems.vue'

const props = defineProps<{ draft: Draft }>()
const drafts = useDrafts()
const NOBODY: WhoGate = { kind: 'who', standings: [], leastMonths: 0, allow: [], deny: [], circles: [] }
const chosen = computed<Standing[]>(() => gateOf(props.draft.cue, 'who')?.standings ?? ['anyone'])
const months = computed(() => gateOf(props.draft.cue, 'who')?.leastMonths ?? 0)
const setMonths = (least: number) => drafts.edit(props.draft.cue.id, (cue) => Object.assign(gateOf(cue, 'who')!, { leastMonths: least }))

const toggle = (standing: Standing, on: boolean) =>
  drafts.edit(props.draft.cue.id, (cue) => {
    const rest = chosen.value.filter((each) => each !== standing && each !== 'anyone')
    const standings: Standing[] = standing === 'anyone' ? (on ? ['anyone'] : rest) : on ? [...rest, standing] : rest
    cue.gates = [...cue.gates.filter((gate) => gate.kind !== 'who'), { ...(gateOf(cue, 'who') ?? NOBODY), standings }]
  })
</script>

<template>
  <fieldset>
    <legend class="text-[13px] text-soft">May ring it</legend>
    <label v-for="each in STANDINGS" :key="each.standing" class="flex items-center gap-2 py-0.5">
      <input type="checkbox" class="accent-verdigris h-4 w-4" :checked="chosen.includes(each.standing)" @change="toggle(each.standing, ($event.target as HTMLInputElement).checked)" />
      {{ each.plural }}
    </label>
  </fieldset>
  <NumberField v-if="chosen.includes('member')" class="mt-1" label="Members of at least" unit="months" :model-value="months" @update:model-value="setMonths" />
  <TheProblems :problems="problemsAt(draft, `gates[${draft.cue.gates.findIndex((gate) => gate.kind === 'who')}]`)" />
</template>
