<script setup lang="ts">
import { computed } from 'vue'
import type { Part, Problem } from '@/api/types'
import { useChoices } from '@/composables/useChoices'
import { useWiring } from '@/stores/wiring'
import ChoiceField from '../cue/ChoiceField.vue'
import TextField from '../cue/TextField.vue'
import WordsField from './WordsField.vue'

/** What a part switches, and to what. */
const props = defineProps<{
  part: Extract<Part, { kind: 'switch' }>
  values?: Record<string, string>
  reads?: (field: string) => string | undefined
  problems: (field: string) => Problem[]
}>()
const emit = defineEmits<{ set: [field: string, value: unknown] }>()
const wiring = useWiring()
const TARGETS = [
  { value: 'scene', name: 'the scene' },
  { value: 'source', name: 'a source, shown or hidden' },
  { value: 'text', name: 'the words of a text' },
  { value: 'place', name: 'where a source stands' },
  { value: 'level', name: 'how loud a source is' },
  { value: 'mute', name: 'whether a source is heard' },
  { value: 'filter', name: 'a filter of a source' },
  { value: 'stream', name: 'the stream' },
  { value: 'recording', name: 'the recording' },
  { value: 'lamp', name: 'a lamp' },
  { value: 'rack', name: 'a rack' },
]
type TargetKind = Extract<Part, { kind: 'switch' }>['target']['kind']
/** How each kind begins, so that what is chosen is never something it cannot be. */
const BEGINS: Record<TargetKind, string> = {
  scene: '',
  source: 'shown',
  lamp: 'off',
  rack: 'on',
  place: '0,0,1280,720',
  text: '{viewer}',
  level: '50',
  mute: 'muted',
  filter: 'on',
  stream: 'on',
  recording: 'on',
}
const VALUES: Partial<Record<TargetKind, string[]>> = {
  source: ['shown', 'hidden'],
  mute: ['muted', 'open'],
  filter: ['on', 'off'],
  stream: ['on', 'off'],
  recording: ['on', 'off'],
  rack: ['on', 'off'],
}
const { mixer } = useChoices()
const scenes = computed(() => (mixer.value?.scenes ?? []).map((each) => ({ value: each.id, name: each.name })))
/** What the mixer has of a kind; nothing while it is not connected, and then names are typed. */
const things = computed(() => {
  const sources = mixer.value?.sources ?? []
  const kind = props.part.target.kind
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
const alone = (kind: TargetKind) => kind === 'scene' || kind === 'stream' || kind === 'recording'
const change = (kind: TargetKind) => {
  emit('set', 'target', { kind, name: '' })
  emit('set', 'value', kind === 'scene' ? (scenes.value[0]?.value ?? '') : BEGINS[kind])
}
const racks = computed(() => wiring.racks.map((each) => ({ value: each.rack.id, name: each.rack.name })))
const target = (change: object) => emit('set', 'target', { ...props.part.target, ...change })
</script>

<template>
  <ChoiceField
    label="Switches"
    :model-value="part.target.kind"
    :choices="TARGETS"
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
    v-else-if="!alone(part.target.kind) && part.target.kind !== 'lamp' && things.length"
    label="Which one"
    :model-value="part.target.name"
    :choices="things"
    :problems="problems('target')"
    @update:model-value="target({ name: $event })"
  />
  <TextField
    v-else-if="!alone(part.target.kind)"
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
    v-else-if="VALUES[part.target.kind]"
    label="To"
    :model-value="part.value"
    :choices="VALUES[part.target.kind]!.map((value) => ({ value, name: value }))"
    :problems="problems('value')"
    @update:model-value="emit('set', 'value', $event)"
  />
  <WordsField
    v-else-if="part.target.kind === 'text'"
    :reads="reads?.('value')"
    label="To"
    :values="values ?? {}"
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
