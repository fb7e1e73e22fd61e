import { autoUpdate, computePosition, flip, offset, shift, size, type Placement } from '@floating-ui/dom'
import type { Directive } from 'vue'

/** Where a menu opens if there is room; `wide` makes it as wide as what opened it. */
export type Opens = Placement | 'wide'

const EDGE = 8
const open = new WeakMap<HTMLElement, { leave: () => void; look: () => void }>()
/** What opened it: the button or field beside it that says that something is open. */
const anchorOf = (menu: HTMLElement): Element =>
  [...(menu.parentElement?.querySelectorAll('[aria-expanded=true], [aria-haspopup], [aria-expanded]') ?? [])].find(
    (each) => !menu.contains(each),
  ) ?? menu.parentElement!

/** Says at its foot that there is more below, until one has scrolled there. */
const more = (menu: HTMLElement) => {
  const look = () => menu.toggleAttribute('data-more', menu.scrollHeight - menu.clientHeight - menu.scrollTop > 4)
  menu.addEventListener('scroll', look, { passive: true })
  return look
}

/** A press on what may be chosen leaves the focus where it is: a browser would scroll what it focuses into view, and the button would be let go over another. */
const still = (menu: HTMLElement) =>
  menu.addEventListener('mousedown', (press) => {
    if ((press.target as Element).closest('[role=option], [role=menuitem]')) {
      press.preventDefault()
    }
  })

/** Puts a menu, list or panel where it fits whole, over everything else, and keeps it there. */
export const vMenu: Directive<HTMLElement, Opens | undefined> = {
  mounted: (menu, { value }) => {
    const anchor = anchorOf(menu)
    const own = parseFloat(getComputedStyle(menu).maxHeight) || Infinity
    const look = more(menu)
    still(menu)
    menu.classList.add('over-all')
    menu.popover = 'manual'
    menu.showPopover?.()
    const place = async () => {
      const { x, y } = await computePosition(anchor, menu, {
        placement: value === 'wide' || !value ? 'bottom-start' : value,
        strategy: 'fixed',
        middleware: [
          offset(4),
          flip({ padding: EDGE, fallbackAxisSideDirection: 'end' }),
          shift({ padding: EDGE, crossAxis: true }),
          size({
            padding: EDGE,
            apply: ({ availableHeight, rects }) => {
              menu.style.maxHeight = `${Math.max(80, Math.min(own, availableHeight))}px`
              menu.style.overflowY = 'auto'
              if (value === 'wide') {
                menu.style.width = `${rects.reference.width}px`
              }
            },
          }),
        ],
      })
      Object.assign(menu.style, { left: `${x}px`, top: `${y}px` })
      look()
    }
    const seen = typeof ResizeObserver === 'function' && typeof IntersectionObserver === 'function'
    const leave = autoUpdate(anchor, menu, () => void place(), { elementResize: seen, layoutShift: seen })
    open.set(menu, { leave, look })
  },
  updated: (menu) => open.get(menu)?.look(),
  beforeUnmount: (menu) => {
    open.get(menu)?.leave()
    open.delete(menu)
  },
}
