import { showCaption } from './caption'
import { showCard } from './cards'
import type { Deck } from './deck'
import type { Part, StageSize } from './messages'
import type { Sounds } from './sounds'
import { run, showThing, type Ground, type Run } from './things'

/** What a preview is asked to show: a moment of a plan, or the plan running on from there. */
export interface Moment {
  /** Parts of this stage; their moments count from the start of the plan. */
  parts: Part[]
  /** In ms from the start of the plan. */
  at: number
  playing: boolean
  sounds: boolean
}

/** Shows a moment of a plan by the very means of a live page, in place of the parts that are on now; fixtures stay. */
export class Moments {
  private readonly runs = new Map<string, Run>()
  private wanted: Moment | null = null

  constructor(
    private readonly ground: Ground,
    private readonly deck: Deck,
    private readonly stage: () => StageSize | null,
    private readonly sounds: Sounds,
  ) {}

  /** Shows a moment, or what is on now where there is none. */
  show(moment: Moment | null): void {
    this.wanted = moment
    this.draw()
  }

  /** Draws what is wanted; called again when the page knows its stage. */
  draw(): void {
    const size = this.stage()
    const moment = this.wanted
    this.sounds.stop()
    this.ground.root.toggleAttribute('data-moment', moment !== null && size !== null)
    if (!moment || !size) {
      this.keep(new Set())
      return
    }
    const now = Number(document.timeline.currentTime)
    const due = moment.parts.filter(
      (part) => moment.at < part.at + part.lengthMs && (moment.playing || moment.at >= part.at),
    )
    this.keep(new Set(due.map(nameOf)))
    due.forEach((part) => this.place(part, now - (moment.at - part.at), size, moment))
  }

  private place(part: Part, start: number, size: StageSize, moment: Moment): void {
    const made = this.perform(part, start, size, moment)
    if (made) {
      this.runs.get(nameOf(part))?.end()
      this.runs.set(nameOf(part), made)
      made.made?.setAttribute('data-of-moment', '')
      if (!moment.playing) {
        made.hold()
      }
    } else if (part.sound && moment.playing && moment.sounds) {
      this.sounds.play({ ...part, partRun: `moment.${part.partRun}` }, start).catch(() => undefined)
    }
  }

  private perform(part: Part, start: number, size: StageSize, moment: Moment): Run | null {
    const read = size.spots.find((each) => each.id === part.caption?.spot)
    if (read && !moment.playing) {
      return showCaption(this.ground.root, read, part, start, part.lengthMs)
    }
    const spot = size.spots.find((each) => each.id === (part.card?.spot ?? part.thing?.place))
    if (part.card && spot) {
      const { made, life } = showCard(this.ground.root, spot, part, start)
      return run(made, life)
    }
    if (part.thing && this.deck.has(part.thing.place)) {
      return this.deck.perform(part, start, () => undefined)
    }
    return part.thing && spot ? showThing(part, spot.frame, start, this.ground) : null
  }

  private keep(names: Set<string>): void {
    for (const [name, one] of this.runs) {
      if (!names.has(name)) {
        one.end()
        this.runs.delete(name)
      }
    }
  }
}

const nameOf = (part: Part) => JSON.stringify(part)
