<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { DecisionNotice } from '@/api/types'
import { momentLabel, type Moment } from '@/lib/evening'
import { useKinds } from '@/stores/kinds'
import OutcomeFilter, { type Outcome } from '@/components/why/OutcomeFilter.vue'
import { useRehearse } from '@/stores/rehearse'

/** The moments of the stretch that is looked at, and why the chosen one went as it did. */
const props = defineProps<{ moments: Moment[]; from: number; chosen: Moment | null; against: boolean }>()
const emit = defineEmits<{ choose: [Moment] }>()
const SHOWN = 300
const rehearse = useRehearse()
const kinds = useKinds()
const why = ref<DecisionNotice | null>(null)
const list = ref<HTMLElement | null>(null)
watch(
  () => [props.chosen?.key, props.against, rehearse.done],
  async () => {
    why.value = null
    if (props.chosen && props.chosen.decision > 0) {
      why.value = await rehearse.why(props.chosen.decision, props.against).catch(() => null)
    }
    list.value?.querySelector('[aria-current=true]')?.scrollIntoView({ block: 'nearest' })
  },
  { immediate: true },
)
const answers = computed(() => why.value?.answers.filter((each) => each.cueId === props.chosen?.cueId) ?? [])
const outcome = ref<Outcome>('all')
const shown = computed(() =>
  props.moments.filter((each) => outcome.value === 'all' || (each.kind !== 'rang') === (outcome.value === 'held')),
)
const step = (by: number) => {
  const at = shown.value.findIndex((each) => each.key === props.chosen?.key)
  const next = shown.value[Math.min(shown.value.length - 1, Math.max(0, at + by))]
  if (next) {
    emit('choose', next)
  }
}
const COLOURS = { rang: 'text-verdigris-words', held: 'text-wax-words', dropped: 'text-wax-words' }
</script>

<template>
  <div class="flex min-h-0 flex-1 flex-col" @keydown.down.prevent="step(1)" @keydown.up.prevent="step(-1)">
    <OutcomeFilter v-model="outcome" class="pb-1" />
    <ol ref="list" aria-label="Moments" class="min-h-0 flex-1 overflow-auto text-[13px]" tabindex="0">
      <li v-for="each in shown.slice(0, SHOWN)" :key="each.key">
        <button
          class="flex w-full gap-2 border-t border-line px-1 py-0.5 text-left hover:bg-well"
          :class="each.key === chosen?.key && 'bg-well'"
          :aria-current="each.key === chosen?.key"
          @click="$emit('choose', each)"
        >
          <time class="flex-none font-mono text-[12px] text-soft">{{ momentLabel(each.at, from) }}</time>
          <span class="min-w-0 flex-1 truncate">{{ each.cueName }}</span>
          <span class="max-w-[190px] truncate" :class="COLOURS[each.kind]">{{ each.says }}</span>
        </button>
      </li>
      <li v-if="shown.length > SHOWN" class="py-1 text-soft">
        and {{ shown.length - SHOWN }} more: look closer with + to see them.
      </li>
      <li v-if="shown.length === 0" class="py-1 text-soft">
        {{
          outcome === 'all'
            ? 'Nothing rang and nothing was held here.'
            : `Nothing ${outcome === 'held' ? 'was held or dropped' : 'rang'} here.`
        }}
      </li>
    </ol>
    <div
      v-if="chosen"
      class="sheet mt-2 max-h-[150px] flex-none overflow-auto px-3 py-2 text-[13px]"
      role="status"
      aria-label="Why"
    >
      <p v-if="why">
        <bdi dir="ltr" class="font-semibold">{{ why.event }}</bdi> ·
        {{ answers.map((each) => each.sentence).join('; ') }}
      </p>
      <p v-else-if="chosen.decision === 0" class="text-soft">It was let through before the recording began.</p>
      <ul v-for="answer in answers" :key="answer.cueId" class="text-soft">
        <li v-for="gate in answer.gates" :key="gate.gate">
          <span :class="gate.passed ? 'text-verdigris-words' : 'text-wax-words'">{{
            gate.passed ? 'passed' : 'held'
          }}</span>
          {{ kinds.answer(gate.gate) }}: {{ gate.reason }}
        </li>
        <li v-for="drawn in answer.drawn" :key="drawn">chance: {{ drawn }}</li>
        <li v-if="chosen.ring?.note && chosen.kind === 'dropped'" class="text-wax-words">{{ chosen.ring.note }}</li>
      </ul>
    </div>
  </div>
</template>
