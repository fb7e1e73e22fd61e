import { useDebounceFn } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { ask, type Refusal } from '@/api/http'
import type { Problem, Stage } from '@/api/types'
import { useWiring } from '@/stores/wiring'

const PAUSE_MS = 350

/** A stage as it is being composed: saved shortly after every edit; what is refused is marked and kept here. */
export const useStageDraft = (id: () => string) => {
  const wiring = useWiring()
  const stage = shallowRef<Stage | null>(null)
  const version = ref(0)
  const state = ref<'saved' | 'editing' | 'saving' | 'refused' | 'conflict' | 'offline'>('saved')
  const problems = shallowRef<Problem[]>([])
  const message = ref('')
  let edits = 0

  const there = computed(() => wiring.stages.find((each) => each.stage.id === id()))
  const follow = () => {
    stage.value = there.value ? (JSON.parse(JSON.stringify(there.value.stage)) as Stage) : null
    version.value = there.value?.version ?? 0
    state.value = 'saved'
    problems.value = []
    message.value = ''
  }
  // What has no edits of its own follows the server, by undo or by another console.
  watch(
    [there, id],
    ([now, of], [, before]) => {
      if (of !== before || !now || (state.value === 'saved' && now.version !== version.value) || !stage.value) {
        follow()
      }
    },
    { immediate: true },
  )

  const save = async () => {
    if (!stage.value || state.value === 'saving') {
      return
    }
    const mine = edits
    const of = stage.value
    state.value = 'saving'
    try {
      version.value = (
        await ask<{ version: number }>('PUT', `/stages/${of.id}`, { version: version.value, stage: of })
      ).version
      await wiring.load()
      state.value = 'saved'
      problems.value = []
      message.value = ''
    } catch (failed) {
      const refusal = failed as Refusal
      problems.value = refusal.problems ?? []
      message.value = refusal.message
      state.value =
        refusal.status === 409 ? 'conflict' : refusal.status === 0 || refusal.status === 503 ? 'offline' : 'refused'
    }
    if (mine !== edits && (state.value as string) !== 'conflict') {
      state.value = 'editing'
      void later()
    }
  }
  const later = useDebounceFn(save, PAUSE_MS)

  /** Puts another stage in place of this one, and saves it soon. */
  const edit = (next: Stage) => {
    stage.value = next
    edits++
    if (state.value !== 'conflict' && state.value !== 'saving') {
      state.value = 'editing'
      void later()
    }
  }
  const takeTheirs = async () => {
    await wiring.load()
    follow()
  }
  const keepMine = async () => {
    await wiring.load()
    version.value = there.value?.version ?? 0
    state.value = 'editing'
    await save()
  }
  const at = (path: string) =>
    problems.value.filter(
      (each) => each.path === path || each.path.startsWith(`${path}.`) || each.path.startsWith(`${path}[`),
    )
  return { stage, state, problems, message, edit, takeTheirs, keepMine, at }
}
