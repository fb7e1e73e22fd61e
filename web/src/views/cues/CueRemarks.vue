<script setup lang="ts">
import { Wrench } from '@lucide/vue'
import { computed, ref, watch } from 'vue'
import { ask } from '@/api/http'
import type { Remark } from '@/api/types'
import { useDrafts, type Draft } from '@/stores/drafts'
import { useLive } from '@/stores/live'

/** What the check-up says of this cue, with the mend where it is safe. */
const props = defineProps<{ draft: Draft }>()
const live = useLive()
const drafts = useDrafts()
const all = ref<Remark[]>([])
const load = async () => {
  all.value = await ask<Remark[]>('GET', '/checkup')
}
watch([() => live.wiringStamp, () => props.draft.version], () => load().catch(() => (all.value = [])), { immediate: true })
const mine = computed(() => all.value.filter((each) => each.cueId === props.draft.cue.id))
const WORDS = { grave: 'Would go wrong', doubtful: 'Doubtful', hint: 'Could be better' }
const mend = (remark: Remark) => drafts.edit(props.draft.cue.id, (cue) => Object.assign(cue, JSON.parse(JSON.stringify(remark.mended))))
</script>

<template>
  <section v-if="mine.length > 0" aria-label="Check-up" class="sheet px-4 py-2">
    <h2 class="text-[16px]">Check-up</h2>
    <ul>
      <li v-for="remark in mine" :key="remark.rule + remark.path" class="flex items-start gap-3 border-t border-line py-1.5 first:border-0">
        <span class="w-[112px] flex-none text-[12.5px]" :class="remark.severity === 'grave' ? 'font-semibold text-wax-words' : 'text-soft'">{{ WORDS[remark.severity] }}</span>
        <p class="min-w-0 flex-1 text-[13.5px]">{{ remark.message }} <span class="text-soft">{{ remark.remedy }}</span></p>
        <button v-if="remark.mended && draft.state === 'saved'" class="button flex-none" @click="mend(remark)"><Wrench :size="14" /> Mend it</button>
      </li>
    </ul>
  </section>
</template>
