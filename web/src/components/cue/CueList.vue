<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { Download, Ellipsis, FileUp, FolderPlus, History, LibraryBig, Package, Plus, Search } from '@lucide/vue'
import { useVirtualList } from '@vueuse/core'
import { computed, defineAsyncComponent, nextTick, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useChosenCues } from '@/composables/useChosenCues'
import { useEver } from '@/composables/useEver'
import { besideOf, rowsOf, type ListRow } from '@/lib/cueList'
import { free } from '@/lib/lists'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'
import { vMenu } from '@/lib/menu'
import ChosenBar from './ChosenBar.vue'
import CueRow from './CueRow.vue'
import CuesNav from './CuesNav.vue'
import RackRow from './RackRow.vue'

const props = defineProps<{ open: string | undefined }>()
const emit = defineEmits<{ add: [] }>()
const wiring = useWiring()
const notes = useNotes()
const router = useRouter()
const search = ref('')
const bringing = ref(false)
const changes = ref(false)
const CarryDialog = defineAsyncComponent(() => import('@/components/carry/CarryDialog.vue'))
const ChangesDialog = defineAsyncComponent(() => import('@/components/carry/ChangesDialog.vue'))
const bringingEver = useEver(() => bringing.value)
const changesEver = useEver(() => changes.value)
const field = ref<HTMLInputElement | null>(null)

const rows = computed(() => rowsOf(wiring.racks, wiring.cues, search.value))
const shown = computed(() => rows.value.flatMap((row) => (row.kind === 'cue' ? [row.view] : [])))
const HEIGHTS = { rack: 42, cue: 62, empty: 30 }
const { list, containerProps, wrapperProps, scrollTo } = useVirtualList(rows, {
  itemHeight: (at) => HEIGHTS[rows.value[at]?.kind ?? 'cue'],
  overscan: 10,
})
const { ids, toggle, reach, clear, turn, copy, remove, move } = useChosenCues(shown)
// The open cue is in view, however it came to be open.
watch(
  [() => props.open, () => rows.value.length],
  ([id]) => {
    const at = rows.value.findIndex((row) => row.key === id)
    const drawn = document.getElementById(`cue-${id}`)
    if (drawn) {
      drawn.scrollIntoView?.({ block: 'nearest' })
    } else if (at >= 0) {
      scrollTo(Math.max(0, at - 2))
    }
  },
  { flush: 'post', immediate: true },
)

const step = async (by: number, choosing: boolean) => {
  const at = shown.value.findIndex((each) => each.cue.id === props.open)
  const next = shown.value[Math.min(shown.value.length - 1, Math.max(0, at + by))]
  if (next) {
    if (choosing) {
      reach(next.cue.id, props.open ?? next.cue.id)
    }
    await router.replace(`/cues/${next.cue.id}`)
    await nextTick()
    document.getElementById(`cue-${next.cue.id}`)?.focus()
  }
}
/** Moves the open cue, or all that are chosen, one place up or down. */
const shift = async (by: number) => {
  const movers = ids.value.length
    ? shown.value.map((each) => each.cue.id).filter((id) => ids.value.includes(id))
    : props.open
      ? [props.open]
      : []
  const to = besideOf(wiring.racks, wiring.cues, (by < 0 ? movers[0] : movers.at(-1)) ?? '', by)
  if (to) {
    await move(movers, to.rack, to.before)
    document.getElementById(`cue-${movers[0]}`)?.focus()
  }
}
const keys = (key: KeyboardEvent) => {
  const by = key.key === 'ArrowDown' ? 1 : key.key === 'ArrowUp' ? -1 : 0
  const onCue = (key.target as HTMLElement).id.startsWith('cue-')
  if (by && key.altKey) {
    void shift(by)
  } else if (by) {
    void step(by, key.shiftKey)
  } else if (key.key === ' ' && onCue && props.open) {
    toggle((key.target as HTMLElement).id.slice(4))
  } else if (key.key === 'Enter' && onCue) {
    // Who opens a cue by keys goes on where it is written.
    void router.push({ path: `/cues/${(key.target as HTMLElement).id.slice(4)}`, query: { at: 'name' } })
  } else {
    return
  }
  key.preventDefault()
}
const press = (event: MouseEvent, id: string) => {
  if (event.ctrlKey || event.metaKey) {
    toggle(id)
  } else if (event.shiftKey) {
    reach(id, ids.value.at(-1) ?? props.open ?? id)
  } else {
    clear()
    return
  }
  event.preventDefault()
  event.stopPropagation()
}

/** Where what is dragged would go: before that row. */
const over = ref('')
const drag = (event: DragEvent, id: string) =>
  event.dataTransfer?.setData('application/x-waxbell-cues', JSON.stringify(ids.value.includes(id) ? ids.value : [id]))
