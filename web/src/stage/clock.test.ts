import { describe, expect, it } from 'vitest'
import { ServerClock } from './clock'

describe('the clock in step with the server', () => {
  it('takes the difference from the quickest round trip', () => {
    const clock = new ServerClock()
    clock.heard(0, 1_080, 100)
    clock.heard(200, 1_205, 210)
    clock.heard(300, 1_390, 400)
    expect(clock.roundTrip).toBe(10)
    expect(clock.toPage(2_000)).toBe(1_000)
    expect(clock.toServer(1_000)).toBe(2_000)
  })

  it('forgets round trips that are too old to trust', () => {
    const clock = new ServerClock(1_000)
    clock.heard(0, 501, 2)
    clock.heard(5_000, 6_010, 5_020)
    expect(clock.roundTrip).toBe(20)
    expect(clock.toServer(0)).toBe(1_000)
  })

  it('is right to a few milliseconds after an hour in a background tab, whose clock runs off and which may ask only once a minute', () => {
    const clock = new ServerClock()
    const MINUTE = 60_000
    // A hundred millionths too fast: 360 ms in an hour where nobody asks.
    const server = (page: number) => page * (1 - 100e-6) + 1_700_000_000_000
    let most = 0
    for (let minute = 0; minute <= 60; minute++) {
      const asked = minute * MINUTE
      const way = 1 + ((minute * 7) % 13)
      if (minute > 1) {
        most = Math.max(most, Math.abs(clock.toServer(asked) - server(asked)))
      }
      clock.heard(asked, server(asked + way), asked + 2 * way)
    }
    expect(most).toBeGreaterThan(1)
    expect(most).toBeLessThan(15)
  })

  it('is not in step before the first answer', () => {
    expect(new ServerClock().inStep).toBe(false)
  })
})
