<script setup lang="ts">
import { Plus } from '@lucide/vue'
import type { Problem, Rewards } from '@/api/types'
import ColourField from '@/components/cue/ColourField.vue'
import FileField from '@/components/cue/FileField.vue'
import NumberField from '@/components/cue/NumberField.vue'
import RowButton from '@/components/cue/RowButton.vue'
import SecondsField from '@/components/cue/SecondsField.vue'
import TextField from '@/components/cue/TextField.vue'
import { useChoices } from '@/composables/useChoices'
import { changedAt, free, withoutAt } from '@/lib/lists'

/** What may be redeemed: price, what is asked, bounds, scenes, and whether the host accepts each. */
const props = defineProps<{ sheet: Rewards; problems: (key: string) => Problem[] }>()
const emit = defineEmits<{ set: [key: string, value: unknown] }>()
type Reward = Rewards['rewards'][number]
const { mixer } = useChoices()
const put = (next: Reward[]) => emit('set', 'rewards', next)
const change = (at: number, next: Partial<Reward>) => put(changedAt(props.sheet.rewards, at, next))
const of = (at: number, field: string) => props.problems(`rewards[${at}].${field}`)
const turn = (at: number, scenes: string[], scene: string) =>
  change(at, { scenes: scenes.includes(scene) ? scenes.filter((each) => each !== scene) : [...scenes, scene] })
const add = () =>
  put([
    ...props.sheet.rewards,
    {
      title: free(
        'New reward',
        props.sheet.rewards.map((each) => each.title),
      ),
      price: 50,
      asks: '',
      colour: '#c8841a',
      picture: '',
      mostShow: 0,
      mostEach: 0,
      restMs: 0,
      scenes: [],
      waits: false,
    },
  ])
</script>

<template>
  <fieldset data-field="rewards">
    <legend class="text-[13px] text-soft">Rewards</legend>
    <div
      v-for="(reward, at) in sheet.rewards"
      :key="at"
      class="flex flex-col gap-2 border-t border-line py-3 first:border-0"
      :data-edit="reward.title"
    >
      <div class="grid grid-cols-[minmax(0,1fr)_110px_auto] items-end gap-2">
        <TextField
          label="Title"
          :model-value="reward.title"
          :problems="of(at, 'title')"
          @update:model-value="change(at, { title: $event })"
        />
        <NumberField
          label="Price"
          :model-value="reward.price"
          :problems="of(at, 'price')"
          @update:model-value="change(at, { price: $event })"
        />
        <RowButton :what="reward.title" @click="put(withoutAt(sheet.rewards, at))" />
      </div>
      <TextField
        label="Asks the viewer, empty for nothing"
        :model-value="reward.asks"
        :problems="of(at, 'asks')"
        @update:model-value="change(at, { asks: $event })"
      />
      <div class="grid grid-cols-2 gap-2 @2xl:grid-cols-4">
        <NumberField
          label="In a show, 0 any"
          :model-value="reward.mostShow"
          :problems="of(at, 'mostShow')"
          @update:model-value="change(at, { mostShow: $event })"
        />
        <NumberField
          label="By one, 0 any"
          :model-value="reward.mostEach"
          :problems="of(at, 'mostEach')"
          @update:model-value="change(at, { mostEach: $event })"
        />
        <SecondsField
          label="Rests for"
          :model-value="reward.restMs"
          :problems="of(at, 'restMs')"
          @update:model-value="change(at, { restMs: $event })"
        />
        <ColourField
          label="Colour"
          :model-value="reward.colour"
          :problems="of(at, 'colour')"
          @update:model-value="change(at, { colour: $event })"
        />
      </div>
      <FileField
        label="Picture"
        folder="Pictures"
        none
        :model-value="reward.picture"
        :problems="of(at, 'picture')"
        @update:model-value="change(at, { picture: $event })"
      />
      <div class="flex flex-wrap items-center gap-x-4 gap-y-1">
        <label class="flex items-center gap-2">
          <input
            type="checkbox"
            :checked="reward.waits"
            @change="change(at, { waits: ($event.target as HTMLInputElement).checked })"
          />
          I accept each, or give it back
        </label>
        <span v-if="mixer?.scenes.length" class="flex flex-wrap items-center gap-1.5 text-[13px] text-soft">
          {{ reward.scenes.length ? 'Only in' : 'In every scene, or only in' }}
          <button
            v-for="scene in mixer.scenes"
            :key="scene.id"
            type="button"
            class="rounded-full border px-2.5 py-0.5"
            :class="reward.scenes.includes(scene.id) ? 'border-ink bg-well font-semibold text-ink' : 'border-edge'"
            :aria-pressed="reward.scenes.includes(scene.id)"
            @click="turn(at, reward.scenes, scene.id)"
          >
            {{ scene.name }}
          </button>
        </span>
      </div>
    </div>
    <button type="button" class="button mt-1" @click="add"><Plus :size="14" /> A reward</button>
  </fieldset>
</template>
