<script setup lang="ts">
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'

const notes = useNotes()
const wiring = useWiring()
const undo = async (id: number) => {
  const own = notes.notes.find((each) => each.id === id)?.undo
  notes.drop(id)
  if (typeof own === 'function') {
    own()
    return
  }
  const what = wiring.view?.history.undo
  await wiring.undo().then(
    () => notes.say(what ? `Undone: ${what}.` : 'Undone.'),
    (refusal: Error) => notes.say(refusal.message),
  )
}
</script>

<template>
  <div
    role="status"
    class="pointer-events-none fixed bottom-[180px] left-1/2 z-40 -translate-x-1/2 flex flex-col gap-2"
  >
    <div
      v-for="note in notes.notes"
      :key="note.id"
      class="pointer-events-auto flex items-center gap-3 rounded-[10px] bg-ink px-3 py-2 text-paper shadow-lg"
    >
      {{ note.text }}
      <button v-if="note.undo" class="rounded-[6px] border border-paper/50 px-2" @click="undo(note.id)">Undo</button>
    </div>
  </div>
</template>
