import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { FakeSocket } from '@/testing/server'
import { Feed } from './feed'

describe('the stage feed', () => {
  beforeEach(() => {
    vi.useFakeTimers()
    FakeSocket.install()
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  const connected = (refused = vi.fn(), outlet = '') => {
    const heard: unknown[] = []
    const feed = new Feed('secret', outlet, (news) => heard.push(news), refused)
    feed.connect()
    FakeSocket.last.onopen?.()
    return { feed, heard, refused }
  }

  it('shows its key first and hears what is sent', () => {
    const { heard } = connected()
    expect(FakeSocket.last.sent[0]).toMatchObject({ type: 'hello', key: 'secret' })
    FakeSocket.last.hear({ type: 'hush', number: 1, at: 5 })
    expect(heard).toEqual([{ type: 'hush', number: 1, at: 5 }])
  })

  it('fills what a report does not need, as the server asks for every field', () => {
    const { feed } = connected()
    feed.tell({ type: 'started', partRun: '7.card', at: 12.5 })
    expect(FakeSocket.last.sent[1]).toEqual({
      type: 'started',
      key: '',
      sent: 0,
      roundTrip: 0,
      sounds: false,
      partRun: '7.card',
      at: 12.5,
      why: '',
      voices: {},
    })
  })

  it('comes back by itself after a break, and never after its key was renewed', () => {
    const { refused } = connected()
    FakeSocket.last.onclose?.({ code: 1006 })
    vi.advanceTimersByTime(400)
    expect(FakeSocket.all).toHaveLength(2)
    FakeSocket.last.onclose?.({ code: 4403 })
    vi.advanceTimersByTime(60_000)
    expect(FakeSocket.all).toHaveLength(2)
    expect(refused).toHaveBeenCalledOnce()
  })

  it('says nothing into a closed connection', () => {
    const { feed } = connected()
    FakeSocket.last.readyState = 3
    feed.tell({ type: 'ended', partRun: '7.card' })
    expect(FakeSocket.last.sent).toHaveLength(1)
  })

  it('says which outlet alone it sounds', () => {
    connected(vi.fn(), 'bench')
    expect(FakeSocket.last.address.search).toBe('?outlet=bench')
    connected()
    expect(FakeSocket.last.address.search).toBe('')
  })
})
