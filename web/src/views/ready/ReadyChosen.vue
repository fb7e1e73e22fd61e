<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, reactive, ref, watch } from 'vue'
import { ask, problemsOf } from '@/api/http'
import type { DecisionNotice, PackLook, Problem, ReadyDrawing as Drawing, ReadyPiece } from '@/api/types'
import TheProblems from '@/components/cue/TheProblems.vue'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'
import PackLooked from '../packs/PackLooked.vue'
import ReadyDrawing from './ReadyDrawing.vue'

/** The piece that was chosen: how it will look, what it asks, brought in and tried. */
const props = defineProps<{ piece: ReadyPiece }>()
const emit = defineEmits<{ brought: [] }>()
const notes = useNotes()
const wiring = useWiring()
const answers = reactive<Record<string, string>>({})
props.piece.questions.forEach((each) => (answers[each.key] = each.usual))
const stage = ref('')
const drawing = ref<Drawing | null>(null)
const problems = ref<Problem[]>([])
const look = ref<PackLook | null>(null)
const busy = ref(false)
const asked = computed(() => ({ stage: stage.value, answers: { ...answers } }))
const draw = () =>
  ask<Drawing>('POST', `/ready/${props.piece.id}/drawing`, asked.value).then(
    (told) => {
      drawing.value = told
      problems.value = []
    },
    (failed: unknown) => {
      problems.value = problemsOf(failed)
    },
  )
watch(asked, useDebounceFn(draw, 250))
const of = (key: string) => problems.value.filter((each) => each.path === key)
const others = computed(() =>
  problems.value.filter((each) => !props.piece.questions.some(({ key }) => key === each.path)),
)
/** One press where nothing is in the way; else what is in the way is shown, as of any pack. */
const bring = async () => {
  busy.value = true
  try {
    const told = await ask<PackLook>('POST', `/ready/${props.piece.id}/coming`, asked.value)
    if (told.clashes.length || told.words.length || told.problems.length || !told.brings.length) {
      look.value = told
      return
    }
    const done = await ask<{ sentence: string }>('POST', `/packs/coming/${told.coming}/bring`, {
      items: [],
      words: [],
      revision: told.revision,
    })
    await wiring.load()
    notes.say(done.sentence, true)
    emit('brought')
  } catch (failed) {
    problems.value = problemsOf(failed)
  } finally {
    busy.value = false
  }
}
const tryIt = () =>
  ask<DecisionNotice>('POST', `/ready/${props.piece.id}/try`).then(
    (done) => notes.say(done.sentence),
    (failed: unknown) => {
      problems.value = problemsOf(failed)
    },
  )
</script>

<template>
  <section class="flex flex-col gap-3" :aria-label="piece.name" :data-chosen="piece.id">
    <ReadyDrawing :drawing="drawing" :name="piece.name" @seen="draw" />
    <h2 class="text-[20px]">{{ piece.name }}</h2>
    <p>{{ piece.says }}</p>
    <form class="flex flex-col gap-2.5" @submit.prevent="bring">
      <label v-for="each in piece.questions" :key="each.key" class="block">
        <span class="text-[13px] text-soft">{{ each.asks }}</span>
        <select v-if="each.sort === 'CHOICE'" v-model="answers[each.key]" class="field" :data-asks="each.key">
          <option v-for="choice in each.choices" :key="choice">{{ choice }}</option>
        </select>
        <input
          v-else
          v-model="answers[each.key]"
          class="field"
          :inputmode="each.sort === 'NUMBER' ? 'numeric' : 'text'"
          :aria-invalid="of(each.key).length > 0"
          :data-asks="each.key"
        />
        <TheProblems :problems="of(each.key)" />
      </label>
      <label v-if="wiring.stages.length > 1" class="block">
        <span class="text-[13px] text-soft">On the stage</span>
        <select v-model="stage" class="field">
          <option value="">{{ wiring.stages[0]!.stage.name }}</option>
          <option v-for="each in wiring.stages.slice(1)" :key="each.stage.id" :value="each.stage.id">
            {{ each.stage.name }}
          </option>
        </select>
      </label>
      <TheProblems :problems="others" />
      <div class="sticky bottom-0 -mx-4 flex flex-wrap gap-2 border-t border-line bg-sheet px-4 py-2.5">
        <button class="button button-dark" :disabled="busy || problems.length > 0" data-bring>
          {{ piece.here ? 'Bring it in again' : 'Bring it in' }}
        </button>
        <button v-if="piece.here && piece.tries" type="button" class="button" data-try-it @click="tryIt">Try it</button>
        <RouterLink v-if="piece.here" to="/packs" class="button">Take it out…</RouterLink>
      </div>
      <p v-if="!piece.here" class="text-[13px] text-soft">
        Everything of it can be changed afterwards, and undone or taken out whole.
      </p>
    </form>
    <p class="text-[13.5px] text-soft">Fits: {{ piece.fits }}.</p>
    <ul v-if="drawing?.sentences.length" class="text-[13.5px] text-soft" aria-label="What rings">
      <li v-for="each in drawing.sentences.slice(0, 4)" :key="each">{{ each }}</li>
      <li v-if="drawing.sentences.length > 4">and {{ drawing.sentences.length - 4 }} more</li>
    </ul>
    <PackLooked v-if="look" :look="look" @close="look = null" @brought="emit('brought')" />
  </section>
</template>
