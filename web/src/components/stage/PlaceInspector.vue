<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import { computed } from 'vue'
import type { Fixture, Frame, Problem, Stage } from '@/api/types'
import { MORE } from '@/fixtures/more'
import { useKinds } from '@/stores/kinds'
import { useWiring } from '@/stores/wiring'
import KindForm from '../cue/KindForm.vue'
import TextField from '../cue/TextField.vue'
import PlaceNumbers from './PlaceNumbers.vue'
import SpotForm from './SpotForm.vue'
import UsedBy from './UsedBy.vue'

/** All of one spot or fixture. */
const props = defineProps<{ stage: Stage; chosen: string; at: (path: string) => Problem[] }>()
const emit = defineEmits<{ edit: [Stage]; remove: []; order: [nearer: boolean]; play: [move: string] }>()
const wiring = useWiring()
const kinds = useKinds()
const spotAt = computed(() => props.stage.spots.findIndex((each) => each.id === props.chosen))
const fixtureAt = computed(() => props.stage.fixtures.findIndex((each) => each.id === props.chosen))
const spot = computed(() => props.stage.spots[spotAt.value])
const fixture = computed(() => props.stage.fixtures[fixtureAt.value])
const path = computed(() => (spot.value ? `spots[${spotAt.value}]` : `fixtures[${fixtureAt.value}]`))
const of = (name: string) => props.at(`${path.value}.${name}`)
const kind = computed(() => kinds.fixture(fixture.value?.kind ?? ''))
const more = computed(() => MORE[fixture.value?.kind ?? ''])
const samples = computed(() => Object.fromEntries((wiring.view?.values ?? []).map((each) => [each.name, each.sample])))
const change = (more: object) =>
  emit(
    'edit',
    spot.value
      ? {
          ...props.stage,
          spots: props.stage.spots.map((each, at) => (at === spotAt.value ? { ...each, ...more } : each)),
        }
      : {
          ...props.stage,
          fixtures: props.stage.fixtures.map((each, at) =>
            at === fixtureAt.value ? ({ ...each, ...more } as Fixture) : each,
          ),
        },
  )
const set = (name: string, value: unknown) => change({ [name]: value })
const frame = (next: Frame) => change({ frame: next })
</script>

<template>
  <section
    v-if="spot || fixture"
    :aria-label="`${spot ? 'Spot' : kind.title} ${(spot ?? fixture)!.name}`"
    class="flex flex-col gap-3"
  >
    <h2 class="flex items-center justify-between text-[16px]">
      {{ spot ? 'Spot' : kind.title }}
      <button
        class="rounded-[8px] p-1.5 text-soft hover:bg-well"
        :aria-label="`Remove ${(spot ?? fixture)!.name}`"
        @click="$emit('remove')"
      >
        <Trash2 :size="15" />
      </button>
    </h2>
    <TextField
      label="Name"
      :model-value="(spot ?? fixture)!.name"
      :problems="[...of('name'), ...of('id')]"
      @update:model-value="set('name', $event)"
    />
    <PlaceNumbers
      :frame="(spot ?? fixture)!.frame"
      :stage="stage"
      :problems="(name) => of(`frame.${name}`)"
      @set="frame"
      @order="$emit('order', $event)"
    />
    <SpotForm v-if="spot" :busy="spot.busy" :problems="(name) => of(`busy.${name}`)" @set="set('busy', $event)" />
    <template v-else>
      <KindForm
        :key="chosen"
        :value="fixture!"
        :fields="kind.fields"
        :stage="stage"
        :values="samples"
        :problems="of"
        @set="set"
      />
      <component
        :is="more"
        v-if="more"
        :fixture="fixture"
        :stage="stage.id"
        :problems="of"
        @set="set"
        @play="$emit('play', $event)"
      />
    </template>
    <UsedBy :stage="stage.id" :place="chosen" />
  </section>
  <p v-else class="text-soft">
    Choose what stands on the stage, or add a spot for parts of scores or a fixture that stays.
  </p>
</template>
