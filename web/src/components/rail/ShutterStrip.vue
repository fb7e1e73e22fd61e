<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { digits } from '@/lib/clock'
import { minuteOfDay } from '@/lib/spans'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'

/** Says on every screen that the shutters are down, until when and why, and lifts them. */
const live = useLive()
const notes = useNotes()
const now = ref(live.now())
useIntervalFn(() => (now.value = live.now()), 1_000)
const until = computed(() =>
  live.shutters.until > 0
    ? `until ${minuteOfDay(live.shutters.until)}, for ${digits(Math.max(0, live.shutters.until - now.value), true)} yet`
    : 'until they are lifted',
)
const lift = () => live.shut(false).catch((failed: Error) => notes.say(failed.message))
</script>

<template>
  <div
    v-if="live.shutters.down"
    role="status"
    class="flex flex-none flex-wrap items-center gap-x-3 gap-y-1 border-b border-line bg-honey px-4 py-1.5 text-[#2a211a]"
    data-shutters
  >
    <p class="min-w-0 flex-1">
      <b>The shutters are down</b> {{ until }}: who was never here before tonight rings nothing.
      {{ live.shutters.why.charAt(0).toUpperCase() + live.shutters.why.slice(1)
      }}<template v-if="live.shutters.held">
        · {{ live.shutters.held }} {{ live.shutters.held === 1 ? 'line' : 'lines' }} held</template
      >.
    </p>
    <button class="button button-dark flex-none" @click="lift">Lift them</button>
  </div>
</template>
