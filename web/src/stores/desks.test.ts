import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useDeskBoards } from './desks'

/** Answers that are given when the test wants them, by the address that was asked. */
const waiting: { path: string; answer: (body: unknown) => void }[] = []
const settled = () => new Promise((go) => setTimeout(go))
beforeEach(() => {
  setActivePinia(createPinia())
  waiting.length = 0
  vi.stubGlobal(
    'fetch',
    (path: string) =>
      new Promise((go) => waiting.push({ path, answer: (body) => go(new Response(JSON.stringify(body))) })),
  )
})

const ME = Symbol('me')

describe('the board that is open', () => {
  it('never goes back to an older one, however the answers overtake one another', async () => {
    const desks = useDeskBoards()
    void desks.show(ME, ['bench'])
    void desks.refresh()
    const asked = waiting.filter((each) => each.path === '/api/desks/board?about=bench')
    expect(asked).toHaveLength(2)
    asked[1]!.answer({ steps: 2 })
    await settled()
    asked[0]!.answer({ steps: 1 })
    await settled()
    expect(desks.boards).toEqual({ bench: { steps: 2 } })
  })
  it('is not that of a desk that was left meanwhile', async () => {
    const desks = useDeskBoards()
    void desks.show(ME, ['bench'])
    void desks.show(ME, ['wax'])
    waiting[1]!.answer({ face: 'wax' })
    waiting[0]!.answer({ steps: 1 })
    await settled()
    expect(desks.boards).toEqual({ wax: { face: 'wax' } })
  })
  it('stands beside others, and is asked for once when one more is shown', async () => {
    const desks = useDeskBoards()
    void desks.show(ME, ['bench'])
    void desks.show(ME, ['bench', 'wax'])
    expect(waiting.map((each) => each.path)).toEqual(['/api/desks/board?about=bench', '/api/desks/board?about=wax'])
    waiting.forEach((each, at) => each.answer({ at }))
    await settled()
    expect(desks.boards).toEqual({ bench: { at: 0 }, wax: { at: 1 } })
  })
  it('stays for one who shows it when another shows others or goes', async () => {
    const desks = useDeskBoards()
    const other = Symbol('other')
    void desks.show(ME, ['bench'])
    void desks.show(other, ['evening', 'bench'])
    waiting.forEach((each, at) => each.answer({ at }))
    await settled()
    expect(Object.keys(desks.boards)).toEqual(['bench', 'evening'])
    void desks.show(other, [])
    expect(Object.keys(desks.boards)).toEqual(['bench'])
  })
})
