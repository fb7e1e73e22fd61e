import { Burst } from './burst'
import { element, gone, line, shrink, stand } from './elements'
import { introduction } from './introduction'
import type { Frame, Part, ShownOf } from './messages'
import { coming, live } from './motions'
import type { Sounds } from './sounds'

/** Something that is shown for a while. */
export interface Run {
  made: HTMLElement | null
  /** Its animation, whose end is its end; null where something else tells that. */
  life: Animation | null
  /** Stops it where it is, for a look at one moment. */
  hold(): void
  end(): void
}

const still = (made: HTMLElement) =>
  made.getAnimations({ subtree: true }).forEach((each) => {
    const where = each.currentTime
    each.pause()
    each.currentTime = where
  })
export const run = (made: HTMLElement, life: Animation | null, more: Partial<Run> = {}): Run => ({
  made,
  life,
  hold: () => still(made),
  end: () => gone(made, life),
  ...more,
})

/** What a thing needs of the page. */
export interface Ground {
  root: HTMLElement
  sounds: Sounds
  silent: boolean
  video: (address: string) => HTMLVideoElement
}

const box = (part: Part, frame: Frame, kind: string): HTMLElement => {
  const made = element('div', `part thing ${kind}`)
  made.dataset.partRun = part.partRun
  stand(made, frame)
  return made
}

const picture = (part: Part, shown: ShownOf<'picture'>, frame: Frame, start: number, { root }: Ground): Run => {
  const made = box(part, frame, 'picture')
  const image = document.createElement('img')
  image.src = part.thing!.media
  image.alt = ''
  made.append(image)
  root.append(made)
  return run(made, live(made, coming(shown), part.lengthMs, start))
}

/** How far into a video this page is at `now`, in seconds. */
export const into = (start: number, now: number): number => Math.max(0, now - start) / 1_000

const video = (part: Part, shown: ShownOf<'video'>, frame: Frame, start: number, ground: Ground): Run => {
  const made = box(part, frame, 'video')
  const film = ground.video(part.thing!.media)
  const wide = 100 / (100 - shown.left - shown.right)
  const high = 100 / (100 - shown.top - shown.bottom)
  Object.assign(film.style, {
    width: `${wide * 100}%`,
    height: `${high * 100}%`,
    left: `${-shown.left * wide}%`,
    top: `${-shown.top * high}%`,
  })
  film.muted = ground.silent || !ground.sounds.may
  ground.sounds.film(film, shown.volume)
  made.append(film)
  ground.root.append(made)
  const begin = () => {
    film.currentTime = into(start, performance.now())
    void film.play().catch(() => undefined)
  }
  const timer = setTimeout(begin, Math.max(0, start - performance.now()))
  const life = live(made, coming(shown), part.lengthMs, start)
  return run(made, life, {
    hold: () => {
      clearTimeout(timer)
      film.pause()
      film.currentTime = into(start, Number(document.timeline.currentTime))
      still(made)
    },
    end: () => {
      clearTimeout(timer)
      film.pause()
      gone(made, life)
    },
  })
}

const burst = (part: Part, shown: ShownOf<'burst'>, frame: Frame, start: number, { root }: Ground): Run => {
  const made = box(part, frame, 'burst')
  const canvas = document.createElement('canvas')
  canvas.width = frame.width
  canvas.height = frame.height
  made.append(canvas)
  root.append(made)
  const drawn = new Burst(canvas, shown, part.lengthMs)
  let frameId = 0
  const draw = (now: number) => {
    drawn.draw(Math.max(0, now - start))
    frameId = requestAnimationFrame(draw)
  }
  frameId = requestAnimationFrame(draw)
  const stop = () => cancelAnimationFrame(frameId)
  const life = made.animate([{ opacity: 1 }, { opacity: 1 }], { duration: part.lengthMs, fill: 'both' })
  life.startTime = start
  return run(made, life, {
    hold: () => {
      stop()
      drawn.draw(Math.max(0, Number(document.timeline.currentTime) - start))
      still(made)
    },
    end: () => {
      stop()
      gone(made, life)
    },
  })
}

const names = (part: Part, shown: ShownOf<'names'>, frame: Frame, start: number, { root }: Ground): Run => {
  const made = box(part, frame, 'names')
  made.style.setProperty('--ink', shown.colour)
  made.style.setProperty('--plate', shown.plate || 'transparent')
  made.classList.toggle('bare', !shown.plate)
  const list = element('ul', 'list')
  shown.names.forEach((each) => {
    const item = document.createElement('li')
    item.append(line('line', each))
    list.append(item)
  })
  const room = element('div', 'room')
  room.append(list)
  made.append(...(shown.heading ? [line('title', shown.heading)] : []), room)
  root.append(made)
  made.querySelectorAll<HTMLElement>('.title, .line').forEach((each) => shrink(each))
  const more = list.scrollHeight - room.clientHeight
  if (more > 0) {
    const moves = list.animate(
      [
        { transform: 'none', offset: 0.1 },
        { transform: `translateY(${-more}px)`, offset: 0.9 },
        { transform: `translateY(${-more}px)` },
      ],
      { duration: part.lengthMs, fill: 'both' },
    )
    moves.startTime = start
  }
  const ease = Math.min(400, part.lengthMs / 4)
  return run(
    made,
    live(made, coming({ entry: 'rise', exit: 'rise', entryMs: ease, exitMs: ease }), part.lengthMs, start),
  )
}

const introduce = (part: Part, shown: ShownOf<'introduction'>, frame: Frame, start: number, { root }: Ground): Run => {
  const made = box(part, frame, 'introduction')
  made.append(introduction(shown, part.thing!.media))
  root.append(made)
  made.querySelectorAll<HTMLElement>('.title, .line').forEach((each) => shrink(each))
  const life = live(made, coming(shown), part.lengthMs, start)
  const art = made.querySelector<HTMLElement>('.last img')
  // The art drifts as long as it is seen.
  const drifts = art?.animate([{ transform: 'scale(1.02)' }, { transform: 'scale(1.16) translateX(-3%)' }], {
    duration: part.lengthMs,
    fill: 'both',
  })
  if (drifts) {
    drifts.startTime = start
  }
  return run(made, life, {
    end: () => {
      drifts?.cancel()
      gone(made, life)
    },
  })
}

/** Shows a thing on a spot from `start`, a moment of this page's own clock, which may be past; null for what fixtures do. */
export const showThing = (part: Part, frame: Frame, start: number, ground: Ground): Run | null => {
  const { shown } = part.thing!
  switch (shown.kind) {
    case 'picture':
      return picture(part, shown, frame, start, ground)
    case 'video':
      return video(part, shown, frame, start, ground)
    case 'burst':
      return burst(part, shown, frame, start, ground)
    case 'introduction':
      return introduce(part, shown, frame, start, ground)
    case 'names':
      return names(part, shown, frame, start, ground)
    default:
      return null
  }
}
