/** A place at which two documents differ, with what stands there in each, shortened; empty text for nothing. */
export interface Difference {
  path: string
  before: string
  after: string
}

const LONGEST = 90
const MOST = 40
const text = (value: unknown): string => {
  const whole = value === undefined ? '' : typeof value === 'string' ? value : JSON.stringify(value)
  return whole.length > LONGEST ? `${whole.slice(0, LONGEST - 1)}…` : whole
}
const isTree = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null

/** Where two documents differ, place by place, as problems name places. */
export const differences = (before: unknown, after: unknown, path = ''): Difference[] => {
  if (!isTree(before) || !isTree(after) || Array.isArray(before) !== Array.isArray(after)) {
    return JSON.stringify(before) === JSON.stringify(after) ? [] : [{ path, before: text(before), after: text(after) }]
  }
  const list = Array.isArray(before)
  const keys = [...new Set([...Object.keys(before), ...Object.keys(after)])]
  return keys
    .flatMap((key) => differences(before[key], after[key], list ? `${path}[${key}]` : path ? `${path}.${key}` : key))
    .slice(0, MOST)
}
