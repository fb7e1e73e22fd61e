<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import NothingYet from '@/components/NothingYet.vue'
import { useWiring } from '@/stores/wiring'

/** The cues that say something: each is a reading rule, and is written as any cue is. */
const wiring = useWiring()
const speaking = computed(() =>
  wiring.cues.filter(({ cue }) => cue.takes.some((take) => take.score.parts.some((part) => part.kind === 'voice'))),
)
</script>

<template>
  <section class="sheet px-5 py-4" aria-label="What is said">
    <h2 class="text-[18px]">What is said</h2>
    <NothingYet v-if="speaking.length === 0" class="py-2">
      No cue says anything yet. Make one under <RouterLink to="/cues" class="underline">Cues</RouterLink>, for a chat
      word such as !say, and give it the part “Say by voice”.
    </NothingYet>
    <ul>
      <li v-for="{ cue, brief } in speaking" :key="cue.id" class="border-t border-line py-2 first:border-0">
        <RouterLink :to="`/cues/${cue.id}`" class="font-semibold underline decoration-line underline-offset-4">{{
          cue.name
        }}</RouterLink>
        <span v-if="!cue.on" class="text-soft"> · switched off</span>
        <p class="text-[14px] text-soft">{{ brief }}</p>
      </li>
    </ul>
  </section>
</template>
