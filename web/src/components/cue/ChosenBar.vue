<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { Copy, FolderInput, Power, PowerOff, Trash2, X } from '@lucide/vue'
import { useWiring } from '@/stores/wiring'
import { vMenu } from '@/lib/menu'

/** What can be done with the cues that are chosen together. */
defineProps<{ count: number }>()
defineEmits<{ turn: [boolean]; copy: []; remove: []; clear: []; move: [rack: string] }>()
const wiring = useWiring()
</script>

<template>
  <div
    class="flex flex-none items-center gap-1 border-t border-line bg-sheet px-3 py-1.5 text-[13px]"
    role="toolbar"
    :aria-label="`${count} chosen`"
  >
    <span class="flex-1 font-semibold">{{ count }} chosen</span>
    <button
      class="rounded-[8px] p-1.5 hover:bg-well"
      aria-label="Switch them on"
      title="Switch on"
      @click="$emit('turn', true)"
    >
      <Power :size="15" />
    </button>
    <button
      class="rounded-[8px] p-1.5 hover:bg-well"
      aria-label="Switch them off"
      title="Switch off"
      @click="$emit('turn', false)"
    >
      <PowerOff :size="15" />
    </button>
    <Menu as="div" class="relative">
      <MenuButton class="rounded-[8px] p-1.5 hover:bg-well" aria-label="Move them to a rack" title="Move to a rack"
        ><FolderInput :size="15"
      /></MenuButton>
      <MenuItems v-menu="'top-end'" class="sheet max-h-64 w-52 overflow-auto p-1 shadow-lg">
        <MenuItem v-for="each in wiring.racks" :key="each.rack.id" v-slot="{ active }"
          ><button
            class="block w-full truncate rounded-[8px] px-3 py-1 text-left"
            :class="active && 'bg-well'"
            @click="$emit('move', each.rack.id)"
          >
            {{ each.rack.name }}
          </button></MenuItem
        >
      </MenuItems>
    </Menu>
    <button class="rounded-[8px] p-1.5 hover:bg-well" aria-label="Copy them" title="Copy" @click="$emit('copy')">
      <Copy :size="15" />
    </button>
    <button
      class="rounded-[8px] p-1.5 text-wax-words hover:bg-well"
      aria-label="Delete them"
      title="Delete"
      @click="$emit('remove')"
    >
      <Trash2 :size="15" />
    </button>
    <button
      class="rounded-[8px] p-1.5 hover:bg-well"
      aria-label="Choose none"
      title="Choose none"
      @click="$emit('clear')"
    >
      <X :size="15" />
    </button>
  </div>
</template>
