<script setup lang="ts">
import { computed } from 'vue'
import type { Standing, WhoGate } from '@/api/types'
import { gateOf } from '@/lib/gates'
import { useKinds } from '@/stores/kinds'
import { problemsAt, useDrafts, type Draft } from '@/stores/drafts'
import { useWiring } from '@/stores/wiring'
import ListField from './ListField.vue'
import NumberField from './NumberField.vue'
import TheProblems from './TheProblems.vue'

const props = defineProps<{ draft: Draft }>()
const drafts = useDrafts()
const wiring = useWiring()
const kinds = useKinds()
const ANYONE: WhoGate = { kind: 'who', standings: ['anyone'], leastMonths: 0, allow: [], deny: [], circles: [] }
const gate = computed(() => gateOf(props.draft.cue, 'who') ?? ANYONE)
const place = computed(() => `gates[${props.draft.cue.gates.findIndex((each) => each.kind === 'who')}]`)
const whole = computed(() =>
  problemsAt(props.draft, place.value).filter((each) => !/\.(allow|deny|leastMonths)/.test(each.path)),
)
const set = (change: Partial<WhoGate>) =>
  drafts.edit(props.draft.cue.id, (cue) => {
    const next = { ...gate.value, ...change }
    cue.gates = cue.gates.some((each) => each.kind === 'who')
      ? cue.gates.map((each) => (each.kind === 'who' ? next : each))
      : [...cue.gates, next]
  })
const toggle = (standing: Standing, on: boolean) => {
  const rest = gate.value.standings.filter((each) => each !== standing && each !== 'anyone')
  set({ standings: standing === 'anyone' ? (on ? ['anyone'] : rest) : on ? [...rest, standing] : rest })
}
const circle = (id: string, on: boolean) =>
  set({ circles: on ? [...gate.value.circles, id] : gate.value.circles.filter((each) => each !== id) })
const checked = (event: Event) => (event.target as HTMLInputElement).checked
</script>

<template>
  <fieldset class="grid grid-cols-2">
    <legend class="text-[13px] text-soft">May ring it</legend>
    <label v-for="each in kinds.all.standings" :key="each.standing" class="flex items-center gap-2 py-0.5">
      <input
        type="checkbox"
        class="h-4 w-4"
        :checked="gate.standings.includes(each.standing as Standing)"
        @change="toggle(each.standing as Standing, checked($event))"
      />
      {{ each.plural }}
    </label>
    <label v-for="each in wiring.house.circles" :key="each.id" class="flex items-center gap-2 py-0.5">
      <input
        type="checkbox"
        class="h-4 w-4"
        :checked="gate.circles.includes(each.id)"
        @change="circle(each.id, checked($event))"
      />
      the circle {{ each.name }}
    </label>
  </fieldset>
  <div class="mt-1 flex flex-col gap-2">
    <NumberField
      v-if="gate.standings.includes('member')"
      label="Members of at least"
      unit="months"
      :model-value="gate.leastMonths"
      :problems="problemsAt(draft, `${place}.leastMonths`)"
      @update:model-value="set({ leastMonths: $event })"
    />
    <ListField
      v-if="!gate.standings.includes('anyone')"
      name="allow"
      label="And by name"
      :model-value="gate.allow"
      :problems="problemsAt(draft, `${place}.allow`)"
      @update:model-value="set({ allow: $event })"
    />
    <ListField
      name="deny"
      label="But never"
      :model-value="gate.deny"
      :problems="problemsAt(draft, `${place}.deny`)"
      @update:model-value="set({ deny: $event })"
    />
  </div>
  <TheProblems :problems="whole" />
</template>
