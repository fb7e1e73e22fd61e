<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { computed, ref } from 'vue'
import { longest } from '@/lib/plan'
import { asText, pieces, type ChipName } from '@/lib/sentence'
import { problemsAt, type Draft } from '@/stores/drafts'
import { useWiring } from '@/stores/wiring'
import ConditionChip from './ConditionChip.vue'
import CooldownChip from './CooldownChip.vue'
import HeldChip from './HeldChip.vue'
import WaitChip from './WaitChip.vue'
import WhoChip from './WhoChip.vue'
import WordsChip from './WordsChip.vue'

const props = defineProps<{ draft: Draft }>()
const wiring = useWiring()
const all = computed(() => pieces(props.draft.cue, (folder, file) => longest(wiring.shelf, folder, file), wiring.house))
const EDITORS = { words: WordsChip, who: WhoChip, cooldown: CooldownChip, condition: ConditionChip, wait: WaitChip, held: HeldChip }
const PATHS: Record<ChipName, string> = { words: 'pulls', who: 'gates', cooldown: 'gates', condition: 'gates[condition]', wait: 'longestWaitMs', held: 'whenHeld' }
const NAMES: Record<ChipName, string> = { words: 'Chat words', who: 'Who may', cooldown: 'Cooldown', condition: 'Condition', wait: 'Longest wait', held: 'When held' }
const wrong = (chip: ChipName) => {
  const at = props.draft.cue.gates.findIndex((gate) => gate.kind === chip)
  return problemsAt(props.draft, at < 0 ? PATHS[chip] : `gates[${at}]`).length > 0
}
/** The panel hangs below its chip, moved left where it would leave the sentence. */
const PANEL = 300
const hang = ref({ left: '0', top: '0' })
const place = (click: MouseEvent | KeyboardEvent) => {
  const chip = click.currentTarget as HTMLElement
  const room = (chip.offsetParent as HTMLElement).clientWidth
  hang.value = { left: `${Math.max(0, Math.min(chip.offsetLeft, room - PANEL))}px`, top: `${chip.offsetTop + chip.offsetHeight + 4}px` }
}
/** What stands in the place of a condition that there is not. */
const BARE = '+ a condition'
const isPunctuation = (text: string) => /^[,.]/.test(text)
</script>

<template>
  <section class="sheet relative px-4 py-3 text-[16px] leading-[34px]" :aria-label="asText(all)">
    <template v-for="(piece, at) in all" :key="'chip' in piece ? piece.chip : at">
      <Popover v-if="'chip' in piece" as="span">
        <PopoverButton class="chip" :class="[piece.mono && piece.text && 'font-mono text-[15px]', !piece.text && 'bare', wrong(piece.chip) && 'wrong']" :aria-label="`${NAMES[piece.chip]}: ${piece.text || BARE}`" @click="place">
          {{ piece.text || BARE }}
        </PopoverButton>
        <PopoverPanel class="sheet absolute z-30 w-[300px] p-3 text-[14px] leading-5 shadow-lg" :style="hang">
          <h3 class="mb-1 text-[16px]">{{ NAMES[piece.chip] }}</h3>
          <component :is="EDITORS[piece.chip]" :draft="draft" />
        </PopoverPanel>
      </Popover>
      <span v-else>{{ isPunctuation(piece.text) ? '' : ' ' }}{{ piece.text }}{{ isPunctuation(all[at + 1]?.text ?? '') ? '' : ' ' }}</span>
    </template>
  </section>
</template>
