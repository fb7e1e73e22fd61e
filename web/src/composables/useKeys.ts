import { useEventListener } from '@vueuse/core'

/** The keys of the console, in the order in which `?` lists them. */
export const KEYS = [
  { keys: 'Esc, held', does: 'Hush: end everything that is on air now' },
  { keys: 'Ctrl+Z', does: 'undo the last edit' },
  { keys: 'Ctrl+Shift+Z', does: 'do it again' },
  { keys: 'Ctrl+K', does: 'go or do: cues, viewers, places, acts' },
  { keys: 'N', does: 'new cue' },
  { keys: '/', does: 'find a cue' },
  { keys: 'T', does: 'type as a viewer' },
  { keys: 'Y', does: 'try the open cue' },
  { keys: 'S', does: 'to the score of the open cue' },
  { keys: 'I', does: 'to the fields of the part beside it' },
  { keys: '↑ ↓', does: 'next or previous cue, in the list; with Shift chooses them too' },
  { keys: 'Space', does: 'choose the cue, in the list' },
  { keys: 'Alt+↑ ↓', does: 'move the cue, or those chosen, in the list' },
  { keys: '← →', does: 'next or previous part, in the score; playhead, on the ruler' },
  { keys: 'Shift+← →', does: 'the part 0.1 s earlier or later' },
  { keys: 'Ctrl+← →', does: 'the part 0.1 s shorter or longer' },
  { keys: 'Ctrl+C X V A', does: 'copy, cut, paste, choose all parts, in the score' },
  { keys: 'P, Home, End', does: 'preview, playhead to the start or end, in the score' },
  { keys: 'Del', does: 'delete the parts that are chosen, where the focus is on one' },
  { keys: '+ − 0', does: 'closer, further away, in the score and in Rehearse; the whole evening' },
  { keys: 'a key of a cue', does: 'rings it, where you gave it one' },
  { keys: '?', does: 'help of this place, and these keys' },
]

/** Whether keys belong to a field in which somebody writes, or to a menu or list whose items are found by typing. */
export const isWriting = (key: KeyboardEvent): boolean => {
  const target = key.target as HTMLElement
  return (
    target.isContentEditable ||
    ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName) ||
    target.closest?.('[role=menu], [role=listbox]') != null
  )
}

/** Calls what stands under the key pressed, such as `n`, `?` or `Ctrl+z`; keys in fields stay with the field. */
export const useKeys = (actions: Record<string, () => void>) => {
  useEventListener('keydown', (key: KeyboardEvent) => {
    if (isWriting(key) || key.altKey) {
      return
    }
    const name =
      (key.ctrlKey || key.metaKey ? 'Ctrl+' : '') +
      (key.shiftKey && key.ctrlKey ? 'Shift+' : '') +
      key.key.toLowerCase()
    const action = actions[name]
    if (action) {
      key.preventDefault()
      action()
    }
  })
}
