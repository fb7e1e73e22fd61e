import { useDebounceFn } from '@vueuse/core'
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import type { Refusal } from '@/api/http'
import type { Problem } from '@/api/types'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'

const PAUSE_MS = 350

/** What the server has, and how it is kept there. */
export interface Kept<T> {
  /** What is open. */
  id: () => string
  /** What the server has under it. */
  there: () => { value: T; version: number } | undefined
  /** Keeps it, and tells its new version. */
  put: (value: T, version: number) => Promise<number>
}

/** A document as it is being edited: saved shortly after every edit; what is refused is marked and kept here. Nothing that was typed gives way to an older state, however slow the server is. */
export const useDraftOf = <T extends object>({ id, there: kept, put }: Kept<T>) => {
  const wiring = useWiring()
  const notes = useNotes()
  const draft = shallowRef<T | null>(null)
  const version = ref(0)
  const state = ref<'saved' | 'editing' | 'saving' | 'refused' | 'conflict' | 'offline'>('saved')
  const problems = shallowRef<Problem[]>([])
  const message = ref('')
  let edits = 0
  /** How many edits were sent, and what is being sent. */
  let sent = 0
  let sending: Promise<number> | null = null

  const there = computed(kept)
  const follow = () => {
    draft.value = there.value ? (JSON.parse(JSON.stringify(there.value.value)) as T) : null
    version.value = there.value?.version ?? 0
    state.value = 'saved'
    problems.value = []
    message.value = ''
    sent = ++edits
  }
  /** Whoever goes on to another one, or away, leaves nothing behind that was not sent. */
  const leave = () => {
    const last = draft.value
    if (last && edits !== sent && state.value !== 'conflict') {
      const before = version.value
      sent = edits
      ;(sending ?? Promise.resolve(before))
        .catch(() => before)
        .then((now) => put(last, now))
        .then(
          () => wiring.load(),
          (refusal: Error) => notes.say(`What you typed last was not saved. ${refusal.message}`),
        )
    }
  }
  // What has no edits of its own follows the server, by undo or by another console.
  watch(
    [there, id],
    ([now, of], [, before]) => {
      if (of !== before) {
        leave()
        sending = null
        follow()
      } else if (!now || (state.value === 'saved' && now.version !== version.value) || !draft.value) {
        follow()
      }
    },
    { immediate: true },
  )
  onScopeDispose(leave)

  const save = async () => {
    if (!draft.value || state.value === 'saving' || edits === sent) {
      return
    }
    const mine = edits
    const of = id()
    sent = mine
    state.value = 'saving'
    const turn = put(draft.value, version.value)
    sending = turn
    try {
      const next = await turn
      await wiring.load()
      if (of !== id()) {
        return
      }
      version.value = next
      problems.value = []
      message.value = ''
      state.value = 'saved'
    } catch (failed) {
      if (of !== id()) {
        notes.say(`What you typed last was not saved. ${(failed as Refusal).message}`)
        return
      }
      const refusal = failed as Refusal
      problems.value = refusal.problems ?? []
      message.value = refusal.message
      state.value =
        refusal.status === 409 ? 'conflict' : refusal.status === 0 || refusal.status === 503 ? 'offline' : 'refused'
    }
    sending = null
    if (mine !== edits && (state.value as string) !== 'conflict') {
      state.value = 'editing'
      void later()
    }
  }
  const later = useDebounceFn(save, PAUSE_MS)

  /** Puts another in place of this one, and saves it soon. */
  const edit = (next: T) => {
    draft.value = next
    edits++
    if (state.value !== 'conflict' && state.value !== 'saving') {
      state.value = 'editing'
      void later()
    }
  }
  const takeTheirs = async () => {
    await wiring.load()
    follow()
  }
  const keepMine = async () => {
    await wiring.load()
    version.value = there.value?.version ?? 0
    state.value = 'editing'
    edits++
    await save()
  }
  /** How it stands, in words. */
  const says = computed(
    () =>
      ({
        saved: 'Saved',
        editing: 'Editing…',
        saving: 'Saving…',
        refused: `Not saved: ${message.value} What was saved before still holds.`,
        conflict: `Not saved. ${message.value}`,
        offline: `Not saved. ${message.value}`,
      })[state.value],
  )
  const at = (path: string) =>
    problems.value.filter(
      (each) => each.path === path || each.path.startsWith(`${path}.`) || each.path.startsWith(`${path}[`),
    )
  return { draft, says, state, problems, edit, takeTheirs, keepMine, at }
}
