import type { LinkState, LinkView } from '@/api/types'
import { span } from './spans'

type Phase = LinkState['phase']
const COLOURS: Record<Phase, string> = {
  up: 'bg-verdigris-words',
  paused: 'bg-edge',
  unset: 'bg-edge',
  connecting: 'bg-honey',
  broken: 'bg-wax-words',
}

export const colourOf = (phase: Phase) => COLOURS[phase]

/** How long ago, in words that need not be exact. */
export const ago = (at: number, now: number): string => {
  const ms = Math.max(0, now - at)
  return ms < 1_500
    ? 'just now'
    : `${span(ms < 60_000 ? Math.round(ms / 1_000) * 1_000 : Math.floor(ms / 60_000) * 60_000)} ago`
}

/** What a link is doing and since when. @param doing as the server says it */
export const phaseWords = (doing: string, state: LinkState, now: number): string => {
  const since = Math.max(0, now - state.since)
  const long = since < 60_000 ? span(Math.round(since / 1_000) * 1_000) : span(Math.floor(since / 60_000) * 60_000)
  return `${doing}${state.since > 0 ? ` for ${long}` : ''}`
}

/** When it connects again by itself. */
export const nextTry = (state: LinkState, now: number): string =>
  state.phase === 'broken' && state.nextTry > 0
    ? `Tried again ${state.nextTry <= now ? 'now' : `in ${Math.ceil((state.nextTry - now) / 1_000)} s`}.`
    : ''

/** The link that is worst off, for the rail; none where all are up. */
export const worst = (links: LinkView[]): LinkView | undefined =>
  [...links].sort((one, other) => other.rank - one.rank).find((each) => each.rank > 0)
