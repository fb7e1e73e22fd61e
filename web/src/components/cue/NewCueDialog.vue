<script setup lang="ts">
import { AlarmClock, Gift, Hand, MessageSquareText, Quote, Sparkles, Target, Waypoints } from '@lucide/vue'
import { computed, nextTick, ref, watch } from 'vue'
import { ask, problemsOf } from '@/api/http'
import type { Cue, NewCueView, Problem, Pull } from '@/api/types'
import TheDialog from '@/components/TheDialog.vue'
import { useKinds } from '@/stores/kinds'
import { useWiring } from '@/stores/wiring'
import EventForm from './EventForm.vue'
import KindForm from './KindForm.vue'
import TextField from './TextField.vue'
import TheProblems from './TheProblems.vue'

const props = defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: []; made: [Cue] }>()
const wiring = useWiring()
const kinds = useKinds()
const STARTS: { kind: Pull['kind']; name: string; icon: typeof Gift }[] = [
  { kind: 'chatWord', name: 'Someone types…', icon: MessageSquareText },
  { kind: 'event', name: 'A gift arrives…', icon: Gift },
  { kind: 'firstLine', name: 'A first line…', icon: Sparkles },
  { kind: 'phrase', name: 'A phrase is said…', icon: Quote },
  { kind: 'every', name: 'Every…', icon: AlarmClock },
  { kind: 'hand', name: 'I press…', icon: Hand },
  { kind: 'mark', name: 'A number reaches…', icon: Target },
  { kind: 'cue', name: 'Another cue rings…', icon: Waypoints },
]
const pull = ref<Pull>({ kind: 'chatWord', words: ['!'], general: false, argument: '' })
/** What it would become, as the server makes it. */
const made = ref<NewCueView | null>(null)
const answer = ref('')
const card = ref(false)
const sound = ref(false)
const problems = ref<Problem[]>([])
const form = ref<HTMLElement | null>(null)
const sounds = computed(() => wiring.shelf.find((each) => each.type.startsWith('audio/'))?.folder ?? '')
const fields = computed(() =>
  kinds.pull(pull.value.kind).fields.filter((each) => each.key !== 'argument' && each.key !== 'general'),
)
const choose = async (kind: Pull['kind']) => {
  try {
    pull.value = await ask<Pull>('POST', `/cues/pulls/${kind}`)
  } catch (refusal) {
    problems.value = problemsOf(refusal)
    return
  }
  answer.value = ''
  card.value = kind !== 'chatWord' && wiring.stages.length > 0
  sound.value = kind === 'event' && sounds.value !== ''
  problems.value = []
}
let newest = 0
/** Has the server make it of what is wished now; the last question counts. */
const make = async () => {
  const mine = ++newest
  const told = await ask<NewCueView>('POST', '/cues/new', {
    pull: pull.value,
    answer: answer.value,
    card: card.value,
    sound: sound.value,
    rack: wiring.racks[0]?.rack.id ?? '',
  }).catch(() => null)
  if (mine === newest) {
    made.value = told
  }
  return told
}
watch([pull, answer, card, sound, () => props.open], () => props.open && void make())
watch(
  () => props.open,
  async (open) => {
    if (open) {
      await choose('chatWord')
      await nextTick()
      form.value?.querySelector('input')?.focus()
    }
  },
  { immediate: true },
)
const at = (name: string) => problems.value.filter((each) => each.path.startsWith(`pulls[0].${name}`))
const others = computed(() =>
  problems.value.filter((each) => !/^pulls\[0\]\.\w/.test(each.path) && !each.path.startsWith('takes')),
)
const inTakes = computed(() => problems.value.filter((each) => each.path.startsWith('takes')))
const set = (name: string, value: unknown) => (pull.value = { ...pull.value, [name]: value } as Pull)
const name = computed(() => made.value?.cue.name ?? '')
const create = async () => {
  const told = await make()
  try {
    if (told) {
      await wiring.saveCue(0, told.cue)
      emit('made', told.cue)
    }
  } catch (failed) {
    problems.value = problemsOf(failed)
  }
}
</script>

<template>
  <TheDialog :open="open" title="New cue" width="560px" @close="emit('close')">
    <div class="grid grid-cols-4 gap-1.5" role="group" aria-label="What happens">
      <button
        v-for="each in STARTS"
        :key="each.kind"
        type="button"
        class="flex h-[62px] flex-col items-center justify-center gap-1 rounded-[10px] border text-[13px]"
        :class="pull.kind === each.kind ? 'border-ink bg-well font-semibold' : 'border-line hover:bg-well'"
        :aria-pressed="pull.kind === each.kind"
        @click="choose(each.kind)"
      >
        <component :is="each.icon" :size="17" /> {{ each.name }}
      </button>
    </div>
    <form class="flex flex-col gap-3" @submit.prevent="create">
      <div ref="form">
        <EventForm v-if="pull.kind === 'event'" :value="pull" :problems="at" @set="set" />
        <KindForm v-else :key="pull.kind" :value="pull" :fields="fields" :problems="at" @set="set" />
      </div>
      <fieldset class="flex flex-col gap-2 border-t border-line pt-2">
        <legend class="sr-only">What it does</legend>
        <TextField
          v-model="answer"
          :label="pull.kind === 'chatWord' ? 'answer' : 'says in chat (empty: nothing)'"
          :problems="inTakes"
        />
        <div class="flex gap-4 text-[13.5px]">
          <label class="flex items-center gap-2" :class="wiring.stages.length === 0 && 'text-soft'"
            ><input v-model="card" type="checkbox" class="h-4 w-4" :disabled="wiring.stages.length === 0" /> shows a
            card</label
          >
          <label class="flex items-center gap-2" :class="!sounds && 'text-soft'"
            ><input v-model="sound" type="checkbox" class="h-4 w-4" :disabled="!sounds" /> plays a sound{{
              sounds ? ` of ${sounds}` : ': none is on the shelf'
            }}</label
          >
        </div>
      </fieldset>
      <p v-if="!answer && !card && !sound" class="text-[13px] text-soft">
        Write an answer, or let it show a card or play a sound.
      </p>
      <TheProblems :problems="others" />
      <div class="flex items-center justify-end gap-2">
        <span class="min-w-0 flex-1 truncate text-[13px] text-soft">{{ name }}</span>
        <button type="button" class="button" @click="emit('close')">Cancel</button>
        <button class="button button-dark" :disabled="!answer && !card && !sound">Make it</button>
      </div>
    </form>
  </TheDialog>
</template>
