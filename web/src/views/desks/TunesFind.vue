<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { ref } from 'vue'
import { ask } from '@/api/http'
import type { TuneFound } from '@/api/types'
import { digits } from '@/lib/clock'

/** Finds tunes as viewers' words are understood, to ask for them by hand or to keep them. */
const emit = defineEmits<{ act: [name: string, said: Record<string, string>] }>()
const words = ref('')
const found = ref<TuneFound | null>(null)
watchDebounced(
  words,
  async (text) => {
    const told = text.trim()
      ? await ask<TuneFound>('GET', `/tunes/find?words=${encodeURIComponent(text.trim())}`).catch(() => null)
      : null
    // Another word may have been typed meanwhile.
    if (text === words.value) {
      found.value = told
    }
  },
  { debounce: 200 },
)
</script>

<template>
  <section role="group" class="sheet px-4 py-3" aria-label="Find a tune">
    <label class="block">
      <span class="text-[13px] text-soft">Find a tune, as viewers write it</span>
      <input v-model="words" class="field" type="search" autocomplete="off" data-find placeholder="the brine lanten" />
    </label>
    <p v-if="found && !found.nearest.length" class="pt-2 text-[13px] text-soft">
      No tune is called anything like that.
    </p>
    <p v-else-if="found" class="pt-2 text-[13px] text-soft">
      {{ found.sure ? 'Who writes that is sure to mean the first.' : 'Who writes that is asked back which one.' }}
    </p>
    <ol v-if="found">
      <li v-for="tune in found.nearest" :key="tune.id" class="flex items-center gap-2 py-1" :data-found="tune.title">
        <span class="min-w-0 flex-1">
          <span class="block truncate font-semibold">{{ tune.title }}</span>
          <span class="block truncate text-[12.5px] text-soft"
            >{{ tune.maker }} · {{ digits(tune.lengthMs, true) }} · {{ tune.licence || 'licence not known' }}</span
          >
        </span>
        <button class="button" @click="emit('act', 'ask', { words: tune.id })">Ask for it</button>
        <button class="button" @click="emit('act', 'keep', { tune: tune.id })">Keep</button>
      </li>
    </ol>
  </section>
</template>
