// A round: { weight, guesses: { person: { name, number } } }, kept until it is put on the scales.

function asked(act, event) {
  if (act === 'begin') begin(event)
  else if (act === 'guess') guess(event)
  else finish()
}

// A round that nobody finished is over with its show.
function heard() {
  house.forget('round')
}

function begin(event) {
  const { unit, lightest, heaviest } = house.settings
  const given = parseInt(event.text, 10)
  const weight = given > 0 ? given : lightest + house.chance(Math.max(1, heaviest - lightest + 1))
  house.keep('round', { weight: weight, guesses: {} })
  house.say(`How much does it weigh? Guess a number of ${unit}, from ${lightest} to ${heaviest}.`)
}

function guess(event) {
  const round = house.kept('round')
  const number = parseInt(event.text, 10)
  if (!round) {
    house.say('Nothing is on the scales just now.')
  } else if (!event.person) {
    house.log('a guess without anybody behind it: ask for it by a chat word')
  } else if (!(number > 0)) {
    house.say(`${event.viewer}, a guess is a number of ${house.settings.unit}.`)
  } else if (round.guesses[event.person] && !house.settings.again) {
    house.say(`${event.viewer}, your guess is ${round.guesses[event.person].number}, and stays so.`)
  } else {
    round.guesses[event.person] = { name: event.viewer, number: number }
    house.keep('round', round)
  }
}

function finish() {
  const round = house.kept('round')
  if (!round) return house.log('nothing is on the scales')
  const { unit, prize } = house.settings
  let best = null
  Object.keys(round.guesses).forEach((person) => {
    const each = round.guesses[person]
    const off = Math.abs(each.number - round.weight)
    if (!best || off < best.off) best = { person: person, name: each.name, number: each.number, off: off }
  })
  house.forget('round')
  if (!best) return house.say(`It weighs ${round.weight} ${unit}. Nobody guessed.`)
  if (prize > 0) house.points(best.person, prize, 'the nearest guess')
  house.say(`It weighs ${round.weight} ${unit}. ${best.name} was nearest with ${best.number}.`)
  house.tell('weighed', { text: `${best.name}: ${best.number} of ${round.weight} ${unit}`, number: round.weight })
}
