<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { Bookmark } from '@lucide/vue'
import { ref } from 'vue'
import { ask } from '@/api/http'
import type { DecisionNotice } from '@/api/types'
import { vMenu } from '@/lib/menu'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'

/** Marks the moment at which it was opened, with words or without: it is found again in Look back and among the chapters. */
const live = useLive()
const notes = useNotes()
const at = ref(0)
const words = ref('')
const failed = ref('')
const open = () => {
  at.value = live.now()
  words.value = ''
  failed.value = ''
}
const mark = (close: () => void) =>
  ask<DecisionNotice>('POST', '/marks', { at: Math.round(at.value), words: words.value }).then(
    () => {
      notes.say(words.value ? `Marked: ${words.value}` : 'The moment is marked.')
      close()
    },
    (refusal: Error) => (failed.value = refusal.message),
  )
</script>

<template>
  <Popover class="relative flex-none">
    <PopoverButton class="button h-full" data-mark title="Mark this moment, to find it again" @click="open">
      <Bookmark :size="15" /> Mark
    </PopoverButton>
    <PopoverPanel v-slot="{ close }" v-menu="'bottom-end'" focus class="sheet w-[300px] p-3 text-ink shadow-lg">
      <form class="flex flex-col gap-2" @submit.prevent="mark(close)">
        <label class="flex flex-col gap-1"
          >What it was, if you like
          <input v-model="words" class="field" maxlength="200" data-mark-words />
        </label>
        <p v-if="failed" role="alert" class="text-[13px] text-wax-words">{{ failed }}</p>
        <button class="button button-dark">Mark this moment</button>
      </form>
    </PopoverPanel>
  </Popover>
</template>
