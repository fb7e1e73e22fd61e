<script setup lang="ts">
import { Download, ExternalLink } from '@lucide/vue'
import { computed, ref, watch } from 'vue'
import { ask } from '@/api/http'
import type { PublicWord, Standing } from '@/api/types'
import NothingYet from '@/components/NothingYet.vue'
import CuesNav from '@/components/cue/CuesNav.vue'
import { useKinds } from '@/stores/kinds'
import { useLive } from '@/stores/live'
import { useWiring } from '@/stores/wiring'

/** The words for viewers, as they read them: for anyone, or for those of a standing. */
const wiring = useWiring()
const live = useLive()
const kinds = useKinds()
const words = ref<PublicWord[]>([])
const told = ref(false)
const failed = ref('')
const search = ref('')
const standing = ref<Standing | ''>('')
watch(
  () => live.wiringStamp,
  () =>
    ask<PublicWord[]>('GET', '/words').then(
      (found) => {
        words.value = found
        told.value = true
      },
      (refusal: Error) => (failed.value = refusal.message),
    ),
  { immediate: true },
)
const found = computed(() =>
  words.value.filter(
    (each) =>
      each.on &&
      (!standing.value || each.standings.includes(standing.value)) &&
      [...each.words, each.description].join(' ').toLowerCase().includes(search.value.trim().toLowerCase()),
  ),
)
const off = computed(() => words.value.filter((each) => !each.on))
const undescribed = computed(() => words.value.filter((each) => each.on && !each.description))
const nameOf = (word: PublicWord) => wiring.cues.find((each) => each.cue.id === word.cue)?.cue.name
</script>

<template>
  <div class="h-full overflow-auto px-6 py-3">
    <CuesNav />
    <div class="mx-auto max-w-[980px] py-3">
      <div class="flex items-center gap-2">
        <h1 class="flex-1 text-[24px]">Words for viewers</h1>
        <a class="button" href="/words" target="_blank" rel="noopener"
          ><ExternalLink :size="14" /> The page, to print</a
        >
        <a class="button" href="/api/words/file" download="words.html"
          ><Download :size="14" /> As one file for the web</a
        >
      </div>
      <p class="text-soft">
        Viewers cannot reach this computer: put the file where they can. In chat,
        <code class="font-mono">{commands}</code> in an answer is the list for who asks.
      </p>
      <div class="mt-3 flex flex-wrap items-center gap-1.5" role="group" aria-label="Show what may be used by">
        <button
          v-for="each in [{ standing: '', plural: 'everything' }, ...kinds.all.standings]"
          :key="each.standing"
          class="rounded-full border px-3 py-0.5 text-[13px]"
          :class="standing === each.standing ? 'border-ink bg-well font-semibold' : 'border-edge'"
          :aria-pressed="standing === each.standing"
          @click="standing = each.standing as Standing | ''"
        >
          {{ each.plural }}
        </button>
        <input
          v-model="search"
          type="search"
          class="field ml-auto w-[200px]"
          placeholder="Find"
          aria-label="Find a word"
        />
      </div>
      <p v-if="failed" role="alert" class="pt-2 text-wax-words">{{ failed }}</p>
      <ul v-if="found.length" class="sheet mt-3 px-4 py-1">
        <li v-for="word in found" :key="word.words[0]" class="flex gap-4 border-t border-line py-1.5 first:border-0">
          <span class="w-[190px] flex-none"
            ><code class="font-mono font-semibold">{{ word.words[0] }}</code
            ><span v-if="word.words.length > 1" class="text-[12.5px] text-soft">
              or {{ word.words.slice(1).join(', ') }}</span
            ></span
          >
          <span class="min-w-0 flex-1"
            >{{ word.description || 'No description yet.'
            }}<span class="block text-[12.5px] text-soft">{{ word.rule }}</span></span
          >
          <RouterLink class="flex-none text-[13px] underline" :to="`/cues/${word.cue}`">{{ nameOf(word) }}</RouterLink>
        </li>
      </ul>
      <NothingYet v-else :told="told" class="sheet mt-3 py-4">
        {{
          words.length
            ? 'Nothing found.'
            : 'No cue tells viewers of a word yet. Tick “told to viewers” at a cue that has one.'
        }}
      </NothingYet>
      <p v-if="off.length" class="pt-2 text-[13px] text-soft">
        Left out, for they are off: {{ off.map((each) => each.words[0]).join(', ') }}.
      </p>
      <p v-if="undescribed.length" class="pt-1 text-[13px] text-soft">
        Without a description: {{ undescribed.map((each) => each.words[0]).join(', ') }}.
      </p>
    </div>
  </div>
</template>
