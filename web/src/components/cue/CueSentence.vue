<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems, Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { computed, nextTick, ref, watch } from 'vue'
import type { Gate, Pull } from '@/api/types'
import { useGround } from '@/composables/useGround'
import { freeGates, newGate, PULLS } from '@/lib/kinds'
import { longest } from '@/lib/plan'
import { asText, GATE_TITLES, pieces, type ChipName } from '@/lib/sentence'
import { problemsAt, useDrafts, type Draft } from '@/stores/drafts'
import { useWiring } from '@/stores/wiring'
import GateChip from './GateChip.vue'
import HeldChip from './HeldChip.vue'
import PullChip from './PullChip.vue'
import TakesChip from './TakesChip.vue'
import WaitChip from './WaitChip.vue'

const props = defineProps<{ draft: Draft; look?: string }>()
const emit = defineEmits<{ take: []; looked: [] }>()
const wiring = useWiring()
const drafts = useDrafts()
const ground = useGround(() => props.draft.cue.id)
const all = computed(() => pieces(props.draft.cue, (folder, file) => longest(wiring.shelf, folder, file), wiring.house))

const NAMES: Record<string, string> = {
  ...GATE_TITLES,
  wait: 'Waiting',
  held: 'When held',
  takes: 'Takes',
  chatWord: 'Chat words',
  event: 'Event',
}
/** What a chip is about: its editor, its name, and the place in the document whose mistakes it shows. */
const about = (chip: ChipName) => {
  const [sort, rest] = chip.split(':') as [string, string | undefined]
  if (sort === 'pull') {
    const kind = props.draft.cue.pulls[Number(rest)]?.kind ?? ''
    return {
      editor: PullChip,
      bind: { at: Number(rest) },
      name: NAMES[kind] ?? `When ${PULLS[kind as keyof typeof PULLS]?.name ?? ''}`,
      path: `pulls[${rest}]`,
    }
  }
  if (sort === 'gate') {
    const at = props.draft.cue.gates.findIndex((gate) => gate.kind === rest)
    return {
      editor: GateChip,
      bind: { kind: rest as Gate['kind'] },
      name: NAMES[rest!]!,
      path: at < 0 ? 'gates[none]' : `gates[${at}]`,
    }
  }
  return {
    wait: { editor: WaitChip, bind: {}, name: NAMES.wait!, path: 'longestWaitMs' },
    held: { editor: HeldChip, bind: {}, name: NAMES.held!, path: 'whenHeld' },
    takes: { editor: TakesChip, bind: {}, name: NAMES.takes!, path: 'takeRule' },
  }[sort as 'wait']
}
const wrong = (chip: ChipName) => problemsAt(props.draft, about(chip).path).length > 0
const nothing = computed(() => props.draft.problems.filter((each) => each.path === 'pulls'))

/** The panel hangs below its chip, moved left where it would leave the sentence. */
const PANEL = 340
const sheet = ref<HTMLElement | null>(null)
const hang = ref({ left: '0', top: '0' })
const place = (click: Event) => {
  const chip = click.currentTarget as HTMLElement
  const room = sheet.value!.clientWidth
  hang.value = {
    left: `${Math.max(0, Math.min(chip.offsetLeft, room - PANEL))}px`,
    top: `${chip.offsetTop + chip.offsetHeight + 4}px`,
  }
}
const openChip = async (chip: string) => {
  await nextTick()
  sheet.value?.querySelector<HTMLElement>(`[data-chip="${chip}"]`)?.click()
  emit('looked')
}
watch(
  () => props.look,
  (chip) => chip && void openChip(chip),
  { immediate: true, flush: 'post' },
)

const edit = (change: Parameters<typeof drafts.edit>[1]) => drafts.edit(props.draft.cue.id, change)
const addPull = (kind: string) => {
  const pull =
    kind === 'event'
      ? { kind: 'event' as const, event: 'gift', atLeast: {}, exactly: {} }
      : PULLS[kind as keyof typeof PULLS].make(ground.value)
  edit((cue) => cue.pulls.push(pull as Pull))
  void openChip(`pull:${props.draft.cue.pulls.length - 1}`)
}
const addGate = (kind: Gate['kind']) => {
  edit((cue) => cue.gates.push(newGate(kind, ground.value)))
  void openChip(`gate:${kind}`)
}
const KINDS = Object.entries(PULLS).map(([kind, each]) => ({ kind, name: each.name }))
const CHANNEL = { kind: 'event', name: 'something happens on the channel' }
const offered = computed(() => ({
  pull: [...KINDS.slice(0, 3), CHANNEL, ...KINDS.slice(3)],
  gate: freeGates(props.draft.cue) as { kind: string; name: string }[],
}))
const add = (sort: 'pull' | 'gate', kind: string) => (sort === 'pull' ? addPull(kind) : addGate(kind as Gate['kind']))
const isPunctuation = (text: string) => /^[,.;]/.test(text)
</script>

<template>
  <section ref="sheet" class="sheet relative px-4 py-2.5 text-[16px] leading-[32px]" :aria-label="asText(all)">
    <template v-for="(piece, at) in all" :key="'chip' in piece ? piece.chip : at">
      <Popover v-if="'chip' in piece" as="span">
        <PopoverButton
          class="chip"
          :class="[piece.mono && 'font-mono text-[15px]', wrong(piece.chip) && 'wrong']"
          :data-chip="piece.chip"
          :aria-label="`${about(piece.chip).name}: ${piece.text}`"
          @click="place"
          @keydown="place"
          >{{ piece.text }}</PopoverButton
        >
        <PopoverPanel class="sheet absolute z-30 w-[340px] p-3 text-[14px] leading-5 shadow-lg" :style="hang">
          <h2 class="mb-1 text-[16px]">{{ about(piece.chip).name }}</h2>
          <component :is="about(piece.chip).editor" :draft="draft" v-bind="about(piece.chip).bind as any" />
        </PopoverPanel>
      </Popover>
      <button v-else-if="'add' in piece && piece.add === 'take'" type="button" class="chip bare" @click="emit('take')">
        {{ piece.text }}
      </button>
      <Menu v-else-if="'add' in piece" as="span">
        <MenuButton class="chip bare" @click="place" @keydown="place">{{ piece.text }}</MenuButton>
        <MenuItems
          class="sheet absolute z-30 max-h-72 w-[280px] overflow-auto p-1 text-[14px] leading-5 shadow-lg"
          :style="hang"
        >
          <MenuItem v-for="each in offered[piece.add as 'pull' | 'gate']" :key="each.kind" v-slot="{ active }">
            <button
              class="block w-full rounded-[8px] px-3 py-1 text-left"
              :class="active && 'bg-well'"
              @click="add(piece.add as 'pull' | 'gate', each.kind)"
            >
              {{ each.name }}
            </button>
          </MenuItem>
        </MenuItems>
      </Menu>
      <span v-else
        >{{ isPunctuation(piece.text) ? '' : ' ' }}{{ piece.text
        }}{{ isPunctuation(all[at + 1]?.text ?? '') ? '' : ' ' }}</span
      >
    </template>
    <p v-for="each in nothing" :key="each.message" role="alert" class="text-[12.5px] leading-5 text-wax-words">
      {{ each.message }} {{ each.remedy }}
    </p>
  </section>
</template>
