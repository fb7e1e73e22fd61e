<script setup lang="ts">
import { ArrowDown, ArrowUp, Plus, X } from '@lucide/vue'
import { computed, ref } from 'vue'
import type { Chapter, EveningOrder, Problem } from '@/api/types'
import ChoiceField from '@/components/cue/ChoiceField.vue'
import NumberField from '@/components/cue/NumberField.vue'
import TextField from '@/components/cue/TextField.vue'
import AskForm from '@/components/score/AskForm.vue'
import SwitchForm from '@/components/score/SwitchForm.vue'
import { useChoices } from '@/composables/useChoices'
import { useDesks } from '@/composables/useDesks'
import { changedAt, free, withoutAt } from '@/lib/lists'
import { useWiring } from '@/stores/wiring'

/** The chapters of an evening: how long each is planned, how it ends, what it sets and what it asks desks for. */
const props = defineProps<{ sheet: EveningOrder; problems: (path: string) => Problem[] }>()
const emit = defineEmits<{ set: [key: string, value: unknown] }>()
type Setting = Chapter['sets'][number]
type Asking = Chapter['asks'][number]
const wiring = useWiring()
const views = useDesks()
const { mixer } = useChoices()
const ENDS = [
  { value: 'hand', name: 'when you go on' },
  { value: 'time', name: 'by itself, when its time is up' },
  { value: 'clock', name: 'by itself, when a clock is over' },
]
const open = ref<string[]>([])
const put = (chapters: Chapter[]) => emit('set', 'chapters', chapters)
const change = (at: number, over: Partial<Chapter>) => put(changedAt(props.sheet.chapters, at, over))
const move = (at: number, by: number) => {
  const all = [...props.sheet.chapters]
  const [one] = all.splice(at, 1)
  all.splice(at + by, 0, one!)
  put(all)
}
/** Where an evening stands is kept by the ids of its chapters, so a new one never gets that of another. */
const add = () => {
  const id = `chapter-${Date.now().toString(36)}`
  open.value.push(id)
  put([
    ...props.sheet.chapters,
    {
      id,
      name: free(
        'New chapter',
        props.sheet.chapters.map((each) => each.name),
      ),
      plannedMs: 600_000,
      ends: 'hand',
      clock: '',
      byScene: false,
      sets: [],
      asks: [],
    },
  ])
}
const turn = (id: string) =>
  (open.value = open.value.includes(id) ? open.value.filter((each) => each !== id) : [...open.value, id])
const clocks = computed(() =>
  wiring.sheets
    .map((each) => each.desk)
    .filter((each) => each.kind === 'clock')
    .map((each) => ({ value: each.id, name: each.name })),
)
/** What is added begins with something that is there. */
const setting = (): Setting => ({ target: { kind: 'scene', name: '' }, value: mixer.value?.scenes[0]?.id ?? '' })
const asking = (): Asking => {
  const first = views.value[0]
  return { desk: first?.desk ?? '', about: first?.about ?? '', act: first?.acts[0]?.name ?? '', with: {} }
}
const summary = (chapter: Chapter) =>
  [
    chapter.plannedMs ? `${chapter.plannedMs / 60_000} min` : 'as long as it takes',
    chapter.sets.length && `sets ${chapter.sets.length}`,
    chapter.asks.length && `asks ${chapter.asks.length}`,
  ]
    .filter(Boolean)
    .join(' · ')
const within = (at: number, list: 'sets' | 'asks', item: number) => (field: string) =>
  props.problems(`chapters[${at}].${list}[${item}].${field}`)
const has = (at: number) => props.problems(`chapters[${at}]`).length > 0
</script>

