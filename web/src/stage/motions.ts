import type { EasingName, MotionName } from './messages'

/** Where each motion comes from; all of it transform and opacity, which a compositor moves by itself. */
const AWAY: Record<MotionName, string> = {
  pour: 'translateY(-46%) scaleY(1.5)',
  rise: 'translateY(34px) scale(0.97)',
  settle: 'scale(1.14)',
  swing: 'perspective(900px) translateY(-50%) rotateX(84deg) translateY(50%)',
  drift: 'translateX(-90px)',
  tide: 'translateX(110px) skewX(-7deg)',
  unroll: 'translateX(-50%) scaleX(0.01)',
  kindle: 'scale(0.35)',
}
export const MOTION_NAMES = Object.keys(AWAY) as MotionName[]
const EASINGS: Record<EasingName, [string, string]> = {
  soft: ['cubic-bezier(0.16, 0.9, 0.3, 1)', 'cubic-bezier(0.5, 0, 0.9, 0.4)'],
  even: ['linear', 'linear'],
  springy: ['cubic-bezier(0.3, 1.45, 0.55, 1)', 'cubic-bezier(0.5, -0.35, 0.85, 0.4)'],
}

/** How something comes and goes. */
export interface Coming {
  entry: MotionName
  exit: MotionName
  easing: EasingName
  entryMs: number
  exitMs: number
}

const known = (name: string, otherwise: MotionName): MotionName => (name in AWAY ? (name as MotionName) : otherwise)
/** As a part says it, where empty text stands for a quiet rise. */
export const coming = (part: { entry: string; exit: string; entryMs: number; exitMs: number }): Coming => ({
  entry: known(part.entry, 'rise'),
  exit: known(part.exit, 'rise'),
  easing: 'soft',
  entryMs: part.entryMs,
  exitMs: part.exitMs,
})

/** Entry, stay and exit as one animation. */
export const frames = ({ entry, exit, easing, entryMs, exitMs }: Coming, lengthMs: number): Keyframe[] => {
  const came = entryMs / lengthMs
  const goes = 1 - exitMs / lengthMs
  const [comes, leaves] = EASINGS[easing]
  return [
    { offset: 0, opacity: entryMs ? 0 : 1, transform: entryMs ? AWAY[entry] : 'none', easing: comes },
    { offset: Math.min(came, goes), opacity: 1, transform: 'none', easing: 'linear' },
    { offset: Math.max(came, goes), opacity: 1, transform: 'none', easing: leaves },
    { offset: 1, opacity: 0, transform: AWAY[exit] },
  ]
}

/** Lets an element live from `start`, a moment of this page's own clock, which may be past. */
export const live = (made: Element, how: Coming, lengthMs: number, start: number): Animation => {
  const life = made.animate(frames(how, lengthMs), { duration: lengthMs, fill: 'both' })
  life.startTime = start
  return life
}
