import { defineStore } from 'pinia'
import { ref } from 'vue'

const SHOWN_MS = 6_000

/** Short notes that say what was just done and go away by themselves. */
export const useNotes = defineStore('notes', () => {
  const notes = ref<{ id: number; text: string; undo: boolean | (() => void) }[]>([])
  let next = 0
  const drop = (id: number) => (notes.value = notes.value.filter((each) => each.id !== id))
  /** @param undo whether the newest edit is what can be undone, or how else it is */
  const say = (text: string, undo: boolean | (() => void) = false) => {
    const id = next++
    // What is said again is said once, and stays as long as if it were new.
    notes.value = [...notes.value.filter((each) => each.text !== text).slice(-2), { id, text, undo }]
    setTimeout(() => drop(id), SHOWN_MS)
  }
  /** Says what came of something that was asked for, or why it was refused. */
  const tell = (work: Promise<{ sentence: string }>) =>
    work.then(
      (done) => say(done.sentence),
      (refusal: Error) => say(refusal.message),
    )
  return { notes, say, tell, drop }
})
