import { defineStore } from 'pinia'
import { markRaw, onScopeDispose, reactive } from 'vue'
import { ask, Refusal } from '@/api/http'
import type { Cue, CueLook, Problem } from '@/api/types'
import { useWiring } from './wiring'

const PAUSE_MS = 450

/** A cue as it is being edited; what is not yet valid is marked and kept here, and only what is valid is saved. */
export interface Draft {
  cue: Cue
  version: number
  edits: number
  state: 'saved' | 'editing' | 'saving' | 'refused' | 'conflict' | 'offline'
  problems: Problem[]
  message: string
  /** What the server has, where somebody else changed it meanwhile; null where it was deleted there. */
  theirs: Cue | null
  /** What the server says of it as it is written now, or was a moment ago; null until it has spoken. */
  look: CueLook | null
}

export const useDrafts = defineStore('drafts', () => {
  const wiring = useWiring()
  const drafts = reactive(new Map<string, Draft>())
  const timers = new Map<string, ReturnType<typeof setTimeout>>()
  onScopeDispose(() => timers.forEach(clearTimeout))

  const fresh = (id: string): Draft | undefined => {
    const there = wiring.cue(id)
    return (
      there && {
        cue: structuredClone(JSON.parse(JSON.stringify(there.cue)) as Cue),
        version: there.version,
        edits: 0,
        state: 'saved',
        problems: [],
        message: '',
        theirs: null,
        look: null,
      }
    )
  }

  /** The draft of a cue; one without edits of its own follows the server. */
  const open = (id: string): Draft | undefined => {
    const draft = drafts.get(id)
    const there = wiring.cue(id)
    if (!draft || (draft.state === 'saved' && there && there.version !== draft.version)) {
      const made = fresh(id)
      if (made) {
        made.look = draft?.look ?? null
        drafts.set(id, made)
        void look(id)
      }
    }
    return there ? drafts.get(id) : undefined
  }

  /** Asks how the draft looks; who asks while it is being answered is asked for again after that, with what stands then. */
  const looking = new Map<string, { again: boolean; done: Promise<void> }>()
  const look = (id: string): Promise<void> => {
    const running = looking.get(id)
    if (running) {
      running.again = true
      return running.done
    }
    const turn = { again: false, done: Promise.resolve() }
    const answered = async () => {
      do {
        turn.again = false
        const asked = drafts.get(id)
        const told = asked && (await ask<CueLook>('POST', '/cues/look', asked.cue).catch(() => null))
        seen(id, told ?? null, !turn.again)
      } while (turn.again)
      looking.delete(id)
    }
    looking.set(id, turn)
    turn.done = answered()
    return turn.done
  }
  /** @param newest whether it is of what stands now */
  const seen = (id: string, told: CueLook | null, newest: boolean) => {
    const draft = drafts.get(id)
    if (draft && told) {
      draft.look = markRaw(told)
      if (newest && draft.state !== 'conflict') {
        draft.problems = told.problems
      }
    }
  }

  const save = async (id: string) => {
    const draft = drafts.get(id)
    if (!draft || draft.state === 'saving') {
      return
    }
    const edits = draft.edits
    draft.state = 'saving'
    try {
      const saved = await wiring.saveCue(draft.version, draft.cue)
      draft.version = saved.version
      Object.assign(draft, { state: 'saved', message: '' })
      seen(id, saved.look, draft.edits === edits)
    } catch (failed) {
      const refusal = failed as Refusal
      draft.problems = refusal.problems ?? []
      draft.message = refusal.message
      draft.theirs = (refusal.body?.there as Cue | undefined) ?? null
      if (refusal.status === 503) {
        // It is in force and will be kept as soon as the disk allows: the next try builds on it.
        await wiring.load()
        draft.version = wiring.cue(id)?.version ?? draft.version
      }
      draft.state =
        refusal.status === 409 ? 'conflict' : refusal.status === 0 || refusal.status === 503 ? 'offline' : 'refused'
    }
    if (draft.edits !== edits && (draft.state as Draft['state']) !== 'conflict') {
      // What was typed meanwhile is not saved yet, and nothing of the server's may take its place.
      draft.state = 'editing'
      later(id)
    }
  }

  const later = (id: string) => {
    clearTimeout(timers.get(id))
    timers.set(
      id,
      setTimeout(() => void save(id), PAUSE_MS),
    )
  }

  /** Changes the draft and saves it after a short pause. */
  const edit = (id: string, change: (cue: Cue) => void) => {
    const draft = drafts.get(id)
    if (draft) {
      change(draft.cue)
      draft.edits++
      void look(id)
      draft.state = draft.state === 'conflict' ? 'conflict' : draft.state === 'saving' ? 'saving' : 'editing'
      if (draft.state !== 'conflict' && draft.state !== 'saving') {
        later(id)
      }
    }
  }

  /** Drops the edits and takes what the server has. */
  const takeTheirs = async (id: string) => {
    await wiring.load()
    clearTimeout(timers.get(id))
    drafts.delete(id)
    open(id)
  }

  /** Keeps the edits, on top of what the server has now. */
  const keepMine = async (id: string) => {
    await wiring.load()
    const draft = drafts.get(id)
    if (draft) {
      draft.version = wiring.cue(id)?.version ?? 0
      draft.state = 'editing'
      await save(id)
    }
  }

  return { drafts, open, edit, save, look, takeTheirs, keepMine }
})

/** What is wrong at a place of the document or below it. */
export const problemsAt = (draft: Draft, path: string): Problem[] =>
  draft.problems.filter(
    (each) => each.path === path || each.path.startsWith(path + '.') || each.path.startsWith(path + '['),
  )
