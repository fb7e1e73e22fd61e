import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Game, GameBoard, RewardBoard, Rewards } from '@/api/types'
import { serve } from '@/testing/server'
import { ownStores } from '@/testing/stores'
import GameDesk from './GameDesk.vue'
import RewardDesk from './RewardDesk.vue'
import RewardsForm from './RewardsForm.vue'

ownStores()
let calls: ReturnType<typeof serve>
beforeEach(() => (calls = serve(() => ({ body: { sentence: 'done' } }))))
afterEach(() => vi.unstubAllGlobals())
const reward = {
  title: 'Name a taper',
  price: 100,
  asks: 'Its name?',
  colour: '#c8841a',
  picture: '',
  mostShow: 0,
  mostEach: 1,
  restMs: 0,
  scenes: [],
  waits: true,
}
const shop = { id: 'reward', name: 'Rewards', rewards: [reward] } as unknown as Rewards
const one = (number: number, state: 'waits' | 'back') => ({
  number,
  person: 'practice:lou',
  name: '<b>lou',
  standings: [],
  months: 0,
  reward: 'Name a taper',
  input: '<i>Sprig',
  paid: 100,
  at: 1,
  tonight: true,
  state,
})
const called = (path: string) => calls.find((each) => each.path === path)

describe('the board of rewards', () => {
  it('lists what waits, accepts it by its number, and shows words as words', async () => {
    const board = { waiting: [one(4, 'waits')], past: [one(3, 'back')], tonight: [2] } as unknown as RewardBoard
    const shown = mount(RewardDesk, { props: { sheet: shop, board } })
    expect(shown.find('[data-waits]').text().replace(/\s+/g, ' ')).toContain('<b>lou asks for Name a taper')
    expect(shown.find('[data-waits]').text()).toContain('<i>Sprig')
    expect(shown.find('[data-past]').text()).toContain('given back')
    expect(shown.find('[data-reward]').text()).toContain('2 in this show')
    await shown
      .findAll('button')
      .find((each) => each.text() === 'Accept it')!
      .trigger('click')
    expect(called('/api/desks/rewards/accept')!.body).toEqual({ about: 'reward', with: { number: '4' } })
  })
})

describe('the form of rewards', () => {
  it('gets more of them under free names, and fewer', async () => {
    const shown = mount(RewardsForm, { props: { sheet: shop, problems: () => [] } })
    await shown
      .findAll('button')
      .find((each) => each.text() === 'A reward')!
      .trigger('click')
    const added = shown.emitted('set')!.at(-1)![1] as Rewards['rewards']
    expect(added.map((each) => each.title)).toEqual(['Name a taper', 'New reward'])
    await shown.find('input[type=checkbox]').setValue(false)
    expect((shown.emitted('set')!.at(-1)![1] as Rewards['rewards'])[0]!.waits).toBe(false)
    await shown.find('[aria-label*="Name a taper"]').trigger('click')
    expect(shown.emitted('set')!.at(-1)).toEqual(['rewards', []])
  })
})

describe('the board of a game', () => {
  const board = (over: object) =>
    ({
      odds: [{ what: 'three times candle', chance: 0.001, pays: 50 }],
      expected: 0.97,
      plays: [],
      staked: 60,
      won: 20,
      offers: [],
      pot: 0,
      ends: 0,
      ...over,
    }) as unknown as GameBoard
  const game = (on: boolean) => ({ id: 'wheels', name: 'Three wheels', on }) as unknown as Game

  it('says the odds before it is played, and what stands', async () => {
    const off = mount(GameDesk, { props: { sheet: game(false), board: board({}) } })
    expect(off.text()).toContain('97.0 % comes back on average')
    expect(off.text()).toContain('It is off')
    expect(off.find('[data-odd]').text()).toContain('0.10 %')
    expect(off.find('[data-odd]').text()).toContain('pays 50 × the stake')
    const on = mount(GameDesk, {
      props: {
        sheet: game(true),
        board: board({ offers: [{ person: 'p', name: 'lou', to: 'ines', stake: 20, at: 1 }] }),
      },
    })
    expect(on.text()).toContain('60 points were staked in this show, 20 came back')
    expect(on.find('[aria-label="What stands"]').text()).toContain('challenges')
    await on
      .findAll('button')
      .find((each) => each.text() === 'Call it off')!
      .trigger('click')
    expect(called('/api/desks/game/callOff')).toBeDefined()
  })
})
