<script setup lang="ts">
import { Wrench } from '@lucide/vue'
import { computed } from 'vue'
import { ask } from '@/api/http'
import type { Remark } from '@/api/types'
import CuesNav from '@/components/cue/CuesNav.vue'
import { SEVERITIES, useCheckup } from '@/composables/useCheckup'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'

/** All that the check-up says, the gravest first, with the place to go and the mend. */
const wiring = useWiring()
const notes = useNotes()
const { all } = useCheckup()
const groups = computed(() =>
  (['grave', 'doubtful', 'hint'] as const)
    .map((severity) => ({ severity, remarks: all.value.filter((each) => each.severity === severity) }))
    .filter((each) => each.remarks.length),
)
const nameOf = (id: string) => wiring.cue(id)?.cue.name ?? ''
const mend = async (remark: Remark) => {
  const view = wiring.cue(remark.cueId)
  if (view && remark.mended) {
    await wiring.saveCue(view.version, remark.mended as typeof view.cue).then(
      () => notes.say(`${view.cue.name} is mended.`, true),
      (refusal: Error) => notes.say(refusal.message),
    )
  }
}
const mendable = computed(() => [
  ...new Map(all.value.filter((each) => each.mended).map((each) => [each.cueId, each])).values(),
])
const mendAll = () => {
  const save = mendable.value.flatMap((each) =>
    wiring.cue(each.cueId) ? [{ version: wiring.cue(each.cueId)!.version, cue: each.mended }] : [],
  )
  const what = `${save.length === 1 ? '1 cue' : `${save.length} cues`} mended`
  return ask('PUT', '/cues', { what, save, delete: [] })
    .then(wiring.load)
    .then(
      () => notes.say(`${what}.`, true),
      (refusal: Error) => notes.say(refusal.message),
    )
}
</script>

<template>
  <div class="h-full overflow-auto px-6 py-3">
    <CuesNav />
    <div class="mx-auto max-w-[980px] py-3">
      <div class="flex items-center gap-3 pb-1">
        <h1 class="flex-1 text-[24px]">Check-up</h1>
        <button v-if="mendable.length > 1" class="button" @click="mendAll">
          <Wrench :size="14" /> Mend {{ mendable.length }} cues
        </button>
      </div>
      <p class="text-soft">What can go wrong on air with the wiring as it is. It is looked at after every edit.</p>
      <p v-if="all.length === 0" class="sheet mt-3 px-4 py-6 text-center text-verdigris-words">
        Nothing to remark. What is wired should do as it says.
      </p>
      <section
        v-for="group in groups"
        :key="group.severity"
        class="sheet mt-3 px-4 py-2"
        :aria-label="SEVERITIES[group.severity]"
      >
        <h2 class="text-[17px]" :class="group.severity === 'grave' && 'text-wax-words'">
          {{ SEVERITIES[group.severity] }} · {{ group.remarks.length }}
        </h2>
        <ul>
          <li
            v-for="remark in group.remarks"
            :key="remark.rule + remark.cueId + remark.path"
            class="flex items-start gap-3 border-t border-line py-2"
          >
            <RouterLink
              v-if="remark.cueId"
              class="w-[200px] flex-none truncate font-semibold underline decoration-line"
              :to="{ path: `/cues/${remark.cueId}`, query: { at: remark.path } }"
              >{{ nameOf(remark.cueId) }}</RouterLink
            >
            <span v-else class="w-[200px] flex-none text-soft">the whole wiring</span>
            <p class="min-w-0 flex-1">
              {{ remark.message }} <span class="text-soft">{{ remark.remedy }}</span>
            </p>
            <button v-if="remark.mended" class="button flex-none" @click="mend(remark)">
              <Wrench :size="14" /> Mend it
            </button>
          </li>
        </ul>
      </section>
    </div>
  </div>
</template>
