<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import { computed } from 'vue'
import type { Anchor, Cue, Part } from '@/api/types'
import { longest, sampleValues, sampleWords } from '@/lib/plan'
import { span } from '@/lib/spans'
import { problemsAt, useDrafts, type Draft } from '@/stores/drafts'
import { useWiring } from '@/stores/wiring'
import ChoiceField from '../cue/ChoiceField.vue'
import SecondsField from '../cue/SecondsField.vue'
import TextField from '../cue/TextField.vue'
import MorePart from './MorePart.vue'

const props = defineProps<{ draft: Draft; chosen: string }>()
defineEmits<{ remove: [] }>()
const drafts = useDrafts()
const wiring = useWiring()

const parts = computed(() => props.draft.cue.takes[0]!.score.parts)
const index = computed(() => parts.value.findIndex((part) => part.id === props.chosen))
const part = computed(() => parts.value[index.value])
const place = computed(() => `takes[0].score.parts[${index.value}]`)
const at = (field: string) => problemsAt(props.draft, `${place.value}.${field}`)
const NAMES = { card: 'Card', sound: 'Sound', reply: 'Reply in chat', clip: 'Clip', switch: 'Switch', slate: 'Slate', points: 'Points' }

const values = computed(() => sampleValues(props.draft.cue, wiring.view?.samples ?? {}))
const stage = computed(() => wiring.stages[0]?.stage)
const folders = computed(() => [...new Set(wiring.shelf.filter((each) => each.type.startsWith('audio/')).map((each) => each.folder))])
const named = (values: string[]) => values.map((value) => ({ value, name: value }))

/** Changes one field of the part, whatever its kind. */
const set = (field: string, value: unknown) =>
  drafts.edit(props.draft.cue.id, (cue: Cue) => Object.assign(cue.takes[0]!.score.parts[index.value] as Part, { [field]: value }))

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
  const anchor: Anchor = kind === 'at' ? { kind: 'at', ms } : kind === 'with' ? { kind: 'with', part: other, offsetMs: ms } : { kind: 'after', part: other, gapMs: ms }
  set('start', anchor)
}
const hangsOn = computed(() => (part.value && part.value.start.kind !== 'at' ? part.value.start.part : (others.value[0]?.id ?? '')))
const pictures = computed(() => [{ value: '', name: 'none' }, ...named(wiring.shelf.filter((each) => each.type.startsWith('image/')).map((each) => each.name))])
const files = (folder: string) => [{ value: '', name: `any of them, up to ${span(longest(wiring.shelf, folder, ''))}` }, ...named(wiring.shelf.filter((each) => each.folder === folder).map((each) => each.name))]
</script>

<template>
  <section v-if="part" :aria-label="`${NAMES[part.kind]} ${part.id}`" class="flex flex-col gap-2">
    <h3 class="flex items-center justify-between text-[16px]">
      {{ NAMES[part.kind] }}
      <button class="rounded-[8px] p-1.5 text-soft hover:bg-well" :aria-label="`Remove ${part.id}`" @click="$emit('remove')"><Trash2 :size="15" /></button>
    </h3>
    <div class="grid grid-cols-2 gap-2">
      <ChoiceField label="Starts" :model-value="part.start.kind" :choices="others.length ? START_KINDS : START_KINDS.slice(0, 1)" @update:model-value="start($event, hangsOn, offset)" />
      <SecondsField :label="part.start.kind === 'at' ? 'Time' : 'Later by'" :model-value="offset" :problems="at('start')" @update:model-value="start(part.start.kind, hangsOn, $event)" />
    </div>
    <ChoiceField v-if="part.start.kind !== 'at'" label="Part" :model-value="hangsOn" :choices="named(others.map((each) => each.id))" @update:model-value="start(part.start.kind, $event, offset)" />
    <template v-if="part.kind === 'card'">
      <TextField label="Large line" :model-value="part.title" :problems="at('title')" @update:model-value="set('title', $event)" />
      <TextField label="Line below" :model-value="part.words" :problems="at('words')" @update:model-value="set('words', $event)" />
      <div class="grid grid-cols-3 gap-2">
        <SecondsField label="Stays" :model-value="part.lengthMs" :problems="at('lengthMs')" @update:model-value="set('lengthMs', $event)" />
        <SecondsField label="of it in" :model-value="part.entryMs" :problems="at('entryMs')" @update:model-value="set('entryMs', $event)" />
        <SecondsField label="and out" :model-value="part.exitMs" :problems="at('exitMs')" @update:model-value="set('exitMs', $event)" />
      </div>
      <div class="grid grid-cols-2 gap-2">
        <ChoiceField label="Spot" :model-value="part.spot" :choices="(stage?.spots ?? []).map((each) => ({ value: each.id, name: each.name }))" :problems="at('spot')" @update:model-value="set('spot', $event)" />
        <ChoiceField label="Look" :model-value="part.look" :choices="named(wiring.view?.looks ?? [])" :problems="at('look')" @update:model-value="set('look', $event)" />
      </div>
      <ChoiceField label="Picture" :model-value="part.picture" :choices="pictures" :problems="at('picture')" @update:model-value="set('picture', $event)" />
    </template>
    <template v-else-if="part.kind === 'sound'">
      <ChoiceField label="Folder" :model-value="part.folder" :choices="named(folders)" :problems="at('folder')" @update:model-value="set('folder', $event)" />
      <ChoiceField label="Sound" :model-value="part.file" :choices="files(part.folder)" :problems="at('file')" @update:model-value="set('file', $event)" />
      <label class="block">
        <span class="text-[13px] text-soft">Volume {{ part.volume }} %</span>
        <input type="range" min="0" max="100" class="accent-verdigris w-full" :value="part.volume" @input="set('volume', Number(($event.target as HTMLInputElement).value))" />
      </label>
    </template>
    <MorePart v-else-if="part.kind !== 'reply'" :part="part" :problems="at" @set="set" />
    <template v-else>
      <TextField label="Words" :model-value="part.words" :problems="at('words')" @update:model-value="set('words', $event)" />
      <p class="text-[12.5px] text-soft">Reads: {{ sampleWords(part, values) }}</p>
    </template>
    <p v-if="!['sound', 'switch', 'points'].includes(part.kind)" class="text-[12.5px] text-soft">
      Values: <code v-for="field in Object.keys(values)" :key="field" class="mr-1 font-mono">{{ '{' + field + '}' }}</code>
    </p>
  </section>
  <p v-else class="text-soft">Choose a part in the score to see what it does, or add one.</p>
</template>
