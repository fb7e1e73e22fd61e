<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems, Switch } from '@headlessui/vue'
import { Ellipsis, Plus } from '@lucide/vue'
import { computed, ref, watch } from 'vue'
import type { Part } from '@/api/types'
import CueSentence from '@/components/cue/CueSentence.vue'
import PartInspector from '@/components/score/PartInspector.vue'
import ScoreDrawing from '@/components/score/ScoreDrawing.vue'
import StagePreview from '@/components/score/StagePreview.vue'
import TheProblems from '@/components/cue/TheProblems.vue'
import { usePress } from '@/composables/useHandKeys'
import { useKeys } from '@/composables/useKeys'
import { newPart } from '@/lib/newCue'
import { sampleValues } from '@/lib/plan'
import { typedPull } from '@/lib/sentence'
import { problemsAt, useDrafts, type Draft } from '@/stores/drafts'
import { useLive } from '@/stores/live'
import { useWiring } from '@/stores/wiring'
import CueLately from './CueLately.vue'
import CueRemarks from './CueRemarks.vue'
import SaveState from './SaveState.vue'
import TheirsAndMine from './TheirsAndMine.vue'

const props = defineProps<{ draft: Draft }>()
defineEmits<{ remove: [] }>()
const wiring = useWiring()
const drafts = useDrafts()
const cue = computed(() => props.draft.cue)
const view = computed(() => wiring.cue(cue.value.id))
const parts = computed(() => cue.value.takes[0]!.score.parts)
const chosen = ref(parts.value[0]?.id ?? '')
watch(parts, (all) => {
  if (!all.some((part) => part.id === chosen.value)) {
    chosen.value = all[0]?.id ?? ''
  }
})

const live = useLive()
const down = computed(() => live.missing(view.value?.needs ?? []))
const edit = (change: (cue: Draft['cue']) => void) => drafts.edit(cue.value.id, change)
const hand = computed(() => cue.value.pulls.find((pull) => pull.kind === 'hand'))
const press = usePress()
const sounds = computed(() => wiring.shelf.find((each) => each.type.startsWith('audio/'))?.folder ?? '')
const add = (kind: Part['kind']) => {
  const part = newPart(kind, parts.value, {
    stage: wiring.stages[0]!.stage, folder: sounds.value, rack: cue.value.rack, slate: wiring.house.slate.map((each) => each.id),
    values: Object.keys(sampleValues(cue.value, wiring.view?.samples ?? {})),
  })
  edit((each) => each.takes[0]!.score.parts.push(part))
  chosen.value = part.id
}
const removePart = () => {
  const gone = chosen.value
  edit((each) => (each.takes[0]!.score.parts = each.takes[0]!.score.parts.filter((part) => part.id !== gone)))
}
useKeys({ delete: removePart })
const KINDS: { kind: Part['kind']; name: string }[] = [
  { kind: 'card', name: 'Card on a stage' },
  { kind: 'sound', name: 'Sound' },
  { kind: 'reply', name: 'Reply in chat' },
  { kind: 'clip', name: 'Make a clip' },
  { kind: 'switch', name: 'Switch something' },
  { kind: 'slate', name: 'Write on the slate' },
  { kind: 'points', name: 'Give points' },
]
/** What a part of a kind would stand on and is not there. */
const missing = computed<Partial<Record<Part['kind'], string>>>(() => ({
  ...(sounds.value ? {} : { sound: 'no sound is on the shelf' }),
  ...(wiring.house.slate.length > 0 ? {} : { slate: 'nothing is on the slate' }),
}))
/** What belongs to the score as a whole; the parts show their own. */
const ofScore = computed(() => problemsAt(props.draft, 'takes').filter((each) => !/parts\[\d+\]/.test(each.path)))
</script>

