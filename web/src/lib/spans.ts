/** A length in ms as precisely as it was set: "5.6 s", "14 s", "2 min". */
export const span = (ms: number): string => {
  if (ms < 60_000) {
    return ms % 1_000 === 0 ? `${ms / 1_000} s` : `${(ms / 1_000).toFixed(1)} s`
  }
  const hours = Math.floor(ms / 3_600_000)
  const minutes = Math.floor((ms % 3_600_000) / 60_000)
  const rest = ms % 60_000
  return [hours && `${hours} h`, minutes && `${minutes} min`, rest && span(rest)].filter(Boolean).join(' ')
}

// Made once: a formatter takes far longer to make than to use, and lists of lines use it for every line.
const TIME = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', second: '2-digit' })
/** The time of day of a moment in ms. */
export const timeOfDay = (at: number): string => TIME.format(at)
const MINUTE = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' })
/** The same to the minute. */
export const minuteOfDay = (at: number): string => MINUTE.format(at)
const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })
/** A day and its time to the minute. */
export const dayAndTime = (at: number): string => DAY.format(at)

const DATE = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'long', year: 'numeric' })
/** The day of a moment with its year. */
export const dateOf = (at: number): string => DATE.format(at)

/** So many months: "1 month", "3 months". */
export const months = (count: number): string => `${count} ${count === 1 ? 'month' : 'months'}`
