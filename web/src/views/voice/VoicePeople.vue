<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import ChoiceField from '@/components/cue/ChoiceField.vue'
import NumberField from '@/components/cue/NumberField.vue'
import TextField from '@/components/cue/TextField.vue'
import { useKnown } from '@/stores/known'
import { useVoice } from '@/stores/voice'

/** Voices that persons of the channel have of their own, and those for whom nothing is said. */
const voice = useVoice()
const known = useKnown()
onMounted(() => void known.load())
const name = ref('')
const chosen = ref('')
const speed = ref(100)
const pitch = ref(100)
const voices = computed(() => [
  { value: '', name: 'the usual voice' },
  ...(voice.view?.voices ?? []).map((each) => ({ value: each.id, name: each.name })),
])
const nameOf = (id: string) => voices.value.find((each) => each.value === id)?.name ?? `${id}, which is missing`
const give = async () => {
  await voice.act('own', {
    name: name.value,
    voice: chosen.value,
    speed: String(speed.value),
    pitch: String(pitch.value),
  })
  name.value = ''
}
const block = async () => {
  await voice.act('block', { name: name.value })
  name.value = ''
}
const tryIt = (of: { name: string; voice: string; speed: number; pitch: number }) =>
  voice.hear(`${of.name} sounds like this`, of.voice, of.speed, of.pitch)
</script>

<template>
  <section class="sheet px-5 py-4" aria-label="People">
    <h2 class="text-[18px]">People</h2>
    <ul>
      <li
        v-for="each in voice.view?.own ?? []"
        :key="each.name"
        class="flex items-center gap-2 border-t border-line py-1.5 text-[14px] first:border-0"
        data-own
      >
        <p class="min-w-0 flex-1">
          <bdi class="font-semibold">{{ each.name }}</bdi>
          <span class="text-soft">
            is read in {{ nameOf(each.voice) }}, speed {{ each.speed }} %, pitch {{ each.pitch }} %</span
          >
        </p>
        <button class="button flex-none" @click="tryIt(each)">Hear it</button>
        <button class="button flex-none" @click="voice.act('plain', { name: each.name })">Take it away</button>
      </li>
      <li
        v-for="each in voice.view?.blocked ?? []"
        :key="each"
        class="flex items-center gap-2 border-t border-line py-1.5 text-[14px] first:border-0"
        data-blocked
      >
        <p class="min-w-0 flex-1">
          Nothing is said for <bdi class="font-semibold">{{ each }}</bdi>
        </p>
        <button class="button flex-none" @click="voice.act('unblock', { name: each })">Let them again</button>
      </li>
    </ul>
    <form class="grid grid-cols-2 gap-2 pt-2" @submit.prevent="give">
      <TextField v-model="name" class="col-span-2" label="Viewer" :problems="[]" :suggest="known.names.viewers" />
      <ChoiceField v-model="chosen" class="col-span-2" label="Voice" :choices="voices" />
      <NumberField v-model="speed" label="Speed" unit="%" :problems="[]" />
      <NumberField v-model="pitch" label="Pitch" unit="%" :problems="[]" />
      <button class="button" :disabled="!name.trim()">Give them this voice</button>
      <button type="button" class="button" :disabled="!name.trim()" @click="block">Never speak for them</button>
    </form>
  </section>
</template>
