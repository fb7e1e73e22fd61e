/** What stands on the pad of each kind of desk: the acts that need no words, as a thumb asks for them. */
export const FIRST_ACTS: Record<string, { act: string; says: string }[]> = {
  queue: [
    { act: 'next', says: 'next' },
    { act: 'open', says: 'open' },
    { act: 'close', says: 'close' },
  ],
  clock: [
    { act: 'start', says: 'start' },
    { act: 'pause', says: 'pause' },
  ],
  tunes: [
    { act: 'start', says: 'play' },
    { act: 'pause', says: 'pause' },
    { act: 'skip', says: 'skip' },
  ],
  poll: [
    { act: 'open', says: 'ask' },
    { act: 'close', says: 'close' },
  ],
  prize: [
    { act: 'open', says: 'open' },
    { act: 'close', says: 'draw' },
  ],
}
