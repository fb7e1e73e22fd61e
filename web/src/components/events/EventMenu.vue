<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { ChevronDown } from '@lucide/vue'
import { computed, onMounted, reactive, ref } from 'vue'
import { ask } from '@/api/http'
import type { EventSample } from '@/api/types'
import { spoken } from '@/lib/lists'
import { vMenu } from '@/lib/menu'

/** Lets an event of the channel happen: a kind, and fields in place of its sample's. */
const props = withDefaults(defineProps<{ name: string; label?: string; plain?: boolean }>(), {
  label: 'Let something happen',
  plain: false,
})
const samples = ref<EventSample[]>([])
const kind = ref('')
const failed = ref('')
const fields = reactive<Record<string, string>>({})
/** Kinds of events are words already. */
const named = (of: string) => of.charAt(0).toUpperCase() + of.slice(1)

const sample = computed(() => samples.value.find((each) => each.kind === kind.value))
const names = computed(() => {
  const numbers = Object.keys(sample.value?.numbers ?? {})
  const texts = Object.keys(sample.value?.values ?? {}).filter(
    (name) => name !== 'viewer' && name !== 'tipAmount' && !numbers.includes(name),
  )
  return [...numbers, ...texts]
})
const isNumber = (name: string) => name in (sample.value?.numbers ?? {})
const choose = (next: string) => {
  kind.value = next
  failed.value = ''
  names.value.forEach((name) => (fields[name] = String(sample.value!.numbers[name] ?? sample.value!.values[name])))
}
onMounted(async () => {
  samples.value = await ask<EventSample[]>('GET', '/practice/events')
  choose(samples.value[0]?.kind ?? '')
})

const happen = async () => {
  const numbers = Object.fromEntries(names.value.filter(isNumber).map((name) => [name, Number(fields[name])]))
  const texts = Object.fromEntries(
    names.value.filter((name) => !isNumber(name)).map((name) => [name, fields[name] ?? '']),
  )
  try {
    await ask('POST', '/practice/events', { kind: kind.value, name: props.name, numbers, texts })
    failed.value = ''
  } catch (refusal) {
    failed.value = (refusal as Error).message
  }
}
</script>

<template>
  <Popover class="relative">
    <PopoverButton
      :class="
        plain
          ? 'flex h-8 items-center gap-1 rounded-[8px] border border-rope-line bg-rope-well px-2 text-[13px]'
          : 'button'
      "
      >{{ label }} <ChevronDown :size="14"
    /></PopoverButton>
    <PopoverPanel v-menu="'top-end'" class="sheet w-[320px] overflow-auto p-3 text-ink shadow-lg">
      <div class="flex flex-wrap gap-1 pb-2" role="group" aria-label="Kind of event">
        <button
          v-for="each in samples"
          :key="each.kind"
          type="button"
          class="rounded-[8px] border px-2 py-0.5 text-[13px]"
          :class="each.kind === kind ? 'border-ink bg-well font-semibold' : 'border-edge'"
          :aria-pressed="each.kind === kind"
          @click="choose(each.kind)"
        >
          {{ named(each.kind) }}
        </button>
      </div>
      <label v-for="each in names" :key="kind + each" class="flex items-center gap-2 py-0.5">
        <span class="w-[130px] flex-none text-[13px] text-soft">{{ spoken(each) }}</span>
        <input
          v-model="fields[each]"
          class="field"
          :inputmode="isNumber(each) ? 'numeric' : 'text'"
          autocomplete="off"
        />
      </label>
      <button type="button" class="button button-dark mt-2 w-full" @click="happen">
        {{ name }}: {{ named(kind) }}
      </button>
      <p v-if="failed" role="alert" class="pt-1 text-wax-words">{{ failed }}</p>
    </PopoverPanel>
  </Popover>
</template>
