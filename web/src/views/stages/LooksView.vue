<script setup lang="ts">
import { Copy, RotateCcw, Trash2 } from '@lucide/vue'
import { computed, ref, watch } from 'vue'
import type { Look } from '@/api/types'
import KindForm from '@/components/cue/KindForm.vue'
import TextField from '@/components/cue/TextField.vue'
import { useDraftOf } from '@/composables/useDraftOf'
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
const kinds = useKinds()
/** Its name stands above its form. */
const FIELDS = computed(() => kinds.document('look').fields.filter((each) => each.key !== 'name'))
const own = (id: string) => wiring.house.looks.some((each) => each.id === id)
const kept = (id: string) => wiring.view?.looks.find((each) => each.id === id)
watch(
  () => wiring.view?.looks,
  (all) => (chosen.value = kept(chosen.value) ? chosen.value : (all?.[0]?.id ?? '')),
  { immediate: true },
)
const { draft, says, problems, edit } = useDraftOf<Look>({
  id: () => chosen.value,
  there: () => {
    const value = kept(chosen.value)
    return value && { value, version: wiring.view!.house.version }
  },
  put: async (look) => {
    await wiring.saveHouse(({ looks: now }) => ({
      looks: now.some((each) => each.id === look.id)
        ? now.map((each) => (each.id === look.id ? look : each))
        : [...now, look],
    }))
    return wiring.view!.house.version
  },
})
const looks = computed(() =>
  (wiring.view?.looks ?? []).map((each) => (each.id === draft.value?.id ? draft.value : each)),
)
const set = (name: string, value: unknown) => edit({ ...draft.value!, [name]: value })
const index = computed(() =>
  own(chosen.value) ? wiring.house.looks.findIndex((each) => each.id === chosen.value) : wiring.house.looks.length,
)
const at = (name: string) => problems.value.filter((each) => each.path === `looks[${index.value}].${name}`)
const others = computed(() => problems.value.filter((each) => !each.path.startsWith(`looks[${index.value}].`)))
const choose = (id: string) => (chosen.value = id)
const store = (change: (now: Look[]) => Look[]) => wiring.saveHouse((house) => ({ looks: change(house.looks) }))
const copy = async () => {
  const id = free(
    `${draft.value!.id.replace(/-\d+$/, '')}-2`,
    looks.value.map((each) => each.id),
  )
  const another = { ...draft.value!, id, name: `${draft.value!.name}, copied`.slice(0, 40) }
  await store((now) => [...now, another]).then(
    () => choose(id),
    (refusal: Error) => notes.say(refusal.message),
  )
}
const drop = () =>
  store((now) => now.filter((each) => each.id !== chosen.value)).then(
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
          <component :is="SHIPPED.includes(draft.id) ? RotateCcw : Trash2" :size="15" />
        </button>
      </div>
      <KindForm :key="draft.id" :value="draft" :fields="FIELDS" :problems="at" @set="set" />
      <p v-for="each in others" :key="each.path" role="alert" class="text-wax-words">
        {{ each.message }} {{ each.remedy }}
      </p>
      <p role="status" class="text-soft">
        {{ says }}
      </p>
    </aside>
  </div>
</template>
