// What stands around a script: made anew for each call from what it is given, so that nothing lingers.
(function (given, Plain, Sums) {
  'use strict'
  var call = JSON.parse(given)
  var wishes = []
  var log = []
  var state = call.seed >>> 0 || 1
  function want(act, said) {
    var texts = {}
    Object.keys(said).forEach(function (key) {
      if (said[key] !== undefined && said[key] !== null) texts[key] = String(said[key])
    })
    wishes.push({ act: act, with: texts })
  }
  function text(value) {
    return typeof value === 'string' ? value : value instanceof Error ? String(value) : JSON.stringify(value) || String(value)
  }
  // A small generator of pseudo-random numbers (xorshift, G. Marsaglia 2003): the same call always draws the same.
  function draw() {
    state ^= state << 13
    state ^= state >>> 17
    state ^= state << 5
    return (state >>> 0) / 4294967296
  }
  function Day() {
    if (arguments.length === 0) return new Plain(call.now)
    var all = [null].concat(Array.prototype.slice.call(arguments))
    return new (Function.prototype.bind.apply(Plain, all))()
  }
  Day.prototype = Plain.prototype
  Day.now = function () { return call.now }
  Day.parse = Plain.parse
  Day.UTC = Plain.UTC
  var sums = {}
  Object.getOwnPropertyNames(Sums).forEach(function (name) { sums[name] = Sums[name] })
  sums.random = draw
  var house = {
    now: call.now,
    settings: Object.freeze(call.settings),
    say: function (words) { want('say', { text: words }) },
    whisper: function (name, words) { want('say', { to: name, text: words }) },
    points: function (person, amount, why) { want('points', { person: person, amount: amount, why: why }) },
    slate: function (value, words) { want('slate', { value: value, text: words }) },
    slateOf: function (person, value, words) { want('slate', { value: value, person: person, text: words }) },
    tell: function (word, more) {
      more = more || {}
      want('tell', { word: word, text: more.text, number: more.number })
    },
    keep: function (key, value) {
      call.notes[key] = JSON.stringify(value === undefined ? null : value)
      want('keep', { key: key, text: call.notes[key] })
    },
    kept: function (key, otherwise) {
      return Object.prototype.hasOwnProperty.call(call.notes, key) ? JSON.parse(call.notes[key]) : otherwise
    },
    keys: function () { return Object.keys(call.notes) },
    forget: function (key) {
      delete call.notes[key]
      want('forget', { key: key })
    },
    call: function (link, more) {
      more = more || {}
      var said = { link: link, type: more.type, tag: more.tag || link }
      Object.keys(more.says || {}).forEach(function (name) { said['field.' + name] = more.says[name] })
      Object.keys(more.reads || {}).forEach(function (name) { said['read.' + name] = more.reads[name] })
      want('call', said)
    },
    chance: function (bound) { return Math.floor(draw() * bound) },
    log: function (words) { if (log.length < 50) log.push(text(words).slice(0, 500)) }
  }
  return {
    house: Object.freeze(house),
    Date: Day,
    Math: Object.freeze(sums),
    event: call.event,
    over: function () { return JSON.stringify({ wishes: wishes, log: log }) }
  }
})
