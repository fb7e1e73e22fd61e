<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import { computed } from 'vue'
import type { Anchor, Cue, Part } from '@/api/types'
import { problemsAt, useDrafts, type Draft } from '@/stores/drafts'
import { useKinds } from '@/stores/kinds'
import ChoiceField from '../cue/ChoiceField.vue'
import KindForm from '../cue/KindForm.vue'
import SecondsField from '../cue/SecondsField.vue'
import AskForm from './AskForm.vue'
import CallForm from './CallForm.vue'
import OscForm from './OscForm.vue'
import PartManner from './PartManner.vue'
import SwitchForm from './SwitchForm.vue'

const props = defineProps<{ draft: Draft; take: number; chosen: string }>()
defineEmits<{ remove: [] }>()
const drafts = useDrafts()
const kinds = useKinds()

const parts = computed(() => props.draft.cue.takes[props.take]!.score.parts)
const index = computed(() => parts.value.findIndex((part) => part.id === props.chosen))
const part = computed(() => parts.value[index.value])
const place = computed(() => `takes[${props.take}].score.parts[${index.value}]`)
const at = (field: string) => problemsAt(props.draft, `${place.value}.${field}`)
/** Forms of parts with fields that no list describes. */
const OWN = { switch: SwitchForm, ask: AskForm }
const own = computed(() => OWN[part.value?.kind as keyof typeof OWN])
/** What goes along stands below where it goes. */
const BELOW = { call: CallForm, osc: OscForm }
const below = computed(() => BELOW[part.value?.kind as keyof typeof BELOW])
const values = computed(() => props.draft.look?.values ?? {})
const reads = (field: string) => props.draft.look?.filled[`${place.value}.${field}`]
/** Whether it may last to the end of its score. */
const lasts = computed(
  () => props.draft.look?.plans[props.take]?.find((each) => each.id === props.chosen)?.mayLast ?? false,
)
const named = (values: string[]) => values.map((value) => ({ value, name: value }))
/** What words after it may say, where it is known only when it is done. */
const results = computed(() => {
  const name = props.chosen.replaceAll('-', '')
  return Object.keys(values.value)
    .filter((each) => new RegExp(`^${name}[A-Z]`).test(each))
    .map((each) => `{${each}}`)
})

/** Changes one field of the part, whatever its kind. */
const set = (field: string, value: unknown) =>
  drafts.edit(props.draft.cue.id, (cue: Cue) =>
    Object.assign(cue.takes[props.take]!.score.parts[index.value] as Part, { [field]: value }),
  )

const START_KINDS = [
  { value: 'at', name: 'at a time' },
  { value: 'with', name: 'together with' },
  { value: 'after', name: 'after the end of' },
]
const others = computed(() => parts.value.filter((each) => each.id !== props.chosen))
const offset = computed(() => {
  const start = part.value?.start
  return start?.kind === 'at' ? start.ms : start?.kind === 'with' ? start.offsetMs : (start?.gapMs ?? 0)
})
const start = (kind: string, other: string, ms: number) => {
  const anchor: Anchor =
    kind === 'at'
      ? { kind: 'at', ms }
      : kind === 'with'
        ? { kind: 'with', part: other, offsetMs: ms }
        : { kind: 'after', part: other, gapMs: ms }
  set('start', anchor)
}
const hangsOn = computed(() =>
  part.value && part.value.start.kind !== 'at' ? part.value.start.part : (others.value[0]?.id ?? ''),
)
</script>

<template>
  <section v-if="part" :aria-label="`${kinds.part(part.kind).title} ${part.id}`" class="flex flex-col gap-2">
    <h3 class="flex items-center justify-between text-[16px]">
      {{ kinds.part(part.kind).title }}
      <button
        class="rounded-[8px] p-1.5 text-soft hover:bg-well"
        :aria-label="`Remove ${part.id}`"
        @click="$emit('remove')"
      >
        <Trash2 :size="15" />
      </button>
    </h3>
    <div class="grid grid-cols-2 gap-2">
      <ChoiceField
        label="Starts"
        :model-value="part.start.kind"
        :choices="others.length ? START_KINDS : START_KINDS.slice(0, 1)"
        @update:model-value="start($event, hangsOn, offset)"
      />
      <SecondsField
        :label="part.start.kind === 'at' ? 'Time' : 'Later by'"
        :model-value="offset"
        :problems="at('start')"
        @update:model-value="start(part.start.kind, hangsOn, $event)"
      />
    </div>
    <ChoiceField
      v-if="part.start.kind !== 'at'"
      label="Part"
      :model-value="hangsOn"
      :choices="named(others.map((each) => each.id))"
      @update:model-value="start(part.start.kind, $event, offset)"
    />
    <KindForm
      :value="part"
      :fields="kinds.part(part.kind).fields"
      :values="values"
      :reads="reads"
      :cue="draft.cue.id"
      :problems="at"
      @set="set"
    >
      <div v-if="own" class="col-span-6 flex flex-col gap-2">
        <component :is="own" :part="part as never" :words="values" :reads="reads" :problems="at" @set="set" />
      </div>
    </KindForm>
    <component
      :is="below"
      v-if="below"
      :part="part as never"
      :words="values"
      :reads="reads"
      :problems="at"
      @set="set"
    />
    <p v-if="results.length && part.kind !== 'ask'" class="text-[12.5px] text-soft">
      Parts after it may say {{ results.join(', ') }}.
    </p>
    <PartManner :part="part" :lasts="lasts" :spare="draft.cue.takes[take]!.spare !== ''" :problems="at" @set="set" />
  </section>
  <p v-else class="text-soft">Choose a part in the score to see what it does, or add one.</p>
</template>
