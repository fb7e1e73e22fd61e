import type { GuideSection } from '@/api/types'

const BEFORE = 30
const BEHIND = 70

/** Sections in which all words stand; those that have the first of them in their title first. */
export const found = (all: GuideSection[], typed: string): GuideSection[] => {
  const words = typed.trim().toLowerCase().split(/\s+/).filter(Boolean)
  if (words.length === 0) {
    return all
  }
  const titled = (each: GuideSection) => each.title.toLowerCase().includes(words[0]!)
  return all
    .filter((each) => words.every((word) => `${each.title} ${each.text}`.toLowerCase().includes(word)))
    .sort((one, other) => Number(titled(other)) - Number(titled(one)))
}

/** What stands around the first of the words; the beginning where it stands in the title alone. */
export const around = (text: string, typed: string): string => {
  const word = typed.trim().toLowerCase().split(/\s+/)[0] ?? ''
  const at = Math.max(0, text.toLowerCase().indexOf(word))
  const from = Math.max(0, at - BEFORE)
  return `${from > 0 ? '…' : ''}${text
    .slice(from, at + BEHIND)
    .replace(/\s+/g, ' ')
    .trim()}…`
}
