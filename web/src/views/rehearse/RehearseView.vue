<script setup lang="ts">
import { Download, Maximize2, ZoomIn, ZoomOut } from '@lucide/vue'
import { computed, ref, watch } from 'vue'
import { useKeys } from '@/composables/useKeys'
import { endOf, momentLabel, momentsOf, moved, rowsOf, zoomed, type Moment, type Stretch } from '@/lib/evening'
import { span } from '@/lib/spans'
import { useKinds } from '@/stores/kinds'
import { useRehearse } from '@/stores/rehearse'
import EveningCues from './EveningCues.vue'
import EveningDesks from './EveningDesks.vue'
import EveningDrawing from './EveningDrawing.vue'
import EveningMoments from './EveningMoments.vue'
import ScriptChoice from './ScriptChoice.vue'

const rehearse = useRehearse()
const report = computed(() => rehearse.report)
const whole = computed<Stretch>(() => ({
  from: report.value?.from ?? 0,
  to: report.value ? endOf(report.value) : 1_000,
}))
const stretch = ref<Stretch>(whole.value)
const chosen = ref<{ moment: Moment; against: boolean } | null>(null)
const cue = ref('')
watch(report, () => {
  stretch.value = whole.value
  chosen.value = null
  cue.value = ''
})
const evenings = computed(() =>
  report.value ? [report.value.evening, ...(report.value.against ? [report.value.against] : [])] : [],
)
const kinds = useKinds()
const rows = computed(() => rowsOf(evenings.value, kinds.lanes))
const moments = computed(() => evenings.value.map((each) => momentsOf(each, kinds.says)))
const against = computed(() => chosen.value?.against ?? false)
const drawings = computed(() =>
  evenings.value.map((evening, at) => ({
    name: at === 0 ? 'The evening' : 'Beside it, with the other wiring',
    against: at === 1,
    painted: {
      evening,
      moments: moments.value[at]!,
      rows: rows.value,
      lines: report.value!.lines,
      until: report.value!.to,
      whole: whole.value,
      stretch: stretch.value,
      chosen: chosen.value?.against === (at === 1) ? (chosen.value?.moment.key ?? '') : '',
      cue: cue.value,
      small: evenings.value.length > 1,
    },
  })),
)
const looked = computed(() =>
  (moments.value[against.value ? 1 : 0] ?? []).filter(
    (each) => each.to >= stretch.value.from && each.at <= stretch.value.to && (!cue.value || each.cueId === cue.value),
  ),
)
const places = computed(
  () =>
    report.value?.evening.places
      .slice(0, 4)
      .map((each) => `${each.name} ${span(Math.round(each.busyMs / 1_000) * 1_000)}`)
      .join(', ') ?? '',
)
const together = computed(
  () =>
    report.value?.evening.together
      .slice(0, 2)
      .map(
        (each) =>
          `${each.one} ${each.one === each.other ? 'with itself' : `and ${each.other}`}, ${each.times === 1 ? 'once' : `${each.times.toLocaleString('en')} times`}`,
      )
      .join('; ') ?? '',
)
const MINUTE = 60_000
const middle = () => (stretch.value.from + stretch.value.to) / 2
const zoom = (by: number) =>
  (stretch.value = zoomed(stretch.value, whole.value, by, chosen.value?.moment.at ?? middle()))
const choose = (moment: Moment, other: boolean) => {
  chosen.value = { moment, against: other }
  const { from, to } = stretch.value
  if (moment.at < from || moment.at > to) {
    stretch.value = moved(stretch.value, whole.value, moment.at - (from + to) / 2)
  }
}
const side = (by: number) =>
  (stretch.value = moved(stretch.value, whole.value, by * (stretch.value.to - stretch.value.from)))
useKeys({
  '+': () => zoom(0.5),
  '-': () => zoom(2),
  '0': () => (stretch.value = whole.value),
  arrowleft: () => side(-0.25),
  arrowright: () => side(0.25),
})
</script>

