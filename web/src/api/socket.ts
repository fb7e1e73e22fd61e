const SOONEST = 250
const LATEST = 5_000

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
