<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { ref, watch } from 'vue'
import { ask } from '@/api/http'
import type { DecisionNotice } from '@/api/types'
import { timeOfDay } from '@/lib/spans'
import { useWhy } from '@/stores/why'

/** What happened in a show, found by words, or from a moment on; each opens its why. @param at from which moment, 0 for the end */
const props = defineProps<{ show: number; at: number }>()
const why = useWhy()
const find = ref('')
const lines = ref<DecisionNotice[]>([])
const more = ref(false)
const failed = ref('')
const PAGE = 60
const page = (before?: number) =>
  ask<DecisionNotice[]>(
    'GET',
    `/lookback/${props.show}/lines?find=${encodeURIComponent(find.value)}${before ? `&before=${before}` : ''}`,
  )
const look = () =>
  page().then(
    (told) => {
      lines.value = told
      more.value = told.length === PAGE
      failed.value = ''
    },
    (refusal: Error) => (failed.value = refusal.message),
  )
const older = async () => {
  const told = await page(lines.value[0]?.number)
  lines.value = [...told, ...lines.value]
  more.value = told.length === PAGE
}
const soon = useDebounceFn(look, 250)
watch(find, soon)
watch(() => props.show, look, { immediate: true })
/** From a moment on: pages are asked for until it is reached. */
watch(
  () => props.at,
  async (moment) => {
    while (moment > 0 && more.value && (lines.value[0]?.at ?? 0) > moment) {
      await older()
    }
    document
      .querySelector(`[data-moment="${lines.value.find((each) => each.at >= moment)?.number}"]`)
      ?.scrollIntoView({ block: 'center' })
  },
)
</script>

<template>
  <section class="sheet px-5 py-4 print:hidden" aria-label="What happened">
    <header class="flex items-center gap-3 pb-2">
      <h2 class="text-[18px]">What happened</h2>
      <input v-model="find" type="search" class="field ml-auto w-64" placeholder="Find words" aria-label="Find words" />
    </header>
    <p v-if="failed" role="alert" class="text-wax-words">{{ failed }}</p>
    <p v-if="more" class="pb-1 text-center"><button class="button" @click="older">Earlier</button></p>
    <div class="max-h-[420px] overflow-auto" tabindex="0" role="region" aria-label="Lines of the show">
      <button
        v-for="line in lines"
        :key="line.number"
        class="flex w-full gap-3 border-t border-line py-0.5 text-left text-[14px] first:border-0 hover:bg-well"
        :data-moment="line.number"
        @click="why.open(line)"
      >
        <time class="flex-none font-mono text-[12.5px] text-soft">{{ timeOfDay(line.at) }}</time>
        <bdi dir="ltr" class="min-w-0 flex-1 truncate">{{ line.event }}</bdi>
        <span class="max-w-[45%] truncate text-soft">{{ line.sentence }}</span>
      </button>
      <p v-if="!lines.length" class="py-3 text-center text-soft">
        {{ find ? 'Nothing has these words.' : 'Nothing happened.' }}
      </p>
    </div>
  </section>
</template>
