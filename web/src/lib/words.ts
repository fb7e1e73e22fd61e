import { IntlMessageFormat } from 'intl-messageformat'

const compiled = new Map<string, IntlMessageFormat | null>()

/** The first of several wordings; a line that holds only ~ parts them. */
const first = (pattern: string): string => pattern.split('\n~\n')[0]!

const compile = (pattern: string): IntlMessageFormat | null => {
  try {
    return new IntlMessageFormat(pattern, 'en', undefined, { ignoreTag: true })
  } catch {
    return null
  }
}

/** Words with sample values, as the engine will fill them; a pattern that cannot be read, or a value without a sample, is left as it stands. */
export const fillSample = (pattern: string, values: Record<string, string>): string => {
  const text = first(pattern)
  if (!/\{\w+\s*,/.test(text)) {
    return text.replaceAll(/\{(\w+)\}/g, (whole, name: string) => values[name] ?? whole)
  }
  if (!compiled.has(text)) {
    compiled.set(text, compile(text))
  }
  const typed = Object.fromEntries(
    Object.entries(values).map(([name, value]) => [name, /^-?\d{1,15}$/.test(value) ? Number(value) : value]),
  )
  try {
    return String(compiled.get(text)?.format(typed) ?? text)
  } catch {
    return text
  }
}
