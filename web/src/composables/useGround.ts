import { computed, onMounted, ref, type Ref } from 'vue'
import { ask } from '@/api/http'
import type { MixerView } from '@/api/types'
import type { Ground } from '@/lib/kinds'
import { useLive } from '@/stores/live'
import { useWiring } from '@/stores/wiring'

/** What forms of pulls and gates choose from: the cues but this one, the scenes of the mixer where it tells, the links. */
export const useGround = (cueId: () => string): Ref<Ground> => {
  const wiring = useWiring()
  const live = useLive()
  const scenes = ref<string[]>([])
  onMounted(() =>
    ask<MixerView>('GET', '/mixer').then(
      (view) => (scenes.value = view.known ? view.picture.scenes.map((each) => each.id) : []),
      () => undefined,
    ),
  )
  return computed(() => ({
    house: wiring.house,
    counted: wiring.view?.counted ?? [],
    cues: wiring.cues
      .filter((each) => each.cue.id !== cueId())
      .map((each) => ({ id: each.cue.id, name: each.cue.name })),
    scenes: scenes.value,
    links: live.links
      .filter((each) => each.kind === 'irc' || each.id === 'practice')
      .map((each) => ({ id: each.id, name: each.name })),
  }))
}
