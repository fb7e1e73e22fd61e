<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { ChevronDown } from '@lucide/vue'
import { computed } from 'vue'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'
import { vMenu } from '@/lib/menu'
import { minuteOfDay } from '@/lib/spans'

/** Whether a show is open and on air, said in words, with the way to change it. */
const live = useLive()
const notes = useNotes()
const since = computed(() => minuteOfDay(live.evening.openedAt))
const says = computed(
  () =>
    (live.evening.show > 0 ? `Show ${live.evening.show}, open since ${since.value}` : 'No show is open') +
    (live.evening.onAir ? ', on air' : ''),
)
const doIt = (act: Promise<unknown>) => act.catch((failed: Error) => notes.say(failed.message))
</script>

<template>
  <Menu
    as="div"
    class="relative ml-1 min-w-0 border-l border-line pl-1 max-[1000px]:flex-1 max-[1000px]:basis-0 min-[1400px]:ml-3 min-[1400px]:pl-3"
  >
    <MenuButton
      class="flex w-full items-center gap-1.5 rounded-[10px] px-2 py-1.5 text-[13px] whitespace-nowrap hover:bg-well"
      :class="live.evening.show > 0 ? '' : 'text-soft'"
      :title="says"
    >
      <span class="min-w-0 truncate">{{ says }}</span> <ChevronDown :size="14" class="flex-none" />
    </MenuButton>
    <MenuItems v-menu="'bottom-start'" class="sheet w-72 p-1 shadow-lg">
      <MenuItem v-slot="{ active }">
        <button
          class="block w-full rounded-[8px] px-3 py-1.5 text-left"
          :class="active && 'bg-well'"
          @click="doIt(live.show(live.evening.show === 0))"
        >
          {{ live.evening.show > 0 ? 'Close the show' : 'Open the show' }}
          <span class="block text-[12px] text-soft">{{
            live.evening.show > 0
              ? 'Limits and first lines begin anew with the next'
              : 'From now on first lines, limits and “every …” count'
          }}</span>
        </button>
      </MenuItem>
      <MenuItem v-slot="{ active }">
        <button
          class="block w-full rounded-[8px] px-3 py-1.5 text-left"
          :class="active && 'bg-well'"
          @click="doIt(live.air(!live.evening.onAir))"
        >
          {{ live.evening.onAir ? 'Say that we are off air' : 'Say that we are on air' }}
          <span class="block text-[12px] text-soft">For cues that play only on air</span>
        </button>
      </MenuItem>
      <MenuItem v-slot="{ active }">
        <button
          class="block w-full rounded-[8px] px-3 py-1.5 text-left"
          :class="active && 'bg-well'"
          @click="doIt(live.shut(!live.shutters.down))"
        >
          {{ live.shutters.down ? 'Lift the shutters' : 'Let the shutters down' }}
          <span class="block text-[12px] text-soft">{{
            live.shutters.down
              ? 'Everything as before'
              : 'Who was never here before tonight rings nothing, is not spoken and joins nothing'
          }}</span>
        </button>
      </MenuItem>
    </MenuItems>
  </Menu>
</template>
