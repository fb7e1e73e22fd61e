<script setup lang="ts">
import { Check, Volume2, X } from '@lucide/vue'
import { ref } from 'vue'
import type { HeldText } from '@/api/types'
import NothingYet from '@/components/NothingYet.vue'
import { minuteOfDay } from '@/lib/spans'
import { useVoice } from '@/stores/voice'

/** What waits until the host has heard it, and what was kept out with the reason. */
const voice = useVoice()
const failed = ref('')
const hear = async (text: HeldText) => {
  failed.value = await voice.hear(text.says)
}
</script>

<template>
  <section class="sheet px-5 py-4" aria-label="Waits for you">
    <h2 class="text-[18px]">Waits for you</h2>
    <NothingYet v-if="!voice.view?.waits.length" :told="voice.view !== null" class="py-2"
      >Nothing waits for your ear.</NothingYet
    >
    <p v-if="failed" role="alert" class="text-[13.5px] text-wax-words">{{ failed }}</p>
    <ul>
      <li
        v-for="each in voice.view?.waits ?? []"
        :key="each.decision"
        class="border-t border-line py-2 first:border-0"
        data-waits
      >
        <p class="break-words">
          <bdi class="font-semibold">{{ each.viewer }}</bdi> <bdi>{{ each.text }}</bdi>
        </p>
        <p class="text-[13px] text-soft">{{ each.cueName }} · {{ each.reason }}</p>
        <p class="flex gap-2 pt-1">
          <button class="button" @click="hear(each)"><Volume2 :size="13" /> Hear it</button>
          <button class="button button-dark" @click="voice.settle(each.decision, 'let')">
            <Check :size="13" /> Let it be said
          </button>
          <button class="button" @click="voice.settle(each.decision, 'drop')"><X :size="13" /> Put it away</button>
        </p>
      </li>
    </ul>
    <h2 class="pt-4 text-[18px]">Kept out</h2>
    <NothingYet v-if="!voice.view?.keptOut.length" :told="voice.view !== null" class="py-2"
      >Nothing was kept out yet.</NothingYet
    >
    <ul class="max-h-64 overflow-auto">
      <li
        v-for="each in voice.view?.keptOut ?? []"
        :key="each.decision"
        class="flex items-start gap-2 border-t border-line py-1.5 text-[14px] first:border-0"
        data-kept
      >
        <div class="min-w-0 flex-1">
          <p class="break-words">
            <span class="font-mono text-[12.5px] text-soft">{{ minuteOfDay(each.at) }}</span>
            {{ ' ' }}<bdi class="font-semibold">{{ each.viewer }}</bdi> <bdi>{{ each.text }}</bdi>
          </p>
          <p class="text-[13px] text-soft">{{ each.reason }}</p>
        </div>
        <button v-if="each.viewer" class="button flex-none" @click="voice.act('block', { name: each.viewer })">
          Block them
        </button>
      </li>
    </ul>
  </section>
</template>
