import { defineStore } from 'pinia'
import { computed, reactive, ref, shallowRef } from 'vue'
import { ask, problemsOf, send } from '@/api/http'
import { useWiring } from './wiring'
import type {
  DecisionNotice,
  EditLine,
  ListedScript,
  Problem,
  RehearsalStanding,
  ReportView,
  Wanted,
} from '@/api/types'

const ASK_AGAIN_MS = 200

/** What is rehearsed and what came of it; it stays while other places are looked at. */
export const useRehearse = defineStore('rehearse', () => {
  const scripts = ref<ListedScript[]>([])
  const changes = ref<EditLine[]>([])
  const wanted = reactive<Wanted>({
    script: 'sample',
    madeUp: { seed: 7, crowd: 60, perMinute: 12, minutes: 60 },
    wiring: 'now',
    against: '',
  })
  const standing = ref<RehearsalStanding | null>(null)
  const report = shallowRef<ReportView | null>(null)
  const done = ref(0)
  const problems = ref<Problem[]>([])
  const running = computed(() => standing.value?.going === 'running')
  const script = computed(() => scripts.value.find((each) => each.id === wanted.script))

  const guarded = async <T>(work: () => Promise<T>): Promise<T | undefined> => {
    problems.value = []
    try {
      return await work()
    } catch (failed) {
      problems.value = problemsOf(failed)
      return undefined
    }
  }
  const load = () =>
    guarded(async () => {
      scripts.value = await ask<ListedScript[]>('GET', '/scripts')
      changes.value = (await ask<EditLine[]>('GET', '/changes')).filter((each) => !each.undone)
    })
  /** Only a recorded show has a wiring of its own. */
  const choose = (id: string) => {
    wanted.script = id
    if (script.value?.origin !== 'recorded') {
      wanted.wiring = wanted.wiring === 'asItWas' ? 'now' : wanted.wiring
      wanted.against = wanted.against === 'asItWas' ? '' : wanted.against
    }
  }
  /** The wiring in force when what is shown was played with it. */
  const revision = ref<number>()
  const wiring = useWiring()
  /** Whether the wiring was changed since. */
  const stale = computed(
    () => report.value !== null && revision.value !== undefined && wiring.view?.revision !== revision.value,
  )
  const follow = async (id: number) => {
    for (;;) {
      standing.value = await ask<RehearsalStanding>('GET', `/rehearsals/${id}`)
      if (standing.value.going !== 'running') {
        break
      }
      await new Promise((resolve) => setTimeout(resolve, ASK_AGAIN_MS))
    }
    if (standing.value.going !== 'failed') {
      report.value = await ask<ReportView>('GET', `/rehearsals/${id}/report`)
      done.value = id
    }
  }
  const run = () =>
    guarded(async () => {
      // A wiring of before, or as a show went, does not change any more.
      const now = [wanted.wiring, wanted.against].includes('now') ? wiring.view?.revision : undefined
      standing.value = await ask<RehearsalStanding>('POST', '/rehearsals', wanted)
      await follow(standing.value.id)
      revision.value = now
    })
  const cancel = () => guarded(() => ask('DELETE', `/rehearsals/${standing.value!.id}`))
  const why = (decision: number, against: boolean) =>
    ask<DecisionNotice>('GET', `/rehearsals/${done.value}/decisions/${decision}?against=${against}`)
  const bring = (name: string, file: Blob) =>
    guarded(async () => {
      const kept = await send<{ id: string }>(
        'POST',
        `/scripts?name=${encodeURIComponent(name)}`,
        file,
        'application/octet-stream',
      )
      await load()
      choose(kept.id)
    })
  const keep = (name: string) =>
    guarded(async () => {
      const kept = await ask<{ id: string }>('POST', '/scripts/made-up', { name, madeUp: wanted.madeUp })
      await load()
      choose(kept.id)
    })
  const remove = (id: string) =>
    guarded(async () => {
      scripts.value = await ask<ListedScript[]>('DELETE', `/scripts/${encodeURIComponent(id)}`)
      choose('sample')
    })
  const problemsAt = (field: string) => problems.value.filter((each) => each.path === field)

  return {
    scripts,
    changes,
    wanted,
    standing,
    report,
    done,
    problems,
    running,
    stale,
    script,
    load,
    choose,
    run,
    cancel,
    why,
    bring,
    keep,
    remove,
    problemsAt,
  }
})
