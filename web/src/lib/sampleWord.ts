import { ask } from '@/api/http'
import type { PublicWord } from '@/api/types'

/** A chat word that rings something now, of the list that viewers are told; empty text where there is none. */
export const sampleWord = (): Promise<string> =>
  ask<PublicWord[]>('GET', '/words').then(
    (words) => words.find((each) => each.on)?.words[0] ?? '',
    () => '',
  )
