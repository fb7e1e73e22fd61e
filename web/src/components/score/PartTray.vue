<script setup lang="ts">
import { Plus } from '@lucide/vue'
import { onMounted, ref, shallowRef, type Component } from 'vue'
import type { Part } from '@/api/types'
import WhyNot from '@/components/WhyNot.vue'
import { useWhyNot } from '@/lib/whyNot'
import { useKinds } from '@/stores/kinds'
import { LANE_ICONS } from './lanes'

/** The parts there are: picked by typing, pressed, or dragged into the score. */
const props = defineProps<{ missing: Record<string, string> }>()
const emit = defineEmits<{ add: [Part['kind']] }>()
const kinds = useKinds()
/** The field that finds parts is loaded behind the page; what is typed meanwhile is kept. */
const finder = shallowRef<Component | null>(null)
const typed = ref('')
const focused = ref(false)
onMounted(async () => (finder.value = (await import('./AddPart.vue')).default))
const { why, may } = useWhyNot(() => props.missing)
const carry = (event: DragEvent, kind: string) => event.dataTransfer?.setData('application/x-waxbell-part', kind)
</script>

<template>
  <div class="flex min-w-0 flex-wrap items-center gap-1.5" role="group" aria-label="Parts to add">
    <component
      :is="finder"
      v-if="finder"
      :missing="missing"
      :start="typed"
      :focused="focused"
      @add="emit('add', $event)"
    />
    <div v-else class="relative flex-none">
      <input
        v-model="typed"
        class="field h-8 w-[130px] pl-7 text-[13px]"
        aria-label="Add a part"
        placeholder="Add a part"
        autocomplete="off"
        data-add-part
        @focus="focused = true"
        @blur="focused = false"
      />
      <Plus :size="15" class="pointer-events-none absolute top-2 left-2 text-soft" />
    </div>
    <button
      v-for="each in kinds.all.parts"
      :key="each.name"
      type="button"
      :draggable="missing[each.name] === undefined"
      class="flex h-8 flex-none items-center gap-1 rounded-[8px] border border-dashed border-edge px-1.5 text-[12.5px] hover:bg-well"
      :class="{ 'cursor-grab': missing[each.name] === undefined }"
      :aria-disabled="missing[each.name] !== undefined"
      :title="missing[each.name] ?? `${each.title}: press it, or drag it into the score`"
      :aria-label="`Add ${each.title}`"
      @click="may(each) && emit('add', each.name as Part['kind'])"
      @dragstart="carry($event, each.name)"
    >
      <component :is="LANE_ICONS[each.lane!]" :size="14" /> {{ each.label }}
    </button>
    <WhyNot :why="why" />
  </div>
</template>
