<script setup lang="ts">
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions, Dialog, DialogPanel } from '@headlessui/vue'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { ask } from '@/api/http'
import type { Viewer } from '@/api/types'
import { findActs, type Act } from '@/lib/acts'
import { isFound } from '@/lib/cueList'
import { useFirst } from '@/stores/first'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'
import { useWhy } from '@/stores/why'
import { useWiring } from '@/stores/wiring'

/** Goes anywhere and does anything by typing: cues, viewers, places, acts. */
const props = defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: []; keys: []; history: ['undo' | 'redo'] }>()
const wiring = useWiring()
const live = useLive()
const first = useFirst()
const notes = useNotes()
const why = useWhy()
const router = useRouter()
const typed = ref('')
const viewers = ref<Viewer[]>([])
watch(
  () => props.open,
  (open) => {
    if (open) {
      typed.value = ''
      ask<Viewer[]>('GET', '/practice/viewers').then(
        (all) => (viewers.value = all),
        () => undefined,
      )
    }
  },
  { immediate: true },
)
const done = (act: Promise<unknown>) => void act.catch((failed: Error) => notes.say(failed.message))
const go = (path: string) => () => void router.push(path)
const acts = computed<Act[]>(() => [
  { name: 'New cue', says: 'N', also: 'command alert timer add', act: go('/cues?new') },
  ...(wiring.view?.history.undo
    ? [{ name: 'Undo', says: `${wiring.view.history.undo} · Ctrl+Z`, also: '', act: () => emit('history', 'undo') }]
    : []),
  ...(wiring.view?.history.redo
    ? [
        {
          name: 'Redo',
          says: `${wiring.view.history.redo} · Ctrl+Shift+Z`,
          also: '',
          act: () => emit('history', 'redo'),
        },
      ]
    : []),
  {
    name: live.shutters.down ? 'Lift the shutters' : 'Let the shutters down',
    says: 'strangers ring nothing while they are down',
    also: 'flood raid bots lockdown quiet moderation',
    act: () => done(live.shut(!live.shutters.down)),
  },
  { name: 'Cues', says: 'place', also: 'commands alerts', act: go('/cues') },
  { name: 'People', says: 'place', also: 'viewers users points entrance', act: go('/people') },
  { name: 'The ledger', says: 'place', also: 'points balance currency', act: go('/people/ledger') },
  { name: 'Slate', says: 'place', also: 'variables counters values', act: go('/slate') },
  { name: 'Words for viewers', says: 'place', also: 'commands list page print', act: go('/viewers') },
  { name: 'Health', says: 'place', also: 'support log memory processor disk slow', act: go('/health') },
  { name: 'Check-up', says: 'place', also: 'problems errors warnings', act: go('/checkup') },
  { name: 'Ready-made pieces', says: 'place', also: 'templates examples starters gallery presets', act: go('/ready') },
  { name: 'Packs', says: 'place', also: 'export import share backup zip', act: go('/packs') },
  { name: 'Links', says: 'place', also: 'connections channel mixer irc', act: go('/links') },
  { name: 'Stages', says: 'place', also: 'overlays browser source layout', act: go('/stages') },
  { name: 'Looks', says: 'place', also: 'styles themes cards', act: go('/looks') },
  { name: 'Rehearse', says: 'place', also: 'simulate test', act: go('/rehearse') },
  { name: 'Journal', says: 'what was decided and why', also: 'log history', act: () => (why.journal = true) },
  {
    name: live.evening.show > 0 ? 'Close the show' : 'Open the show',
    says: '',
    also: 'start stream end evening',
    act: () => done(live.show(live.evening.show === 0)),
  },
  {
    name: live.evening.onAir ? 'Say that we are off air' : 'Say that we are on air',
    says: '',
    also: 'live',
    act: () => done(live.air(!live.evening.onAir)),
  },
  { name: 'Hush', says: 'ends everything on air now', also: 'stop silence panic', act: () => done(live.hush()) },
  { name: 'Help', says: '?', also: 'keys shortcuts what is this', act: () => emit('keys') },
  { name: 'The guide', says: 'place', also: 'documentation manual help how', act: go('/guide') },
  {
    name: 'First evening',
    says: 'the few steps to an open show',
    also: 'begin start tutorial onboarding',
    act: () => done(first.put(false)),
  },
])
const MOST = 30
const found = computed<Act[]>(() => {
  const wanted = typed.value.trim()
  // What bears the name that was typed stands before what only has it somewhere.
  const named = (each: (typeof wiring.cues)[number]) => each.cue.name.toLowerCase().includes(wanted.toLowerCase())
  const cues = wiring.cues
    .filter((each) => wanted && isFound(each, wanted))
    .sort((one, other) => Number(named(other)) - Number(named(one)))
    .slice(0, MOST)
    .map((each) => ({
      name: each.cue.name,
      says: each.brief,
      also: '',
      act: go(`/cues/${each.cue.id}`),
    }))
  const stages = wiring.stages
    .filter((each) => wanted && each.stage.name.toLowerCase().includes(wanted.toLowerCase()))
    .map((each) => ({
      name: `Stage ${each.stage.name}`,
      says: `${each.stage.width} × ${each.stage.height}`,
      also: '',
      act: go(`/stages/${each.stage.id}`),
    }))
  const people = viewers.value
    .filter((each) => wanted && each.name.toLowerCase().includes(wanted.toLowerCase()))
    .map((each) => ({
      name: `Type as ${each.name}`,
      says: each.standings[0] ?? '',
      also: '',
      act: () => live.typeAs(each.name),
    }))
  return [...findActs(acts.value, wanted), ...cues, ...stages, ...people].slice(0, MOST)
})
const choose = (act: Act | null) => {
  emit('close')
  act?.act()
}
</script>

<template>
  <Dialog :open="open" class="relative z-50" aria-label="Go or do" @close="emit('close')">
    <div class="fixed inset-0 bg-rope/50" aria-hidden="true" />
    <div class="fixed inset-0 flex justify-center p-4 pt-[12vh]">
      <DialogPanel class="sheet h-fit w-[560px] overflow-hidden shadow-lg">
        <Combobox :model-value="null" @update:model-value="choose">
          <ComboboxInput
            class="w-full border-b border-line bg-transparent px-4 py-3 text-[16px] outline-none"
            placeholder="A cue, a viewer, a place, or what to do"
            aria-label="Go or do"
            autocomplete="off"
            @change="typed = $event.target.value"
          />
          <ComboboxOptions static class="max-h-[46vh] overflow-auto p-1">
            <ComboboxOption v-for="(each, at) in found" :key="at + each.name" v-slot="{ active }" :value="each">
              <span class="flex items-baseline gap-3 rounded-[8px] px-3 py-1.5" :class="active && 'bg-well'"
                ><span class="flex-none">{{ each.name }}</span
                ><span class="min-w-0 flex-1 truncate text-right text-[12.5px] text-soft">{{ each.says }}</span></span
              >
            </ComboboxOption>
            <li v-if="found.length === 0" class="px-3 py-2 text-soft">Nothing found.</li>
          </ComboboxOptions>
        </Combobox>
      </DialogPanel>
    </div>
  </Dialog>
</template>
