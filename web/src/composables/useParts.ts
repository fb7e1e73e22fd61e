import { computed, ref, watch } from 'vue'
import type { Part } from '@/api/types'
import { newPart } from '@/lib/newCue'
import { longest, planned, sampleValues } from '@/lib/plan'
import { without } from '@/lib/scoreEdit'
import { useDrafts, type Draft } from '@/stores/drafts'
import { useWiring } from '@/stores/wiring'

/** The take that is open, its parts, and which of them are picked; adding and removing. */
export const useParts = (draft: () => Draft) => {
  const wiring = useWiring()
  const drafts = useDrafts()
  const chosenTake = ref(0)
  const take = computed({
    get: () => Math.min(chosenTake.value, draft().cue.takes.length - 1),
    set: (at) => (chosenTake.value = at),
  })
  const parts = computed(() => draft().cue.takes[take.value]!.score.parts)
  const picked = ref<string[]>(parts.value.slice(0, 1).map((each) => each.id))
  watch(
    () => parts.value.map((each) => each.id).join(),
    () => {
      picked.value = picked.value.filter((id) => parts.value.some((part) => part.id === id))
      if (picked.value.length === 0) {
        picked.value = parts.value.slice(0, 1).map((each) => each.id)
      }
    },
  )
  const sounds = computed(() => wiring.shelf.find((each) => each.type.startsWith('audio/'))?.folder ?? '')
  const files = computed(() => Object.fromEntries([...wiring.shelf].reverse().map((each) => [each.folder, each.name])))
  const stands = (kind: string) => wiring.stages[0]?.stage.fixtures.some((each) => each.kind === kind)
  /** What a part of a kind would stand on and is not there. */
  const missing = computed<Partial<Record<Part['kind'], string>>>(() => ({
    ...(wiring.stages.length
      ? {}
      : Object.fromEntries(
          ['card', 'picture', 'video', 'burst', 'names', 'spin', 'move', 'sound'].map((kind) => [
            kind,
            'there is no stage',
          ]),
        )),
    ...(files.value.Pictures ? {} : { picture: 'no picture is on the shelf' }),
    ...(files.value.Videos ? {} : { video: 'no video is on the shelf' }),
    ...(stands('wheel') ? {} : { spin: 'the stage has no wheel', ask: 'the stage has no wheel to ask' }),
    ...(stands('mascot') ? {} : { move: 'the stage has no mascot' }),
    ...(sounds.value ? {} : { sound: 'no sound is on the shelf' }),
    ...(wiring.house.slate.length > 0 ? {} : { slate: 'nothing is on the slate' }),
  }))
  const add = (kind: Part['kind'], ms?: number) => {
    if (missing.value[kind]) {
      return
    }
    const { cue } = draft()
    const made = newPart(kind, parts.value, {
      stage: wiring.stages[0]?.stage ?? { id: '', spots: [], outlets: [] },
      files: files.value,
      folder: sounds.value,
      rack: cue.rack,
      slate: wiring.house.slate.map((each) => each.id),
      values: Object.keys(sampleValues(cue, wiring.view?.samples ?? {})),
    })
    const part = ms === undefined ? made : { ...made, start: { kind: 'at' as const, ms } }
    drafts.edit(cue.id, (each) => each.takes[take.value]!.score.parts.push(part))
    picked.value = [part.id]
  }
  const remove = () => {
    const gone = picked.value
    const plan = planned(parts.value, (folder, file) => longest(wiring.shelf, folder, file))
    drafts.edit(draft().cue.id, (each) => (each.takes[take.value]!.score.parts = without(parts.value, plan, gone)))
  }
  return { take, parts, picked, missing, add, remove }
}
