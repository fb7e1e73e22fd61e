<script setup lang="ts">
import { ArrowLeft, ArrowRight, Maximize2 } from '@lucide/vue'
import { computed } from 'vue'
import NothingYet from '@/components/NothingYet.vue'
import { usePress } from '@/composables/useHandKeys'
import { useLive } from '@/stores/live'
import { useWiring } from '@/stores/wiring'
import { inOrder, moved, type Arrangement } from './arrangement'

/** The host's buttons, in the host's order; one is lit while its cue plays. */
const props = defineProps<{ arrangement: Arrangement; arranging: boolean }>()
const emit = defineEmits<{ put: [Partial<Arrangement>] }>()
const live = useLive()
const wiring = useWiring()
const press = usePress()
const buttons = computed(() => wiring.buttons)
const order = computed(() =>
  inOrder(
    buttons.value.map((each) => each.id),
    props.arrangement.buttons,
  ),
)
const shown = computed(() => order.value.map((id) => buttons.value.find((each) => each.id === id)!))
const plays = computed(
  () => new Set([...live.rings.values()].filter((each) => each.state === 'playing').map((each) => each.cueId)),
)
const wide = (id: string) => props.arrangement.wide.includes(id)
const widen = (id: string) =>
  emit('put', {
    wide: wide(id) ? props.arrangement.wide.filter((each) => each !== id) : [...props.arrangement.wide, id],
  })
</script>

<template>
  <section class="sheet flex-none px-4 py-3" aria-label="My buttons">
    <h2 class="pb-2 text-[18px]">My buttons</h2>
    <div class="grid grid-cols-[repeat(auto-fill,minmax(118px,1fr))] gap-2">
      <div v-for="each in shown" :key="each.id" :class="wide(each.id) && 'col-span-2'" :data-button="each.id">
        <button
          class="w-full rounded-[10px] border px-3 py-2 text-left"
          :class="[
            plays.has(each.id) ? 'border-ink bg-honey text-[#2a211a]' : 'border-edge hover:bg-well',
            wide(each.id) && 'py-4 text-[18px]',
            !each.on && 'opacity-60',
          ]"
          :disabled="!each.on"
          @click="press(each.id)"
        >
          <b class="block truncate">{{ each.name }}</b>
          <span class="font-mono text-[12px] opacity-80">{{ each.on ? each.key || ' ' : 'off' }}</span>
        </button>
        <div v-if="arranging" class="flex justify-between pt-1">
          <button
            class="button px-1.5"
            :aria-label="`${each.name} to the left`"
            @click="$emit('put', { buttons: moved(order, each.id, -1) })"
          >
            <ArrowLeft :size="13" />
          </button>
          <button
            class="button px-1.5"
            :aria-label="`${each.name} large`"
            :aria-pressed="wide(each.id)"
            @click="widen(each.id)"
          >
            <Maximize2 :size="13" />
          </button>
          <button
            class="button px-1.5"
            :aria-label="`${each.name} to the right`"
            @click="$emit('put', { buttons: moved(order, each.id, 1) })"
          >
            <ArrowRight :size="13" />
          </button>
        </div>
      </div>
    </div>
    <NothingYet v-if="!shown.length">
      No cue has a button yet. Add <i>a button or key</i> to what sets a cue off, and it stands here.
    </NothingYet>
  </section>
</template>
