<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems, Switch } from '@headlessui/vue'
import { Ellipsis } from '@lucide/vue'
import { nextTick, ref } from 'vue'
import { ask } from '@/api/http'
import type { RackView } from '@/api/types'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'
import { vMenu } from '@/lib/menu'
import RackCrest from './RackCrest.vue'

/** The head of a rack: its crest, its name, its switch, and what can be done with it. */
const props = defineProps<{ rack: RackView; count: number }>()
const wiring = useWiring()
const notes = useNotes()
const naming = ref(false)
const field = ref<HTMLInputElement | null>(null)
const tell = (done: Promise<unknown>) => done.catch((refusal: Error) => notes.say(refusal.message))
const save = (change: Partial<RackView['rack']>) =>
  tell(wiring.saveRack(props.rack.version, { ...props.rack.rack, ...change }))
const rename = async () => {
  naming.value = true
  await nextTick()
  field.value?.select()
}
const named = (event: Event) => {
  const name = (event.target as HTMLInputElement).value.trim()
  if (naming.value && name && name !== props.rack.rack.name) {
    void save({ name })
  }
  naming.value = false
}
const move = (by: number) => {
  const at = wiring.racks.findIndex((each) => each.rack.id === props.rack.rack.id)
  const before = wiring.racks[by < 0 ? at - 1 : at + 2]?.rack.id ?? ''
  void tell(ask('POST', '/racks/arrange', { rack: props.rack.rack.id, before }).then(wiring.load))
}
const remove = () =>
  tell(
    ask('DELETE', `/racks/${props.rack.rack.id}?version=${props.rack.version}`)
      .then(wiring.load)
      .then(() => notes.say(`${props.rack.rack.name} is deleted.`, true)),
  )
const ITEMS = [
  { name: 'Rename', act: rename, off: () => false },
  { name: 'Move up', act: () => move(-1), off: () => wiring.racks[0]?.rack.id === props.rack.rack.id },
  { name: 'Move down', act: () => move(1), off: () => wiring.racks.at(-1)?.rack.id === props.rack.rack.id },
  {
    name: 'Delete, when it is empty',
    act: remove,
    off: () => wiring.cues.some((each) => each.cue.rack === props.rack.rack.id) || wiring.racks.length < 2,
  },
]
</script>

<template>
  <h2 class="flex h-[38px] items-center gap-2 font-sans text-[13px] text-soft" :aria-label="rack.rack.name">
    <RackCrest :name="rack.rack.name" />
    <input
      v-if="naming"
      ref="field"
      class="field min-w-0 flex-1"
      aria-label="Name of the rack"
      :value="rack.rack.name"
      @keydown.enter="named"
      @keydown.esc="naming = false"
      @blur="named"
    />
    <span v-else class="min-w-0 flex-1 truncate" @dblclick="rename">{{ rack.rack.name }} · {{ count }}</span>
    <Menu as="div" class="relative">
      <MenuButton class="rounded-[7px] p-1 hover:bg-well" :aria-label="`What to do with the rack ${rack.rack.name}`"
        ><Ellipsis :size="14"
      /></MenuButton>
      <MenuItems v-menu="'bottom-end'" class="sheet w-48 p-1 text-ink shadow-lg">
        <MenuItem v-for="each in ITEMS" :key="each.name" v-slot="{ active }" :disabled="each.off()"
          ><button
            class="block w-full rounded-[8px] px-3 py-1 text-left"
            :class="[active && 'bg-well', each.off() && 'text-soft']"
            @click="each.act"
          >
            {{ each.name }}
          </button></MenuItem
        >
      </MenuItems>
    </Menu>
    <Switch
      :model-value="rack.rack.on"
      class="relative h-[18px] w-8 flex-none rounded-full border transition-colors"
      :class="rack.rack.on ? 'border-verdigris bg-verdigris' : 'border-edge bg-well'"
      :aria-label="`Rack ${rack.rack.name}`"
      @update:model-value="save({ on: $event })"
    >
      <span
        class="absolute top-[2px] h-3 w-3 rounded-full transition-[left]"
        :class="rack.rack.on ? 'left-[16px] bg-sheet' : 'left-[3px] bg-edge'"
      />
    </Switch>
  </h2>
</template>
