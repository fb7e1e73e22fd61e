<script setup lang="ts">
import { computed, defineAsyncComponent, nextTick, onBeforeUnmount, ref, watch } from 'vue'
import CueSentence from '@/components/cue/CueSentence.vue'
import TheProblems from '@/components/cue/TheProblems.vue'
import PartTray from '@/components/score/PartTray.vue'
import PlainRows from '@/components/score/PlainRows.vue'
import ScoreDrawing from '@/components/score/ScoreDrawing.vue'
import TakeTabs from '@/components/score/TakeTabs.vue'
import { useKeys } from '@/composables/useKeys'
import { useParts } from '@/composables/useParts'
import { spotOf } from '@/lib/places'
import { problemsAt, useDrafts, type Draft } from '@/stores/drafts'
import { usePlayhead } from '@/stores/playhead'
import { useWiring } from '@/stores/wiring'
import CueHead from './CueHead.vue'
import CueLately from './CueLately.vue'
import CueRemarks from './CueRemarks.vue'
import SaveState from './SaveState.vue'
import TheirsAndMine from './TheirsAndMine.vue'

const TryPanel = defineAsyncComponent(() => import('@/components/cue/TryPanel.vue'))
const PartInspector = defineAsyncComponent(() => import('@/components/score/PartInspector.vue'))
const props = defineProps<{ draft: Draft; at: string }>()
const emit = defineEmits<{ remove: []; copy: []; looked: []; stage: [id: string] }>()
const wiring = useWiring()
const playhead = usePlayhead()
const drafts = useDrafts()
const remarks = computed(() => props.draft.look?.remarks ?? [])
const { take, picked, parts, missing, add, remove } = useParts(() => props.draft)
const drawn = ref(false)
const trying = ref(false)
const zoom = ref(1)
const tabs = ref<InstanceType<typeof TakeTabs> | null>(null)
const chip = ref('')
const foot = ref<HTMLElement | null>(null)
const onTime = computed(() => drawn.value || parts.value.length > 2)
const stage = computed(() => {
  const picks = parts.value.find((each) => each.id === picked.value.at(-1))
  const stands = [picks, ...parts.value].find((each) => each && 'stage' in each)
  return stands && 'stage' in stands ? stands.stage : (wiring.stages[0]?.stage.id ?? '')
})
watch(stage, (id) => emit('stage', id), { immediate: true })
const zoomBy = (by: number) => (zoom.value = Math.min(16, Math.max(1, by > 0 ? zoom.value * 2 : zoom.value / 2)))

// The preview is of what is written now, with the sample of what sets it off first.
const replan = () => {
  playhead.event = props.draft.look?.events[0]?.event ?? null
  void playhead.load(props.draft.cue, take.value)
}
watch([() => props.draft.look, take], replan, { immediate: true })
// What the house, stages or other cues say may stand in its sentence.
watch(
  () => wiring.view?.revision,
  () => void drafts.look(props.draft.cue.id),
)
playhead.scrub(null)
playhead.plan = null
onBeforeUnmount(() => playhead.scrub(null))

/** Goes to a place of the document that was asked for by its address. */
const look = async (place: string) => {
  const spot = spotOf(place, props.draft.cue)
  take.value = spot.take ?? take.value
  await nextTick()
  if (spot.part) {
    picked.value = [spot.part]
    await nextTick()
    document.getElementById(`part-${spot.part}`)?.focus()
  }
  if (place === 'name') {
    // The dialog that made it gives the focus back first.
    requestAnimationFrame(() =>
      requestAnimationFrame(() => {
        const name = document.querySelector<HTMLInputElement>('[aria-label="Name of the cue"]')
        name?.focus()
        name?.select()
      }),
    )
  }
  if (place === 'on' || place === 'rack') {
    const there = document.querySelector<HTMLElement>(`[data-chip=${place}]`)
    there?.focus()
    there?.classList.add('lit')
  }
  chip.value = spot.chip ?? ''
  emit('looked')
}
watch(
  () => props.at,
  (place) => place && void look(place),
  { immediate: true, flush: 'post' },
)
/** A key takes parts away only where the focus is on one of them. */
const onPart = () => document.activeElement?.closest('[id^="part-"]') != null
const into = (css: string) => document.querySelector<HTMLElement>(css)?.focus()
useKeys({
  delete: () => onPart() && remove(),
  y: () => (trying.value = !trying.value),
  s: () => into(parts.value.length ? `[id="part-${picked.value.at(-1) ?? parts.value[0]!.id}"]` : '[data-add-part]'),
  i: () => into('#beside-cue :is(input, textarea, select, button):not([disabled])'),
})
/** What belongs to the score as a whole; the parts show their own. */
const ofScore = computed(() =>
  problemsAt(props.draft, 'takes').filter((each) => !/parts\[\d+\]|\.(name|when|weight|spare)$/.test(each.path)),
)
</script>

<template>
  <div class="flex min-w-0 flex-1 flex-col gap-2.5 overflow-auto px-4 py-3">
    <CueHead
      :draft="draft"
      :remarks="remarks.length"
      :trying="trying"
      @remove="emit('remove')"
      @copy="emit('copy')"
      @try="trying = !trying"
      @remarks="foot?.scrollIntoView({ behavior: 'smooth' })"
    />
    <CueSentence :draft="draft" :look="chip" @looked="chip = ''" @take="tabs?.add(true)" />
    <TakeTabs ref="tabs" :draft="draft" :take="take" @choose="take = $event" />
    <ScoreDrawing
      v-if="onTime"
      :draft="draft"
      :take="take"
      :picked="picked"
      :zoom="zoom"
      @pick="picked = $event"
      @add="add"
      @remove="remove"
      @zoom="zoomBy"
    />
    <PlainRows v-else :draft="draft" :take="take" :picked="picked" @pick="picked = $event" />
    <TheProblems :problems="ofScore" />
    <PartTray :missing="missing" @add="add($event)" />
    <div class="flex items-center gap-2">
      <SaveState class="min-w-0 flex-1" :draft="draft" />
      <button v-if="parts.length <= 2" class="button h-7 text-[13px]" :aria-pressed="drawn" @click="drawn = !drawn">
        {{ drawn ? 'As rows' : 'Draw it on time' }}
      </button>
    </div>
    <TheirsAndMine :draft="draft" />
    <div ref="foot" class="flex flex-col gap-2">
      <CueRemarks :draft="draft" :remarks="remarks" />
      <CueLately :cue-id="draft.cue.id" />
    </div>
  </div>
  <Teleport defer to="#beside-cue">
    <TryPanel v-if="trying" :draft="draft" :take="take" @close="trying = false" />
    <PartInspector
      v-else
      :key="picked.at(-1)"
      :draft="draft"
      :take="take"
      :chosen="picked.at(-1) ?? ''"
      @remove="remove"
    />
  </Teleport>
</template>
