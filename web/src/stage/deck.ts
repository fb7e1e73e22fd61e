import { SHOWS, type Display, type Ears } from '@/fixtures/display'
import { element, stand } from './elements'
import { BLANK, type ChatSeen, type Face, type Fixture, type Frame, type Part } from './messages'
import type { Run } from './things'

interface Stood {
  fixture: Fixture
  host: HTMLElement
  display: Display | null
  /** What was asked of it before it was loaded. */
  waits: ((display: Display) => void)[]
}

/** All of a fixture but where it stands. */
const bare = (fixture: Fixture): string => JSON.stringify({ ...fixture, frame: null })

/** The fixtures of a stage: each stands in its frame and shows its face; parts ask them to do something. */
export class Deck {
  private readonly stood = new Map<string, Stood>()
  private faces: Record<string, Partial<Face>> = {}
  private lines: ChatSeen[] = []

  constructor(
    private readonly root: HTMLElement,
    private readonly toPage: (server: number) => number,
    private readonly ears?: Ears,
  ) {}

  /** Lets these fixtures stand; what is as it was stays untouched. */
  lay(fixtures: Fixture[], media: Record<string, string>, faces: Record<string, Partial<Face>>): void {
    this.faces = { ...faces }
    const ids = new Set(fixtures.map((each) => each.id))
    for (const [id, there] of this.stood) {
      if (!ids.has(id)) {
        this.remove(id, there)
      }
    }
    fixtures.forEach((each) => this.put(each, media))
  }

  private put(fixture: Fixture, media: Record<string, string>): void {
    const { frame } = fixture
    const there = this.stood.get(fixture.id)
    // A fixture that only moved goes on with what it does.
    if (there && bare(there.fixture) === bare(fixture)) {
      there.fixture = fixture
      this.move(fixture.id, frame)
      this.tell(fixture.id)
      return
    }
    if (there) {
      this.remove(fixture.id, there)
    }
    const host = element('section', `fixture ${fixture.kind}`)
    host.dataset.fixture = fixture.id
    stand(host, frame)
    this.root.append(host)
    const stood: Stood = { fixture, host, display: null, waits: [] }
    this.stood.set(fixture.id, stood)
    void SHOWS[fixture.kind]?.().then(({ make }) => {
      if (this.stood.get(fixture.id) === stood) {
        stood.display = make(host, fixture, media, this.toPage, this.ears)
        this.tell(fixture.id)
        this.lines.forEach((each) => stood.display!.line?.(each, false))
        stood.waits.splice(0).forEach((act) => act(stood.display!))
      }
    })
  }

  private remove(id: string, there: Stood): void {
    there.display?.stop?.()
    there.host.remove()
    this.stood.delete(id)
  }

  /** Lets a fixture stand elsewhere, as the composer moves it. */
  move(id: string, frame: Frame): void {
    const there = this.stood.get(id)
    if (there) {
      stand(there.host, frame)
    }
  }

  private tell(id: string): void {
    this.stood.get(id)?.display?.face({ ...BLANK, ...this.faces[id] })
  }

  face(id: string, face: Partial<Face>): void {
    this.faces[id] = face
    this.tell(id)
  }

  /** Lines of before this page joined, oldest first. */
  begin(lines: ChatSeen[]): void {
    if (this.lines.length === 0) {
      this.lines = lines
      this.stood.forEach((each) => lines.forEach((seen) => each.display?.line?.(seen, false)))
    }
  }

  line(seen: ChatSeen): void {
    this.lines = [...this.lines, seen].slice(-20)
    this.stood.forEach((each) => each.display?.line?.(seen, true))
  }

  has(id: string): boolean {
    return this.stood.has(id)
  }

  /** Lets a fixture do what a part asks; `began` is told once it does. */
  perform(part: Part, start: number, began: (run: Run) => void): Run {
    const there = this.stood.get(part.thing!.place)!
    let inner: Run | null = null
    let held = false
    let over = false
    const go = (display: Display) => {
      if (!over && display.perform) {
        inner = display.perform(part, start)
        began(inner)
        if (held) {
          inner.hold()
        }
      }
    }
    if (there.display) {
      go(there.display)
    } else {
      there.waits.push(go)
    }
    return {
      made: there.host,
      life: null,
      hold: () => {
        held = true
        inner?.hold()
      },
      end: () => {
        over = true
        inner?.end()
      },
    }
  }
}
