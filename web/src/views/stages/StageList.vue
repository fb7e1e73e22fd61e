<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import {
  Bird,
  ChartBarBig,
  ChartNoAxesGantt,
  Eye,
  Frame as FrameIcon,
  Gamepad2,
  ListChecks,
  ListOrdered,
  LoaderPinwheel,
  Lock,
  MessagesSquare,
  Music,
  Plus,
  Tag,
  Ticket,
  Timer,
  Volume2,
} from '@lucide/vue'
import { computed } from 'vue'
import type { Stage } from '@/api/types'
import { useKinds } from '@/stores/kinds'
import { standing } from '@/lib/placing'
import { useLive } from '@/stores/live'
import { useWiring } from '@/stores/wiring'
import { vMenu } from '@/lib/menu'
import StagesNav from './StagesNav.vue'

/** The stages there are, and what stands on the open one, what is before first. */
const props = defineProps<{ stage: Stage | null; chosen: string }>()
const emit = defineEmits<{ add: []; choose: [string]; put: [kind: string] }>()
const wiring = useWiring()
const live = useLive()
const kinds = useKinds()
const ICONS: Record<string, unknown> = {
  spot: FrameIcon,
  outlet: Volume2,
  label: Tag,
  goal: ChartNoAxesGantt,
  clock: Timer,
  queue: ListOrdered,
  tasks: ListChecks,
  tunes: Music,
  crowd: Gamepad2,
  poll: ChartBarBig,
  prize: Ticket,
  wheel: LoaderPinwheel,
  mascot: Bird,
  chat: MessagesSquare,
}
const shown = (id: string) => live.pages.filter((page) => page.stage === id).length
const KINDS = computed(() => [
  { kind: 'spot', name: 'Spot, for parts of scores' },
  { kind: 'outlet', name: 'Outlet, for sounds' },
  ...kinds.all.fixtures.map((each) => ({ kind: each.name, name: each.title })),
])
const places = computed(() => (props.stage ? standing(props.stage) : []))
</script>

<template>
  <aside aria-label="Stages" class="flex w-[250px] flex-none flex-col border-r border-line">
    <StagesNav class="px-3 pt-2" />
    <div class="flex items-center justify-between px-3 pt-2">
      <h2 class="text-[15px]">Stages</h2>
      <button class="button h-8 px-2" aria-label="New stage" @click="emit('add')"><Plus :size="14" /> Stage</button>
    </div>
    <ul class="px-3 py-1.5" aria-label="All stages">
      <li v-for="each in wiring.stages" :key="each.stage.id">
        <RouterLink
          :to="`/stages/${each.stage.id}`"
          class="flex items-center gap-2 rounded-[8px] px-2 py-1"
          :class="
            each.stage.id === stage?.id ? 'bg-sheet font-semibold shadow-[inset_3px_0_0_var(--honey)]' : 'hover:bg-well'
          "
          :aria-current="each.stage.id === stage?.id ? 'page' : undefined"
        >
          <span class="min-w-0 flex-1 truncate">{{ each.stage.name }}</span>
          <span
            v-if="shown(each.stage.id)"
            class="flex items-center gap-1 text-[12.5px] font-normal text-verdigris-words"
            ><Eye :size="13" /> {{ shown(each.stage.id) }}</span
          >
          <span class="font-mono text-[12px] font-normal text-soft"
            >{{ each.stage.width }}×{{ each.stage.height }}</span
          >
        </RouterLink>
      </li>
    </ul>
    <template v-if="stage">
      <div class="flex items-center justify-between border-t border-line px-3 pt-2">
        <h2 class="text-[15px]">What stands here</h2>
        <Menu as="div" class="relative">
          <MenuButton class="button button-dark h-8 px-2" aria-label="Add to the stage"
            ><Plus :size="14" /> Add</MenuButton
          >
          <MenuItems v-menu="'bottom-end'" class="sheet w-56 p-1 shadow-lg">
            <MenuItem v-for="each in KINDS" :key="each.kind" v-slot="{ active }"
              ><button
                class="flex w-full items-center gap-2 rounded-[8px] px-3 py-1.5"
                :class="active && 'bg-well'"
                @click="emit('put', each.kind)"
              >
                <component :is="ICONS[each.kind]" :size="15" class="text-soft" /> {{ each.name }}
              </button></MenuItem
            >
          </MenuItems>
        </Menu>
      </div>
      <ul
        class="min-h-0 flex-1 overflow-auto px-3 py-1.5"
        aria-label="Spots and fixtures, what is before first, and outlets"
      >
        <li v-for="each in places" :key="each.id">
          <button
            class="flex w-full items-center gap-2 rounded-[8px] px-2 py-1 text-left"
            :class="each.id === chosen ? 'bg-sheet font-semibold' : 'hover:bg-well'"
            :aria-pressed="each.id === chosen"
            @click="emit('choose', each.id)"
          >
            <component :is="ICONS[each.kind]" :size="15" class="flex-none text-soft" /><span
              class="min-w-0 flex-1 truncate"
              >{{ each.name }}</span
            ><Lock v-if="each.frame.locked" :size="12" class="text-soft" aria-label="locked" />
          </button>
        </li>
        <li v-if="places.length === 0" class="py-1 text-[13px] text-soft">
          Nothing yet. Add a spot, and cards can be shown on it.
        </li>
        <li v-for="each in stage.outlets" :key="each.id">
          <button
            class="flex w-full items-center gap-2 rounded-[8px] px-2 py-1 text-left"
            :class="each.id === chosen ? 'bg-sheet font-semibold' : 'hover:bg-well'"
            :aria-pressed="each.id === chosen"
            @click="emit('choose', each.id)"
          >
            <Volume2 :size="15" class="flex-none text-soft" /><span class="min-w-0 flex-1 truncate">{{
              each.name
            }}</span>
          </button>
        </li>
      </ul>
    </template>
  </aside>
</template>
