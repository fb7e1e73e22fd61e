import { useEventListener } from '@vueuse/core'

/** The keys of the console, in the order in which `?` lists them. */
export const KEYS = [
  { keys: 'Esc, held', does: 'Hush: end everything that is on air now' },
  { keys: 'Ctrl+Z', does: 'undo the last edit' },
  { keys: 'Ctrl+Shift+Z', does: 'do it again' },
  { keys: 'N', does: 'new cue' },
  { keys: '/', does: 'find a cue' },
  { keys: 'T', does: 'type as a viewer' },
  { keys: '↑ ↓', does: 'next or previous cue, in the list' },
  { keys: '← →', does: 'next or previous part, in the score' },
  { keys: 'Del', does: 'remove the part that is chosen' },
  { keys: '+ − 0', does: 'closer, further away, the whole evening, in Rehearse' },
  { keys: 'a key of a cue', does: 'rings it, where you gave it one' },
  { keys: '?', does: 'this list' },
]

/** Whether keys belong to a field in which somebody writes. */
export const isWriting = (key: KeyboardEvent): boolean => {
  const target = key.target as HTMLElement
  return target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName)
}

/** Calls what stands under the key pressed, such as `n`, `?` or `Ctrl+z`; keys in fields stay with the field. */
export const useKeys = (actions: Record<string, () => void>) => {
  useEventListener('keydown', (key: KeyboardEvent) => {
    if (isWriting(key) || key.altKey) {
      return
    }
    const name = (key.ctrlKey || key.metaKey ? 'Ctrl+' : '') + (key.shiftKey && key.ctrlKey ? 'Shift+' : '') + key.key.toLowerCase()
    const action = actions[name]
    if (action) {
      key.preventDefault()
      action()
    }
  })
}
