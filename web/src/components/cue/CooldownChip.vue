<script setup lang="ts">
import { computed } from 'vue'
import { gateOf } from '@/lib/gates'
import { problemsAt, useDrafts, type Draft } from '@/stores/drafts'
import SecondsField from './SecondsField.vue'

const props = defineProps<{ draft: Draft }>()
const drafts = useDrafts()
const gate = computed(
  () => gateOf(props.draft.cue, 'cooldown') ?? { kind: 'cooldown' as const, forAllMs: 0, perViewerMs: 0 },
)
const place = computed(() => `gates[${props.draft.cue.gates.findIndex((each) => each.kind === 'cooldown')}]`)

const set = (field: 'forAllMs' | 'perViewerMs', ms: number) =>
  drafts.edit(props.draft.cue.id, (cue) => {
    const next = { ...gate.value, [field]: ms }
    const others = cue.gates.filter((each) => each.kind !== 'cooldown')
    cue.gates = next.forAllMs === 0 && next.perViewerMs === 0 ? others : [...others, next]
  })
</script>

<template>
  <div class="flex flex-col gap-2">
    <SecondsField
      label="Rests after anyone's ring"
      :model-value="gate.forAllMs"
      :problems="problemsAt(draft, `${place}.forAllMs`)"
      @update:model-value="set('forAllMs', $event)"
    />
    <SecondsField
      label="Rests for the same viewer"
      :model-value="gate.perViewerMs"
      :problems="problemsAt(draft, `${place}.perViewerMs`)"
      @update:model-value="set('perViewerMs', $event)"
    />
    <p class="text-[12.5px] text-soft">0 means no rest. It counts from the moment the cue rings.</p>
  </div>
</template>