<template>
  <div class="flex h-full">
    <ScriptChoice />
    <div v-if="report" class="flex min-w-0 flex-1 flex-col gap-2 p-4 pb-2">
      <div class="flex items-center gap-2">
        <h1 class="min-w-0 flex-1 text-[15px] leading-[18px]">
          <span v-if="rehearse.standing?.going === 'cancelled'" class="text-wax-words">Stopped early. </span
          ><span role="status">{{ report.summary }}</span>
        </h1>
        <span class="flex-none font-mono text-[12px] text-soft"
          >{{ momentLabel(stretch.from, whole.from) }} – {{ momentLabel(stretch.to, whole.from) }}</span
        >
        <button class="button px-2" aria-label="Look closer" title="Look closer: +" @click="zoom(0.5)">
          <ZoomIn :size="15" />
        </button>
        <button
          class="button px-2"
          aria-label="Look from further away"
          title="Look from further away: -"
          @click="zoom(2)"
        >
          <ZoomOut :size="15" />
        </button>
        <button
          class="button px-2"
          aria-label="The whole evening"
          title="The whole evening: 0"
          @click="stretch = whole"
        >
          <Maximize2 :size="15" />
        </button>
        <a
          class="button px-2"
          :href="`/api/rehearsals/${rehearse.done}/report`"
          download="rehearsal.json"
          title="Save the report as JSON"
          aria-label="Save the report"
          ><Download :size="15"
        /></a>
      </div>
      <p v-if="rehearse.stale" role="status" class="flex gap-2 text-[13px] text-wax-words">
        The wiring was changed since this was played.
        <button class="rounded-[6px] underline" :disabled="rehearse.running" @click="rehearse.run()">
          Rehearse it again
        </button>
      </p>
      <div
        class="flex max-h-[60%] flex-none flex-col gap-2 overflow-auto"
        tabindex="0"
        role="region"
        aria-label="Drawn on time"
      >
        <template v-for="each in drawings" :key="each.name">
          <h2 v-if="each.against" class="text-[14px]">{{ each.name }}</h2>
          <EveningDrawing
            :painted="each.painted"
            :name="each.name"
            @stretch="stretch = $event"
            @choose="choose($event, each.against)"
          />
        </template>
      </div>
      <div class="flex min-h-0 flex-1 gap-5">
        <div class="min-w-0 flex-1 overflow-auto">
          <p v-if="report.differs" class="pb-1 text-[13px]">
            {{
              report.differs.differences.length + report.differs.desks.length === 0
                ? 'Nothing differs between the two.'
                : `${report.differs.differences.length === 1 ? '1 cue differs' : `${report.differs.differences.length} cues differ`}, ${report.differs.same} ${report.differs.same === 1 ? 'does' : 'do'} not. Each figure is beside → this one.`
            }}
          </p>
          <p v-if="report.busiest.length" class="flex flex-wrap gap-x-2 pb-1 text-[13px] text-soft">
            Most rang in these minutes:
            <button
              v-for="each in report.busiest"
              :key="each.from"
              class="rounded-[6px] text-ink underline decoration-line hover:decoration-ink"
              @click="stretch = { from: each.from, to: each.from + MINUTE }"
            >
              {{ momentLabel(each.from, whole.from) }} ({{ each.rings }} rang, {{ each.lines }} lines and events)
            </button>
          </p>
          <p v-if="places" class="pb-1 text-[13px] text-soft">
            Longest in use: {{ places }}.<template v-if="together"> At the same time: {{ together }}.</template>
          </p>
          <EveningDesks :report="report" />
          <EveningCues :report="report" :cue="cue" @cue="cue = $event" />
        </div>
        <section class="flex w-[400px] flex-none flex-col">
          <h2 class="pb-1 text-[15px]">
            {{ cue ? 'Moments of this cue' : 'Moments' }}
            <span class="font-sans text-[12.5px] font-normal text-soft"
              >{{ looked.length.toLocaleString('en') }} in this stretch{{ against ? ', other wiring' : '' }}</span
            >
          </h2>
          <EveningMoments
            :moments="looked"
            :from="whole.from"
            :chosen="chosen?.moment ?? null"
            :against="against"
            @choose="choose($event, against)"
          />
        </section>
      </div>
    </div>
    <div v-else class="grid flex-1 place-items-center p-8">
      <div class="max-w-[430px] text-center">
        <h1 class="text-[22px]">Play an evening before it happens</h1>
        <p class="py-3 text-soft">
          Choose a script and rehearse it: the same cues answer the same lines, on a clock that runs as fast as it can,
          and nothing is sent anywhere. Then ask any moment why.
        </p>
        <p v-if="rehearse.standing?.going === 'failed'" role="alert" class="pb-3 text-wax-words">
          It could not be rehearsed: {{ rehearse.standing.why }}. Nothing was changed; the log says more.
        </p>
        <button class="button button-dark" :disabled="rehearse.running" @click="rehearse.run()">
          {{ rehearse.running ? 'Rehearsing…' : 'Rehearse it' }}
        </button>
      </div>
    </div>
  </div>
</template>
