function heard(event) {
  if (event.kind === 'showOpened') {
    // Another evening: everybody may have the points once more.
    house.keys().forEach((each) => house.forget(each))
    return
  }
  const words = { WHO: event.viewer, TITLE: event.clipTitle, MAKER: event.clipMaker }
  house.say(house.settings.thanks.replace(/WHO|TITLE|MAKER/g, (name) => words[name]))
  if (event.person && house.settings.points > 0 && !house.kept(event.person)) {
    house.keep(event.person, true)
    house.points(event.person, house.settings.points, 'the first clip of the evening')
  }
}
