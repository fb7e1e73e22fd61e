/** Marks for a ruler: at most eight in what is seen at once, at round seconds. @param zoom how many times wider than that it is */
export const ticks = (lengthMs: number, zoom = 1): number[] => {
  const step =
    [100, 200, 500, 1_000, 2_000, 5_000, 10_000, 30_000, 60_000, 300_000].find((each) => lengthMs / zoom / each <= 8) ??
    600_000
  return Array.from({ length: Math.floor(lengthMs / step) + 1 }, (_, at) => at * step)
}