<template>
  <fieldset data-field="chapters">
    <legend class="text-[13px] text-soft">Chapters</legend>
    <ol class="flex flex-col gap-2">
      <li
        v-for="(chapter, at) in sheet.chapters"
        :key="chapter.id"
        class="rounded-[8px] border border-line p-2"
        :class="has(at) && 'border-wax'"
        :data-chapter="chapter.id"
      >
        <div class="flex items-center gap-1.5">
          <button
            type="button"
            class="min-w-0 flex-1 truncate text-left"
            :aria-expanded="open.includes(chapter.id)"
            @click="turn(chapter.id)"
          >
            <b>{{ chapter.name }}</b> <span class="text-[13px] text-soft">{{ summary(chapter) }}</span>
          </button>
          <button
            type="button"
            class="button px-1.5"
            :disabled="at === 0"
            :aria-label="`${chapter.name} earlier`"
            @click="move(at, -1)"
          >
            <ArrowUp :size="13" />
          </button>
          <button
            type="button"
            class="button px-1.5"
            :disabled="at === sheet.chapters.length - 1"
            :aria-label="`${chapter.name} later`"
            @click="move(at, 1)"
          >
            <ArrowDown :size="13" />
          </button>
          <button
            type="button"
            class="button px-1.5"
            :disabled="sheet.chapters.length === 1"
            :aria-label="`Take ${chapter.name} away`"
            @click="put(withoutAt(sheet.chapters, at))"
          >
            <X :size="13" />
          </button>
        </div>
        <div v-if="open.includes(chapter.id)" class="flex flex-col gap-2 pt-2">
          <div class="grid grid-cols-2 gap-2">
            <TextField
              label="Called"
              :model-value="chapter.name"
              :problems="problems(`chapters[${at}].name`)"
              @update:model-value="change(at, { name: $event })"
            />
            <NumberField
              label="Planned, 0 for as long as it takes"
              unit="min"
              :scale="60_000"
              :model-value="chapter.plannedMs"
              :problems="problems(`chapters[${at}].plannedMs`)"
              @update:model-value="change(at, { plannedMs: $event })"
            />
            <ChoiceField
              label="The next begins"
              :model-value="chapter.ends"
              :choices="ENDS"
              @update:model-value="change(at, { ends: $event as Chapter['ends'] })"
            />
            <ChoiceField
              v-if="chapter.ends === 'clock'"
              label="Which clock"
              :model-value="chapter.clock"
              :choices="[{ value: '', name: 'none yet' }, ...clocks]"
              :problems="problems(`chapters[${at}].clock`)"
              @update:model-value="change(at, { clock: $event })"
            />
          </div>
          <label class="flex items-center gap-2">
            <input
              type="checkbox"
              :checked="chapter.byScene"
              @change="change(at, { byScene: ($event.target as HTMLInputElement).checked })"
            />
            it is entered when you cut to its scene at the mixer
          </label>
          <h4 class="text-[13px] text-soft">As long as it lasts, and back when it is left</h4>
          <div
            v-for="(setting, item) in chapter.sets"
            :key="item"
            class="grid grid-cols-[repeat(auto-fit,minmax(150px,1fr))] items-end gap-2 rounded-[8px] bg-well p-2"
          >
            <SwitchForm
              :part="setting"
              for-chapter
              :problems="within(at, 'sets', item)"
              @set="
                (field, value) =>
                  change(at, { sets: changedAt(chapter.sets, item, { [field]: value } as Partial<Setting>) })
              "
            />
            <button type="button" class="button self-end" @click="change(at, { sets: withoutAt(chapter.sets, item) })">
              <X :size="13" /> Take it away
            </button>
          </div>
          <div
            v-for="(asking, item) in chapter.asks"
            :key="`a${item}`"
            class="grid grid-cols-[repeat(auto-fit,minmax(150px,1fr))] items-end gap-2 rounded-[8px] bg-well p-2"
          >
            <AskForm
              :part="asking"
              :problems="within(at, 'asks', item)"
              @set="
                (field, value) =>
                  change(at, { asks: changedAt(chapter.asks, item, { [field]: value } as Partial<Asking>) })
              "
            />
            <button type="button" class="button self-end" @click="change(at, { asks: withoutAt(chapter.asks, item) })">
              <X :size="13" /> Take it away
            </button>
          </div>
          <p class="flex flex-wrap gap-2">
            <button type="button" class="button" @click="change(at, { sets: [...chapter.sets, setting()] })">
              <Plus :size="14" /> Set a scene, a rack, a lamp …
            </button>
            <button type="button" class="button" @click="change(at, { asks: [...chapter.asks, asking()] })">
              <Plus :size="14" /> Ask a desk
            </button>
          </p>
        </div>
      </li>
    </ol>
    <button type="button" class="button mt-2" @click="add"><Plus :size="14" /> Another chapter</button>
  </fieldset>
</template>
