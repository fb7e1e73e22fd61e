<script setup lang="ts">
import { computed } from 'vue'
import { useDesks } from '@/composables/useDesks'
import { useOpenDesks } from '@/composables/useOpenDesks'
import { useDeskBoards } from '@/stores/desks'
import { useWiring } from '@/stores/wiring'
import { DRAWN } from '@/views/desks/kinds'
import { moved, type Arrangement } from './arrangement'

/** Desks in compact form: those that the host chose, in the host's order. */
const props = defineProps<{ arrangement: Arrangement; arranging: boolean }>()
const emit = defineEmits<{ put: [Partial<Arrangement>] }>()
const desks = useDeskBoards()
const wiring = useWiring()
const views = useDesks()
const FIRST = ['queue', 'clock', 'tunes']
const all = computed(() => wiring.sheets.map((each) => each.desk))
/** Before the host chose any, the first of those that most evenings need. */
const usual = computed(() =>
  FIRST.flatMap((kind) => {
    const first = all.value.find((each) => each.kind === kind)
    return first ? [first.id] : []
  }),
)
const chosen = computed(() =>
  (props.arrangement.desks ?? usual.value).filter((id) => all.value.some((each) => each.id === id)),
)
const shown = computed(() => chosen.value.map((id) => all.value.find((each) => each.id === id)!))
useOpenDesks(() => chosen.value)
const brief = (id: string) => views.value.find((each) => each.about === id)?.brief ?? ''
const turn = (id: string) =>
  emit('put', { desks: chosen.value.includes(id) ? chosen.value.filter((each) => each !== id) : [...chosen.value, id] })
</script>

<template>
  <div class="flex flex-col gap-3">
    <div v-if="arranging" class="sheet flex flex-wrap gap-1.5 px-4 py-3" role="group" aria-label="Which desks">
      <button
        v-for="each in all"
        :key="each.id"
        class="rounded-full border px-2.5 py-0.5 text-[13px]"
        :class="chosen.includes(each.id) ? 'border-ink bg-well font-semibold' : 'border-edge'"
        :aria-pressed="chosen.includes(each.id)"
        @click="turn(each.id)"
      >
        {{ each.name }}
      </button>
    </div>
    <section v-for="desk in shown" :key="desk.id" class="sheet px-4 py-3" :aria-label="desk.name" :data-desk="desk.id">
      <header class="flex items-baseline gap-2 pb-1">
        <h2 class="min-w-0 flex-1 truncate text-[18px]">
          <RouterLink :to="`/desks/${desk.id}`" class="hover:underline">{{ desk.name }}</RouterLink>
        </h2>
        <span class="truncate text-[13px] text-soft">{{ brief(desk.id) }}</span>
        <template v-if="arranging">
          <button
            class="button px-1.5"
            :aria-label="`${desk.name} higher`"
            @click="emit('put', { desks: moved(chosen, desk.id, -1) })"
          >
            ↑
          </button>
          <button
            class="button px-1.5"
            :aria-label="`${desk.name} lower`"
            @click="emit('put', { desks: moved(chosen, desk.id, 1) })"
          >
            ↓
          </button>
        </template>
      </header>
      <div
        class="@container max-h-[340px] overflow-auto"
        tabindex="0"
        :aria-label="`Board of ${desk.name}`"
        role="region"
      >
        <component
          :is="DRAWN[desk.kind]!.board"
          v-if="desks.boards[desk.id]"
          :sheet="desk"
          :board="desks.boards[desk.id]"
        />
      </div>
    </section>
    <p v-if="!shown.length && !arranging" class="sheet px-4 py-4 text-center text-soft">
      No desk is shown. Press <i>Arrange</i> and choose, or make one under
      <RouterLink to="/desks" class="underline">Desks</RouterLink>.
    </p>
  </div>
</template>
