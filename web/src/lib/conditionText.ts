/** The word that is being typed at a place, and the names that go on from it. */
export const completions = (text: string, at: number, names: string[]): { from: number; found: string[] } => {
  const typed = /[\w.]*$/.exec(text.slice(0, at))![0]
  const found = typed ? names.filter((name) => name.toLowerCase().includes(typed.toLowerCase()) && name !== typed) : []
  return {
    from: at - typed.length,
    found: found.sort((one, other) => Number(other.startsWith(typed)) - Number(one.startsWith(typed))).slice(0, 6),
  }
}

/** Where a refusal says that a condition is wrong, counted from 0; -1 where it does not say. */
export const placeOf = (text: string, message: string): number => {
  const told = /^At line (\d+), character (\d+)/.exec(message)
  if (!told) {
    return -1
  }
  const before = text
    .split('\n')
    .slice(0, Number(told[1]) - 1)
    .join('\n')
  return Math.min(text.length, (before ? before.length + 1 : 0) + Number(told[2]) - 1)
}
