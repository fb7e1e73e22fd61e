<script setup lang="ts">
import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/vue'
import { ChevronDown, CornerDownLeft } from '@lucide/vue'
import { computed, nextTick, onMounted, ref, toRef, watch } from 'vue'
import { ask } from '@/api/http'
import type { Viewer } from '@/api/types'
import { timeOfDay } from '@/lib/spans'
import { useLive } from '@/stores/live'
import EventMenu from '@/components/events/EventMenu.vue'
import { useWhy } from '@/stores/why'
import { vMenu } from '@/lib/menu'
import { saidOf } from './bars'
import { useSampleWord } from './useSampleWord'

defineProps<{ folded: boolean }>()
const live = useLive()
const sample = useSampleWord()
const why = useWhy()
const viewers = ref<Viewer[]>([])
const as = toRef(live, 'speaker')
const text = ref('')
const failed = ref('')
const sending = ref(false)
const said = ref<HTMLElement | null>(null)
const field = ref<HTMLInputElement | null>(null)
defineExpose({ focus: () => field.value?.focus() })

const load = async () => {
  viewers.value = await ask<Viewer[]>('GET', '/practice/viewers')
  as.value ||= viewers.value.find((each) => each.name === 'wickerby')?.name ?? viewers.value[0]?.name ?? 'host'
}
onMounted(() => load().catch((refusal: Error) => (failed.value = refusal.message)))

const nearest = (viewer?: Viewer) => viewer?.standings[0] ?? 'anyone'
const standing = computed(() => nearest(viewers.value.find((each) => each.name === as.value)))

const send = async () => {
  sending.value = true
  try {
    await live.write(as.value, text.value)
    text.value = ''
    failed.value = ''
  } catch (refusal) {
    failed.value = (refusal as Error).message
  } finally {
    sending.value = false
    field.value?.focus()
  }
}

const lines = computed(() => saidOf(live.decisions, live.drops).slice(-60))
watch(lines, () => nextTick(() => said.value?.scrollTo({ top: said.value.scrollHeight })), { immediate: true })
const MOODS = { held: 'text-rope-held', missed: 'text-rope-held', rang: 'text-rope-rang', none: 'text-rope-soft' }
</script>

<template>
  <div class="flex flex-col px-3 pt-2">
    <form class="flex gap-1.5" @submit.prevent="send">
      <Listbox v-model="as" as="div" class="relative">
        <ListboxButton
          class="flex h-8 w-[132px] items-center gap-1 rounded-[8px] border border-rope-line bg-rope-well px-2 text-left text-[13px]"
        >
          <span class="sr-only">Write as</span>
          <span class="min-w-0 flex-1 truncate">{{ as }}</span>
          <span class="text-[12px] text-rope-soft">{{ standing }}</span>
          <ChevronDown :size="14" />
        </ListboxButton>
        <ListboxOptions
          v-menu="'top-start'"
          class="max-h-72 w-56 overflow-auto rounded-[10px] border border-rope-line bg-rope-well p-1 shadow-lg"
        >
          <ListboxOption v-for="viewer in viewers" :key="viewer.id" v-slot="{ active }" :value="viewer.name">
            <span class="flex justify-between gap-2 rounded-[6px] px-2 py-1 text-[13px]" :class="active && 'bg-rope'">
              <span class="truncate">{{ viewer.name }}</span><span class="text-rope-soft">{{ nearest(viewer) }}</span>
            </span>
          </ListboxOption>
        </ListboxOptions>
      </Listbox>
      <input
        ref="field"
        v-model="text"
        class="h-8 min-w-0 flex-1 rounded-[8px] border border-rope-line bg-rope-well px-2 font-mono text-[13px] text-rope-words placeholder:text-rope-soft"
        aria-label="Line of chat"
        :placeholder="sample || 'a line'"
        autocomplete="off"
        data-try
        :aria-invalid="failed !== ''"
      />
      <button
        class="flex h-8 items-center gap-1 rounded-[8px] border border-rope-line bg-rope-well px-2 text-[13px]"
        :disabled="sending"
      >
        Send <CornerDownLeft :size="13" />
      </button>
      <EventMenu :name="as" label="Event" plain />
    </form>
    <p v-if="failed && !folded" role="alert" class="pt-1 text-[12px] text-rope-held">{{ failed }}</p>
    <ol
      v-if="!folded"
      ref="said"
      aria-label="What was decided"
      class="mt-1.5 min-h-0 flex-1 overflow-auto pb-1 text-[12.5px] leading-[18px]"
      tabindex="0"
    >
      <li
        v-for="line in lines"
        :key="line.key"
        v-memo="[line.sentence, line.mood]"
        :title="`${timeOfDay(line.at)} ${line.event}`"
      >
        <button
          class="flex w-full gap-1.5 text-left hover:bg-rope-well"
          :disabled="!line.decision"
          @click="line.decision && why.open(line.decision)"
        >
          <bdi dir="ltr" class="max-w-[132px] flex-none truncate text-rope-soft">{{ line.event }}</bdi>
          <span class="truncate" :class="MOODS[line.mood]" :title="line.sentence">{{ line.sentence }}</span>
        </button>
      </li>
      <li v-if="lines.length === 0" class="text-rope-soft">Nothing was said yet tonight.</li>
    </ol>
  </div>
</template>
