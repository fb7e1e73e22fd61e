<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { Copy, Plus, Trash2 } from '@lucide/vue'
import { computed, ref } from 'vue'
import type { Cue } from '@/api/types'
import { free } from '@/lib/lists'
import { vMenu } from '@/lib/menu'
import { problemsAt, useDrafts, type Draft } from '@/stores/drafts'
import ChoiceField from '../cue/ChoiceField.vue'
import ConditionField from '../cue/ConditionField.vue'
import NumberField from '../cue/NumberField.vue'
import TextField from '../cue/TextField.vue'
import TheProblems from '../cue/TheProblems.vue'

/** The takes of a cue as tabs, with what decides for each; a cue with one take has none. */
const props = defineProps<{ draft: Draft; take: number }>()
const emit = defineEmits<{ choose: [number] }>()
const drafts = useDrafts()
const takes = computed(() => props.draft.cue.takes)
const now = computed(() => takes.value[props.take]!)
const problems = (field: string) => problemsAt(props.draft, `takes[${props.take}].${field}`)
const wrong = (at: number) => problemsAt(props.draft, `takes[${at}]`).length > 0
const edit = (change: (cue: Cue) => void) => drafts.edit(props.draft.cue.id, change)
const set = (change: Partial<Cue['takes'][number]>) => edit((cue) => Object.assign(cue.takes[props.take]!, change))
const add = (copied: boolean) => {
  const taken = takes.value.map((each) => each.id)
  const fresh = {
    ...(JSON.parse(JSON.stringify(now.value)) as Cue['takes'][number]),
    ...(copied ? {} : { when: '', weight: 1, spare: '', score: { parts: [] } }),
    id: free('take', taken),
    name: copied ? `${now.value.name}, copied`.slice(0, 60) : `Take ${takes.value.length + 1}`,
  }
  edit((cue) => cue.takes.push(fresh))
  emit('choose', takes.value.length - 1)
}
const remove = () => {
  const gone = now.value.id
  emit('choose', Math.max(0, props.take - 1))
  edit(
    (cue) =>
      (cue.takes = cue.takes
        .filter((each) => each.id !== gone)
        .map((each) => (each.spare === gone ? { ...each, spare: '' } : each))),
  )
}
const move = (by: number) => emit('choose', (props.take + by + takes.value.length) % takes.value.length)
/** Moves a take to another place: where the first that fits is played, their order decides. */
const place = (from: number, to: number) => {
  if (from !== to && to >= 0 && to < takes.value.length) {
    edit((cue) => cue.takes.splice(to, 0, ...cue.takes.splice(from, 1)))
    emit('choose', to)
  }
}
const dragged = ref(-1)
defineExpose({ add })
const spares = computed(() => [
  { value: '', name: 'none' },
  ...takes.value.filter((each) => each.id !== now.value.id).map((each) => ({ value: each.id, name: each.name })),
])
</script>

<template>
  <div v-if="takes.length > 1" class="-mb-1">
    <div class="flex items-end gap-1">
      <div
        class="flex min-w-0 items-end gap-1"
        role="tablist"
        aria-label="Takes"
        @keydown.alt.right.prevent.stop="place(take, take + 1)"
        @keydown.alt.left.prevent.stop="place(take, take - 1)"
        @keydown.right.exact.prevent="move(1)"
        @keydown.left.exact.prevent="move(-1)"
      >
        <button
          v-for="(each, at) in takes"
          :key="each.id"
          role="tab"
          :aria-selected="at === take"
          :tabindex="at === take ? 0 : -1"
          class="max-w-[180px] truncate rounded-t-[10px] border border-b-0 px-3 py-1"
          :class="[
            at === take ? 'border-ink bg-sheet font-semibold' : 'border-line text-soft hover:bg-well',
            wrong(at) && 'text-wax-words',
          ]"
          draggable="true"
          :title="`${each.name}: drag it, or Alt with the arrows, to play it sooner or later`"
          @click="emit('choose', at)"
          @dragstart="dragged = at"
          @dragover.prevent
          @drop.prevent="place(dragged, at)"
        >
          {{ each.name || 'no name' }}
        </button>
      </div>
      <button
        class="mb-0.5 rounded-[8px] p-1.5 hover:bg-well"
        aria-label="New take"
        title="New take"
        @click="add(false)"
      >
        <Plus :size="15" />
      </button>
      <button
        class="mb-0.5 rounded-[8px] p-1.5 hover:bg-well"
        aria-label="Copy this take"
        title="Copy this take"
        @click="add(true)"
      >
        <Copy :size="14" />
      </button>
      <button
        class="mb-0.5 rounded-[8px] p-1.5 hover:bg-well"
        aria-label="Delete this take"
        title="Delete this take"
        @click="remove"
      >
        <Trash2 :size="14" />
      </button>
    </div>
    <div class="sheet flex flex-wrap items-start gap-3 rounded-tl-none px-3 py-2">
      <TextField
        class="w-[170px]"
        label="Name"
        :model-value="now.name"
        :problems="problems('name')"
        @update:model-value="set({ name: $event })"
      />
      <Popover v-if="draft.cue.takeRule === 'first'" as="div" class="min-w-[150px] flex-1">
        <span class="block text-[13px] text-soft">Played where</span>
        <PopoverButton class="field block truncate text-left" :aria-invalid="problems('when').length > 0">
          <code v-if="now.when" class="font-mono text-[13px]">{{ now.when }}</code><template v-else>always</template>
        </PopoverButton>
        <PopoverPanel v-menu="'bottom-start'" class="sheet flex w-[380px] flex-col gap-2 p-3 shadow-lg">
          <h2 class="text-[16px]">Played where</h2>
          <ConditionField
            v-if="now.when"
            :draft="draft"
            :place="`takes[${take}].when`"
            :value="now.when"
            label="Played only if"
            @set="set({ when: $event })"
          />
          <button v-else type="button" class="button self-start" @click="set({ when: 'show.open' })">
            Only where something holds
          </button>
          <button v-if="now.when" type="button" class="button self-start" @click="set({ when: '' })">Always</button>
        </PopoverPanel>
        <TheProblems :problems="problems('when')" />
      </Popover>
      <NumberField
        v-else-if="draft.cue.takeRule === 'weight'"
        class="w-[90px]"
        label="Weight"
        :model-value="now.weight"
        :problems="problems('weight')"
        @update:model-value="set({ weight: $event })"
      />
      <ChoiceField
        class="w-[150px]"
        label="If it fails, play"
        :model-value="now.spare"
        :choices="spares"
        :problems="problems('spare')"
        @update:model-value="set({ spare: $event })"
      />
    </div>
  </div>
</template>
