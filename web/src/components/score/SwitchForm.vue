<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { ask } from '@/api/http'
import type { DeviceStands, Part, Problem } from '@/api/types'
import { useChoices } from '@/composables/useChoices'
import { useKinds } from '@/stores/kinds'
import { useKnown } from '@/stores/known'
import { useWiring } from '@/stores/wiring'
import ChoiceField from '../cue/ChoiceField.vue'
import LampForm from './LampForm.vue'
import TextField from '../cue/TextField.vue'
import WordsField from './WordsField.vue'

/** What a part switches, and to what. */
const props = defineProps<{
  part: Pick<Extract<Part, { kind: 'switch' }>, 'target' | 'value'>
  /** Whether it is switched for as long as a chapter of the evening lasts. */
  forChapter?: boolean
  /** A sample for each value that words may use. */
  words?: Record<string, string>
  reads?: (field: string) => string | undefined
  problems: (field: string) => Problem[]
}>()
const emit = defineEmits<{ set: [field: string, value: unknown] }>()
const wiring = useWiring()
const known = useKnown()
type TargetKind = Extract<Part, { kind: 'switch' }>['target']['kind']
const kinds = useKinds()
const of = (kind: string) => kinds.all.targets.find((each) => each.kind === kind)
const offered = computed(() =>
  kinds.all.targets
    .filter((each) => !props.forChapter || each.inChapters)
    .map((each) => ({ value: each.kind, name: each.title })),
)
/** What it may stand at, where the values are few. */
const values = computed(() => of(props.part.target.kind)?.values ?? [])
const named = computed(() => of(props.part.target.kind)?.named ?? false)
const { mixer } = useChoices()
/** What the room has; nothing while it is not connected, and then names are typed. */
const room = ref<DeviceStands[]>([])
onMounted(() =>
  ask<DeviceStands[]>('GET', '/room').then(
    (told) => (room.value = told),
    () => undefined,
  ),
)
const scenes = computed(() => (mixer.value?.scenes ?? []).map((each) => ({ value: each.id, name: each.name })))
/** What the mixer, the room or this computer has of a kind; nothing while it is not connected, and then names are typed. */
const things = computed(() => {
  const sources = mixer.value?.sources ?? []
  const kind = props.part.target.kind
  if (kind === 'lamp' || kind === 'plug') {
    return room.value.filter((each) => each.sort === kind).map((each) => ({ value: each.name, name: each.name }))
  }
  if (kind === 'key') {
    return known.names.keys.map((name) => ({ value: name, name }))
  }
  const found =
    kind === 'text'
      ? sources.filter((each) => each.kind === 'text')
      : kind === 'level' || kind === 'mute'
        ? sources.filter((each) => ['sound', 'browser', 'camera'].includes(each.kind))
        : sources
  return kind === 'filter'
    ? found.flatMap((each) =>
        each.filters.map((filter) => ({ value: `${each.id}/${filter.id}`, name: `${each.name}: ${filter.name}` })),
      )
    : found.map((each) => ({ value: each.id, name: each.name }))
})
const change = (kind: TargetKind) => {
  emit('set', 'target', { kind, name: '' })
  emit('set', 'value', of(kind)?.begins || (kind === 'scene' ? (scenes.value[0]?.value ?? '') : ''))
}
const racks = computed(() => wiring.racks.map((each) => ({ value: each.rack.id, name: each.rack.name })))
const target = (change: object) => emit('set', 'target', { ...props.part.target, ...change })
</script>

<template>
  <ChoiceField
    label="Switches"
    :model-value="part.target.kind"
    :choices="offered"
    @update:model-value="change($event as TargetKind)"
  />
  <ChoiceField
    v-if="part.target.kind === 'rack'"
    label="Rack"
    :model-value="part.target.name"
    :choices="racks"
    :problems="problems('target')"
    @update:model-value="target({ name: $event })"
  />
  <ChoiceField
    v-else-if="named && things.length"
    label="Which one"
    :model-value="part.target.name"
    :choices="things"
    :problems="problems('target')"
    @update:model-value="target({ name: $event })"
  />
  <TextField
    v-else-if="named"
    label="Which one"
    :model-value="part.target.name"
    :problems="problems('target')"
    @update:model-value="target({ name: $event })"
  />
  <ChoiceField
    v-if="part.target.kind === 'scene' && scenes.length"
    label="To"
    :model-value="part.value"
    :choices="scenes"
    :problems="problems('value')"
    @update:model-value="emit('set', 'value', $event)"
  />
  <ChoiceField
    v-else-if="values.length"
    label="To"
    :model-value="part.value"
    :choices="values.map((value) => ({ value, name: value }))"
    :problems="problems('value')"
    @update:model-value="emit('set', 'value', $event)"
  />
  <WordsField
    v-else-if="part.target.kind === 'text'"
    :reads="reads?.('value')"
    label="To"
    :values="words ?? {}"
    :model-value="part.value"
    :problems="problems('value')"
    @update:model-value="emit('set', 'value', $event)"
  />
  <LampForm
    v-else-if="part.target.kind === 'lamp'"
    :model-value="part.value"
    :problems="problems('value')"
    @update:model-value="emit('set', 'value', $event)"
  />
  <TextField
    v-else
    label="To"
    :model-value="part.value"
    :problems="problems('value')"
    @update:model-value="emit('set', 'value', $event)"
  />
</template>
