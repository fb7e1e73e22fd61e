<script setup lang="ts">
import { ArrowLeft, ArrowRight } from '@lucide/vue'
import { ref } from 'vue'
import MarkMoment from '@/components/MarkMoment.vue'
import { useLive } from '@/stores/live'
import { moved, useArrangement } from './arrangement'
import LiveButtons from './LiveButtons.vue'
import LiveChat from './LiveChat.vue'
import LiveDesks from './LiveDesks.vue'
import LiveEvening from './LiveEvening.vue'
import LiveLinks from './LiveLinks.vue'
import LiveNow from './LiveNow.vue'
import LiveScenes from './LiveScenes.vue'
import NeedsStrip from './NeedsStrip.vue'

/** The evening itself, on one screen beside the mixer: chat, what plays, buttons, scenes, desks, and what needs the host. */
const live = useLive()
const { now, put, size } = useArrangement()
const arranging = ref(false)
void live.loadNeeds()
const WIDE: Record<string, string> = {
  chat: 'min-w-0 flex-[1.15]',
  now: 'min-w-0 flex-[1.15]',
  desks: 'min-w-0 flex-1',
}
const NAMES: Record<string, string> = { chat: 'Chat', now: 'What plays', desks: 'Desks' }
</script>

<template>
  <div class="flex h-full min-h-0 flex-col gap-3 px-4 py-3" :class="now.big && 'text-[17px]'" :data-size="size">
    <h1 class="sr-only">Live</h1>
    <LiveEvening />
    <div class="flex flex-none flex-wrap items-stretch justify-end gap-2">
      <NeedsStrip class="min-w-0" :class="size === 'dock' ? 'basis-full' : 'flex-1'" />
      <MarkMoment />
      <a
        v-if="size !== 'dock'"
        class="button"
        href="/pad"
        target="_blank"
        rel="opener"
        title="Large buttons for a phone or tablet"
      >
        Pad
      </a>
      <button
        class="button"
        :aria-pressed="now.big"
        title="Words to be read from farther away"
        @click="put({ big: !now.big })"
      >
        Large
      </button>
      <button
        class="button"
        :class="arranging && 'button-dark'"
        :aria-pressed="arranging"
        @click="arranging = !arranging"
      >
        {{ arranging ? 'It stands so' : 'Arrange' }}
      </button>
    </div>
    <div class="flex min-h-0 flex-1 gap-3" :class="size === 'dock' && 'flex-col overflow-auto [&>*]:flex-none'">
      <div
        v-for="column in now.columns"
        :key="column"
        class="flex min-h-0 flex-col gap-3"
        :class="WIDE[column]"
        :data-column="column"
      >
        <div v-if="arranging" class="flex flex-none items-center justify-between">
          <button
            class="button px-2"
            :aria-label="`${NAMES[column]} to the left`"
            @click="put({ columns: moved(now.columns, column, -1) })"
          >
            <ArrowLeft :size="14" />
          </button>
          <span class="text-soft">{{ NAMES[column] }}</span>
          <button
            class="button px-2"
            :aria-label="`${NAMES[column]} to the right`"
            @click="put({ columns: moved(now.columns, column, 1) })"
          >
            <ArrowRight :size="14" />
          </button>
        </div>
        <LiveChat v-if="column === 'chat'" class="flex-1" :class="size === 'dock' && 'h-[420px]'" />
        <template v-else-if="column === 'now'">
          <LiveNow class="flex-1" />
          <LiveButtons :arrangement="now" :arranging="arranging" @put="put" />
        </template>
        <div v-else class="flex min-h-0 flex-col gap-3 overflow-auto">
          <LiveScenes />
          <LiveDesks :arrangement="now" :arranging="arranging" @put="put" />
          <LiveLinks />
        </div>
      </div>
    </div>
  </div>
</template>
