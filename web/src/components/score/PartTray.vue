<script setup lang="ts">
import { Combobox, ComboboxButton, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { Plus } from '@lucide/vue'
import { computed, ref } from 'vue'
import type { Part } from '@/api/types'
import { PARTS } from '@/lib/parts'
import { LANE_ICONS } from './lanes'

/** The parts there are: picked by typing, pressed, or dragged into the score. */
const props = defineProps<{ missing: Partial<Record<Part['kind'], string>> }>()
const emit = defineEmits<{ add: [Part['kind']] }>()
const typed = ref('')
const found = computed(() =>
  PARTS.filter((each) => `${each.name} ${each.also}`.toLowerCase().includes(typed.value.trim().toLowerCase())),
)
const add = (kind: Part['kind'] | null) => {
  if (kind && !props.missing[kind]) {
    emit('add', kind)
  }
  typed.value = ''
}
const carry = (event: DragEvent, kind: Part['kind']) => event.dataTransfer?.setData('application/x-waxbell-part', kind)
</script>

<template>
  <div class="flex min-w-0 flex-wrap items-center gap-1.5" role="group" aria-label="Parts to add">
    <Combobox
      :model-value="null"
      as="div"
      class="relative flex-none"
      @update:model-value="add($event as Part['kind'] | null)"
    >
      <ComboboxInput
        class="field h-8 w-[130px] pl-7 text-[13px]"
        aria-label="Add a part"
        placeholder="Add a part"
        autocomplete="off"
        data-add-part
        @change="typed = $event.target.value"
      />
      <ComboboxButton class="absolute top-2 left-2 text-soft" aria-label="All parts"
        ><Plus :size="15"
      /></ComboboxButton>
      <ComboboxOptions class="sheet absolute bottom-full left-0 z-30 mb-1 max-h-72 w-56 overflow-auto p-1 shadow-lg">
        <ComboboxOption
          v-for="each in found"
          :key="each.kind"
          v-slot="{ active }"
          :value="each.kind"
          :disabled="missing[each.kind] !== undefined"
        >
          <span
            class="flex items-center gap-2 rounded-[7px] px-2 py-1"
            :class="[active && 'bg-well', missing[each.kind] && 'text-soft']"
          >
            <component :is="LANE_ICONS[each.lane]" :size="14" />
            <span
              >{{ each.name
              }}<span v-if="missing[each.kind]" class="block text-[12px]">{{ missing[each.kind] }}</span></span
            >
          </span>
        </ComboboxOption>
        <li v-if="found.length === 0" class="px-2 py-1 text-soft">There is no such part.</li>
      </ComboboxOptions>
    </Combobox>
    <button
      v-for="each in PARTS"
      :key="each.kind"
      type="button"
      draggable="true"
      class="flex h-8 flex-none cursor-grab items-center gap-1 rounded-[8px] border border-dashed border-edge px-1.5 text-[12.5px] hover:bg-well"
      :disabled="missing[each.kind] !== undefined"
      :title="missing[each.kind] ?? `${each.name}: press it, or drag it into the score`"
      :aria-label="`Add ${each.name}`"
      @click="add(each.kind)"
      @dragstart="carry($event, each.kind)"
    >
      <component :is="LANE_ICONS[each.lane]" :size="14" /> {{ each.short }}
    </button>
  </div>
</template>
