<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { CircleHelp, Moon, Redo2, Search, Sun, Undo2 } from '@lucide/vue'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { useDusk, type Light } from '@/composables/useDusk'
import { colourOf, worst } from '@/lib/links'
import { PLACES } from '@/console/router'
import { useLive } from '@/stores/live'
import { useWiring } from '@/stores/wiring'
import { vMenu } from '@/lib/menu'
import HushButton from './HushButton.vue'
import ShowMenu from './ShowMenu.vue'

const live = useLive()
const route = useRoute()
const { chosen, dusk } = useDusk()
defineEmits<{ keys: []; palette: []; history: ['undo' | 'redo'] }>()
const isHere = (place: (typeof PLACES)[number]) =>
  [place.path, ...place.also].some((path) => route.path.startsWith(path))
const wiring = useWiring()
const says = (step: 'undo' | 'redo', word: string) =>
  wiring.view?.history[step] ? `${word}: ${wiring.view.history[step]}` : `Nothing to ${word.toLowerCase()}`

const LIGHTS: { light: Light; name: string }[] = [
  { light: 'system', name: 'As this computer' },
  { light: 'day', name: 'By day' },
  { light: 'dusk', name: 'After dusk' },
]

/** The worst of the links, for the dot on the rail. */
const links = computed(() => {
  if (!live.connected) {
    return { colour: 'bg-wax-words', says: 'Wax Bell does not answer' }
  }
  const down = worst(live.links)
  return down
    ? { colour: colourOf(down.state.phase), says: down.refusal }
    : { colour: 'bg-verdigris-words', says: 'all links are up' }
})
</script>

<template>
  <header
    class="flex min-h-[52px] flex-none items-center gap-1 border-b border-line bg-sheet px-4 max-[1000px]:flex-wrap max-[1000px]:py-1"
  >
    <RouterLink to="/cues" class="mr-2 flex flex-none items-center gap-2 rounded-[10px]">
      <img src="/bell.svg" alt="" width="26" height="26" />
      <span class="font-serif text-[19px] font-bold tracking-tight whitespace-nowrap max-[600px]:sr-only"
        >Wax Bell</span
      >
    </RouterLink>
    <!-- Where it is narrow the places have a row of their own. -->
    <nav
      aria-label="Places"
      class="flex flex-none items-center gap-0.5 max-[1000px]:order-last max-[1000px]:w-full max-[1000px]:overflow-x-auto"
    >
      <RouterLink
        v-for="place in PLACES"
        :key="place.path"
        :to="place.path"
        class="flex items-center gap-2 rounded-[10px] px-2 py-1.5 hover:bg-well min-[1400px]:px-2.5"
        :class="isHere(place) && 'here'"
        :aria-current="isHere(place) ? 'page' : undefined"
      >
        <span
          v-if="place.name === 'Links'"
          class="h-2 w-2 rounded-full"
          :class="links.colour"
          :title="links.says"
          role="img"
          :aria-label="links.says"
        />
        {{ place.name }}
      </RouterLink>
    </nav>
    <ShowMenu />
    <div class="ml-auto flex flex-none items-center gap-1 min-[1400px]:gap-2">
      <button
        class="rounded-[10px] p-2 hover:bg-well"
        :disabled="!wiring.view?.history.undo"
        :title="says('undo', 'Undo')"
        :aria-label="says('undo', 'Undo')"
        @click="$emit('history', 'undo')"
      >
        <Undo2 :size="18" />
      </button>
      <button
        class="rounded-[10px] p-2 hover:bg-well"
        :disabled="!wiring.view?.history.redo"
        :title="says('redo', 'Redo')"
        :aria-label="says('redo', 'Redo')"
        @click="$emit('history', 'redo')"
      >
        <Redo2 :size="18" />
      </button>
      <Menu as="div" class="relative">
        <MenuButton class="rounded-[10px] p-2 hover:bg-well" :aria-label="dusk ? 'Light: after dusk' : 'Light: by day'">
          <component :is="dusk ? Moon : Sun" :size="18" />
        </MenuButton>
        <MenuItems v-menu="'bottom-end'" class="sheet w-44 p-1 shadow-lg">
          <MenuItem v-for="each in LIGHTS" :key="each.light" v-slot="{ active }">
            <button
              class="block w-full rounded-[8px] px-3 py-1.5 text-left"
              :class="[active && 'bg-well', chosen === each.light && 'font-semibold']"
              @click="chosen = each.light"
            >
              {{ each.name }}
            </button>
          </MenuItem>
        </MenuItems>
      </Menu>
      <button
        class="rounded-[10px] p-2 hover:bg-well"
        aria-label="Go or do: Ctrl+K"
        title="Go or do: Ctrl+K"
        @click="$emit('palette')"
      >
        <Search :size="18" />
      </button>
      <button class="rounded-[10px] p-2 hover:bg-well" aria-label="Help: ?" title="Help: ?" @click="$emit('keys')">
        <CircleHelp :size="18" />
      </button>
      <HushButton />
    </div>
  </header>
</template>

<style scoped>
.here {
  background: var(--well);
  font-weight: 650;
  box-shadow: inset 0 -3px 0 var(--honey);
}
</style>
