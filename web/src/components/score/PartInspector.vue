<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import { computed } from 'vue'
import type { Anchor, Cue, Part } from '@/api/types'
import { partName } from '@/lib/parts'
import { longest, sampleValues } from '@/lib/plan'
import { MOTIONS, showFields } from '@/lib/showParts'
import { span } from '@/lib/spans'
import { problemsAt, useDrafts, type Draft } from '@/stores/drafts'
import { useWiring } from '@/stores/wiring'
import ChoiceField from '../cue/ChoiceField.vue'
import FileField from '../cue/FileField.vue'
import KindForm from '../cue/KindForm.vue'
import SecondsField from '../cue/SecondsField.vue'
import AskForm from './AskForm.vue'
import MorePart from './MorePart.vue'
import PartManner from './PartManner.vue'
import WordsField from './WordsField.vue'

const props = defineProps<{ draft: Draft; take: number; chosen: string }>()
defineEmits<{ remove: [] }>()
const drafts = useDrafts()
const wiring = useWiring()

const parts = computed(() => props.draft.cue.takes[props.take]!.score.parts)
const index = computed(() => parts.value.findIndex((part) => part.id === props.chosen))
const part = computed(() => parts.value[index.value])
const place = computed(() => `takes[${props.take}].score.parts[${index.value}]`)
const at = (field: string) => problemsAt(props.draft, `${place.value}.${field}`)
const SHOWS: Part['kind'][] = ['picture', 'video', 'burst', 'names', 'spin', 'move']

const values = computed(() => sampleValues(props.draft.cue, wiring.view?.samples ?? {}))
const stage = computed(
  () =>
    wiring.stages.find((each) => part.value && 'stage' in part.value && each.stage.id === part.value.stage)?.stage ??
    wiring.stages[0]?.stage,
)
const folders = computed(() => [
  ...new Set(wiring.shelf.filter((each) => each.type.startsWith('audio/')).map((each) => each.folder)),
])
const named = (values: string[]) => values.map((value) => ({ value, name: value }))

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
const files = (folder: string) => [
  { value: '', name: `any of them, up to ${span(longest(wiring.shelf, folder, ''))}` },
  ...named(wiring.shelf.filter((each) => each.folder === folder).map((each) => each.name)),
]
</script>

<template>
  <section v-if="part" :aria-label="`${partName(part.kind)} ${part.id}`" class="flex flex-col gap-2">
    <h3 class="flex items-center justify-between text-[16px]">
      {{ partName(part.kind) }}
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
    <template v-if="part.kind === 'card'">
      <WordsField
        label="Large line"
        :model-value="part.title"
        :values="values"
        :problems="at('title')"
        @update:model-value="set('title', $event)"
      />
      <WordsField
        label="Line below"
        :model-value="part.words"
        :values="values"
        :problems="at('words')"
        @update:model-value="set('words', $event)"
      />
      <div class="grid grid-cols-3 gap-2">
        <SecondsField
          label="Stays"
          :model-value="part.lengthMs"
          :problems="at('lengthMs')"
          @update:model-value="set('lengthMs', $event)"
        />
        <SecondsField
          label="of it in"
          :model-value="part.entryMs"
          :problems="at('entryMs')"
          @update:model-value="set('entryMs', $event)"
        />
        <SecondsField
          label="and out"
          :model-value="part.exitMs"
          :problems="at('exitMs')"
          @update:model-value="set('exitMs', $event)"
        />
      </div>
      <ChoiceField
        v-if="wiring.stages.length > 1"
        label="Stage"
        :model-value="part.stage"
        :choices="wiring.stages.map((each) => ({ value: each.stage.id, name: each.stage.name }))"
        :problems="at('stage')"
        @update:model-value="set('stage', $event)"
      />
      <div class="grid grid-cols-2 gap-2">
        <ChoiceField
          label="Spot"
          :model-value="part.spot"
          :choices="(stage?.spots ?? []).map((each) => ({ value: each.id, name: each.name }))"
          :problems="at('spot')"
          @update:model-value="set('spot', $event)"
        />
        <ChoiceField
          label="Look"
          :model-value="part.look"
          :choices="(wiring.view?.looks ?? []).map((each) => ({ value: each.id, name: each.name }))"
          :problems="at('look')"
          @update:model-value="set('look', $event)"
        />
      </div>
      <div class="grid grid-cols-2 gap-2">
        <ChoiceField
          label="Comes in"
          :model-value="part.entry"
          :choices="MOTIONS"
          :problems="at('entry')"
          @update:model-value="set('entry', $event)"
        />
        <ChoiceField
          label="Goes out"
          :model-value="part.exit"
          :choices="MOTIONS"
          :problems="at('exit')"
          @update:model-value="set('exit', $event)"
        />
      </div>
      <FileField
        v-if="!part.portrait"
        label="Picture"
        folder="Pictures"
        none
        :model-value="part.picture"
        :problems="at('picture')"
        @update:model-value="set('picture', $event)"
      />
      <label class="flex items-center gap-2 text-[13px]"
        ><input
          type="checkbox"
          class="accent-verdigris h-4 w-4"
          :checked="part.portrait"
          @change="set('portrait', !part.portrait)"
        />
        the viewer’s portrait in its place</label
      >
    </template>
    <template v-else-if="part.kind === 'sound'">
      <ChoiceField
        label="Folder"
        :model-value="part.folder"
        :choices="named(folders)"
        :problems="at('folder')"
        @update:model-value="set('folder', $event)"
      />
      <ChoiceField
        label="Sound"
        :model-value="part.file"
        :choices="files(part.folder)"
        :problems="at('file')"
        @update:model-value="set('file', $event)"
      />
      <label class="block">
        <span class="text-[13px] text-soft">Volume {{ part.volume }} %</span>
        <input
          type="range"
          min="0"
          max="100"
          class="accent-verdigris w-full"
          :value="part.volume"
          @input="set('volume', Number(($event.target as HTMLInputElement).value))"
        />
      </label>
    </template>
    <KindForm
      v-else-if="SHOWS.includes(part.kind)"
      :value="part"
      :fields="
        showFields(
          part,
          wiring.stages.map((each) => each.stage),
          wiring.shelf,
        )
      "
      :values="values"
      :problems="at"
      @set="set"
    />
    <AskForm v-else-if="part.kind === 'ask'" :part="part" :values="values" :problems="at" @set="set" />
    <MorePart v-else-if="part.kind !== 'reply'" :part="part as never" :values="values" :problems="at" @set="set" />
    <WordsField
      v-else
      label="Words"
      rows
      :model-value="part.words"
      :values="values"
      :problems="at('words')"
      @update:model-value="set('words', $event)"
    />
    <PartManner :part="part" :spare="draft.cue.takes[take]!.spare !== ''" :problems="at" @set="set" />
  </section>
  <p v-else class="text-soft">Choose a part in the score to see what it does, or add one.</p>
</template>
