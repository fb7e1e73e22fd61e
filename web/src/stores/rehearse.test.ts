import { beforeEach, describe, expect, it } from 'vitest'
import { serve } from '@/testing/server'
import { ownStores } from '@/testing/stores'
import { useRehearse } from './rehearse'

const SCRIPTS = [
  { id: 'recording-3', name: 'Show 3', origin: 'recorded', at: 1, open: false, steps: 9, lengthMs: 1 },
  { id: 'sample', name: 'Saltmarsh Candle Hour', origin: 'sample', at: 0, open: false, steps: 9, lengthMs: 1 },
]
const REPORT = { from: 0, to: 10, steps: 2, lines: [], evening: {}, against: null, differs: null }
let asked: ReturnType<typeof serve>
let goings: string[]

ownStores()
beforeEach(() => {
  goings = ['running', 'running', 'done']
  asked = serve((method, path) => {
    if (path === '/api/scripts') {
      return { body: SCRIPTS }
    }
    if (path === '/api/changes') {
      return {
        body: [
          { step: 2, at: 1, what: 'edit of Pour', documents: 1, undone: false },
          { step: 1, at: 1, what: 'new cue', documents: 1, undone: true },
        ],
      }
    }
    if (path.endsWith('/report')) {
      return { body: REPORT }
    }
    if (method === 'DELETE' && path.startsWith('/api/rehearsals')) {
      goings = ['cancelled', 'cancelled']
    }
    return { body: { id: 5, going: method === 'POST' ? 'running' : goings.shift(), percent: 40, why: '' } }
  })
})

describe('a rehearsal', () => {
  it('is followed until it is done, then its report is fetched', async () => {
    const rehearse = useRehearse()
    await rehearse.run()
    expect(rehearse.running).toBe(false)
    expect(rehearse.report).toEqual(REPORT)
    expect(rehearse.done).toBe(5)
    expect(asked.filter((each) => each.path === '/api/rehearsals/5')).toHaveLength(3)
  })

  it('is stopped, and what was played is told', async () => {
    const rehearse = useRehearse()
    const run = rehearse.run()
    await new Promise((resolve) => setTimeout(resolve, 0))
    expect(rehearse.running).toBe(true)
    await rehearse.cancel()
    await run
    expect(rehearse.standing?.going).toBe('cancelled')
    expect(rehearse.report).toEqual(REPORT)
  })

  it('offers the wiring of the show only for a recorded one, and edits that still hold', async () => {
    const rehearse = useRehearse()
    await rehearse.load()
    expect(rehearse.changes.map((each) => each.step)).toEqual([2])
    rehearse.choose('recording-3')
    rehearse.wanted.wiring = 'asItWas'
    rehearse.choose('sample')
    expect(rehearse.wanted.wiring).toBe('now')
  })

  it('tells what is refused by field and keeps the last report', async () => {
    const rehearse = useRehearse()
    await rehearse.run()
    serve(() => ({
      status: 422,
      body: {
        detail: 'no',
        problems: [{ path: 'crowd', value: '0', message: 'The crowd is out of range.', remedy: 'r' }],
      },
    }))
    await rehearse.run()
    expect(rehearse.problemsAt('crowd')).toHaveLength(1)
    expect(rehearse.report).toEqual(REPORT)
  })
})
