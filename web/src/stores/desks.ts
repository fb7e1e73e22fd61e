import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { ask } from '@/api/http'
import type { DecisionNotice, DeskView } from '@/api/types'
import { useNotes } from './notes'

/** Every desk as the server tells it, and what the host does with it. */
export const useDeskBoards = defineStore('desks', () => {
  const notes = useNotes()
  const all = shallowRef<DeskView[]>([])
  /** The boards of the desks that are shown, by their ids; one that was not told yet is missing. */
  const boards = shallowRef<Record<string, unknown>>({})
  /** Which those are. */
  const shown = shallowRef<string[]>([])

  const load = () =>
    ask<DeskView[]>('GET', '/desks').then(
      (told) => (all.value = told),
      () => undefined,
    )
  /** Answers may overtake one another: an older one than what is shown is dropped. */
  let asked = 0
  const told = new Map<string, number>()
  const look = (about: string) => {
    const mine = ++asked
    return ask<unknown>('GET', `/desks/board?about=${encodeURIComponent(about)}`).then(
      (board) => {
        // Others may be shown meanwhile.
        if (shown.value.includes(about) && mine > (told.get(about) ?? 0)) {
          told.set(about, mine)
          boards.value = { ...boards.value, [about]: board }
        }
      },
      () => undefined,
    )
  }
  const refresh = () => Promise.all([load(), ...shown.value.map(look)])
  /** What each of those who show desks shows. */
  const wanted = new Map<symbol, string[]>()
  /** Somebody shows the boards of these from now on, and no others; what others show stays. */
  const show = (who: symbol, of: string[]) => {
    wanted.set(who, of)
    const ids = [...new Set([...wanted.values()].flat())]
    const fresh = ids.filter((each) => !shown.value.includes(each))
    shown.value = ids
    boards.value = Object.fromEntries(Object.entries(boards.value).filter(([about]) => ids.includes(about)))
    return Promise.all(fresh.map(look))
  }
  /** Asks a desk for one of its acts; what came of it is said. Gives whether it could be asked. */
  const act = (desk: string, about: string, name: string, said: Record<string, string> = {}) =>
    ask<DecisionNotice>('POST', `/desks/${desk}/${name}`, { about, with: said }).then(
      (done) => {
        notes.say(done.sentence)
        return refresh().then(() => true)
      },
      (failed: Error) => {
        notes.say(failed.message)
        return false
      },
    )
  return { all, boards, load, show, refresh, act }
})
