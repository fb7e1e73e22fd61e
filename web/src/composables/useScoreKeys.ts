import type { Ref } from 'vue'
import type { Part } from '@/api/types'
import type { PlannedPart } from '@/composables/usePlan'
import { copyInto, hangers, moved, NUDGE, stretched } from '@/lib/scoreEdit'
import { usePlayhead } from '@/stores/playhead'

const KEPT = 'waxbell.parts'

interface Over {
  parts: Ref<Part[]>
  plan: Ref<PlannedPart[]>
  picked: Ref<string[]>
  pick: (ids: string[]) => void
  commit: (parts: Part[]) => void
  cancel: () => void
  remove: () => void
  zoom: (by: number) => void
}

/** Everything that the pointer does to a score, by keys: choose, nudge, stretch, copy, paste, play, scrub. */
export const useScoreKeys = ({ parts, plan, picked, pick, commit, cancel, remove, zoom }: Over) => {
  const playhead = usePlayhead()
  const focus = (id: string) => document.getElementById(`part-${id}`)?.focus()
  const step = (by: number) => {
    const order = plan.value
      .map((each, at) => ({ ...each, at }))
      .sort((one, other) => one.from - other.from || one.at - other.at)
    const now = order.findIndex((each) => each.part.id === picked.value.at(-1))
    const next = order[(now + by + order.length) % order.length]
    if (next) {
      pick([next.part.id])
      focus(next.part.id)
    }
  }
  const change = (one: (part: Part) => Part, alone: boolean) => {
    const movers = alone
      ? picked.value
      : picked.value.filter(
          (each) => !picked.value.some((other) => other !== each && hangers(parts.value, other).includes(each)),
        )
    commit(parts.value.map((each) => (movers.includes(each.id) ? one(each) : each)))
  }
  const copy = () =>
    localStorage.setItem(
      KEPT,
      JSON.stringify(
        plan.value
          .filter((each) => picked.value.includes(each.part.id))
          .map((each) => ({ part: each.part, from: each.from, to: each.to })),
      ),
    )
  const paste = () => {
    const kept = JSON.parse(localStorage.getItem(KEPT) ?? '[]') as { part: Part; from: number; to: number }[]
    const first = Math.min(...kept.map((each) => each.from))
    // Beside what it is a copy of it would want the same place at the same time, so it goes behind it.
    const beside = kept.some(({ part }) => parts.value.some((each) => each.id === part.id))
    const start = playhead.at ?? (beside ? Math.max(...kept.map((each) => each.to)) : first)
    const renamed = new Map<string, string>()
    const all = [...parts.value]
    for (const { part, from } of kept) {
      const made = copyInto(part, all, start + from - first)
      const hangs = part.start.kind !== 'at' && renamed.get(part.start.part)
      all.push(hangs ? { ...made, start: { ...part.start, part: hangs } as Part['start'] } : made)
      renamed.set(part.id, made.id)
    }
    if (kept.length) {
      commit(all)
      pick([...renamed.values()])
    }
  }
  const ACTIONS: Record<string, () => void> = {
    ArrowRight: () => step(1),
    ArrowLeft: () => step(-1),
    'Shift+ArrowRight': () => change((part) => moved(part, NUDGE), false),
    'Shift+ArrowLeft': () => change((part) => moved(part, -NUDGE), false),
    'Ctrl+ArrowRight': () => change((part) => stretched(part, plan.value, NUDGE), true),
    'Ctrl+ArrowLeft': () => change((part) => stretched(part, plan.value, -NUDGE), true),
    'Ctrl+c': copy,
    'Ctrl+x': () => (copy(), remove()),
    'Ctrl+v': paste,
    'Ctrl+a': () => pick(parts.value.map((each) => each.id)),
    Delete: remove,
    Backspace: remove,
    Escape: cancel,
    p: playhead.toggle,
    Home: () => playhead.scrub(0),
    End: () => playhead.scrub(playhead.end - 400),
    '+': () => zoom(1),
    '=': () => zoom(1),
    '-': () => zoom(-1),
  }
  const keys = (key: KeyboardEvent) => {
    const name =
      (key.ctrlKey || key.metaKey ? 'Ctrl+' : '') +
      (key.shiftKey && key.key.startsWith('Arrow') ? 'Shift+' : '') +
      (key.key.length === 1 ? key.key.toLowerCase() : key.key)
    const action = key.altKey ? undefined : ACTIONS[name]
    action?.()
    // Esc goes on: held, it is Hush.
    if (action && key.key !== 'Escape') {
      key.preventDefault()
      key.stopPropagation()
    }
  }
  return { keys, paste }
}
