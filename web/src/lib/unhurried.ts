/** Of so many parts of the time, such work takes one; the others are left to whoever looks and types. */
const PARTS = 4
const SELDOMEST = 2_000

const UNPAINTED = 500

/** Comes behind the frame in which what changed is painted; a page that nobody looks at paints none, and is not waited for. */
const painted = (): Promise<void> =>
  new Promise((done) => {
    requestAnimationFrame(() => setTimeout(() => done()))
    setTimeout(() => done(), document.hidden ? 0 : UNPAINTED)
  })

/**
 * Work that is wanted again and again: it is done at once, and then the less often, the longer this page takes to do and to paint it, so that
 * a flood leaves time for everything else. What is wanted meanwhile is done once, behind it.
 *
 * @param least  the shortest rest between two, in ms
 * @param before how long to wait before the first, in ms, for more to come together
 */
export const unhurried = (work: () => unknown, least: number, before = 0): (() => void) => {
  let resting = false
  let again = false
  const go = async () => {
    again = false
    const from = performance.now()
    try {
      await work()
      await painted()
    } catch (fault) {
      // What is wanted next is done all the same.
      console.error(fault)
    } finally {
      rest(Math.min(SELDOMEST, Math.max(least, (performance.now() - from) * (PARTS - 1))))
    }
  }
  const rest = (ms: number) => {
    resting = true
    setTimeout(() => {
      resting = false
      if (again) {
        resting = true
        void go()
      }
    }, ms)
  }
  return () => {
    if (resting) {
      again = true
    } else if (before) {
      again = true
      rest(before)
    } else {
      resting = true
      void go()
    }
  }
}
