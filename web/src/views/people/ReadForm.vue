<script setup lang="ts">
import { onMounted, ref, watch } from 'vue'
import { ask } from '@/api/http'
import type { PersonKept } from '@/api/types'
import { useNotes } from '@/stores/notes'
import { useVoice } from '@/stores/voice'

/** How somebody is read aloud: how the name is said, in which voice, or not at all. */
const props = defineProps<{ kept: PersonKept }>()
const emit = defineEmits<{ changed: [] }>()
const notes = useNotes()
const voice = useVoice()
const spelling = ref('')
watch(
  () => props.kept.read.spelling,
  (told) => (spelling.value = told),
  { immediate: true },
)
onMounted(() => void voice.load())
const say = () =>
  ask<PersonKept>('PUT', `/people/${encodeURIComponent(props.kept.person.id)}/spelling`, {
    spelling: spelling.value,
  }).then(
    () => emit('changed'),
    (refusal: Error) => notes.say(refusal.message),
  )
const act = async (name: string, more: Record<string, string> = {}) => {
  await voice.act(name, { name: props.kept.person.name, ...more })
  emit('changed')
}
const choose = (id: string) => (id ? act('own', { voice: id, speed: '100', pitch: '100' }) : act('plain'))
</script>

<template>
  <section aria-label="Read aloud" class="grid grid-cols-[minmax(0,1fr)_auto] items-end gap-2 text-[14px]">
    <label class="col-span-2 flex flex-col gap-1 text-[13px] text-soft">
      The name is said
      <input v-model="spelling" class="field" maxlength="100" :placeholder="kept.person.name" @change="say" />
    </label>
    <label class="flex flex-col gap-1 text-[13px] text-soft">
      Voice
      <select
        class="field"
        :value="kept.read.voice?.voice ?? ''"
        @change="choose(($event.target as HTMLSelectElement).value)"
      >
        <option value="">the usual one</option>
        <option v-for="each in voice.view?.voices ?? []" :key="each.id" :value="each.id">{{ each.name }}</option>
      </select>
    </label>
    <button class="button" :aria-pressed="kept.read.silent" @click="act(kept.read.silent ? 'unblock' : 'block')">
      {{ kept.read.silent ? 'Speak for them again' : 'Never speak' }}
    </button>
  </section>
</template>
