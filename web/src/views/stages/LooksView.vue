<script setup lang="ts">
import { Copy, RotateCcw } from '@lucide/vue'
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { ask, problemsOf } from '@/api/http'
import type { Look, Problem } from '@/api/types'
import KindForm from '@/components/cue/KindForm.vue'
import TextField from '@/components/cue/TextField.vue'
import { useKinds } from '@/stores/kinds'
import { free } from '@/lib/lists'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'
import LookSample from './LookSample.vue'
import StagesNav from './StagesNav.vue'

/** The looks of cards: those that ship and the host's own, each shown on a dark and a bright picture. */
const wiring = useWiring()
const notes = useNotes()
const SHIPPED = ['beeswax', 'tide', 'pewter']
const chosen = ref('')
const draft = shallowRef<Look | null>(null)
const problems = shallowRef<Problem[]>([])
const looks = computed(() =>
  (wiring.view?.looks ?? []).map((each) => (each.id === draft.value?.id ? draft.value : each)),
)
const own = (id: string) => wiring.house.looks.some((each) => each.id === id)
watch(
  [() => wiring.view?.looks, chosen],
  () => {
    chosen.value ||= wiring.view?.looks[0]?.id ?? ''
    if (problems.value.length === 0) {
      draft.value = wiring.view?.looks.find((each) => each.id === chosen.value) ?? null
    }
  },
  { immediate: true },
)
const kinds = useKinds()
/** Its name stands above its form. */
const FIELDS = computed(() => kinds.of('documents', 'look').fields.filter((each) => each.key !== 'name'))
const store = async (all: Look[]) => {
  const version = wiring.view!.house.version
  await ask('PUT', '/house', { version, house: { ...wiring.house, looks: all } })
  await wiring.load()
}
const save = useDebounceFn(async () => {
  const look = draft.value!
  try {
    await store(
      own(look.id)
        ? wiring.house.looks.map((each) => (each.id === look.id ? look : each))
        : [...wiring.house.looks, look],
    )
    problems.value = []
  } catch (refusal) {
    problems.value = problemsOf(refusal)
  }
}, 350)
const set = (name: string, value: unknown) => {
  draft.value = { ...draft.value!, [name]: value }
  void save()
}
const index = computed(() =>
  own(chosen.value) ? wiring.house.looks.findIndex((each) => each.id === chosen.value) : wiring.house.looks.length,
)
const at = (name: string) => problems.value.filter((each) => each.path === `looks[${index.value}].${name}`)
const others = computed(() => problems.value.filter((each) => !each.path.startsWith(`looks[${index.value}].`)))
const choose = (id: string) => {
  problems.value = []
  chosen.value = id
}
const copy = async () => {
  const id = free(
    `${draft.value!.id.replace(/-\d+$/, '')}-2`,
    looks.value.map((each) => each.id),
  )
  await store([...wiring.house.looks, { ...draft.value!, id, name: `${draft.value!.name}, copied`.slice(0, 40) }]).then(
    () => choose(id),
    (refusal: Error) => notes.say(refusal.message),
  )
}
const drop = () =>
  store(wiring.house.looks.filter((each) => each.id !== chosen.value)).then(
    () => choose(SHIPPED.includes(chosen.value) ? chosen.value : SHIPPED[0]!),
    (refusal: Error) => notes.say(refusal.message),
  )
</script>

<template>
  <div class="flex h-full overflow-hidden">
    <div class="min-w-0 flex-1 overflow-auto px-4 py-2">
      <StagesNav />
      <h1 class="pt-2 text-[24px]">Looks</h1>
      <p class="pb-2 text-soft">
        How cards look and move. A look is used by any number of cards; what is changed here changes on all of them.
      </p>
      <ul class="grid grid-cols-2 gap-3" aria-label="Looks">
        <li v-for="each in looks" :key="each.id">
          <button
            class="sheet block w-full overflow-hidden text-left"
            :class="each.id === chosen && 'outline-2 outline-honey'"
            :aria-pressed="each.id === chosen"
            @click="choose(each.id)"
          >
            <LookSample :look="each" />
            <span class="flex justify-between px-3 py-1.5"
              ><b class="font-semibold">{{ each.name }}</b
              ><span class="text-[13px] text-soft">{{
                SHIPPED.includes(each.id) ? (own(each.id) ? 'ours, changed' : 'ours') : 'yours'
              }}</span></span
            >
          </button>
        </li>
      </ul>
    </div>
    <aside
      v-if="draft"
      aria-label="The look"
      class="flex w-[316px] flex-none flex-col gap-2 overflow-auto border-l border-line bg-sheet p-3"
    >
      <div class="flex items-end gap-1.5">
        <TextField
          class="min-w-0 flex-1"
          label="Name"
          :model-value="draft.name"
          :problems="at('name')"
          @update:model-value="set('name', $event)"
        />
        <button class="button h-9 px-2" aria-label="Copy this look" title="Copy" @click="copy">
          <Copy :size="15" />
        </button>
        <button
          v-if="own(draft.id)"
          class="button h-9 px-2"
          :aria-label="SHIPPED.includes(draft.id) ? 'As it shipped' : 'Delete this look'"
          :title="SHIPPED.includes(draft.id) ? 'As it shipped' : 'Delete'"
          @click="drop"
        >
          <RotateCcw :size="15" />
        </button>
      </div>
      <KindForm :key="draft.id" :value="draft" :fields="FIELDS" :problems="at" @set="set" />
      <p v-for="each in others" :key="each.path" role="alert" class="text-wax-words">
        {{ each.message }} {{ each.remedy }}
      </p>
      <p role="status" class="text-soft">
        {{ problems.length ? 'Not saved; what was saved before still holds.' : 'Saved' }}
      </p>
    </aside>
  </div>
</template>
