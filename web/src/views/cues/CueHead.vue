<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems, Switch } from '@headlessui/vue'
import { Ellipsis, FlaskConical } from '@lucide/vue'
import { computed } from 'vue'
import TheProblems from '@/components/cue/TheProblems.vue'
import { usePress } from '@/composables/useHandKeys'
import { problemsAt, useDrafts, type Draft } from '@/stores/drafts'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'
import { vMenu } from '@/lib/menu'

/** The head of a cue: its name, what viewers read of it, whether it is on, and what can be done with it. */
const props = defineProps<{ draft: Draft; remarks: number; trying: boolean }>()
const emit = defineEmits<{ remove: []; copy: []; try: []; remarks: [] }>()
const wiring = useWiring()
const drafts = useDrafts()
const live = useLive()
const notes = useNotes()
const press = usePress()
const cue = computed(() => props.draft.cue)
const view = computed(() => wiring.cue(cue.value.id))
const down = computed(() => live.missing(props.draft.look?.needs ?? view.value?.needs ?? []))
const rack = computed(() => wiring.racks.find((each) => each.rack.id === cue.value.rack))
const rackOn = () =>
  wiring.saveRack(rack.value!.version, { ...rack.value!.rack, on: true }).then(
    () => notes.say(`The rack ${rack.value!.rack.name} is on.`, true),
    (refusal: Error) => notes.say(refusal.message),
  )
const danger = computed(() => props.draft.look?.danger)
const hand = computed(() => cue.value.pulls.find((pull) => pull.kind === 'hand'))
const edit = (change: (cue: Draft['cue']) => void) => drafts.edit(cue.value.id, change)
const typed = (event: Event) => (event.target as HTMLInputElement).value
</script>

<template>
  <div class="flex flex-wrap items-center gap-3">
    <h1 class="min-w-[200px] flex-1">
      <input
        class="name -ml-1 w-full rounded-[8px] bg-transparent px-1 font-serif text-[24px] font-semibold"
        aria-label="Name of the cue"
        :value="cue.name"
        :aria-invalid="problemsAt(draft, 'name').length > 0"
        @input="edit((each) => (each.name = typed($event)))"
      />
    </h1>
    <label class="flex flex-none items-center gap-2 text-[13px]">
      <Switch
        :model-value="cue.on"
        class="relative h-[18px] w-8 rounded-full border transition-colors"
        :class="cue.on ? 'border-verdigris bg-verdigris' : 'border-edge bg-well'"
        aria-label="This cue is on"
        data-chip="on"
        @update:model-value="edit((each) => (each.on = $event))"
      >
        <span
          class="absolute top-[2px] h-3 w-3 rounded-full"
          :class="cue.on ? 'left-[16px] bg-sheet' : 'left-[3px] bg-edge'"
        />
      </Switch>
      {{ cue.on ? 'on' : 'off' }}
    </label>
    <button v-if="remarks" class="button flex-none" @click="emit('remarks')">Check-up: {{ remarks }}</button>
    <button v-if="hand" class="button flex-none" :title="hand.key" @click="press(cue.id)">
      {{ hand.button || hand.key }}
    </button>
    <button class="button button-dark flex-none" :aria-pressed="trying" @click="emit('try')">
      <FlaskConical :size="14" /> Try it
    </button>
    <Menu as="div" class="relative flex-none">
      <MenuButton class="button px-2" aria-label="More"><Ellipsis :size="16" /></MenuButton>
      <MenuItems v-menu="'bottom-end'" class="sheet w-44 p-1 shadow-lg">
        <MenuItem v-slot="{ active }"
          ><button
            class="block w-full rounded-[8px] px-3 py-1.5 text-left"
            :class="active && 'bg-well'"
            @click="emit('copy')"
          >
            Copy this cue
          </button></MenuItem
        >
        <MenuItem v-slot="{ active }"
          ><button
            class="block w-full rounded-[8px] px-3 py-1.5 text-left text-wax-words"
            :class="active && 'bg-well'"
            @click="emit('remove')"
          >
            Delete this cue
          </button></MenuItem
        >
      </MenuItems>
    </Menu>
  </div>
  <TheProblems :problems="problemsAt(draft, 'name')" />
  <div class="-mt-2 flex flex-wrap items-center gap-3 text-[13px]">
    <input
      class="field min-w-[160px] flex-1 border-transparent bg-transparent text-soft hover:border-edge focus:border-edge"
      aria-label="What viewers read of it"
      placeholder="What viewers read of it, in a few words"
      :value="cue.description"
      :aria-invalid="problemsAt(draft, 'description').length > 0"
      @input="edit((each) => (each.description = typed($event)))"
    />
    <span class="flex-none text-soft">today rang {{ view?.rang ?? 0 }} · held {{ view?.held ?? 0 }}</span>
    <label
      v-if="cue.pulls.some((each) => each.kind === 'chatWord')"
      class="flex flex-none items-center gap-1.5 text-soft"
      title="Whether {commands} and the page of words tell its word"
    >
      <input
        type="checkbox"
        :checked="cue.listed"
        @change="edit((each) => (each.listed = ($event.target as HTMLInputElement).checked))"
      />
      told to viewers
    </label>
  </div>
  <TheProblems :problems="problemsAt(draft, 'description')" />
  <p v-if="rack && !rack.rack.on" role="status" class="-mt-1 flex gap-1.5 text-[13px] text-wax-words">
    <span class="min-w-0 truncate">Its rack {{ rack.rack.name }} is off, so it does not ring.</span>
    <button class="flex-none rounded-[6px] underline" data-chip="rack" @click="rackOn">Switch the rack on</button>
  </p>
  <p
    v-if="danger"
    role="status"
    class="-mt-1 flex flex-wrap gap-x-1.5 text-[13px]"
    :class="!cue.allTheSame && 'text-wax-words'"
  >
    <span class="min-w-0">{{
      cue.allTheSame
        ? `Anyone may ${danger} by it, as you said.`
        : `Anyone may ${danger} by it, so it does not ring yet.`
    }}</span>
    <button
      class="flex-none rounded-[6px] underline"
      data-chip="allTheSame"
      @click="edit((each) => (each.allTheSame = !each.allTheSame))"
    >
      {{ cue.allTheSame ? 'Take that back' : 'On all the same' }}
    </button>
  </p>
  <p v-for="link in down" :key="link.id" role="status" class="-mt-1 flex gap-1.5 text-[13px] text-wax-words">
    <span class="min-w-0 truncate" :title="link.refusal">This cue needs what is not there: {{ link.refusal }}</span>
    <RouterLink to="/links" class="flex-none underline">See Links</RouterLink>
  </p>
</template>
