<script setup lang="ts">
import { useClipboard } from '@vueuse/core'
import { Copy, Plus, Trash2 } from '@lucide/vue'
import { computed } from 'vue'
import { ask } from '@/api/http'
import type { FieldView, Problem, Stage } from '@/api/types'
import { useChoices } from '@/composables/useChoices'
import { useNotes } from '@/stores/notes'
import ChoiceField from '../cue/ChoiceField.vue'
import NumberField from '../cue/NumberField.vue'
import TextField from '../cue/TextField.vue'
import SpotForm from './SpotForm.vue'
import UsedBy from './UsedBy.vue'

/** An outlet of a stage: when it is taken, which others are quieter meanwhile, and whether the mixer has it as a track of its own. */
const props = defineProps<{ stage: Stage; chosen: string; at: (path: string) => Problem[] }>()
const emit = defineEmits<{ edit: [Stage]; remove: [] }>()
const notes = useNotes()
const { copy } = useClipboard({ legacy: true })
const index = computed(() => props.stage.outlets.findIndex((each) => each.id === props.chosen))
const outlet = computed(() => props.stage.outlets[index.value]!)
const of = (name: string) => props.at(`outlets[${index.value}].${name}`)
const change = (more: Partial<Stage['outlets'][number]>) =>
  emit('edit', {
    ...props.stage,
    outlets: props.stage.outlets.map((each, at) => (at === index.value ? { ...each, ...more } : each)),
  })
const { of: choicesOf } = useChoices()
/** What the mixer has now, and what is chosen though it has it not. */
const sources = computed(() => {
  const all = choicesOf({ choices: [], from: 'sources' } as unknown as FieldView, {})
  const missing = outlet.value.source && !all.some((each) => each.value === outlet.value.source)
  return [
    { value: '', name: 'nothing is softer' },
    ...all,
    ...(missing ? [{ value: outlet.value.source, name: outlet.value.source }] : []),
  ]
})
const others = computed(() => props.stage.outlets.filter((each) => each.id !== props.chosen))
const quieten = (id: string, on: boolean) =>
  change({
    quietens: on ? [...outlet.value.quietens, id] : outlet.value.quietens.filter((each) => each !== id),
  })
const path = computed(() => `/stages/${props.stage.id}/outlets/${props.chosen}`)
const guarded = (work: () => Promise<void>) => work().catch((refusal: Error) => notes.say(refusal.message))
const copyIt = () =>
  guarded(async () => {
    const { address } = await ask<{ address: string }>('GET', `${path.value}/address`)
    await copy(address)
    notes.say('The address is copied. It is as secret as that of the stage.')
  })
const place = () =>
  guarded(async () => {
    await ask('POST', `${path.value}/place`, { scene: '' })
    notes.say(`${outlet.value.name} has a browser source of its own in the scene on programme.`)
  })
const checked = (event: Event) => (event.target as HTMLInputElement).checked
</script>

<template>
  <section :aria-label="`Outlet ${outlet.name}`" class="flex flex-col gap-3">
    <h2 class="flex items-center justify-between text-[16px]">
      Outlet
      <button
        class="rounded-[8px] p-1.5 text-soft hover:bg-well"
        :aria-label="`Remove ${outlet.name}`"
        @click="emit('remove')"
      >
        <Trash2 :size="15" />
      </button>
    </h2>
    <TextField
      label="Name"
      :model-value="outlet.name"
      :problems="[...of('name'), ...of('id')]"
      @update:model-value="change({ name: $event })"
    />
    <SpotForm :busy="outlet.busy" :problems="(name) => of(`busy.${name}`)" @set="change({ busy: $event })" />
    <fieldset v-if="others.length" class="flex flex-col gap-1">
      <legend class="text-[13px] text-soft">Quieter while it sounds</legend>
      <label v-for="each in others" :key="each.id" class="flex items-center gap-2">
        <input
          type="checkbox"
          class="h-4 w-4"
          :checked="outlet.quietens.includes(each.id)"
          @change="quieten(each.id, checked($event))"
        />
        {{ each.name }}
      </label>
      <NumberField
        v-if="outlet.quietens.length"
        label="Down to"
        unit="%"
        :model-value="outlet.quietTo"
        :problems="of('quietTo')"
        @update:model-value="change({ quietTo: $event })"
      />
    </fieldset>
    <div class="grid grid-cols-2 gap-2">
      <ChoiceField
        :class="!outlet.source && 'col-span-2'"
        label="Softer in the mixer"
        :model-value="outlet.source"
        :choices="sources"
        :problems="of('source')"
        @update:model-value="change({ source: $event })"
      />
      <NumberField
        v-if="outlet.source"
        label="Down to"
        unit="%"
        :model-value="outlet.sourceTo"
        :problems="of('sourceTo')"
        @update:model-value="change({ sourceTo: $event })"
      />
    </div>
    <p class="text-[12.5px] text-soft">
      A source of the mixer, such as the microphone, can be softer meanwhile; it is put back after.
    </p>
    <label class="flex items-start gap-2">
      <input
        type="checkbox"
        class="mt-0.5 h-4 w-4 flex-none"
        :checked="outlet.apart"
        @change="change({ apart: checked($event) })"
      />
      <span
        >a browser source of its own<span class="block text-[12.5px] text-soft"
          >The mixer then has it as a track of its own; pages that show the stage leave it out.</span
        ></span
      >
    </label>
    <div v-if="outlet.apart" class="flex flex-wrap gap-2">
      <button class="button" @click="place"><Plus :size="14" /> Place it in the mixer</button>
      <button class="button" @click="copyIt"><Copy :size="14" /> Copy its address</button>
    </div>
    <UsedBy :stage="stage.id" :place="chosen" />
  </section>
</template>
