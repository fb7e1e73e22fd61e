<script setup lang="ts">
import { CalendarDays, Copy } from '@lucide/vue'
import { computed, ref } from 'vue'
import type { EveningOrder, OrderBoard } from '@/api/types'
import { useChoices } from '@/composables/useChoices'
import { useDeskBoards } from '@/stores/desks'
import { useKinds } from '@/stores/kinds'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'
import EveningTaper from './EveningTaper.vue'

/** The board of an order of the evening: where it is, what its chapter sets, and its plan to take along. */
const props = defineProps<{ sheet: EveningOrder; board: OrderBoard }>()
const desks = useDeskBoards()
const notes = useNotes()
const wiring = useWiring()
const two = (value: number) => String(value).padStart(2, '0')
const today = new Date()
const day = ref(`${today.getFullYear()}-${two(today.getMonth() + 1)}-${two(today.getDate())}`)
const plan = (as: string) => `/api/orders/${encodeURIComponent(props.sheet.id)}/plan.${as}?day=${day.value}`
const kinds = useKinds()
const { mixer } = useChoices()
const named = (all: { id: string; name: string }[] | undefined, id: string) =>
  all?.find((each) => each.id === id)?.name ?? id
/** What the chapter that is on holds, as people call it. */
const holds = computed(() =>
  props.board.sets.map(({ target, value }) => {
    const what = kinds.all.targets.find((each) => each.kind === target.kind)?.title ?? target.kind
    const racks = wiring.racks.map((each) => each.rack)
    const which = target.kind === 'rack' ? named(racks, target.name) : named(mixer.value?.sources, target.name)
    return `${which ? `${what} ${which}` : what}: ${target.kind === 'scene' ? named(mixer.value?.scenes, value) : value}`
  }),
)
const copy = async () => {
  try {
    const told = await fetch(plan('txt'))
    if (!told.ok) {
      throw new Error('no plan')
    }
    await navigator.clipboard.writeText(await told.text())
    notes.say('The plan is in the clipboard.')
  } catch {
    notes.say('The clipboard is closed to this page. Open the plan as text and copy it there.')
  }
}
</script>

<template>
  <div class="grid grid-cols-[minmax(0,1fr)] gap-4">
    <div class="sheet border-l-4 border-l-honey px-5 py-4">
      <EveningTaper :about="sheet.id" :board="board" />
      <div v-if="board.chapter" class="flex flex-wrap items-baseline gap-3 pt-3">
        <p class="min-w-0 flex-1 basis-48 text-soft" data-sets>
          {{ holds.length ? `As long as it lasts: ${holds.join('; ')}.` : 'It holds nothing.' }}
        </p>
        <button class="button" data-end @click="desks.act('order', sheet.id, 'end')">End the evening</button>
      </div>
    </div>
    <section role="group" class="sheet px-5 py-4" aria-label="The plan">
      <h2 class="pb-2 text-[18px]">The plan</h2>
      <div class="flex flex-wrap items-end gap-2">
        <label class="flex flex-col gap-1 text-[13px] text-soft">
          Of which evening
          <input v-model="day" type="date" class="field" data-day />
        </label>
        <button class="button" :disabled="!day" @click="copy"><Copy :size="15" /> Copy as text</button>
        <a v-if="day" class="button" :href="plan('txt')" target="_blank" rel="noopener">Open as text</a>
        <a v-if="day" class="button" :href="plan('ics')" download data-ics>
          <CalendarDays :size="15" /> For a calendar
        </a>
      </div>
    </section>
  </div>
</template>
