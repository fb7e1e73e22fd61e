/** Has things done one after the other, so that each is asked for with what stands when the one before it is done. */
export const useTurns = () => {
  let last: Promise<unknown> = Promise.resolve()
  return <T>(what: () => Promise<T>): Promise<T> => {
    const next = last.then(what, what)
    last = next
    return next
  }
}
