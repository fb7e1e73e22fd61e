/** What a place is for, and the three things that one does there; the guide tells the rest. */
export interface PlaceHelp {
  /** Paths that begin so are helped by it; the longest that fits counts. */
  path: string
  title: string
  says: string
  things: [string, string, string]
  /** The heading in the guide under which more stands. */
  guide: string
}

export const PLACE_HELP: PlaceHelp[] = [
  {
    path: '/cues',
    title: 'Cues',
    says: 'A cue answers a chat word, an event or a button with what viewers see and hear. It reads as a sentence; press a word of it to change it. Below it the score is drawn on time.',
    things: [
      'Press “New cue”, say what sets it off and what comes of it; it works at once.',
      'Drag bars of the score, or press one and change it at the right.',
      'Try it at the foot of the page, with a made-up viewer, in practice or for real.',
    ],
    guide: 'Cues',
  },
  {
    path: '/slate',
    title: 'Slate',
    says: 'Small named values that cues write and read: a count of tonight’s pours, what each viewer wished for.',
    things: [
      'Make a value, a number or a text, of the channel or of each viewer.',
      'Let a cue write it, and put it into words in braces.',
      'Correct it by hand here, at any moment.',
    ],
    guide: 'Slate, words for viewers, check-up',
  },
  {
    path: '/viewers',
    title: 'For viewers',
    says: 'The list of chat words as viewers may read it, kept up to date by itself.',
    things: [
      'Look at what viewers are told.',
      'Write what a word does, in its cue.',
      'Print it, or carry it out as a page.',
    ],
    guide: 'Slate, words for viewers, check-up',
  },
  {
    path: '/ready',
    title: 'Ready-made',
    says: 'Pieces of ours, each drawn as it will look with the answers that you give.',
    things: [
      'Choose one, answer what it asks, and bring it in by one press.',
      'Try it at once; change anything of it afterwards.',
      'Take it out again whole, under Packs.',
    ],
    guide: 'Ready-made pieces',
  },
  {
    path: '/packs',
    title: 'Packs',
    says: 'Cues with all that hangs on them in one file, to keep, to hand on, to bring in.',
    things: [
      'Choose what is to be in one; what hangs on it comes along.',
      'Bring one in: you see first what it would do and where both sides have the same.',
      'Take it out again whole.',
    ],
    guide: 'Changes, and carrying the wiring',
  },
  {
    path: '/checkup',
    title: 'Check-up',
    says: 'What could go wrong on air, found by looking at the whole wiring, the worst first.',
    things: [
      'Read a remark: it says what would happen.',
      'Go to the place by one press.',
      'Mend it; the remark goes by itself.',
    ],
    guide: 'The check-up',
  },
  {
    path: '/health',
    title: 'Health',
    says: 'How the program itself does: what it takes of this computer, whether it keeps pace, what stands on the disk.',
    things: [
      'Look for a sign that is no tick: its line says what is doubtful.',
      'Read what took longest since the start.',
      'Hand on a support file when you ask somebody for help, after a look at what it holds.',
    ],
    guide: 'The program’s own health',
  },
  {
    path: '/links',
    title: 'Links',
    says: 'What Wax Bell is joined to: chats, your broadcasting software, lamps, keys, web addresses, stages and helpers. Each says how it does and what to do where it does not.',
    things: [
      'Link a chat or your broadcasting software; the practice ones are there already.',
      'Copy the address of a stage into a browser source, or let us place it.',
      'See at a glance what is down and what depends on it.',
    ],
    guide: 'Links',
  },
  {
    path: '/stages',
    title: 'Stages',
    says: 'A stage is the picture that viewers see over yours: spots where cards come and go, and displays that stay.',
    things: [
      'Drag spots and displays to where they belong.',
      'Add a display: a clock, a queue, a goal, chat.',
      'Try a card on a spot, and see who uses it.',
    ],
    guide: 'Stages',
  },
  {
    path: '/looks',
    title: 'Looks',
    says: 'How cards are dressed: colours, type, edge, and how they come and go.',
    things: [
      'Choose a look and change it; the sample follows.',
      'Make one of your own.',
      'Give it to a card in the score.',
    ],
    guide: 'Stages',
  },
  {
    path: '/shelf',
    title: 'Shelf',
    says: 'Your sounds, pictures, videos and figures, made equally loud, with what uses each.',
    things: [
      'Drop files here.',
      'Hear one, cut it, or set how often it is drawn.',
      'See what uses it before you take it away.',
    ],
    guide: 'Shelf',
  },
  {
    path: '/desks',
    title: 'Desks',
    says: 'Standing jobs of the evening: queues, clocks, tasks, tunes, polls, draws, points. Each has its words in chat and its display on the stage.',
    things: [
      'Make one: its words, its rack and its display come along.',
      'Run it by buttons here; viewers do by words.',
      'Change what it answers, in its sentence; or bring an extension that does what no desk does.',
    ],
    guide: 'Desks: clocks',
  },
  {
    path: '/voice',
    title: 'Voice',
    says: 'How text is read aloud, what is said now, and what waits for your ear.',
    things: [
      'Hear a sample and choose the voice.',
      'Say what is done with links, shouting and nonsense.',
      'Let through or drop what waits.',
    ],
    guide: 'Voice',
  },
  {
    path: '/people',
    title: 'People',
    says: 'Everybody who was here, over all links: how often, since when, with what they own.',
    things: [
      'Find somebody, or filter by anything.',
      'Give somebody an entrance, a note or points.',
      'Make circles, by hand or by a rule.',
    ],
    guide: 'People',
  },
  {
    path: '/rehearse',
    title: 'Rehearse',
    says: 'A whole evening played through your wiring in a moment, sent nowhere: what rings, what waits, what is held and why.',
    things: [
      'Play a made-up evening, a recorded show or a chat log.',
      'Ask any moment of the drawing why.',
      'Compare with the wiring as it was before an edit.',
    ],
    guide: 'Rehearse',
  },
  {
    path: '/live',
    title: 'Live',
    says: 'The evening from one screen: chat with what came of each line, what plays and waits, your buttons, desks, links.',
    things: [
      'Read what needs you, at the top; what to do stands beside it.',
      'Stop, skip or play again what is on air.',
      'Arrange the columns as you like; they are kept for this screen size.',
    ],
    guide: 'Live',
  },
  {
    path: '/look-back',
    title: 'Look back',
    says: 'Shows that were: each drawn on time, with what was used, held, missed and who was there.',
    things: [
      'Press a moment to read why it went so.',
      'Set two shows beside one another.',
      'See what is worth doing next, each with the way there.',
    ],
    guide: 'Look back',
  },
  {
    path: '/guide',
    title: 'The guide',
    says: 'All of it in words, with pictures, and found by a word.',
    things: [
      'Type what you look for.',
      'Choose a heading at the left.',
      'Press ? anywhere for the help of that place.',
    ],
    guide: 'The first evening',
  },
]

/** The help of a path; of the cues where it has none of its own. */
export const helpOf = (path: string): PlaceHelp =>
  PLACE_HELP.filter((each) => path === each.path || path.startsWith(`${each.path}/`)).sort(
    (one, other) => other.path.length - one.path.length,
  )[0] ?? PLACE_HELP[0]!
