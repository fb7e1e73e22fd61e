import { computed, ref, watch } from 'vue'
import { ask } from '@/api/http'
import type { DecisionNotice, MixerView } from '@/api/types'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'

/** The mixer as it was when it was asked, with what was told since; and how a target of it is switched by hand. */
export const useMixerNow = () => {
  const live = useLive()
  const notes = useNotes()
  const mixer = ref<MixerView | null>(null)
  /** Its scenes are others when it was linked anew. */
  watch(
    () => live.links.map((each) => `${each.id} ${each.state.phase}`).join(),
    () =>
      ask<MixerView>('GET', '/mixer').then(
        (told) => (mixer.value = told),
        () => undefined,
      ),
    { immediate: true },
  )
  const picture = computed(() => {
    const asked = mixer.value?.known ? mixer.value.picture : null
    const on = (kind: string, before: boolean) => (live.shown[`${kind}/`] ? live.shown[`${kind}/`] === 'on' : before)
    return (
      asked && {
        ...asked,
        current: live.shown['scene/'] ?? asked.current,
        streaming: on('stream', asked.streaming),
        recording: on('recording', asked.recording),
      }
    )
  })
  const put = (kind: string, name: string, value: string) =>
    ask<DecisionNotice>('POST', '/targets', { target: { kind, name }, value }).catch((refusal: Error) =>
      notes.say(refusal.message),
    )
  return { picture, put }
}
