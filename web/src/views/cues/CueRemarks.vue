<script setup lang="ts">
import { Wrench } from '@lucide/vue'
import { useRouter } from 'vue-router'
import type { Remark } from '@/api/types'
import { SEVERITIES } from '@/composables/useCheckup'
import { useDrafts, type Draft } from '@/stores/drafts'

/** What the check-up says of this cue, with the place to go and, where it is safe, the mend. */
const props = defineProps<{ draft: Draft; remarks: Remark[] }>()
const drafts = useDrafts()
const router = useRouter()
const mend = (remark: Remark) =>
  drafts.edit(props.draft.cue.id, (cue) => Object.assign(cue, JSON.parse(JSON.stringify(remark.mended))))
const go = (remark: Remark) => router.push({ path: `/cues/${props.draft.cue.id}`, query: { at: remark.path } })
</script>

<template>
  <section v-if="remarks.length > 0" aria-label="Check-up" class="sheet px-4 py-2">
    <h2 class="text-[16px]">Check-up</h2>
    <ul>
      <li
        v-for="remark in remarks"
        :key="remark.rule + remark.path"
        class="flex items-start gap-3 border-t border-line py-1.5 first:border-0"
      >
        <span
          class="w-[112px] flex-none text-[12.5px]"
          :class="remark.severity === 'grave' ? 'font-semibold text-wax-words' : 'text-soft'"
          >{{ SEVERITIES[remark.severity] }}</span
        >
        <p class="min-w-0 flex-1 text-[13.5px]">
          {{ remark.message }} <span class="text-soft">{{ remark.remedy }}</span>{{ ' ' }}
          <button v-if="remark.path" class="underline" @click="go(remark)">Go there</button>
        </p>
        <button v-if="remark.mended && draft.state === 'saved'" class="button flex-none" @click="mend(remark)">
          <Wrench :size="14" /> Mend it
        </button>
      </li>
    </ul>
  </section>
</template>
