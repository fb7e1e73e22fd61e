<script setup lang="ts">
import { X } from '@lucide/vue'
import { ref } from 'vue'
import { problemsOf, send } from '@/api/http'
import type { ListLook, Tunes, TunesBoard } from '@/api/types'
import TheDialog from '@/components/TheDialog.vue'
import { digits } from '@/lib/clock'
import { minuteOfDay, span } from '@/lib/spans'

/** The host's own list, what was played, and lists out and in. */
const props = defineProps<{ sheet: Tunes; board: TunesBoard }>()
const emit = defineEmits<{ act: [name: string, said: Record<string, string>] }>()
const looked = ref<ListLook | null>(null)
const fault = ref('')
const anew = ref(false)
const file = ref<HTMLInputElement | null>(null)
const look = async (event: Event) => {
  const input = event.target as HTMLInputElement
  const chosen = input.files?.[0]
  input.value = ''
  if (!chosen) {
    return
  }
  fault.value = ''
  try {
    looked.value = await send<ListLook>('POST', `/tunes/${props.sheet.id}/look`, chosen, 'application/octet-stream')
  } catch (failed) {
    fault.value = problemsOf(failed)
      .map((each) => `${each.message} ${each.remedy}`)
      .join(' ')
  }
}
const bring = () => {
  emit('act', 'bring', { list: looked.value!.ids.join('\n'), anew: anew.value ? '1' : '0' })
  looked.value = null
}
const HOW = {
  played: 'played',
  skipped: 'skipped',
  voted: 'voted away',
  gaveWay: 'gave way',
  stopped: 'ended',
  lost: 'not there any more',
} as const
</script>

<template>
  <section role="group" class="sheet min-w-0" aria-label="Your own list">
    <div class="flex flex-wrap items-center gap-2 border-b border-line px-4 py-2">
      <h2 class="flex-1 text-[18px] whitespace-nowrap">Your own list</h2>
      <span class="text-[13px] text-soft" data-kept-count>
        {{ board.kept.length }} tunes<template v-if="board.kept.length"
          >, {{ span(Math.round(board.keptMs / 60000) * 60000) }}</template
        ><template v-if="board.list !== board.kept.length">; {{ board.list }} may be played</template
        ><template v-if="board.left">; {{ board.left }} before any comes again</template>
      </span>
    </div>
    <p v-if="board.kept.length === 0" class="px-4 py-4 text-center text-soft">
      It plays while nobody asks. Keep what plays, or bring a playlist.
    </p>
    <ol class="max-h-56 overflow-auto">
      <li
        v-for="each in board.kept"
        :key="each.number"
        class="flex items-center gap-2 border-b border-line px-4 py-1 last:border-0"
        :data-kept="each.tune.title"
      >
        <span class="min-w-0 flex-1 truncate">{{ each.tune.title }}</span>
        <span class="flex-none font-mono text-[12.5px] text-soft">{{ digits(each.tune.lengthMs, true) }}</span>
        <button
          class="rounded-[8px] p-1 text-soft hover:bg-well hover:text-ink"
          :aria-label="`Take ${each.tune.title} off your list`"
          title="Take it off"
          @click="emit('act', 'drop', { number: String(each.number) })"
        >
          <X :size="13" />
        </button>
      </li>
    </ol>
    <p v-if="fault" role="alert" class="px-4 py-2 text-wax-words">{{ fault }}</p>
    <div class="flex flex-wrap gap-2 border-t border-line px-4 py-2">
      <button class="button" @click="file?.click()">Bring a playlist…</button>
      <input
        ref="file"
        type="file"
        accept=".xspf,.m3u,.m3u8"
        class="hidden"
        aria-label="A playlist"
        data-playlist
        @change="look"
      />
      <a class="button" :href="`/api/tunes/${sheet.id}/list.xspf`" download>XSPF</a>
      <a class="button" :href="`/api/tunes/${sheet.id}/list.m3u8`" download>M3U8</a>
      <a class="button" :href="`/api/tunes/${sheet.id}/list.m3u`" download>M3U</a>
    </div>
    <TheDialog :open="looked !== null" title="Bring a playlist" @close="looked = null">
      <p data-looked>
        {{ looked?.known }} tunes of it are known here, {{ span(looked?.lengthMs ?? 0) }} together.
        <template v-if="looked?.left">{{ looked.left }} are not:</template>
      </p>
      <ul v-if="looked?.unknown.length" class="max-h-32 overflow-auto text-[13px] text-soft">
        <li v-for="each in looked.unknown" :key="each" class="truncate">{{ each }}</li>
      </ul>
      <label v-if="board.kept.length" class="flex items-center gap-2 text-[13.5px]">
        <input v-model="anew" type="checkbox" class="h-4 w-4" />
        in place of the {{ board.kept.length }} that are there
      </label>
      <div class="flex justify-end gap-2">
        <button class="button" @click="looked = null">Cancel</button>
        <button class="button button-dark" :disabled="!looked?.known" @click="bring">Bring them</button>
      </div>
    </TheDialog>
  </section>
  <section role="group" class="sheet min-w-0 px-4 py-3" aria-label="What was played">
    <div class="flex items-baseline gap-2">
      <h2 class="min-w-0 flex-1 text-[18px]">Played</h2>
      <a v-if="board.past.length" class="text-[13px] underline" :href="`/api/tunes/${sheet.id}/log.csv`" download
        >with licences (CSV)</a
      >
    </div>
    <p v-if="!board.past.length" class="text-[13px] text-soft">Nothing yet.</p>
    <ol class="max-h-48 overflow-auto">
      <li v-for="each in board.past" :key="each.number" class="flex gap-2 py-0.5 text-[14px]" :data-past="each.how">
        <span class="flex-none font-mono text-[12.5px] text-soft">{{ minuteOfDay(each.began) }}</span>
        <span class="min-w-0 flex-1 truncate">{{ each.tune.title }}</span>
        <span class="flex-none text-[12.5px] text-soft">{{ HOW[each.how] }}</span>
      </li>
    </ol>
  </section>
</template>
