import { useEventListener } from '@vueuse/core'
import { ask } from '@/api/http'
import type { DecisionNotice } from '@/api/types'
import { isWriting } from './useKeys'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'

/** A key as cues name it: modifiers in one order, then the key itself, such as Ctrl+Shift+F6. */
export const keyName = (key: KeyboardEvent): string => {
  const own = /^Key([A-Z])$|^Digit(\d)$/.exec(key.code)
  return [
    key.ctrlKey && 'Ctrl',
    key.altKey && 'Alt',
    key.shiftKey && 'Shift',
    own?.[1] ?? own?.[2] ?? key.key.toUpperCase(),
  ]
    .filter(Boolean)
    .join('+')
}

/** Presses the button of a cue, and says what became of it. */
export const usePress = () => {
  const notes = useNotes()
  return (cue: string) => notes.tell(ask<DecisionNotice>('POST', `/cues/${cue}/press`))
}

/** Rings cues by the keys that the host gave them; a key without modifiers stays with the field in which somebody writes. */
export const useHandKeys = () => {
  const wiring = useWiring()
  const press = usePress()
  useEventListener('keydown', (key: KeyboardEvent) => {
    if (key.repeat || (isWriting(key) && !key.ctrlKey && !key.altKey)) {
      return
    }
    const name = keyName(key)
    const view = wiring.view?.cues.find((each) =>
      each.cue.pulls.some((pull) => pull.kind === 'hand' && pull.key !== '' && pull.key === name),
    )
    if (view) {
      key.preventDefault()
      void press(view.cue.id)
    }
  })
}
