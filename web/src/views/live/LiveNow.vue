<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { ListEnd, RotateCcw, Square } from '@lucide/vue'
import { computed, ref } from 'vue'
import type { RingNotice } from '@/api/types'
import { useKinds } from '@/stores/kinds'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'
import { useWhy } from '@/stores/why'
import { useWiring } from '@/stores/wiring'

/** What plays and what waits, by lane, with stop, skip, again and "not tonight". */
const live = useLive()
const kinds = useKinds()
const why = useWhy()
const notes = useNotes()
const wiring = useWiring()
const now = ref(live.now())
useIntervalFn(() => (now.value = live.now()), 200)
const all = computed(() => [...live.rings.values()])
const playing = computed(() =>
  all.value.filter((each) => each.state === 'playing').flatMap((ring) => parts(ring).map((part) => ({ ring, part }))),
)
const parts = (ring: RingNotice) => ring.parts.filter((part) => part.from <= now.value && part.to > now.value)
const waiting = computed(() =>
  all.value.filter((each) => each.state === 'waiting').sort((one, other) => one.start - other.start),
)
const LATELY = 5
const past = computed(() =>
  all.value
    .filter((each) => each.state !== 'waiting' && each.state !== 'playing')
    .sort((one, other) => other.arrived - one.arrived)
    .slice(0, LATELY),
)
const lanes = computed(() =>
  kinds.lanes
    .map((lane) => ({ ...lane, bars: playing.value.filter((each) => each.part.lane === lane.lane) }))
    .filter((lane) => lane.bars.length),
)
const share = (part: RingNotice['parts'][number]) =>
  Math.min(100, Math.max(0, ((now.value - part.from) / Math.max(1, part.to - part.from)) * 100))
const left = (part: RingNotice['parts'][number]) => Math.max(0, (part.to - now.value) / 1_000).toFixed(1)
/** The cue is off from now on; what waits of it is dropped by that. */
const notTonight = async (ring: RingNotice) => {
  try {
    // As it is now: what is pressed in haste is not refused because this page had not heard of the newest edit.
    await wiring.load()
    const there = wiring.cues.find((each) => each.cue.id === ring.cueId)
    if (there) {
      await wiring.saveCue(there.version, { ...there.cue, on: false })
      notes.say(`${ring.cueName} is off.`, true)
    } else {
      notes.say(`${ring.cueName} is gone already.`)
    }
  } catch (refusal) {
    notes.say((refusal as Error).message)
  }
}
</script>

<template>
  <section class="sheet flex min-h-0 flex-col" aria-label="On now, and next">
    <header class="flex items-baseline gap-3 border-b border-line px-4 py-2.5">
      <h2 class="text-[18px]">On now, and next</h2>
      <span class="text-[13px] text-soft">{{ playing.length }} play, {{ waiting.length }} wait</span>
    </header>
    <div class="min-h-0 flex-1 overflow-auto px-4 py-1">
      <div v-for="lane in lanes" :key="lane.lane" class="border-b border-line py-1.5 last:border-0">
        <h3 class="text-[12.5px] text-soft">{{ lane.name }}</h3>
        <div
          v-for="each in lane.bars"
          :key="`${each.ring.number}.${each.part.id}`"
          class="flex items-center gap-2 py-0.5"
          data-plays
        >
          <span
            class="relative min-w-0 flex-1 overflow-hidden rounded-[7px] px-2.5 py-1"
            :class="`lane-${lane.lane} bar`"
          >
            <span class="absolute inset-y-0 left-0 bg-black/20" :style="{ width: share(each.part) + '%' }" />
            <span class="relative block truncate"
              >{{ each.ring.cueName
              }}<template v-if="each.ring.viewer">
                · <bdi>{{ each.ring.viewer }}</bdi></template
              ></span
            >
          </span>
          <span class="w-12 flex-none text-right font-mono text-[13px]">{{ left(each.part) }} s</span>
          <button
            class="button px-2"
            :aria-label="`Stop ${each.ring.cueName}`"
            @click="notes.tell(why.stop(each.ring.number))"
          >
            <Square :size="13" />
          </button>
        </div>
      </div>
      <div
        v-for="ring in waiting"
        :key="ring.number"
        class="flex items-center gap-2 border-b border-line py-1 last:border-0"
        data-waits
      >
        <span class="min-w-0 flex-1 truncate text-soft"
          >then {{ ring.cueName
          }}<template v-if="ring.viewer">
            · <bdi>{{ ring.viewer }}</bdi></template
          ></span
        >
        <button
          class="button px-2"
          :aria-label="`${ring.cueName} first`"
          title="Before the others"
          @click="notes.tell(why.next(ring.number))"
        >
          <ListEnd :size="13" class="rotate-180" />
        </button>
        <button class="button" @click="notes.tell(why.stop(ring.number))">Skip</button>
        <button class="button" title="The cue is off until you switch it on again" @click="notTonight(ring)">
          Not tonight
        </button>
      </div>
      <p v-if="!playing.length && !waiting.length" class="py-3 text-center text-soft">
        Nothing plays and nothing waits.
      </p>
      <div v-for="ring in past" :key="ring.number" class="flex items-center gap-2 py-0.5 text-[13.5px]" data-past>
        <span class="min-w-0 flex-1 truncate text-soft"
          >{{ ring.cueName
          }}<template v-if="ring.viewer">
            · <bdi>{{ ring.viewer }}</bdi></template
          ></span
        >
        <button
          class="button px-2"
          :aria-label="`${ring.cueName} again`"
          title="Again"
          @click="notes.tell(why.again(ring.number))"
        >
          <RotateCcw :size="13" />
        </button>
      </div>
    </div>
  </section>
</template>

<style scoped>
.bar {
  background: var(--fill);
  color: var(--on-fill, inherit);
}
</style>
