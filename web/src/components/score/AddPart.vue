<script setup lang="ts">
import { Combobox, ComboboxButton, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { Plus } from '@lucide/vue'
import { computed, onMounted, ref } from 'vue'
import type { Part } from '@/api/types'
import { useKinds } from '@/stores/kinds'
import { vMenu } from '@/lib/menu'
import { LANE_ICONS } from './lanes'

/** A part picked by typing its name, or another word of the trade for it. @param start what was typed before this was there @param focused whether somebody is there already */
const props = defineProps<{ missing: Record<string, string>; start: string; focused: boolean }>()
const emit = defineEmits<{ add: [Part['kind']] }>()
const kinds = useKinds()
const typed = ref(props.start)
const root = ref<HTMLElement | null>(null)
onMounted(() => props.focused && root.value?.querySelector('input')?.focus())
const found = computed(() =>
  kinds.all.parts.filter((each) =>
    `${each.title} ${each.also}`.toLowerCase().includes(typed.value.trim().toLowerCase()),
  ),
)
const add = (kind: Part['kind'] | null) => {
  if (kind && !props.missing[kind]) {
    emit('add', kind)
  }
  typed.value = ''
}
</script>

<template>
  <div ref="root" class="flex-none">
    <Combobox :model-value="null" as="div" class="relative" @update:model-value="add($event as Part['kind'] | null)">
      <ComboboxInput
        class="field h-8 w-[130px] pl-7 text-[13px]"
        aria-label="Add a part"
        placeholder="Add a part"
        autocomplete="off"
        data-add-part
        :display-value="() => typed"
        @change="typed = $event.target.value"
      />
      <ComboboxButton class="absolute top-2 left-2 text-soft" aria-label="All parts"
        ><Plus :size="15"
      /></ComboboxButton>
      <ComboboxOptions v-menu="'top-start'" class="sheet max-h-72 w-56 overflow-auto p-1 shadow-lg">
        <ComboboxOption
          v-for="each in found"
          :key="each.name"
          v-slot="{ active }"
          :value="each.name"
          :disabled="missing[each.name] !== undefined"
        >
          <span
            class="flex items-center gap-2 rounded-[7px] px-2 py-1"
            :class="[active && 'bg-well', missing[each.name] && 'text-soft']"
          >
            <component :is="LANE_ICONS[each.lane!]" :size="14" />
            <span
              >{{ each.title
              }}<span v-if="missing[each.name]" class="block text-[12px]">{{ missing[each.name] }}</span></span
            >
          </span>
        </ComboboxOption>
        <li v-if="found.length === 0" class="px-2 py-1 text-soft">There is no such part.</li>
      </ComboboxOptions>
    </Combobox>
  </div>
</template>
