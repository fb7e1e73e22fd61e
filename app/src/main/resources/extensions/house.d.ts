// What stands around a script of an extension, for editors that read types.

/** What a script is called with: what happened, or what it was asked for. Only with the permission `people` it says who did it. */
interface HouseEvent {
  /** `line`, `asked`, `answered`, or the fact: `clipShared`, `showOpened` and so on. */
  readonly kind: string
  /** The act that was asked for. */
  readonly act?: string
  /** The line, or what was said with the act. */
  readonly text: string
  /** The name of whoever did it. */
  readonly viewer?: string
  /** Who that is, whatever the name: for points and for notes. */
  readonly person?: string
  /** `host`, `moderator`, `vip`, `member`, `follower` or `anyone`: the nearest to the host. */
  readonly standing?: string
  /** Months of membership, 0 for none. */
  readonly months?: number
  /** Points that the person can spend. */
  readonly points?: number
  /** Of an answer: the mark of the call. */
  readonly tag?: string
  /** Of an answer: why there is none; empty where there is. */
  readonly failure?: string
  /** The values of the event, by the names that words use, such as `clipTitle`. */
  readonly [value: string]: string | number | undefined
}

interface House {
  /** The moment, in milliseconds since 1970 UTC; in a rehearsal that of the evening that is played. */
  readonly now: number
  /** The settings, by their names. */
  readonly settings: { readonly [name: string]: string | number | boolean }
  /** Writes a line in chat. Asks for `say`. */
  say(words: string): void
  /** Writes to one person alone. Asks for `say`. */
  whisper(name: string, words: string): void
  /** Gives points, or takes them where the amount is negative; never more than there are. Asks for `points`. */
  points(person: string, amount: number, why?: string): void
  /** Writes a value of the slate. Asks for `slate`. */
  slate(value: string, words: string | number): void
  /** Writes a value of the slate that each viewer has. Asks for `slate`. */
  slateOf(person: string, value: string, words: string | number): void
  /** Tells cues that wait for it: {toldText} and {toldNumber} in their words. Asks for `ring`. */
  tell(word: string, more?: { text?: string; number?: number }): void
  /** Keeps anything that JSON can write. Asks for `keep`. */
  keep(key: string, value: unknown): void
  /** What was kept, else `otherwise`. */
  kept<T>(key: string, otherwise?: T): T
  /** The keys of all that is kept. */
  keys(): string[]
  /** Keeps it no longer. */
  forget(key: string): void
  /** Calls an address that is set up as a link; what comes is told to the function `answered`. Asks for `call`. */
  call(
    link: string,
    more?: { type?: string; tag?: string; says?: Record<string, string>; reads?: Record<string, string> },
  ): void
  /** A whole number from 0 up to, not with, the bound; a rehearsal draws the same again. */
  chance(bound: number): number
  /** Writes a line into the log of the extension. */
  log(words: unknown): void
}

declare const house: House

/** Yours: called when something happens that the extension hears. */
declare function heard(event: HouseEvent): void
/** Yours: called when one of its acts is asked for. */
declare function asked(act: string, event: HouseEvent): void
/** Yours: called when an address that it called has answered. */
declare function answered(event: HouseEvent): void
