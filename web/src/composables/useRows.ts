import { nextTick, ref, useTemplateRef } from 'vue'

interface Rows<T> {
  /** What is dragged, told apart from what other lists let be dragged. */
  type: string
  rows: () => T[]
  id: (row: T) => string
  /** Where a row stands among all, counted from 1, where some are left out. */
  place?: (row: T, at: number) => number
  /** How many there are among all. */
  count?: () => number
  move: (id: string, to: number) => void
  /** What other keys do. */
  keys?: Record<string, (row: T) => void>
}

/** Rows of a list that are moved by dragging, or by Alt and the arrow keys, and acted on by other keys. The list is the element with the ref `rows`. */
export const useRows = <T>(of: Rows<T>) => {
  const list = useTemplateRef<HTMLElement>('rows')
  /** The row before which what is dragged would be put. */
  const over = ref('')
  const place = (row: T, at: number) => of.place?.(row, at) ?? at + 1
  const focus = async (at: number) => {
    await nextTick()
    list.value?.querySelectorAll<HTMLElement>('[data-row]')[at]?.focus()
  }
  const move = (id: string, to: number) => {
    if (to >= 1 && to <= (of.count?.() ?? of.rows().length)) {
      of.move(id, to)
    }
  }
  const onKey = (key: KeyboardEvent, at: number) => {
    const row = of.rows()[at]!
    const by = key.key === 'ArrowDown' ? 1 : key.key === 'ArrowUp' ? -1 : 0
    if (by && key.altKey) {
      move(of.id(row), place(row, at) + by)
    } else if (by) {
      void focus(at + by)
    } else if (of.keys?.[key.key]) {
      of.keys[key.key]!(row)
    } else {
      return
    }
    key.preventDefault()
  }
  /** What a row listens to. */
  const on = (row: T, at: number) => ({
    dragstart: (event: DragEvent) => event.dataTransfer?.setData(of.type, of.id(row)),
    dragover: (event: DragEvent) => {
      event.preventDefault()
      over.value = of.id(row)
    },
    dragleave: () => (over.value = ''),
    drop: (event: DragEvent) => {
      event.preventDefault()
      const id = event.dataTransfer?.getData(of.type)
      over.value = ''
      if (id) {
        move(id, place(row, at))
      }
    },
  })
  return { list, over, move, onKey, on }
}
