import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Problem } from '@/api/types'
import { lookAt, pour, serve, wiringOf } from '@/testing/server'
import { ownStores } from '@/testing/stores'
import { problemsAt, useDrafts } from './drafts'
import { useWiring } from './wiring'

/** A server that keeps one cue, or does as `refuse` says. */
const keeper = () => {
  let version = 1
  let kept = pour()
  const state = {
    refuse: null as null | { status: number; body: unknown },
    wrong: [] as Problem[],
    get kept() {
      return kept
    },
    elsewhere: () => {
      version++
      kept = pour({ name: 'Changed elsewhere' })
    },
  }
  const asked = serve((method, path, body) => {
    if (path === '/api/cues/look') {
      return { body: lookAt(body as typeof kept, { problems: state.wrong }) }
    }
    if (method !== 'PUT') {
      return { body: wiringOf(version, kept) }
    }
    const save = body as { version: number; cue: typeof kept }
    if (state.refuse) {
      return state.refuse
    }
    if (save.version !== version) {
      return { status: 409, body: { detail: 'It was changed meanwhile.' } }
    }
    kept = save.cue
    return { body: { version: ++version, look: lookAt(kept) } }
  })
  return { state, saves: () => asked.filter((each) => each.method === 'PUT').length }
}

describe('a draft', () => {
  ownStores()
  beforeEach(() => {
    vi.useFakeTimers()
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  const opened = async () => {
    const server = keeper()
    await useWiring().load()
    const drafts = useDrafts()
    return { ...server, drafts, draft: drafts.open('pour')! }
  }
  const settle = () => vi.advanceTimersByTimeAsync(500)
  const now = (drafts: ReturnType<typeof useDrafts>) => drafts.drafts.get('pour')!

  it('is saved once, a moment after the last of several keys', async () => {
    const { drafts, state, saves } = await opened()
    for (const name of ['P', 'Po', 'Pou']) {
      drafts.edit('pour', (cue) => (cue.name = name))
      await vi.advanceTimersByTimeAsync(100)
    }
    expect(now(drafts).state).toBe('editing')
    await settle()
    expect(saves()).toBe(1)
    expect(state.kept.name).toBe('Pou')
    expect(now(drafts)).toMatchObject({ state: 'saved', version: 2 })
  })

  it('keeps what is not valid, marks it by place, and is saved when it is mended', async () => {
    const { drafts, state } = await opened()
    state.refuse = {
      status: 422,
      body: { detail: 'x', problems: [{ path: 'gates[1].forAllMs', value: '-1', message: 'm', remedy: 'r' }] },
    }
    drafts.edit('pour', (cue) => (cue.name = 'Kept'))
    await settle()
    expect(now(drafts)).toMatchObject({ state: 'refused', cue: { name: 'Kept' } })
    expect(problemsAt(now(drafts), 'gates[1]')).toHaveLength(1)
    expect(problemsAt(now(drafts), 'gates[10]')).toHaveLength(0)
    expect(state.kept.name).toBe('Pour the taper')
    state.refuse = null
    drafts.edit('pour', (cue) => (cue.on = false))
    await settle()
    expect(now(drafts)).toMatchObject({ state: 'saved', problems: [] })
    expect(state.kept).toMatchObject({ name: 'Kept', on: false })
  })

  it('offers theirs or mine when somebody else has saved meanwhile', async () => {
    const { drafts, state } = await opened()
    state.elsewhere()
    drafts.edit('pour', (cue) => (cue.name = 'Mine'))
    await settle()
    expect(now(drafts).state).toBe('conflict')
    drafts.edit('pour', (cue) => (cue.name = 'Mine still'))
    await settle()
    expect(state.kept.name).toBe('Changed elsewhere')
    await drafts.keepMine('pour')
    expect(state.kept.name).toBe('Mine still')
  })

  it('takes theirs on wish', async () => {
    const { drafts, state } = await opened()
    state.elsewhere()
    drafts.edit('pour', (cue) => (cue.name = 'Mine'))
    await settle()
    await drafts.takeTheirs('pour')
    expect(now(drafts)).toMatchObject({ state: 'saved', cue: { name: 'Changed elsewhere' } })
  })

  it('follows the server as long as it has no edits of its own', async () => {
    const { drafts, state } = await opened()
    state.elsewhere()
    await useWiring().load()
    expect(drafts.open('pour')!.cue.name).toBe('Changed elsewhere')
  })

  it('says so and stays when the server is away or cannot keep it', async () => {
    const { drafts, state } = await opened()
    state.refuse = { status: 503, body: { detail: 'The data folder could not be written.' } }
    drafts.edit('pour', (cue) => (cue.name = 'Kept'))
    await settle()
    expect(now(drafts)).toMatchObject({
      state: 'offline',
      cue: { name: 'Kept' },
      message: 'The data folder could not be written.',
    })
    state.refuse = null
    state.elsewhere()
    state.refuse = { status: 503, body: { detail: 'The data folder could not be written.' } }
    await drafts.save('pour')
    state.refuse = null
    await drafts.save('pour')
    expect(state.kept.name).toBe('Kept')
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')))
    await drafts.save('pour')
    expect(now(drafts)).toMatchObject({ state: 'offline', message: 'Wax Bell does not answer. Is it still running?' })
  })

  it('is not there for a cue that is not', async () => {
    const { drafts } = await opened()
    expect(drafts.open('gone')).toBeUndefined()
  })
})
