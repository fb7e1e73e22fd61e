import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { ask } from '@/api/http'
import type { DecisionNotice, DeskView } from '@/api/types'
import { useNotes } from './notes'

/** Every desk as the server tells it, and what the host does with it. */
export const useDeskBoards = defineStore('desks', () => {
  const notes = useNotes()
  const all = shallowRef<DeskView[]>([])
  /** The board of the desk that is open; null where none is, or where it was not told yet. */
  const board = shallowRef<unknown>(null)
  /** Which desk that is. */
  const open = shallowRef('')

  const load = () =>
    ask<DeskView[]>('GET', '/desks').then(
      (told) => (all.value = told),
      () => undefined,
    )
  /** Answers may overtake one another: an older one than what is shown is dropped. */
  let asked = 0
  let shown = 0
  const look = () => {
    const about = open.value
    const mine = ++asked
    return about === ''
      ? Promise.resolve()
      : ask<unknown>('GET', `/desks/board?about=${encodeURIComponent(about)}`).then(
          (told) => {
            // Another desk may have been opened meanwhile.
            if (about === open.value && mine > shown) {
              shown = mine
              board.value = told
            }
          },
          () => undefined,
        )
  }
  const refresh = () => Promise.all([load(), look()])
  const show = (about: string) => {
    if (about !== open.value) {
      open.value = about
      board.value = null
    }
    return look()
  }
  /** Asks a desk for one of its acts; what came of it is said. */
  const act = (desk: string, about: string, name: string, said: Record<string, string> = {}) =>
    ask<DecisionNotice>('POST', `/desks/${desk}/${name}`, { about, with: said }).then(
      (done) => {
        notes.say(done.sentence)
        return refresh()
      },
      (failed: Error) => {
        notes.say(failed.message)
      },
    )
  return { all, board, open, load, show, refresh, act }
})
