/** Something that the palette offers: where to go or what to do. */
export interface Act {
  name: string
  /** What stands beside its name. */
  says: string
  /** Other words under which people look for it. */
  also: string
  act: () => void
}

/** The acts that what was typed may mean, those whose name begins with it first. */
export const findActs = (acts: Act[], typed: string): Act[] => {
  const wanted = typed.trim().toLowerCase()
  const rank = (act: Act): number => {
    const name = act.name.toLowerCase()
    return name.startsWith(wanted)
      ? 0
      : name.includes(wanted)
        ? 1
        : act.also.split(' ').some((word) => word.startsWith(wanted))
          ? 2
          : 3
  }
  return acts
    .map((act, at) => ({ act, at, rank: rank(act) }))
    .filter((each) => each.rank < 3)
    .sort((one, other) => one.rank - other.rank || one.at - other.at)
    .map((each) => each.act)
}
