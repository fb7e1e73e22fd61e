import type { MediaView, Part, Stage } from '@/api/types'
import { field, type Field } from './kinds'

const NAMES: Record<string, string> = {
  pour: 'pours from above',
  rise: 'rises',
  settle: 'settles',
  swing: 'swings in',
  drift: 'drifts from the left',
  tide: 'washes from the right',
  unroll: 'unrolls',
  kindle: 'kindles',
}
/** The ways to come and go as forms offer them; empty text leaves it to the look. */
export const MOTIONS = [
  { value: '', name: 'as its look says' },
  ...Object.entries(NAMES).map(([value, name]) => ({ value, name })),
]
/** The same where no look says anything. */
export const PLAIN_MOTIONS = MOTIONS.slice(1)
/** The moves that every figure of ours has. */
export const MOVES = ['kindle', 'sway', 'flare', 'droop', 'doze']

const options = (values: string[]) => values.map((value) => ({ value, name: value }))
const easing: Field[] = [
  field('entry', 'Comes in', 'choice', {
    half: true,
    choices: [{ value: '', name: 'rises' }, ...PLAIN_MOTIONS.filter((each) => each.value !== 'rise')],
  }),
  field('entryMs', 'Time of that', 'seconds', { half: true }),
  field('exit', 'Goes out', 'choice', {
    half: true,
    choices: [{ value: '', name: 'rises' }, ...PLAIN_MOTIONS.filter((each) => each.value !== 'rise')],
  }),
  field('exitMs', 'Time of that', 'seconds', { half: true }),
]

/** The fields of parts that show something, from which their form is made. */
export const showFields = (part: Part, stages: Stage[], shelf: MediaView[]): Field[] => {
  const stage = stages.find((each) => 'stage' in part && each.id === part.stage)
  const of = (kind: string) =>
    (stage?.fixtures ?? []).filter((each) => each.kind === kind).map((each) => ({ value: each.id, name: each.name }))
  const where = [
    field('stage', 'Stage', 'choice', { choices: stages.map((each) => ({ value: each.id, name: each.name })) }),
  ]
  const spot = field('spot', 'Spot', 'choice', {
    choices: (stage?.spots ?? []).map((each) => ({ value: each.id, name: each.name })),
  })
  switch (part.kind) {
    case 'picture':
      return [
        field('picture', 'Picture', 'file', { folder: 'Pictures' }),
        field('lengthMs', 'Stays', 'seconds'),
        ...where,
        spot,
        ...easing,
      ]
    case 'video': {
      const known = shelf.some((each) => each.folder === 'Videos' && each.name === part.file && each.lengthMs > 0)
      return [
        field('file', 'Video', 'file', {
          folder: 'Videos',
          hint: known ? '' : 'How long it is will be known when a page has played it.',
        }),
        field('volume', 'Volume', 'number', { unit: '%' }),
        ...where,
        spot,
        ...['left', 'right', 'top', 'bottom'].map((name) =>
          field(name, `Cut off at the ${name}`, 'number', { unit: '%', half: true }),
        ),
        ...easing,
      ]
    }
    case 'burst':
      return [
        field('shape', 'Of', 'choice', { choices: options(['drops', 'sparks', 'petals', 'shavings']) }),
        field('count', 'How many', 'number'),
        field('colours', 'Colours', 'colours'),
        field('lengthMs', 'Time', 'seconds'),
        ...where,
        spot,
      ]
    case 'names':
      return [
        field('heading', 'Heading', 'words'),
        field('names', 'Names, with a comma between', 'words'),
        field('lengthMs', 'Stays', 'seconds'),
        field('colour', 'Words', 'colour'),
        field('plate', 'Plate', 'colour', { none: true }),
        ...where,
        spot,
      ]
    case 'spin':
      return [
        field('wheel', 'Wheel', 'choice', { choices: of('wheel') }),
        field('spinMs', 'Turns', 'seconds'),
        field('stayMs', 'Result stands', 'seconds'),
        field('times', 'Times', 'number', { hint: `Parts after it may say {${part.id.replaceAll('-', '')}Result}.` }),
        ...where,
      ]
    case 'move': {
      const mascot = stage?.fixtures.find((each) => each.kind === 'mascot' && each.id === part.mascot)
      const own = mascot?.kind === 'mascot' ? mascot.moves.map((each) => each.name) : []
      return [
        field('mascot', 'Mascot', 'choice', { choices: of('mascot') }),
        field('move', 'Move', 'choice', {
          choices: options([...(mascot?.kind === 'mascot' && mascot.figure === 'file' ? [] : MOVES), ...own]),
        }),
        field('lengthMs', 'For', 'seconds'),
        ...where,
      ]
    }
    default:
      return []
  }
}
