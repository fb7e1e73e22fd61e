<script setup lang="ts">
import { Unplug } from '@lucide/vue'
import { computed } from 'vue'
import type { CueView, RackView } from '@/api/types'
import { useLive } from '@/stores/live'
import SmallScore from './SmallScore.vue'

/** A cue in the list: its name, its sentence in short, its score drawn small, and how often it rang and was held today. */
const props = defineProps<{ view: CueView; rack: RackView; open: boolean; chosen: boolean }>()
const live = useLive()
const missing = computed(() => live.missing(props.view.needs))
const words = computed(() => (props.view.cue.on ? '' : 'off · ') + props.view.brief)
</script>

<template>
  <RouterLink
    :id="`cue-${view.cue.id}`"
    :to="`/cues/${view.cue.id}`"
    class="sheet block h-[56px] px-3 py-1.5 hover:border-edge"
    :class="[open && 'chosen', chosen && 'several']"
    :aria-current="open ? 'true' : undefined"
    :aria-description="chosen ? 'chosen' : undefined"
  >
    <span class="flex items-center gap-2" :class="(!rack.rack.on || !view.cue.on) && 'text-soft'">
      <span class="min-w-0 flex-1 truncate font-semibold">{{ view.cue.name }}</span>
      <Unplug
        v-if="missing.length"
        :size="14"
        class="flex-none text-wax-words"
        role="img"
        :aria-label="missing.map((each) => each.refusal).join(' · ')"
        :title="missing.map((each) => each.refusal).join(' · ')"
      />
      <span
        v-if="view.rang || view.held"
        class="flex-none text-[12px] text-soft"
        :title="`today rang ${view.rang}, held ${view.held}`"
        >{{ view.rang
        }}<template v-if="view.held">
          · <span class="text-wax-words">{{ view.held }}</span></template
        ></span
      >
      <SmallScore :plan="view.sketch" />
    </span>
    <span class="block truncate text-[12.5px] text-soft">{{ words }}</span>
  </RouterLink>
</template>

<style scoped>
.several {
  background: var(--well);
  outline: 2px solid var(--honey);
  outline-offset: -2px;
}
</style>
