/** The type of a name that conditions may use, as the server tells it. */
export type NameType = 'text' | 'number' | 'truth' | 'texts'
/** One comparison of a condition. */
export interface Row {
  name: string
  compare: string
  value: string
}
/** Rows that must all hold, or of which one must. */
export interface Rows {
  any: boolean
  rows: Row[]
}

/** How names of a type may be compared, in words. */
export const COMPARISONS: Record<NameType, { value: string; name: string }[]> = {
  number: [
    ['>=', 'at least'],
    ['<=', 'at most'],
    ['>', 'more than'],
    ['<', 'less than'],
    ['==', 'exactly'],
    ['!=', 'not'],
  ].map(([value, name]) => ({ value: value!, name: name! })),
  text: [
    ['==', 'is'],
    ['!=', 'is not'],
    ['contains', 'has in it'],
    ['startsWith', 'begins with'],
  ].map(([value, name]) => ({ value: value!, name: name! })),
  truth: [
    { value: 'is', name: 'is so' },
    { value: 'not', name: 'is not so' },
  ],
  texts: [
    { value: 'has', name: 'has' },
    { value: 'hasNot', name: 'has not' },
  ],
}

const quoted = (text: string) => `'${text.replaceAll('\\', '\\\\').replaceAll("'", "\\'")}'`
const unquoted = (text: string) => text.slice(1, -1).replaceAll(/\\(.)/g, '$1')

const writeRow = ({ name, compare, value }: Row, type: NameType): string => {
  switch (type) {
    case 'number':
      return `${name} ${compare} ${/^-?\d+$/.test(value.trim()) ? value.trim() : '0'}`
    case 'truth':
      return compare === 'not' ? `!${name}` : name
    case 'texts':
      return compare === 'hasNot' ? `!(${quoted(value)} in ${name})` : `${quoted(value)} in ${name}`
    default:
      return compare === 'contains' || compare === 'startsWith'
        ? `${name}.${compare}(${quoted(value)})`
        : `${name} ${compare} ${quoted(value)}`
  }
}

/** Rows as a condition in CEL. */
export const writeRows = ({ any, rows }: Rows, types: Record<string, NameType>): string =>
  rows.map((row) => writeRow(row, types[row.name] ?? 'text')).join(any ? ' || ' : ' && ')

const NAME = '([a-zA-Z][\\w.]*?)'
const TEXT = '(\'(?:[^\'\\\\]|\\\\.)*\'|"(?:[^"\\\\]|\\\\.)*")'
/** How a row of a type is written, tried in this order. */
const SHAPES: [RegExp, NameType, (found: string[]) => Row][] = [
  [
    new RegExp(`^!\\(${TEXT} in ${NAME}\\)$`),
    'texts',
    (found) => ({ name: found[2]!, compare: 'hasNot', value: unquoted(found[1]!) }),
  ],
  [
    new RegExp(`^${TEXT} in ${NAME}$`),
    'texts',
    (found) => ({ name: found[2]!, compare: 'has', value: unquoted(found[1]!) }),
  ],
  [
    new RegExp(`^${NAME}\\.(contains|startsWith)\\(${TEXT}\\)$`),
    'text',
    (found) => ({ name: found[1]!, compare: found[2]!, value: unquoted(found[3]!) }),
  ],
  [
    new RegExp(`^${NAME}\\s*(==|!=)\\s*${TEXT}$`),
    'text',
    (found) => ({ name: found[1]!, compare: found[2]!, value: unquoted(found[3]!) }),
  ],
  [
    new RegExp(`^${NAME}\\s*(>=|<=|==|!=|>|<)\\s*(-?\\d+)$`),
    'number',
    (found) => ({ name: found[1]!, compare: found[2]!, value: found[3]! }),
  ],
  [new RegExp(`^!${NAME}$`), 'truth', (found) => ({ name: found[1]!, compare: 'not', value: '' })],
  [new RegExp(`^${NAME}$`), 'truth', (found) => ({ name: found[1]!, compare: 'is', value: '' })],
]

/** Splits at a joining sign that stands outside quotes. */
const split = (text: string, sign: string): string[] => {
  const parts = ['']
  let quote = ''
  for (let at = 0; at < text.length; at++) {
    const char = text[at]!
    if (quote && char === '\\') {
      parts[parts.length - 1] += char + (text[++at] ?? '')
      continue
    }
    quote = quote ? (char === quote ? '' : quote) : char === "'" || char === '"' ? char : ''
    if (!quote && text.startsWith(sign, at)) {
      parts.push('')
      at += sign.length - 1
    } else {
      parts[parts.length - 1] += char
    }
  }
  return parts.map((each) => each.trim())
}

/** A condition as rows; null where it says more than rows can. */
export const readRows = (text: string, types: Record<string, NameType>): Rows | null => {
  if (!text.trim()) {
    return { any: false, rows: [] }
  }
  const any = split(text, '||').length > 1
  if (any && split(text, '&&').length > 1) {
    return null
  }
  const rows = split(text, any ? '||' : '&&').map((each) => {
    for (const [shape, type, make] of SHAPES) {
      const found = shape.exec(each)
      if (found) {
        const row = make([...found])
        return types[row.name] === type ? row : null
      }
    }
    return null
  })
  return rows.every((row) => row !== null) ? { any, rows } : null
}

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
