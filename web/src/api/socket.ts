import { unhurried } from '@/lib/unhurried'

const SOONEST = 250
const LATEST = 5_000

const CALM = 25
const WINDOW = 1_000
const TOGETHER = 100

/** Hears each at once as long as little comes; a flood is heard together some times a second, in its order, so that the page is painted between. */
export const paced = (hear: (type: string, body: unknown) => void): ((type: string, body: unknown) => void) => {
  let begun = 0
  let count = 0
  let waiting: [string, unknown][] = []
  const together = unhurried(
    () => {
      const all = waiting
      waiting = []
      all.forEach(([type, body]) => hear(type, body))
    },
    TOGETHER,
    TOGETHER,
  )
  return (type, body) => {
    const now = Date.now()
    if (now - begun > WINDOW) {
      begun = now
      count = 0
    }
    if (++count <= CALM && !waiting.length) {
      hear(type, body)
    } else {
      waiting.push([type, body])
      together()
    }
  }
}

/** Listens to a socket that first says how things stand and then every change; it comes back by itself. */
export const listen = (
  path: string,
  hear: (type: string, body: unknown) => void,
  connected: (yes: boolean) => void,
): (() => void) => {
  let wait = SOONEST
  let over = false
  let socket: WebSocket
  const connect = () => {
    const address = new URL(path, location.href)
    address.protocol = address.protocol === 'https:' ? 'wss:' : 'ws:'
    socket = new WebSocket(address)
    socket.onopen = () => {
      wait = SOONEST
      connected(true)
    }
    socket.onmessage = (message) => {
      const { type, body } = JSON.parse(message.data as string) as { type: string; body: unknown }
      hear(type, body)
    }
    socket.onclose = () => {
      connected(false)
      if (!over) {
        setTimeout(connect, wait)
        wait = Math.min(LATEST, wait * 2)
      }
    }
  }
  connect()
  return () => {
    over = true
    socket.close()
  }
}
