/** Something to be said with a voice of the browser itself, as the server asks for it. */
export interface ToSay {
  /** Speed and pitch in percent of the voice's own; the voice by its name in the browser. */
  what: { text: string; voice: string; speed: number; pitch: number }
  /** How long it will about take; only its end tells. */
  lengthMs: number
}

const speech = (): SpeechSynthesis | undefined => globalThis.speechSynthesis

/** Tells what this browser can speak with, name to tongue, now and whenever that changes; nothing where it has no voices. */
export const onOwnVoices = (told: (voices: Record<string, string>) => void): void => {
  const tell = () => {
    // A voice that is made elsewhere needs a network, which an evening may not have.
    const here = (speech()?.getVoices() ?? []).filter((voice) => voice.localService)
    if (here.length > 0) {
      told(Object.fromEntries(here.map((voice) => [voice.name, voice.lang])))
    }
  }
  speech()?.addEventListener('voiceschanged', tell)
  tell()
}

/** Words that are being said. */
export interface Saying {
  /** Resolves when they were said or were ended early; rejects where they cannot be. */
  over: Promise<void>
  end: () => void
}

/** Says it now. @param share how loud, 0 to 1 */
export const say = ({ what }: ToSay, share: number): Saying => {
  const voice = speech()
    ?.getVoices()
    .find((each) => each.name === what.voice)
  if (!voice) {
    return { over: Promise.reject(new Error(`this browser has no voice ${what.voice}`)), end: () => undefined }
  }
  const words = new SpeechSynthesisUtterance(what.text)
  words.voice = voice
  words.lang = voice.lang
  words.rate = what.speed / 100
  words.pitch = what.pitch / 100
  words.volume = Math.min(1, share)
  let ended = false
  const over = new Promise<void>((done, failed) => {
    words.onend = () => done()
    words.onerror = (why) => (ended ? done() : failed(new Error(`the browser could not say it (${why.error})`)))
  })
  speech()!.speak(words)
  return {
    over,
    end: () => {
      ended = true
      speech()!.cancel()
    },
  }
}
