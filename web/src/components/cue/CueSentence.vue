<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems, Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { computed, nextTick, ref, watch } from 'vue'
import type { Added, Gate, Piece } from '@/api/types'
import { ask } from '@/api/http'
import { useTurns } from '@/composables/useTurns'
import { problemsAt, useDrafts, type Draft } from '@/stores/drafts'
import { useKinds } from '@/stores/kinds'
import { useNotes } from '@/stores/notes'
import { vMenu } from '@/lib/menu'
import GateChip from './GateChip.vue'
import HeldChip from './HeldChip.vue'
import PullChip from './PullChip.vue'
import TakesChip from './TakesChip.vue'
import WaitChip from './WaitChip.vue'

const props = defineProps<{ draft: Draft; look?: string }>()
const emit = defineEmits<{ take: []; looked: [] }>()
const kinds = useKinds()
const notes = useNotes()
const drafts = useDrafts()
const all = computed<Piece[]>(() => props.draft.look?.sentence ?? [])
const NAMES = { wait: 'Waiting', held: 'When held', takes: 'Takes' }
/** What a chip is about: its editor, its name, and the place in the document whose mistakes it shows. */
const about = (chip: string) => {
  const [sort, rest] = chip.split(':') as [string, string | undefined]
  if (sort === 'pull') {
    const kind = props.draft.cue.pulls[Number(rest)]?.kind ?? ''
    return {
      editor: PullChip,
      bind: { at: Number(rest) },
      name: kinds.pull(kind).label,
      path: `pulls[${rest}]`,
    }
  }
  if (sort === 'gate') {
    const at = props.draft.cue.gates.findIndex((gate) => gate.kind === rest)
    return {
      editor: GateChip,
      bind: { kind: rest as Gate['kind'] },
      name: kinds.gate(rest!).label,
      path: at < 0 ? 'gates[none]' : `gates[${at}]`,
    }
  }
  return {
    wait: { editor: WaitChip, bind: {}, name: NAMES.wait, path: 'longestWaitMs' },
    held: { editor: HeldChip, bind: {}, name: NAMES.held, path: 'whenHeld' },
    takes: { editor: TakesChip, bind: {}, name: NAMES.takes, path: 'takeRule' },
  }[sort as 'wait']
}
const wrong = (chip: string) => problemsAt(props.draft, about(chip).path).length > 0
const nothing = computed(() => props.draft.problems.filter((each) => each.path === 'pulls'))

const sheet = ref<HTMLElement | null>(null)
const openChip = async (chip: string) => {
  await nextTick()
  sheet.value?.querySelector<HTMLElement>(`[data-chip="${chip}"]`)?.click()
  emit('looked')
}
// A chip that is asked for by its address stands there only when the server has said the sentence.
watch(
  () => (all.value.length ? props.look : ''),
  (chip) => chip && void openChip(chip),
  { immediate: true, flush: 'post' },
)

const edit = (change: Parameters<typeof drafts.edit>[1]) => drafts.edit(props.draft.cue.id, change)
/** Adds what the server makes of a kind, and opens it. */
const inTurn = useTurns()
const add = (family: 'pull' | 'gate', kind: string) => inTurn(() => adding(family, kind))
const adding = async (family: 'pull' | 'gate', kind: string) => {
  if (family === 'gate' && props.draft.cue.gates.some((each) => each.kind === kind)) {
    return
  }
  try {
    const { pull, gate } = await ask<Added>('POST', '/cues/add', { cue: props.draft.cue, family, kind, take: 0 })
    edit((cue) => (pull ? cue.pulls.push(pull) : cue.gates.push(gate!)))
    await drafts.look(props.draft.cue.id)
    void openChip(pull ? `pull:${props.draft.cue.pulls.length - 1}` : `gate:${kind}`)
  } catch (refusal) {
    notes.say((refusal as Error).message)
  }
}
const titled = (each: { name: string; title: string }) => ({ kind: each.name, name: each.title })
const ADDS = computed(() => [
  { family: 'pull' as const, text: '+ when', offered: kinds.all.pulls.map(titled) },
  {
    family: 'gate' as const,
    text: '+ only if',
    offered: kinds.all.gates.filter((each) => props.draft.look?.gates.includes(each.name)).map(titled),
  },
])
const isPunctuation = (text: string) => /^[,.;]/.test(text)
</script>

<template>
  <section
    ref="sheet"
    class="sheet relative flex-none px-4 py-2.5 text-[16px] leading-[32px]"
    :aria-label="draft.look?.text ?? 'The sentence of the cue'"
  >
    <template v-for="(piece, at) in all" :key="piece.chip || at">
      <Popover v-if="piece.chip" as="span">
        <PopoverButton
          class="chip"
          :class="[piece.code && 'font-mono text-[15px]', wrong(piece.chip) && 'wrong']"
          :data-chip="piece.chip"
          :aria-label="`${about(piece.chip).name}: ${piece.text}`"
          >{{ piece.text }}</PopoverButton
        >
        <PopoverPanel v-menu="'bottom-start'" class="sheet w-[340px] p-3 text-[14px] leading-5 shadow-lg">
          <h2 class="mb-1 text-[16px]">{{ about(piece.chip).name }}</h2>
          <component :is="about(piece.chip).editor" :draft="draft" v-bind="about(piece.chip).bind as any" />
        </PopoverPanel>
      </Popover>
      <span v-else
        >{{ isPunctuation(piece.text) ? '' : ' ' }}{{ piece.text
        }}{{ isPunctuation(all[at + 1]?.text ?? '') ? '' : ' ' }}</span
      >
    </template>
    <template v-if="all.length">
      <Menu v-for="more in ADDS" :key="more.family" as="span">
        <MenuButton class="chip bare">{{ more.text }}</MenuButton>
        <MenuItems
          v-menu="'bottom-start'"
          class="sheet max-h-72 w-[280px] overflow-auto p-1 text-[14px] leading-5 shadow-lg"
        >
          <MenuItem v-for="each in more.offered" :key="each.kind" v-slot="{ active }">
            <button
              class="block w-full rounded-[8px] px-3 py-1 text-left"
              :class="active && 'bg-well'"
              @click="add(more.family, each.kind)"
            >
              {{ each.name }}
            </button>
          </MenuItem>
        </MenuItems>
      </Menu>
      <button type="button" class="chip bare" @click="emit('take')">+ take</button>
    </template>
    <p v-for="each in nothing" :key="each.message" role="alert" class="text-[12.5px] leading-5 text-wax-words">
      {{ each.message }} {{ each.remedy }}
    </p>
  </section>
</template>
