import type { Lane, Part } from '@/api/types'

/** The kinds of parts as menus offer them, with the trade's other words for them. */
export const PARTS: { kind: Part['kind']; name: string; short: string; also: string; lane: Lane }[] = [
  { kind: 'card', name: 'Card on a stage', short: 'Card', also: 'alert text picture overlay shoutout', lane: 'screen' },
  { kind: 'picture', name: 'Picture', short: 'Picture', also: 'image overlay', lane: 'screen' },
  { kind: 'video', name: 'Video', short: 'Video', also: 'film clip media', lane: 'screen' },
  { kind: 'burst', name: 'Burst', short: 'Burst', also: 'particles confetti effect', lane: 'screen' },
  { kind: 'names', name: 'List of names', short: 'Names', also: 'credits list', lane: 'screen' },
  { kind: 'spin', name: 'Spin a wheel', short: 'Spin', also: 'wheel draw random', lane: 'screen' },
  { kind: 'move', name: 'Move a mascot', short: 'Mascot', also: 'figure avatar animation', lane: 'screen' },
  { kind: 'sound', name: 'Sound', short: 'Sound', also: 'audio effect', lane: 'sound' },
  { kind: 'reply', name: 'Reply in chat', short: 'Reply', also: 'message answer say', lane: 'chat' },
  {
    kind: 'switch',
    name: 'Switch something',
    short: 'Switch',
    also: 'scene source mixer lamp rack filter mute stream recording folder',
    lane: 'mixer',
  },
  { kind: 'clip', name: 'Make a clip', short: 'Clip', also: 'replay moment', lane: 'outside' },
  { kind: 'slate', name: 'Write on the slate', short: 'Slate', also: 'variable counter value', lane: 'books' },
  {
    kind: 'ask',
    name: 'Ask a desk',
    short: 'Ask',
    also: 'wheel fill draw act queue timer',
    lane: 'books',
  },
  { kind: 'points', name: 'Give points', short: 'Points', also: 'currency', lane: 'books' },
]
export const partName = (kind: Part['kind']): string => PARTS.find((each) => each.kind === kind)!.name
