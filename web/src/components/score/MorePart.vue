<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { ask } from '@/api/http'
import type { MixerPicture, MixerView, Part, Problem } from '@/api/types'
import { useWiring } from '@/stores/wiring'
import ChoiceField from '../cue/ChoiceField.vue'
import NumberField from '../cue/NumberField.vue'
import SecondsField from '../cue/SecondsField.vue'
import TextField from '../cue/TextField.vue'
import WordsField from './WordsField.vue'

/** The fields of parts that write into books, switch things, or have others do something. */
const props = defineProps<{
  part: Extract<Part, { kind: 'clip' | 'switch' | 'slate' | 'points' }>
  values?: Record<string, string>
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
const mixer = ref<MixerPicture | null>(null)
onMounted(() =>
  ask<MixerView>('GET', '/mixer').then(
    (view) => (mixer.value = view.known ? view.picture : null),
    () => undefined,
  ),
)
const scenes = computed(() => (mixer.value?.scenes ?? []).map((each) => ({ value: each.id, name: each.name })))
/** What the mixer has of a kind; nothing while it is not connected, and then names are typed. */
const things = computed(() => {
  const sources = mixer.value?.sources ?? []
  const kind = props.part.kind === 'switch' ? props.part.target.kind : ''
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
const ACTS = [
  { value: 'set', name: 'is set to' },
  { value: 'add', name: 'goes up by' },
  { value: 'clear', name: 'is cleared' },
]
const slate = computed(() => wiring.house.slate)
const racks = computed(() => wiring.racks.map((each) => ({ value: each.rack.id, name: each.rack.name })))
const target = (change: object) =>
  props.part.kind === 'switch' && emit('set', 'target', { ...props.part.target, ...change })
</script>

<template>
  <template v-if="part.kind === 'clip'">
    <WordsField
      label="Title"
      :values="values ?? {}"
      :model-value="part.title"
      :problems="problems('title')"
      @update:model-value="emit('set', 'title', $event)"
    />
    <div class="grid grid-cols-2 gap-2">
      <NumberField
        label="Seconds kept"
        unit="s"
        :model-value="part.seconds"
        :problems="problems('seconds')"
        @update:model-value="emit('set', 'seconds', $event)"
      />
      <SecondsField
        label="Given up after"
        :model-value="part.longestMs"
        :problems="problems('longestMs')"
        @update:model-value="emit('set', 'longestMs', $event)"
      />
    </div>
  </template>
  <template v-else-if="part.kind === 'switch'">
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
    <SecondsField
      v-if="!part.stay"
      label="For, then back"
      :model-value="part.lengthMs"
      :problems="problems('lengthMs')"
      @update:model-value="emit('set', 'lengthMs', $event)"
    />
    <label class="flex items-center gap-2 text-[13px]"
      ><input
        type="checkbox"
        class="accent-verdigris h-4 w-4"
        :checked="part.stay"
        @change="emit('set', 'stay', !part.stay)"
      />
      stays so</label
    >
  </template>
  <template v-else-if="part.kind === 'slate'">
    <div class="grid grid-cols-2 gap-2">
      <ChoiceField
        label="Value"
        :model-value="part.value"
        :choices="slate.map((each) => ({ value: each.id, name: each.name }))"
        :problems="problems('value')"
        @update:model-value="emit('set', 'value', $event)"
      />
      <ChoiceField
        label="It"
        :model-value="part.act"
        :choices="ACTS"
        :problems="problems('act')"
        @update:model-value="emit('set', 'act', $event)"
      />
    </div>
    <WordsField
      v-if="part.act !== 'clear'"
      label="What"
      :values="values ?? {}"
      :model-value="part.words"
      :problems="problems('words')"
      @update:model-value="emit('set', 'words', $event)"
    />
  </template>
  <NumberField
    v-else
    label="Given; less than 0 takes"
    :unit="wiring.house.pointsMany"
    :model-value="part.amount"
    :problems="problems('amount')"
    @update:model-value="emit('set', 'amount', $event)"
  />
</template>
