import { onMounted, ref } from 'vue'
import { ask } from '@/api/http'
import type { Choice, FieldView, MixerPicture, MixerView, Stage } from '@/api/types'
import { useKnown } from '@/stores/known'
import { useLive } from '@/stores/live'
import { useWiring } from '@/stores/wiring'

type Named = { id: string; name: string }
const named = (all: Named[]): Choice[] => all.map((each) => ({ value: each.id, name: each.name }))
const plain = (all: string[]): Choice[] => [...new Set(all)].map((value) => ({ value, name: value }))

/** What a field may be chosen from, looked up where its kind says. @param cueId the cue that is open, which does not wait for itself @param on the stage on which what is filled in stands */
export const useChoices = (cueId: () => string = () => '', on: () => Stage | undefined = () => undefined) => {
  const wiring = useWiring()
  const live = useLive()
  const known = useKnown()
  const mixer = ref<MixerPicture | null>(null)
  onMounted(() => void known.load())
  onMounted(() =>
    ask<MixerView>('GET', '/mixer').then(
      (view) => (mixer.value = view.known ? view.picture : null),
      () => undefined,
    ),
  )
  const stageOf = (value: Record<string, unknown>): Stage | undefined =>
    wiring.stages.find((each) => each.stage.id === value.stage)?.stage
  const fixtures = (value: Record<string, unknown>, kind: string) =>
    (stageOf(value)?.fixtures ?? []).filter((each) => each.kind === kind)
  const sheets = (kind: string) => named(wiring.sheets.map((each) => each.desk).filter((each) => each.kind === kind))
  const SOURCES: Record<string, (value: Record<string, unknown>) => Choice[]> = {
    stages: () => named(wiring.stages.map((each) => each.stage)),
    spots: (value) => named(stageOf(value)?.spots ?? []),
    outlets: (value) => named(stageOf(value)?.outlets ?? []),
    ownOutlets: () => [
      { value: '', name: 'nothing: it is silent' },
      ...named((on()?.outlets ?? []).filter((each) => !each.apart)),
    ],
    clocks: () => sheets('clock'),
    queues: () => sheets('queue'),
    tasks: () => sheets('tasks'),
    tunes: () => sheets('tunes'),
    polls: () => sheets('poll'),
    prizes: () => sheets('prize'),
    crowds: () => sheets('crowd'),
    wheels: (value) => named(fixtures(value, 'wheel')),
    mascots: (value) => named(fixtures(value, 'mascot')),
    moves: (value) => plain(wiring.movesOf(String(value.stage), String(value.mascot))),
    looks: () => named(wiring.view?.looks ?? []),
    ownLooks: () => [{ value: '', name: 'its own colours' }, ...named(wiring.view?.looks ?? [])],
    soundFolders: () => plain(wiring.shelf.filter((each) => each.type.startsWith('audio/')).map((each) => each.folder)),
    sounds: (value) => [
      { value: '', name: 'any of the folder' },
      ...plain(wiring.shelf.filter((each) => each.folder === value.folder).map((each) => each.name)),
    ],
    lookUps: () =>
      plain(
        (wiring.cues.find((each) => each.cue.id === cueId())?.cue.takes ?? []).flatMap((take) =>
          take.score.parts.filter((part) => part.kind === 'lookUp').map((part) => part.id),
        ),
      ),
    slate: () => named(wiring.house.slate),
    numbers: () =>
      (wiring.view?.values ?? [])
        .filter((each) => each.number && each.id)
        .map((each) => ({ value: each.id, name: each.title })),
    shownNumbers: () =>
      (wiring.view?.values ?? []).filter((each) => each.number).map((each) => ({ value: each.name, name: each.title })),
    cues: () => named(wiring.cues.map((each) => each.cue).filter((each) => each.id !== cueId())),
    scenes: () => named(mixer.value?.scenes ?? []),
    sources: () => named(mixer.value?.sources ?? []),
    viewers: () => plain(known.names.viewers),
    rewards: () => plain(known.names.rewards),
    programs: () => plain(known.names.programs),
    gifts: () => plain(known.names.gifts),
    voices: () => [{ value: '', name: 'the usual voice' }, ...known.names.voices],
    oscLinks: () => named(live.links.filter((each) => each.kind === 'osc')),
    webLinks: () => named(live.links.filter((each) => each.kind === 'web')),
    links: () => named(live.links.filter((each) => each.kind === 'irc' || each.id === 'practice')),
  }
  const of = (field: FieldView, value: Record<string, unknown>): Choice[] =>
    field.choices.length ? field.choices : (SOURCES[field.from]?.(value) ?? [])
  /** What may be chosen from a source that does not look at the rest of a form. */
  const from = (source: FieldView['from']): string[] => (SOURCES[source]?.({}) ?? []).map((each) => each.value)
  return { of, from, mixer }
}
/** The folder of the shelf in which files of a field lie. */
export const FOLDERS: Partial<Record<FieldView['from'], string>> = {
  pictures: 'Pictures',
  videos: 'Videos',
  figures: 'Figures',
}
