<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { ask } from '@/api/http'
import type { Cue, NewCueView } from '@/api/types'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'

/** Somebody's entrance: card, sound and words at their first line tonight, made as an ordinary cue. */
const props = defineProps<{
  name: string
  /** The id of the cue that is theirs, empty text for none. */
  theirs: string
}>()
const emit = defineEmits<{ made: [] }>()
const wiring = useWiring()
const notes = useNotes()
const router = useRouter()
const making = ref(false)
const words = ref('')
const sound = ref('')
const cue = computed(() => wiring.cues.find((each) => each.cue.id === props.theirs)?.cue)
const sounds = computed(() => wiring.shelf.filter((each) => each.type.startsWith('audio/')))
const begin = () => {
  words.value = `Good evening, ${props.name}!`
  making.value = true
}
/** The sound that was chosen takes the place of the one that comes first. */
const sounding = (cue: Cue): Cue => {
  const [folder, file] = sound.value.split('\n') as [string, string]
  return !sound.value
    ? cue
    : {
        ...cue,
        takes: cue.takes.map((take) => ({
          ...take,
          score: {
            parts: take.score.parts.map((part) => (part.kind === 'sound' ? { ...part, folder, file } : part)),
          },
        })),
      }
}
const make = async () => {
  try {
    const made = await ask<NewCueView>('POST', '/cues/new', {
      pull: { kind: 'firstLine', whose: 'named', name: props.name, spentWhenHeld: false },
      answer: words.value.trim(),
      parts: ['card', 'sound'],
      rack: wiring.racks[0]?.rack.id ?? '',
    })
    await wiring.saveCue(0, sounding(made.cue))
    making.value = false
    emit('made')
    notes.say('The entrance is made; it rings at their first line of a show.', true)
  } catch (refusal) {
    notes.say((refusal as Error).message)
  }
}
</script>

<template>
  <section aria-label="Entrance" class="flex flex-col gap-2">
    <p v-if="cue">
      Their entrance:
      <button class="underline" data-entrance @click="router.push(`/cues/${theirs}`)">{{ cue.name }}</button>
    </p>
    <p v-else-if="!making"><button class="button" @click="begin">Give them an entrance</button></p>
    <form v-else class="flex flex-col gap-2" @submit.prevent="make">
      <label class="flex flex-col gap-1 text-[13px] text-soft">
        Said in chat, empty for nothing
        <input v-model="words" class="field" maxlength="200" />
      </label>
      <label class="flex flex-col gap-1 text-[13px] text-soft">
        Sound
        <select v-model="sound" class="field">
          <option value="">any of the first folder</option>
          <option v-for="each in sounds" :key="`${each.folder}/${each.name}`" :value="`${each.folder}\n${each.name}`">
            {{ each.folder }}: {{ each.name }}
          </option>
        </select>
      </label>
      <p class="flex justify-end gap-2">
        <button type="button" class="button" @click="making = false">Cancel</button>
        <button class="button button-dark">Make it</button>
      </p>
    </form>
  </section>
</template>
