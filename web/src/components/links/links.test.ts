import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { CertificateView, LinkView, ReachView } from '@/api/types'
import { useWiring } from '@/stores/wiring'
import { pour, serve, wiringOf } from '@/testing/server'
import { ownStores } from '@/testing/stores'
import HelpersCard from './HelpersCard.vue'
import LinkCard from './LinkCard.vue'
import NeighboursCard from './NeighboursCard.vue'
import ReachCard from './ReachCard.vue'
import SecretField from '@/components/cue/SecretField.vue'

const NOW = 100_000
const tower: LinkView = {
  id: 'tower',
  kind: 'irc',
  name: 'Tower',
  doing: 'down',
  rank: 4,
  refusal: 'Tower is down',
  facts: [{ name: 'Server', says: 'irc.example.org:6697, by TLS', good: true }],
  users: 7,
  fixed: false,
  state: {
    phase: 'broken',
    since: 40_000,
    trouble: { says: 'Nothing answers at irc.example.org:6697.', remedy: 'Look at the port.', again: true },
    failures: 2,
    nextTry: 104_000,
    heardAt: 38_000,
    heard: 'wickerby: <b>!pour</b>',
    roundTrip: -1,
  },
}

ownStores()
afterEach(() => vi.unstubAllGlobals())

describe('the card of a link', () => {
  it('says what is wrong, what to do, when it tries again, what it heard last and who needs it', () => {
    const text = mount(LinkCard, { props: { link: tower, now: NOW } }).text()
    expect(text).toContain('down for 1 min')
    expect(text).toContain('Nothing answers at irc.example.org:6697. Look at the port. Tried again in 4 s.')
    expect(text).toContain('wickerby: <b>!pour</b>')
    expect(text).toContain('7 cues use it.')
  })

  it('tries it for real and tells what came of that', async () => {
    const asked = serve(() => ({ body: { good: false, says: 'Tower is down.' } }))
    const made = mount(LinkCard, { props: { link: tower, now: NOW } })
    await made
      .findAll('button')
      .find((each) => each.text() === 'Test')!
      .trigger('click')
    await vi.waitFor(() => expect(made.text()).toContain('Tower is down.'))
    expect(asked.map((each) => each.path)).toEqual(['/api/links/tower/test'])
  })

  it('shows the code of a proof, and what became of it', async () => {
    const proof = { code: 'mybell-abcd', until: NOW + 540_000, triesLeft: 2, result: 'waiting' as const, who: '' }
    const made = mount(LinkCard, { props: { link: { ...tower, proof }, now: NOW } })
    expect(made.find('[data-code]').text()).toBe('mybell-abcd')
    expect(made.text()).toContain('Good for 9 min; 2 wrong ones are left.')
    await made.setProps({ link: { ...tower, proof: { ...proof, who: 'odalys' } } })
    expect(made.text()).toContain('odalys said it without being signed in')
    await made.setProps({ link: { ...tower, proof: { ...proof, result: 'proved', who: 'odalys' } } })
    expect(made.text()).toContain('odalys is you')
    await made.setProps({ link: { ...tower, proof }, now: NOW + 600_000 })
    expect(made.text()).toContain('Nobody said it within ten minutes.')
  })
})

describe('neighbours', () => {
  it('are suggested with the words that they answer, and another prefix is offered', async () => {
    const wiring = wiringOf(3, pour())
    const asked = serve((_method, path) => ({
      body:
        path === '/api/neighbours'
          ? { suspects: [{ name: 'reed_helper', words: ['!pour'], answers: 3 }], prefix: '!', freePrefix: '+' }
          : path.startsWith('/api/wiring')
            ? wiring
            : { version: 2 },
    }))
    await useWiring().load()
    const made = mount(NeighboursCard)
    await vi.waitFor(() => expect(made.text()).toContain('reed_helper answered !pour 3 times'))
    const press = async (text: string) =>
      made
        .findAll('button')
        .find((each) => each.text().startsWith(text))!
        .trigger('click')
    await press('A neighbour')
    await press('Begin our words with +')
    await press('A viewer')
    const saved = (path: string) =>
      asked
        .filter((each) => each.method !== 'GET' && each.path === path)
        .map((each) => each.body as { house?: { neighbours: string[]; prefix: string } })
    await vi.waitFor(() => expect(saved('/api/house')).toHaveLength(2))
    expect(saved('/api/house')[0]!.house!.neighbours).toEqual(['reed_helper'])
    expect(saved('/api/house')[1]!.house!.prefix).toBe('+')
    expect(saved('/api/neighbours/viewers')).toEqual([{ name: 'reed_helper' }])
  })
})

describe('a secret', () => {
  it('that is kept is masked, and stays unless another is written', async () => {
    const made = mount(SecretField, { props: { label: 'Password', kept: true } })
    expect(made.find('input').exists()).toBe(false)
    await made
      .findAll('button')
      .find((each) => each.text() === 'Write another')!
      .trigger('click')
    await made.find('input').setValue('three tapers')
    expect(made.emitted('update:modelValue')).toEqual([['three tapers']])
    const gone = mount(SecretField, { props: { label: 'Password', kept: true } })
    await gone
      .findAll('button')
      .find((each) => each.text() === 'Forget')!
      .trigger('click')
    expect(gone.emitted('update:modelValue')).toEqual([['']])
  })
})