const drop = (event: DragEvent, row: ListRow) => {
  const dragged = JSON.parse(event.dataTransfer?.getData('application/x-waxbell-cues') || '[]') as string[]
  over.value = ''
  if (dragged.length) {
    const first =
      row.kind === 'rack'
        ? wiring.cues.find((each) => each.cue.rack === row.rack.rack.id && !dragged.includes(each.cue.id))?.cue.id
        : row.kind === 'cue'
          ? row.view.cue.id
          : ''
    void move(dragged, row.rack.rack.id, dragged.includes(first ?? '') ? '' : (first ?? ''))
  }
}
const newRack = async () => {
  const id = free(
    'rack',
    wiring.racks.map((each) => each.rack.id),
  )
  await wiring.saveRack(0, { formatVersion: 1, id, name: 'New rack', on: true }).then(
    () => notes.say('There is a new rack; press its name twice to give it another.', true),
    (refusal: Error) => notes.say(refusal.message),
  )
  scrollTo(rows.value.length - 1)
}
const ITEMS = [
  { name: 'New rack', icon: FolderPlus, act: newRack },
  { name: 'Bring a wiring…', icon: FileUp, act: () => (bringing.value = true) },
  { name: 'Ready-made…', icon: LibraryBig, act: () => void router.push('/ready') },
  { name: 'Packs…', icon: Package, act: () => void router.push('/packs') },
  { name: 'Changes…', icon: History, act: () => (changes.value = true) },
]
defineExpose({
  find: () => field.value?.focus(),
  copy: (id: string) => copy(wiring.cues.filter((each) => each.cue.id === id)),
})
</script>

<template>
  <aside
    aria-label="Cues"
    class="flex w-[300px] flex-none flex-col border-r border-line max-[1000px]:w-[264px] 2xl:w-[380px]"
  >
    <CuesNav class="px-3 pt-2" />
    <div class="flex gap-2 px-3 py-2">
      <label class="relative flex-1">
        <Search :size="15" class="absolute top-2.5 left-2.5 text-soft" />
        <input
          ref="field"
          v-model="search"
          type="search"
          class="field h-9 pl-8"
          placeholder="Find"
          aria-label="Find a cue, word, part or viewer"
          @keydown.down.prevent="step(0, false)"
        />
      </label>
      <button class="button button-dark h-9" @click="emit('add')"><Plus :size="15" /> New cue</button>
      <Menu as="div" class="relative">
        <MenuButton class="button h-9 px-2" aria-label="The whole wiring"><Ellipsis :size="16" /></MenuButton>
        <MenuItems v-menu="'bottom-end'" class="sheet w-52 p-1 shadow-lg">
          <MenuItem v-slot="{ active }"
            ><a
              class="flex items-center gap-2 rounded-[8px] px-3 py-1.5"
              :class="active && 'bg-well'"
              href="/api/wiring/document"
              download="waxbell-wiring.json"
              ><Download :size="14" /> Carry the wiring out</a
            ></MenuItem
          >
          <MenuItem v-for="each in ITEMS" :key="each.name" v-slot="{ active }"
            ><button
              class="flex w-full items-center gap-2 rounded-[8px] px-3 py-1.5"
              :class="active && 'bg-well'"
              @click="each.act()"
            >
              <component :is="each.icon" :size="14" /> {{ each.name }}
            </button></MenuItem
          >
        </MenuItems>
      </Menu>
    </div>
    <div v-bind="containerProps" class="min-h-0 flex-1 px-3 pb-3" data-cues @keydown="keys">
      <ul v-bind="wrapperProps" aria-label="Cues in their racks">
        <li
          v-for="{ data: row } in list"
          :key="row.key"
          :style="{ height: HEIGHTS[row.kind] + 'px' }"
          class="pt-1"
          :class="over === row.key && 'before'"
          :draggable="row.kind === 'cue'"
          @dragstart="row.kind === 'cue' && drag($event, row.view.cue.id)"
          @dragover.prevent="over = row.key"
          @dragleave="over = ''"
          @drop.prevent="drop($event, row)"
        >
          <RackRow v-if="row.kind === 'rack'" :rack="row.rack" :count="row.count" />
          <CueRow
            v-else-if="row.kind === 'cue'"
            :view="row.view"
            :rack="row.rack"
            :open="row.view.cue.id === open"
            :chosen="ids.includes(row.view.cue.id)"
            draggable="false"
            @click.capture="press($event, row.view.cue.id)"
          />
          <p v-else class="text-[13px] text-soft">No cues yet.</p>
        </li>
      </ul>
      <p v-if="rows.length === 0 && search" class="py-2 text-soft">Nothing found.</p>
    </div>
    <ChosenBar
      v-if="ids.length > 0"
      :count="ids.length"
      @turn="turn"
      @copy="copy()"
      @remove="remove"
      @clear="clear"
      @move="move(ids, $event, '')"
    />
    <CarryDialog v-if="bringingEver" :open="bringing" @close="bringing = false" />
    <ChangesDialog v-if="changesEver" :open="changes" @close="changes = false" />
  </aside>
</template>

<style scoped>
.before {
  box-shadow: inset 0 2px 0 var(--honey);
}
</style>
