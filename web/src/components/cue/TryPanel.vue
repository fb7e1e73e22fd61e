<script setup lang="ts">
import { FlaskConical, Play, X } from '@lucide/vue'
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { ask, problemsOf } from '@/api/http'
import type { DecisionNotice, Problem, ShowEvent, Standing, TriedOut } from '@/api/types'
import { LANE_ICONS } from '@/components/score/lanes'
import { spoken } from '@/lib/lists'
import { span } from '@/lib/spans'
import type { Draft } from '@/stores/drafts'
import { usePlayhead } from '@/stores/playhead'
import { useKinds } from '@/stores/kinds'
import ChoiceField from './ChoiceField.vue'
import GateList from './GateList.vue'
import NumberField from './NumberField.vue'
import TextField from './TextField.vue'
import TheProblems from './TheProblems.vue'

/** Rings the cue by hand with a made-up event: in practice, with nothing sent anywhere, or for real. */
const props = defineProps<{ draft: Draft; take: number }>()
defineEmits<{ close: [] }>()
const kinds = useKinds()
const playhead = usePlayhead()
type Fields = Record<string, unknown> & { viewer?: { name: string; id: string; standings: Standing[]; months: number } }
const choices = computed(() => props.draft.look?.events ?? [])
const chosen = ref(0)
const event = ref<Fields | null>(null)
const panel = ref<HTMLElement | null>(null)
/** Who opens it by a key goes on by keys. */
onMounted(() => nextTick(() => panel.value?.querySelector<HTMLElement>('input, button, select')?.focus()))
const past = ref(false)
const tried = ref<TriedOut | null>(null)
const rang = ref<DecisionNotice | null>(null)
const problems = ref<Problem[]>([])
const busy = ref(false)
const choose = (at: number) => {
  chosen.value = at
  event.value = choices.value[at] ? (JSON.parse(JSON.stringify(choices.value[at].event)) as Fields) : null
}
watch(
  () => choices.value.map((each) => each.title).join(),
  () => choose(Math.min(chosen.value, Math.max(0, choices.value.length - 1))),
  { immediate: true },
)

const HIDDEN = ['kind', 'viewer', 'from', 'link', 'cue', 'pull', 'target', 'byHand']
const fields = computed(() =>
  Object.entries(event.value ?? {}).filter(
    ([name, value]) => !HIDDEN.includes(name) && (typeof value === 'string' || typeof value === 'number'),
  ),
)
const nearest = computed(
  () =>
    kinds.all.standings
      .slice()
      .reverse()
      .find((each) => event.value?.viewer?.standings.includes(each.standing as Standing))?.standing ?? 'anyone',
)
const rename = (name: string) => Object.assign(event.value!.viewer!, { name, id: `practice:${name.toLowerCase()}` })
const set = (name: string, value: unknown) => Object.assign(event.value!, { [name]: value })
const attempt = async (act: () => Promise<void>) => {
  busy.value = true
  tried.value = rang.value = null
  problems.value = []
  await act().catch((failed: Error) => (problems.value = problemsOf(failed)))
  busy.value = false
}
const practise = () =>
  attempt(async () => {
    tried.value = await ask<TriedOut>('POST', '/tryouts', {
      cue: props.draft.cue,
      event: event.value,
      past: past.value,
      take: -1,
    })
    if (tried.value.parts.length) {
      playhead.event = event.value as unknown as ShowEvent
      playhead.plan = tried.value
      playhead.scrub(0)
      playhead.play()
    }
  })
const forReal = () =>
  attempt(
    async () =>
      void (rang.value = await ask<DecisionNotice>('POST', `/cues/${props.draft.cue.id}/try`, {
        event: event.value,
        past: past.value,
      })),
  )
const answer = computed(() => (tried.value?.decision ?? rang.value)?.answers[0])
</script>

<template>
  <section ref="panel" aria-label="Try it" class="flex flex-col gap-2">
    <h3 class="flex items-center justify-between text-[16px]">
      Try it
      <button class="rounded-[8px] p-1.5 text-soft hover:bg-well" aria-label="Close trying" @click="$emit('close')">
        <X :size="15" />
      </button>
    </h3>
    <template v-if="event">
      <ChoiceField
        v-if="choices.length > 1"
        label="With"
        :model-value="String(chosen)"
        :choices="choices.map((each, at) => ({ value: String(at), name: each.title }))"
        @update:model-value="choose(Number($event))"
      />
      <p v-else class="text-[13px] text-soft">With: {{ choices[0]?.title }}</p>
      <div v-if="event.viewer" class="grid grid-cols-[1fr_112px_64px] gap-1.5">
        <TextField label="Viewer" :model-value="event.viewer.name" :problems="[]" @update:model-value="rename" />
        <ChoiceField
          label="Standing"
          :model-value="nearest"
          :choices="kinds.all.standings.map((each) => ({ value: each.standing, name: each.plural }))"
          @update:model-value="event.viewer.standings = [...new Set([$event as Standing, 'anyone' as Standing])]"
        />
        <NumberField
          label="Months"
          :model-value="event.viewer.months"
          @update:model-value="event.viewer.months = $event"
        />
      </div>
      <div class="grid grid-cols-2 gap-1.5">
        <template v-for="[name, value] in fields" :key="name">
          <NumberField
            v-if="typeof value === 'number'"
            :label="spoken(name)"
            :model-value="value"
            @update:model-value="set(name, $event)"
          />
          <TextField
            v-else
            :class="name === 'text' && 'col-span-2'"
            :label="spoken(name)"
            :model-value="String(value)"
            :problems="[]"
            @update:model-value="set(name, $event)"
          />
        </template>
      </div>
      <label class="flex items-center gap-2 text-[13px]"
        ><input v-model="past" type="checkbox" class="h-4 w-4" /> past its gates: costs nothing, rests for nobody</label
      >
      <div class="flex gap-2">
        <button class="button button-dark flex-1" :disabled="busy" @click="practise">
          <FlaskConical :size="14" /> In practice
        </button>
        <button
          class="button flex-1"
          :disabled="busy || draft.state !== 'saved'"
          :title="draft.state === 'saved' ? 'Everyone sees and hears it' : 'Only what is saved can be rung for real'"
          @click="forReal"
        >
          <Play :size="14" /> For real
        </button>
      </div>
    </template>
    <TheProblems :problems="problems" />
    <div v-if="answer" role="status" class="flex flex-col gap-1 border-t border-line pt-2 text-[13px]">
      <p class="font-semibold" :class="answer.held || answer.dropped ? 'text-wax-words' : 'text-verdigris-words'">
        {{ tried ? 'In practice: ' : '' }}{{ answer.sentence }}
      </p>
      <GateList :gates="answer.gates" :cue-id="draft.cue.id" />
      <ol v-if="tried">
        <li v-for="part in tried.parts" :key="part.id" class="flex items-center gap-1.5 py-px">
          <component :is="LANE_ICONS[part.lane]" :size="13" class="flex-none text-soft" />
          <span class="w-[92px] flex-none font-mono text-[12px] text-soft">{{
            part.to > part.from ? `${span(part.from)} – ${span(part.to)}` : span(part.from)
          }}</span>
          <span class="truncate" :title="part.label">{{ part.label }}{{ part.note && ` · ${part.note}` }}</span>
        </li>
      </ol>
      <p v-for="(line, at) in tried?.decision.answers[0]?.held ? tried.said : []" :key="at">Says: {{ line }}</p>
      <p v-if="rang && !answer.held" class="text-soft">It is on air now; the rope shows it.</p>
    </div>
  </section>
  <p v-if="!event" class="text-soft">Reading samples…</p>
</template>