describe('this computer', () => {
  const reach: ReachView = {
    listen: '127.0.0.1',
    listensNow: '127.0.0.1',
    names: [],
    password: false,
    secure: false,
    secureNow: false,
    here: ['192.168.1.20'],
  }
  it('warns before others are let in, and shows what was refused beside its field', async () => {
    const asked = serve((method) =>
      method === 'PUT'
        ? {
            status: 422,
            body: {
              detail: 'x',
              problems: [
                {
                  path: 'password',
                  value: '',
                  message: 'Other computers could come in without a password.',
                  remedy: 'Set a host password first.',
                },
              ],
            },
          }
        : { body: reach },
    )
    const made = mount(ReachCard)
    await vi.waitFor(() => expect(made.text()).toContain('from this computer only'))
    expect(made.text()).not.toContain('not encrypted')
    await made.find('input[type=checkbox]').setValue(true)
    expect(made.text()).not.toContain('nothing is encrypted')
    await made.find('[data-secure]').setValue(false)
    expect(made.text()).toContain('nothing is encrypted')
    await made.find('form').trigger('submit')
    await vi.waitFor(() => expect(made.find('[role=alert]').text()).toContain('Set a host password first.'))
    expect(asked.at(-1)!.body).toEqual({ listen: '0.0.0.0', names: ['192.168.1.20'], password: '', secure: false })
  })
  it('tells the certificate that others see, and takes one of the host by its two files', async () => {
    const made: CertificateView = {
      own: false,
      fingerprint: 'AB:CD',
      until: Date.UTC(2027, 11, 1),
      address: 'https://192.168.1.20:8088',
    }
    const asked = serve((method, path) =>
      path.endsWith('/certificate')
        ? method === 'PUT'
          ? {
              status: 422,
              body: {
                detail: 'x',
                problems: [{ path: 'key', value: '', message: 'Not its key.', remedy: 'Choose it.' }],
              },
            }
          : { body: made }
        : { body: { ...reach, listen: '0.0.0.0', names: ['192.168.1.20'], secure: true } },
    )
    const card = mount(ReachCard)
    await vi.waitFor(() => expect(card.text()).toContain('AB:CD'))
    expect(card.text()).toContain('https://192.168.1.20:8088')
    const choose = async (where: string, text: string) => {
      const input = card.find<HTMLInputElement>(where)
      Object.defineProperty(input.element, 'files', { value: [new File([text], 'x.pem')] })
      await input.trigger('change')
    }
    await choose('[data-pem]', 'a certificate')
    await choose('[data-key]', 'a key')
    const use = () => card.findAll('button').find((each) => each.text() === 'Use these')!
    await vi.waitFor(() => expect(use().attributes('disabled')).toBeUndefined())
    await use().trigger('click')
    await vi.waitFor(() => expect(card.text()).toContain('Not its key.'))
    expect(asked.at(-1)!.body).toEqual({ certificate: 'a certificate', key: 'a key' })
    expect(card.text()).not.toContain('holds from the next start on')
  })
})

describe('who helps', () => {
  const sedge = {
    id: 'h1',
    name: '<b>sedge',
    rights: ['ask'],
    desks: ['bench'],
    cues: [],
    waits: false,
    sessions: [{ id: 's1', helper: 'h1', since: NOW, from: '192.168.1.9' }],
  }
  const view = { helpers: [sedge], beyond: true, granted: ['approve', 'ask', 'press', 'say', 'hush'] }
  const card = async (answer: (method: string, path: string) => { status?: number; body: unknown } | null) => {
    const calls = serve((method, path) => answer(method, path) ?? { body: view })
    useWiring().view = wiringOf(1, pour({ pulls: [{ kind: 'hand', button: 'Pour', key: '' }] }))
    const shown = mount(HelpersCard)
    await flushPromises()
    return { calls, shown }
  }

  it('is invited by an address that is shown once, and may what is ticked', async () => {
    const { calls, shown } = await card((method) =>
      method === 'POST' ? { body: { address: 'http://studio.local:8087/sign-in#i=abc' } } : null,
    )
    await shown.get('[data-invite]').trigger('click')
    await shown.get('form input').setValue('tess')
    const ticks = shown.findAll('form input[type=checkbox]')
    await ticks[2]!.setValue(true)
    await shown
      .findAll('label')
      .find((each) => each.text() === 'Pour')!
      .get('input')
      .setValue(true)
    await shown.get('form').trigger('submit')
    await flushPromises()
    expect(calls.find((each) => each.method === 'POST')?.body).toEqual({
      name: 'tess',
      rights: ['approve', 'ask', 'press'],
      desks: [],
      cues: ['pour'],
    })
    expect(shown.get('[data-invitation]').text()).toContain('http://studio.local:8087/sign-in#i=abc')
    expect(shown.find('form').exists()).toBe(false)
  })
  it('says what is wrong where it is, ends a session and takes somebody away', async () => {
    const problem = { path: 'name', value: '', message: 'The name is empty.', remedy: 'Write at least one letter.' }
    const { calls, shown } = await card((method) =>
      method === 'PUT' ? { status: 422, body: { detail: '', problems: [problem] } } : null,
    )
    expect(shown.get('[data-helper]').text()).toContain('<b>sedge')
    expect(shown.get('[data-helper]').text()).toContain('is in')
    await shown
      .findAll('button')
      .find((each) => each.text() === 'What they may')!
      .trigger('click')
    await shown.get('form').trigger('submit')
    await flushPromises()
    expect(shown.get('form').text()).toContain('The name is empty.')
    await shown
      .findAll('button')
      .find((each) => each.text() === 'End it')!
      .trigger('click')
    await shown.get('[aria-label="Take <b>sedge away"]').trigger('click')
    await flushPromises()
    expect(calls.filter((each) => each.method === 'DELETE').map((each) => each.path)).toEqual([
      '/api/helpers/sessions/s1',
      '/api/helpers/h1',
    ])
  })
})
