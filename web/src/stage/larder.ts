import type { Ahead } from './messages'
import type { Sounds } from './sounds'

const MOST_VIDEOS = 6
const bare = (address: string) => address.split('?')[0]!

/** Files fetched and decoded before they are due, so that nothing has to be waited for when it is. */
export class Larder {
  private readonly pictures = new Map<string, HTMLImageElement>()
  private readonly videos = new Map<string, HTMLVideoElement>()

  constructor(private readonly sounds: Sounds) {}

  /** Fetches what is not there yet. */
  fetch(all: Ahead[]): void {
    for (const { type, address } of all) {
      const name = bare(address)
      if (type.startsWith('image/') && !this.pictures.has(name)) {
        const picture = new Image()
        picture.src = address
        this.pictures.set(name, picture)
        picture.decode().catch(() => this.pictures.delete(name))
      } else if (type.startsWith('audio/')) {
        this.sounds.warm(address)
      } else if (type.startsWith('video/') && !this.videos.has(name) && this.videos.size < MOST_VIDEOS) {
        this.videos.set(name, this.film(address))
      }
    }
  }

  private film(address: string): HTMLVideoElement {
    const made = document.createElement('video')
    made.preload = 'auto'
    made.playsInline = true
    made.src = address
    return made
  }

  /** A player of that video: the one that is loaded already unless it plays somewhere. */
  readonly video = (address: string): HTMLVideoElement => {
    const there = this.videos.get(bare(address))
    return there && !there.isConnected ? there : this.film(address)
  }
}
