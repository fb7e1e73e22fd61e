/** Keeps a page's clock in step with the server: of several round trips the quickest tells the difference best. */
export class ServerClock {
  private samples: { taken: number; roundTrip: number; offset: number }[] = []

  constructor(private readonly memory = 60_000) {}

  /** Takes in one round trip: sent and received on the page's clock, `server` between them on the server's, all in ms. */
  heard(sent: number, server: number, received: number): void {
    this.samples.push({ taken: received, roundTrip: received - sent, offset: server - (sent + received) / 2 })
    this.samples = this.samples.filter((each) => received - each.taken <= this.memory)
  }

  private get best() {
    return this.samples.reduce((one, other) => (other.roundTrip < one.roundTrip ? other : one), this.samples[0]!)
  }

  get inStep(): boolean {
    return this.samples.length > 0
  }

  /** Best round trip in ms; 0 before the first. */
  get roundTrip(): number {
    return this.inStep ? this.best.roundTrip : 0
  }

  /** A moment of the server on this page's clock. */
  toPage(server: number): number {
    return server - (this.inStep ? this.best.offset : 0)
  }

  /** A moment of this page on the server's clock. */
  toServer(page: number): number {
    return page + (this.inStep ? this.best.offset : 0)
  }
}
