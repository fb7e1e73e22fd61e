<script setup lang="ts">
import { Volume2 } from '@lucide/vue'
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { ask } from '@/api/http'
import type { LookedView } from '@/api/types'
import ChoiceField from '@/components/cue/ChoiceField.vue'
import { useLive } from '@/stores/live'
import { useVoice } from '@/stores/voice'

const PAUSE_MS = 250
/** Tries how a text is looked at and read, and what tonight's lines would come to. */
const voice = useVoice()
const live = useLive()
const text = ref('Good evening all, what a lovely taper!')
const chosen = ref('')
const looked = ref<LookedView | null>(null)
const lines = ref<LookedView[] | null>(null)
const failed = ref('')
const busy = ref(false)
const voices = computed(() => [
  { value: '', name: 'the usual voice' },
  ...(voice.view?.voices ?? []).map((each) => ({ value: each.id, name: `${each.name}, ${each.by}` })),
])
const look = useDebounceFn(async () => {
  looked.value = text.value.trim()
    ? await ask<LookedView>('POST', '/voice/look', { text: text.value }).catch(() => null)
    : null
}, PAUSE_MS)
watch([text, () => voice.view?.sentence], () => void look(), { immediate: true })
const hear = async () => {
  busy.value = true
  failed.value = await voice.hear(text.value, chosen.value)
  busy.value = false
}
const tonight = async () => {
  lines.value = lines.value ? null : await ask<LookedView[]>('GET', '/voice/lines').catch(() => [])
}
watch(
  () => [live.decisions.at(-1)?.number, voice.view?.sentence],
  async () => {
    if (lines.value) {
      lines.value = await ask<LookedView[]>('GET', '/voice/lines').catch(() => lines.value)
    }
  },
)
</script>

<template>
  <section class="sheet px-5 py-4" aria-label="Try it">
    <h2 class="text-[18px]">Try it</h2>
    <form class="grid grid-cols-[minmax(0,1fr)_220px_auto] items-end gap-2 pt-1" @submit.prevent="hear">
      <label class="block">
        <span class="text-[13px] text-soft">As a viewer would write it</span>
        <input v-model="text" class="field" name="text" autocomplete="off" maxlength="1000" />
      </label>
      <ChoiceField v-model="chosen" label="Voice" :choices="voices" />
      <button class="button button-dark" :disabled="busy || !text.trim()">
        <Volume2 :size="15" /> {{ busy ? 'Making it…' : 'Hear it' }}
      </button>
    </form>
    <p v-if="failed" role="alert" class="pt-1 text-[13.5px] text-wax-words">{{ failed }}</p>
    <dl v-if="looked" class="grid grid-cols-[90px_1fr] gap-x-3 gap-y-1 pt-2 text-[14px]" data-looked>
      <template v-if="!looked.held">
        <dt class="text-soft">It says</dt>
        <dd class="break-words">
          <bdi>{{ looked.read }}</bdi>
        </dd>
      </template>
      <template v-if="looked.verdict">
        <dt class="text-soft">It found</dt>
        <dd :class="looked.held && 'text-wax-words'">{{ looked.verdict }}</dd>
      </template>
    </dl>
    <button class="mt-2 text-[13.5px] underline" :aria-expanded="lines !== null" @click="tonight">
      {{ lines ? 'Hide the last lines' : 'Try it on the last fifty lines of chat' }}
    </button>
    <p v-if="lines?.length === 0" class="text-[13.5px] text-soft">Nothing was written yet.</p>
    <ul v-if="lines" class="max-h-72 overflow-auto pt-1 text-[13.5px]" data-lines>
      <li v-for="(each, at) in lines" :key="at" class="flex gap-3 border-t border-line py-1 first:border-0">
        <bdi class="min-w-0 flex-1 break-words">{{ each.text }}</bdi>
        <span class="w-[44%] flex-none" :class="each.held ? 'text-wax-words' : 'text-soft'">{{
          each.verdict || 'said as it is'
        }}</span>
      </li>
    </ul>
  </section>
</template>
