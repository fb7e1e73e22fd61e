/** A list as it is typed: words have spaces between; what may hold spaces itself has commas. */
export const splitList = (typed: string, name: string): string[] =>
  typed
    .split(name === 'words' ? /\s+/ : /\s*,\s*/)
    .map((each) => each.trim())
    .filter(Boolean)
export const joinList = (all: string[], name: string): string => all.join(name === 'words' ? ' ' : ', ')

/** A name that is not taken: the wish itself, or with a number behind it. */
export const free = (wish: string, taken: string[]): string => {
  let name = wish
  for (let count = 2; taken.includes(name); count++) {
    name = `${wish}-${count}`
  }
  return name
}

/** The same list where one of it is changed. */
export const changedAt = <T>(all: T[], at: number, next: Partial<T>): T[] =>
  all.map((each, other) => (other === at ? { ...each, ...next } : each))
/** The same list without one of it. */
export const withoutAt = <T>(all: T[], at: number): T[] => all.filter((_, other) => other !== at)

/** A name of words or fields as people read it: `giftWorth` is "gift worth". */
export const spoken = (name: string) => name.replace(/([A-Z])/g, ' $1').toLowerCase()
