/** What a clock tells of itself: all that it shows follows from the moment. */
export interface ClockTold {
  phase: 'ready' | 'running' | 'paused' | 'over'
  up: boolean
  /** While it runs: when it reaches nothing, or when it stood at nothing; the server's ms. */
  moment: number
  /** While it does not run: what it shows, in ms. */
  stands: number
  /** How long it is in all, in ms. */
  whole: number
  round: string
  rests: boolean
}

/** What it shows at a moment of the server, in ms. */
export const showsAt = (clock: ClockTold, now: number): number =>
  clock.phase !== 'running' ? clock.stands : Math.max(0, clock.up ? now - clock.moment : clock.moment - now)

/** A time as clocks show it: "12:03", "1:02:03"; a begun second of what runs down counts as a whole. */
export const digits = (ms: number, up: boolean): string => {
  const seconds = up ? Math.floor(ms / 1_000) : Math.ceil(ms / 1_000)
  const two = (value: number) => String(value).padStart(2, '0')
  const [hours, minutes, rest] = [Math.floor(seconds / 3_600), Math.floor(seconds / 60), two(seconds % 60)]
  return hours > 0 ? `${hours}:${two(minutes % 60)}:${rest}` : `${minutes}:${rest}`
}

/** How much of it is left, from 0 to 1; of one that counts up how much of the minute. */
export const share = (clock: ClockTold, ms: number): number =>
  clock.up ? (ms % 60_000) / 60_000 : clock.whole > 0 ? Math.min(1, ms / clock.whole) : 0

/** In how many ms it shows another second. */
export const untilNext = (clock: ClockTold, ms: number): number => {
  const part = ms % 1_000
  return clock.up ? 1_000 - part : part || 1_000
}
