import type { News, Report } from './messages'

/** The key was renewed: this page has nothing to show any more and does not ask again. */
const WRONG_KEY = 4403
const SOONEST = 250
const LATEST = 5_000

/** The connection to the stage feed; it comes back by itself. */
export class Feed {
  private socket: WebSocket | null = null
  private wait = SOONEST

  constructor(
    private readonly key: string,
    /** The outlet that alone is sounded here, empty text for a page that shows the stage. */
    private readonly outlet: string,
    private readonly hear: (news: News) => void,
    private readonly refused: () => void,
  ) {}

  connect(): void {
    const address = new URL('/ws/stage', location.href)
    address.search = this.outlet ? `outlet=${this.outlet}` : ''
    address.hash = ''
    address.protocol = address.protocol === 'https:' ? 'wss:' : 'ws:'
    const socket = new WebSocket(address)
    this.socket = socket
    socket.onopen = () => this.tell({ type: 'hello', key: this.key })
    socket.onmessage = (message) => {
      this.wait = SOONEST
      this.hear(JSON.parse(message.data as string) as News)
    }
    socket.onclose = (close) => (close.code === WRONG_KEY ? this.refused() : this.again())
  }

  private again(): void {
    setTimeout(() => this.connect(), this.wait * (0.75 + Math.random() / 2))
    this.wait = Math.min(LATEST, this.wait * 2)
  }

  tell(report: Report): void {
    if (this.socket?.readyState === WebSocket.OPEN) {
      const empty = { key: '', sent: 0, roundTrip: 0, sounds: false, partRun: '', at: 0, why: '', voices: {} }
      this.socket.send(JSON.stringify({ ...empty, ...report }))
    }
  }
}
