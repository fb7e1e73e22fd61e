<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems, Switch } from '@headlessui/vue'
import { Download, Ellipsis, FileUp, History, Plus, Search, Unplug } from '@lucide/vue'
import CarryDialog from '@/components/carry/CarryDialog.vue'
import ChangesDialog from '@/components/carry/ChangesDialog.vue'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { CueView, RackView } from '@/api/types'
import { brief, wordsOf } from '@/lib/sentence'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'
import SmallScore from './SmallScore.vue'

const props = defineProps<{ open: string | undefined }>()
defineEmits<{ add: [] }>()
const wiring = useWiring()
const notes = useNotes()
const live = useLive()
const missing = (view: CueView) => live.missing(view.needs).map((each) => each.refusal).join(' · ')
const router = useRouter()
const search = ref('')
const bringing = ref(false)
const changes = ref(false)
const field = ref<HTMLInputElement | null>(null)
defineExpose({ find: () => field.value?.focus() })

const found = (view: CueView) => {
  const wanted = search.value.trim().toLowerCase()
  const texts = [view.cue.name, ...wordsOf(view.cue), ...view.cue.takes.flatMap((take) => take.score.parts.map((part) => part.kind))]
  return !wanted || texts.some((text) => text.toLowerCase().includes(wanted))
}
const racks = computed(() => wiring.racks.map((rack) => ({ ...rack, cues: wiring.cues.filter((each) => each.cue.rack === rack.rack.id && found(each)) })))
const shown = computed(() => racks.value.flatMap((rack) => rack.cues))

const step = (by: number) => {
  const at = shown.value.findIndex((each) => each.cue.id === props.open)
  const next = shown.value[Math.min(shown.value.length - 1, Math.max(0, at + by))]
  if (next) {
    void router.replace(`/cues/${next.cue.id}`)
    document.getElementById(`cue-${next.cue.id}`)?.focus()
  }
}
const turn = (rack: RackView, on: boolean) =>
  wiring.saveRack(rack.version, { ...rack.rack, on }).catch((refusal: Error) => notes.say(refusal.message))
</script>

<template>
  <aside aria-label="Cues" class="flex w-[300px] flex-none flex-col border-r border-line">
    <div class="flex gap-2 p-3 pb-2">
      <label class="relative flex-1">
        <Search :size="15" class="absolute top-2.5 left-2.5 text-soft" />
        <input ref="field" v-model="search" type="search" class="field h-9 pl-8" placeholder="Find" aria-label="Find a cue, word or part" />
      </label>
      <button class="button button-dark h-9" @click="$emit('add')"><Plus :size="15" /> New cue</button>
      <Menu as="div" class="relative">
        <MenuButton class="button h-9 px-2" aria-label="The whole wiring"><Ellipsis :size="16" /></MenuButton>
        <MenuItems class="sheet absolute right-0 z-30 mt-1 w-52 p-1 shadow-lg">
          <MenuItem v-slot="{ active }"><a class="flex items-center gap-2 rounded-[8px] px-3 py-1.5" :class="active && 'bg-well'" href="/api/wiring/document" download="waxbell-wiring.json"><Download :size="14" /> Carry the wiring out</a></MenuItem>
          <MenuItem v-slot="{ active }"><button class="flex w-full items-center gap-2 rounded-[8px] px-3 py-1.5" :class="active && 'bg-well'" @click="bringing = true"><FileUp :size="14" /> Bring a wiring…</button></MenuItem>
          <MenuItem v-slot="{ active }"><button class="flex w-full items-center gap-2 rounded-[8px] px-3 py-1.5" :class="active && 'bg-well'" @click="changes = true"><History :size="14" /> Changes…</button></MenuItem>
        </MenuItems>
      </Menu>
    </div>
    <div class="min-h-0 flex-1 overflow-auto px-3 pb-3" @keydown.down.prevent="step(1)" @keydown.up.prevent="step(-1)">
      <section v-for="rack in racks" :key="rack.rack.id" :aria-label="rack.rack.name" class="mb-3">
        <h2 class="flex items-center gap-2 py-1.5 font-sans text-[13px] text-soft">
          <span class="flex-1">{{ rack.rack.name }} · {{ rack.cues.length }}</span>
          <Switch
            :model-value="rack.rack.on"
            class="relative h-[18px] w-8 rounded-full border transition-colors"
            :class="rack.rack.on ? 'border-verdigris bg-verdigris' : 'border-edge bg-well'"
            :aria-label="`Rack ${rack.rack.name}`"
            @update:model-value="turn(rack, $event)"
          >
            <span class="absolute top-[2px] h-3 w-3 rounded-full transition-[left]" :class="rack.rack.on ? 'left-[16px] bg-sheet' : 'left-[3px] bg-edge'" />
          </Switch>
        </h2>
        <ul class="flex flex-col gap-1.5">
          <li v-for="each in rack.cues" :key="each.cue.id">
            <RouterLink
              :id="`cue-${each.cue.id}`"
              :to="`/cues/${each.cue.id}`"
              class="sheet block px-3 py-2 hover:border-edge"
              :class="each.cue.id === open && 'chosen'"
              :aria-current="each.cue.id === open ? 'true' : undefined"
            >
              <span class="flex items-center gap-2" :class="(!rack.rack.on || !each.cue.on) && 'text-soft'">
                <span class="min-w-0 flex-1 truncate font-semibold">{{ each.cue.name }}</span>
                <Unplug v-if="live.missing(each.needs).length" :size="14" class="flex-none text-wax-words" role="img" :aria-label="missing(each)" :title="missing(each)" />
                <SmallScore :cue="each.cue" />
              </span>
              <span class="block truncate pt-0.5 text-[12.5px] text-soft">{{ each.cue.on ? brief(each.cue, wiring.house) : `off · ${brief(each.cue, wiring.house)}` }}</span>
            </RouterLink>
          </li>
        </ul>
        <p v-if="rack.cues.length === 0" class="py-1 text-[13px] text-soft">{{ search ? 'Nothing found here.' : 'No cues yet.' }}</p>
      </section>
    </div>
    <CarryDialog :open="bringing" @close="bringing = false" />
    <ChangesDialog :open="changes" @close="changes = false" />
  </aside>
</template>
