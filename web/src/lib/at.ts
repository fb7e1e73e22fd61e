import type { FieldView } from '@/api/types'

/** What stands at a key, with dots into what it holds. */
export const at = (thing: object, key: string): unknown =>
  key.split('.').reduce<unknown>((held, name) => (held as Record<string, unknown> | undefined)?.[name], thing)

/** The same with another value at that key; what was there is left as it is. */
export const withAt = <T extends object>(thing: T, key: string, value: unknown): T => {
  const [first, ...rest] = key.split('.') as [string, ...string[]]
  const held = (thing as Record<string, unknown>)[first]
  return { ...thing, [first]: rest.length ? withAt((held ?? {}) as object, rest.join('.'), value) : value }
}

/** Whether a field means anything as the thing stands. */
export const means = ({ when }: FieldView, thing: object): boolean =>
  when.key === '' || when.values.includes(String(at(thing, when.key)))
