import type { ToMake } from './speech.worker'

/** Makes speech for everybody when the server asks this page to; the voice is fetched when it is wanted first. */
export class Maker {
  private worker: Worker | null = null

  make(what: ToMake): void {
    this.worker ??= this.begin()
    this.worker.postMessage(what)
  }

  private begin(): Worker {
    const worker = new Worker(new URL('./speech.worker.ts', import.meta.url), { type: 'module' })
    worker.onmessage = ({ data }: MessageEvent<{ id: string; wav: Uint8Array<ArrayBuffer> }>) => {
      fetch(`/media/made/${data.id}`, {
        method: 'POST',
        headers: { 'Content-Type': 'audio/wav' },
        body: data.wav,
      }).catch(() => undefined)
    }
    return worker
  }
}
