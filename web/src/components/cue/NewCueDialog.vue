<script setup lang="ts">
import {
  AlarmClock,
  BadgeCheck,
  Gift,
  Hand,
  Heart,
  MessageSquareText,
  Quote,
  Sparkles,
  Target,
  Ticket,
  Users,
  Waypoints,
} from '@lucide/vue'
import { computed, nextTick, ref, shallowRef, watch } from 'vue'
import { ask, problemsOf } from '@/api/http'
import type { Cue, NewCueView, Problem, Pull } from '@/api/types'
import TheDialog from '@/components/TheDialog.vue'
import WhyNot from '@/components/WhyNot.vue'
import { useWhyNot } from '@/lib/whyNot'
import { useKinds } from '@/stores/kinds'
import { useWiring } from '@/stores/wiring'
import { LANE_ICONS } from '../score/lanes'
import EventForm from './EventForm.vue'
import KindForm from './KindForm.vue'
import TextField from './TextField.vue'
import TheProblems from './TheProblems.vue'

/** @param word a chat word with which it begins, empty text for none */
const props = defineProps<{ open: boolean; word?: string }>()
const emit = defineEmits<{ close: []; made: [Cue] }>()
const wiring = useWiring()
const kinds = useKinds()
/** What sets it off: a kind, or an event of the channel. */
interface Start {
  kind: Pull['kind']
  event?: string
  name: string
  icon: typeof Gift
}
const STARTS: Start[] = [
  { kind: 'chatWord', name: 'Someone types…', icon: MessageSquareText },
  { kind: 'event', event: 'follow', name: 'Someone follows…', icon: Heart },
  { kind: 'event', event: 'gift', name: 'A gift arrives…', icon: Gift },
  { kind: 'event', event: 'membership', name: 'A membership…', icon: BadgeCheck },
  { kind: 'event', event: 'arrival', name: 'Others arrive…', icon: Users },
  { kind: 'event', event: 'reward', name: 'A reward…', icon: Ticket },
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
const start = shallowRef<Start>(STARTS[0]!)
/** What it shows, plays or does, by kind. */
const parts = ref<string[]>([])
const problems = ref<Problem[]>([])
const form = ref<HTMLElement | null>(null)
const missing = computed(() => made.value?.look.missing ?? {})
const offered = computed(() => kinds.all.parts.filter((each) => each.name !== 'reply'))
const can = (kind: string) => missing.value[kind] === undefined
const { why, may } = useWhyNot(() => missing.value)
const turn = (kind: string) =>
  (parts.value = parts.value.includes(kind) ? parts.value.filter((each) => each !== kind) : [...parts.value, kind])
const fields = computed(() =>
  kinds.pull(pull.value.kind).fields.filter((each) => each.key !== 'argument' && each.key !== 'general'),
)
const choose = async (next: Start) => {
  try {
    const fresh = await ask<Pull>('POST', `/cues/pulls/${next.kind}`)
    pull.value = next.event ? ({ ...fresh, event: next.event, atLeast: {}, exactly: {} } as Pull) : fresh
  } catch (refusal) {
    problems.value = problemsOf(refusal)
    return
  }
  start.value = next
  answer.value = ''
  why.value = ''
  parts.value = [
    ...(next.kind !== 'chatWord' && can('card') ? ['card'] : []),
    ...(next.kind === 'event' && can('sound') ? ['sound'] : []),
  ]
  problems.value = []
}
const set = (name: string, value: unknown) => (pull.value = { ...pull.value, [name]: value } as Pull)
let newest = 0
/** Has the server make it of what is wished now; the last question counts. */
const make = async () => {
  const mine = ++newest
  const told = await ask<NewCueView>('POST', '/cues/new', {
    pull: pull.value,
    answer: answer.value,
    parts: parts.value,
    rack: wiring.racks[0]?.rack.id ?? '',
  }).catch(() => null)
  if (mine === newest) {
    made.value = told
  }
  return told
}
watch([pull, answer, parts, () => props.open], () => props.open && void make())
watch(
  () => props.open,
  async (open) => {
    if (open) {
      await choose(STARTS[0]!)
      if (props.word) {
        set('words', [props.word])
      }
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
        :key="each.name"
        type="button"
        class="flex h-[58px] flex-col items-center justify-center gap-1 rounded-[10px] border text-[13px]"
        :class="start === each ? 'border-ink bg-well font-semibold' : 'border-line hover:bg-well'"
        :aria-pressed="start === each"
        @click="choose(each)"
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
          :label="pull.kind === 'chatWord' ? 'Answer' : 'Says in chat (empty: nothing)'"
          :problems="inTakes"
        />
        <div class="flex flex-wrap gap-1.5" role="group" aria-label="And beside that">
          <button
            v-for="each in offered"
            :key="each.name"
            type="button"
            class="flex h-8 items-center gap-1 rounded-[8px] border px-2 text-[13px]"
            :class="parts.includes(each.name) ? 'border-ink bg-well font-semibold' : 'border-line hover:bg-well'"
            :aria-disabled="!can(each.name)"
            :title="missing[each.name] ?? each.title"
            :aria-pressed="parts.includes(each.name)"
            @click="may(each) && turn(each.name)"
          >
            <component :is="LANE_ICONS[each.lane!]" :size="14" /> {{ each.title }}
          </button>
        </div>
        <WhyNot :why="why" />
      </fieldset>
      <p v-if="!why && !answer && parts.length === 0" class="text-[13px] text-soft">
        Nothing yet: it will ring, and do nothing until you add to it.
      </p>
      <TheProblems :problems="others" />
      <div class="flex items-center justify-end gap-2">
        <span class="min-w-0 flex-1 truncate text-[13px] text-soft">{{ name }}</span>
        <button type="button" class="button" @click="emit('close')">Cancel</button>
        <button class="button button-dark">Make it</button>
      </div>
    </form>
  </TheDialog>
</template>
