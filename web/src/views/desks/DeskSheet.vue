<script setup lang="ts">
import { MessageSquarePlus, PanelRight, Trash2, Undo2 } from '@lucide/vue'
import { computed, nextTick, ref } from 'vue'
import { useRouter } from 'vue-router'
import { ask, type Refusal } from '@/api/http'
import type { Problem, SheetView } from '@/api/types'
import ChipSentence from '@/components/cue/ChipSentence.vue'
import KindForm from '@/components/cue/KindForm.vue'
import { useDraftOf } from '@/composables/useDraftOf'
import { means, withAt } from '@/lib/at'
import { useDeskBoards } from '@/stores/desks'
import { useKinds } from '@/stores/kinds'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'
import TheDialog from '@/components/TheDialog.vue'
import StageNow from './StageNow.vue'
import { DRAWN } from './kinds'

/** One desk: its sentence, its board, how the stage shows it, and all of it as a form. */
const props = defineProps<{ sheet: SheetView }>()
const wiring = useWiring()
const kinds = useKinds()
const desks = useDeskBoards()
const notes = useNotes()
const router = useRouter()
const id = props.sheet.desk.id
const { draft, says, state, problems, edit, takeTheirs, keepMine, at } = useDraftOf({
  id: () => id,
  there: () => {
    const now = wiring.sheets.find((each) => each.desk.id === id)
    return now && { value: now.desk, version: now.version }
  },
  put: (value, version) => wiring.saveSheet(version, value),
})
const kind = computed(() => props.sheet.desk.kind)
const drawn = computed(() => DRAWN[kind.value]!)
const fields = computed(() => kinds.of('desks', kind.value).fields)
const told = computed(() => desks.boards[props.sheet.desk.id] as { canUndo: boolean } | null)
const form = ref<HTMLDetailsElement | null>(null)
const open = ref(false)
/** Whether anything means something that no list of fields describes. */
const more = computed(
  () => drawn.value.form && fields.value.some((each) => each.as === 'other' && means(each, draft.value!)),
)
const set = (key: string, value: unknown) => draft.value && edit(withAt(draft.value, key, value))
const go = async (field: string) => {
  open.value = true
  await nextTick()
  const found = form.value?.querySelector<HTMLElement>(`[data-field="${field}"]`)
  // Under a heading it may be folded away.
  found?.closest('details')?.setAttribute('open', '')
  found?.scrollIntoView({ block: 'center' })
  found?.querySelector<HTMLElement>('input, button, textarea')?.focus()
}
/** Problems of what stands in no field of the form. */
const others = computed(() =>
  problems.value.filter((each: Problem) => !fields.value.some((field) => each.path.startsWith(field.key))),
)
const word = computed(() => wiring.cues.find((each) => each.uses.includes(id)))
const words = () =>
  ask('POST', '/cues/starters', { desk: kind.value, about: id }).then(
    () => (
      notes.say(`Its chat words are in the rack ${props.sheet.desk.name}, as cues of yours.`, true),
      wiring.load()
    ),
    (refusal: Error) => notes.say(refusal.message),
  )
/** Cues that keep it there until they may go with it. */
const kept = ref<Problem | null>(null)
const remove = (withCues: boolean) =>
  wiring.deleteSheet(props.sheet, withCues).then(
    () => (notes.say(`${props.sheet.desk.name} is taken away.`, true), router.push('/desks')),
    (refusal: Refusal) => {
      kept.value = refusal.problems?.find((each) => each.path === 'cues') ?? null
      if (!kept.value) {
        notes.say(refusal.message)
      }
    },
  )
</script>

<template>
  <div class="flex min-h-0">
    <div class="min-w-0 flex-1 overflow-auto px-5 py-4">
      <div class="flex flex-wrap items-center gap-2 pb-3">
        <h1 class="min-w-0 flex-1 basis-48 truncate text-[24px] leading-[1.35]">{{ sheet.desk.name }}</h1>
        <span class="text-[13px] text-soft" role="status">{{ says }}</span>
        <RouterLink v-if="word" class="button" :to="`/cues/${word.cue.id}`">Its chat words</RouterLink>
        <button v-else class="button" @click="words"><MessageSquarePlus :size="15" /> Make its chat words</button>
        <button class="button" :disabled="!told?.canUndo" @click="desks.act(kind, id, 'undo')">
          <Undo2 :size="15" /> Take back
        </button>
        <a
          class="button"
          :href="`/dock/${id}`"
          target="_blank"
          rel="opener"
          aria-label="As a narrow page"
          title="Its board alone as a narrow page, such as a dock of your broadcasting software shows"
        >
          <PanelRight :size="15" />
        </a>
        <button class="button" :aria-label="`Delete ${sheet.desk.name}`" title="Delete it" @click="remove(false)">
          <Trash2 :size="15" />
        </button>
      </div>
      <p v-if="state === 'conflict'" class="flex gap-2 pb-2">
        <button class="button" @click="takeTheirs">Take what is there</button>
        <button class="button" @click="keepMine">Keep mine</button>
      </p>
      <section role="group" class="sheet px-5 py-4" aria-label="What it is">
        <ChipSentence :pieces="sheet.sentence" :wrong="(field) => at(field).length > 0" @go="go" />
        <details ref="form" :open="open" class="mt-3" @toggle="open = ($event.target as HTMLDetailsElement).open">
          <summary class="cursor-pointer text-soft">All of it as a form</summary>
          <div v-if="draft" class="flex flex-col gap-3 pt-2">
            <KindForm :value="draft" :fields="fields" :problems="at" :values="sheet.words" @set="set" />
            <component :is="drawn.form" v-if="more" :sheet="draft" :problems="at" @set="set" />
          </div>
        </details>
        <p v-for="each in others" :key="each.path" role="alert" class="text-wax-words">
          {{ each.message }} {{ each.remedy }}
        </p>
      </section>
      <div class="@container mt-4">
        <component :is="drawn.board" v-if="told" :sheet="sheet.desk" :board="told" />
      </div>
    </div>
    <StageNow :kind="kind" :about="id" />
    <TheDialog :open="kept !== null" :title="`Delete ${sheet.desk.name}?`" @close="kept = null">
      <p>{{ kept?.message }} What would ask for nothing any more goes with it.</p>
      <p class="text-soft">One undo brings all of it back.</p>
      <div class="flex justify-end gap-2">
        <button class="button" @click="kept = null">Keep it</button>
        <button class="button button-dark" @click="remove(true)">Delete all of it</button>
      </div>
    </TheDialog>
  </div>
</template>