<template>
  <div class="flex min-w-0 flex-1 overflow-hidden">
    <div class="flex min-w-0 flex-1 flex-col gap-3 overflow-auto p-4">
      <div class="flex items-center gap-3">
        <h1 class="min-w-0 flex-1">
          <input
            class="name -ml-1 w-full rounded-[8px] bg-transparent px-1 font-serif text-[25px] font-semibold"
            aria-label="Name of the cue"
            :value="cue.name"
            :aria-invalid="problemsAt(draft, 'name').length > 0"
            @input="edit((each) => (each.name = ($event.target as HTMLInputElement).value))"
          />
        </h1>
        <span class="flex-none text-[13px] text-soft">today rang {{ view?.rang ?? 0 }} · held {{ view?.held ?? 0 }}</span>
        <label class="flex flex-none items-center gap-2 text-[13px]">
          <Switch
            :model-value="cue.on"
            class="relative h-[18px] w-8 rounded-full border transition-colors"
            :class="cue.on ? 'border-verdigris bg-verdigris' : 'border-edge bg-well'"
            aria-label="This cue is on"
            @update:model-value="edit((each) => (each.on = $event))"
          >
            <span class="absolute top-[2px] h-3 w-3 rounded-full" :class="cue.on ? 'left-[16px] bg-sheet' : 'left-[3px] bg-edge'" />
          </Switch>
          {{ cue.on ? 'on' : 'off' }}
        </label>
        <button v-if="hand" class="button flex-none" :title="hand.key" @click="press(cue.id)">{{ hand.button || hand.key }}</button>
        <Menu as="div" class="relative flex-none">
          <MenuButton class="button" aria-label="More"><Ellipsis :size="16" /></MenuButton>
          <MenuItems class="sheet absolute right-0 z-30 mt-1 w-44 p-1 shadow-lg">
            <MenuItem v-slot="{ active }">
              <button class="block w-full rounded-[8px] px-3 py-1.5 text-left text-wax-words" :class="active && 'bg-well'" @click="$emit('remove')">Delete this cue</button>
            </MenuItem>
          </MenuItems>
        </Menu>
      </div>
      <TheProblems :problems="problemsAt(draft, 'name')" />
      <div class="-mt-2 flex items-center gap-3 text-[13px]">
        <input
          class="field min-w-0 flex-1 border-transparent bg-transparent text-soft hover:border-edge focus:border-edge"
          aria-label="What viewers read of it"
          placeholder="What viewers read of it, in a few words"
          :value="cue.description"
          :aria-invalid="problemsAt(draft, 'description').length > 0"
          @input="edit((each) => (each.description = ($event.target as HTMLInputElement).value))"
        />
        <label v-if="typedPull(cue)" class="flex flex-none items-center gap-1.5 text-soft" title="Whether {commands} tells its word to those who may use it">
          <input type="checkbox" :checked="cue.listed" @change="edit((each) => (each.listed = ($event.target as HTMLInputElement).checked))" /> told to viewers
        </label>
      </div>
      <TheProblems :problems="problemsAt(draft, 'description')" />
      <p v-for="link in down" :key="link.id" role="status" class="text-[13px] text-wax-words">
        This cue needs what is not there: {{ link.refusal }}. <RouterLink to="/links" class="underline">See Links</RouterLink>
      </p>
      <CueSentence :draft="draft" />
      <ScoreDrawing :draft="draft" :chosen="chosen" @choose="chosen = $event" />
      <TheProblems :problems="ofScore" />
      <div class="flex items-center gap-2">
        <Menu as="div" class="relative">
          <MenuButton class="button"><Plus :size="15" /> Part</MenuButton>
          <MenuItems class="sheet absolute bottom-full left-0 z-30 mb-1 w-44 p-1 shadow-lg">
            <MenuItem v-for="each in KINDS" :key="each.kind" v-slot="{ active }" :disabled="missing[each.kind] !== undefined">
              <button class="block w-full rounded-[8px] px-3 py-1.5 text-left" :class="[active && 'bg-well', missing[each.kind] && 'text-soft']" @click="add(each.kind)">
                {{ each.name }}<span v-if="missing[each.kind]" class="block text-[12px]">{{ missing[each.kind] }}</span>
              </button>
            </MenuItem>
          </MenuItems>
        </Menu>
        <SaveState class="ml-auto" :draft="draft" />
      </div>
      <TheirsAndMine :draft="draft" />
      <CueRemarks :draft="draft" />
      <CueLately :cue-id="cue.id" />
    </div>
    <aside aria-label="Stage and part" class="flex w-[316px] flex-none flex-col gap-3 overflow-auto border-l border-line bg-sheet p-3">
      <StagePreview />
      <PartInspector :key="chosen" :draft="draft" :chosen="chosen" @remove="removePart" />
    </aside>
  </div>
</template>
