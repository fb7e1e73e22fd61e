import { afterEach, describe, expect, it, vi } from 'vitest'
import type { WiringView } from '@/api/types'
import { pour, serve, viewOf, wiringOf } from '@/testing/server'
import { ownStores } from '@/testing/stores'
import { useWiring } from './wiring'

const view = (id: string, version = 1) => viewOf(pour({ id, name: `${id} ${version}` }), version)
const told = (revision: number, cues: WiringView['cues'], cueOrder: string[]) => ({
  ...wiringOf(1, pour()),
  revision,
  cues,
  cueOrder,
})

describe('the wiring as it is read', () => {
  ownStores()
  afterEach(() => vi.unstubAllGlobals())

  /** What is read when the server answers one after the other, and the paths that were asked. */
  const reading = async (...answers: object[]) => {
    const asked = serve(() => ({ body: answers.shift() ?? {} }))
    const wiring = useWiring()
    while (answers.length > 0) {
      await wiring.load()
    }
    return { wiring, paths: () => asked.map((each) => each.path) }
  }

  it('is read whole once, then only what changed; all else stays the very same', async () => {
    const { wiring, paths } = await reading(told(7, [view('a'), view('b'), view('c')], ['a', 'b', 'c']))
    const before = wiring.cue('c')
    serve((_method, path) => ({
      body: path === '/api/wiring?since=7' ? told(8, [view('b', 2), view('d')], ['d', 'c', 'b']) : {},
    }))
    await wiring.load()
    expect(paths()).toEqual(['/api/wiring'])
    expect(wiring.cues.map((each) => each.cue.name)).toEqual(['d 1', 'c 1', 'b 2'])
    expect(wiring.cue('c')).toBe(before)
  })

  it('is read whole again where something may have been missed, and where that could not be read', async () => {
    const { wiring } = await reading(told(7, [view('a')], ['a']))
    let down = true
    const asked = serve(() => (down ? { status: 500, body: {} } : { body: told(3, [view('b')], ['b']) }))
    wiring.missed()
    await wiring.load()
    expect(wiring.cue('a')).toBeDefined()
    down = false
    await wiring.load()
    expect(asked.map((each) => each.path)).toEqual(['/api/wiring', '/api/wiring'])
    expect(wiring.cues.map((each) => each.cue.id)).toEqual(['b'])
    expect(wiring.loadFailed).toBe('')
  })
})
