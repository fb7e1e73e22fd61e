const COUNTS = {
  anybody: () => true,
  members: (event) => event.months > 0,
  followers: (event) => event.months > 0 || ['follower', 'vip', 'moderator'].indexOf(event.standing) >= 0,
}

function heard(event) {
  if (event.kind === 'showOpened') {
    house.forget('given')
    return
  }
  if (house.kept('given') || !event.person || event.standing === 'host' || !COUNTS[house.settings.who](event)) return
  house.keep('given', event.viewer)
  if (house.settings.points > 0) house.points(event.person, house.settings.points, 'the first of the evening')
  house.say(`${event.viewer}, you are the first tonight. The kettle is on.`)
  house.tell('first', { text: event.viewer })
}
