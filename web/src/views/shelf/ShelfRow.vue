<script setup lang="ts">
import { Pause, Play } from '@lucide/vue'
import { computed } from 'vue'
import type { ShelfFile } from '@/api/types'
import { useHearing } from '@/composables/useHearing'
import { bytes } from '@/lib/shelf'
import { span } from '@/lib/spans'
import ShelfPicture from './ShelfPicture.vue'

/** A file in the list: what it looks like, how long and how loud it is, who uses it. */
const props = defineProps<{ file: ShelfFile; open: boolean; chosen: boolean }>()
defineEmits<{ open: []; choose: [on: boolean, range: boolean] }>()
const { playing, position, hear } = useHearing()
const sounds = computed(() => props.file.row.type.startsWith('audio/'))
const plays = computed(() => playing.value === props.file.address)
const length = computed(() =>
  props.file.row.lengthMs ? span(Math.max(100, Math.round(props.file.row.lengthMs / 100) * 100)) : '',
)
const loud = computed(() =>
  props.file.row.loudness == null ? '' : `${(props.file.row.loudness / 100).toFixed(1)} LUFS`,
)
const uses = computed(() => props.file.uses.map((each) => each.name).join(', '))
</script>

<template>
  <li
    class="flex h-[52px] items-center gap-3 border-t border-line px-2 first:border-t-0"
    :class="open && 'bg-well'"
    :aria-current="open ? 'true' : undefined"
  >
    <input
      type="checkbox"
      class="h-4 w-4 flex-none"
      :checked="chosen"
      :aria-label="`Choose ${file.row.name}`"
      @click="$emit('choose', ($event.target as HTMLInputElement).checked, ($event as MouseEvent).shiftKey)"
    />
    <button
      v-if="sounds"
      class="grid h-8 w-8 flex-none place-items-center rounded-full border border-edge hover:bg-well"
      :aria-label="plays ? `Stop ${file.row.name}` : `Hear ${file.row.name}`"
      @click="hear(file.address, file.row.gain ?? 0)"
    >
      <component :is="plays ? Pause : Play" :size="14" />
    </button>
    <button class="flex min-w-0 flex-1 items-center gap-3 text-left" @click="$emit('open')">
      <span class="block h-9 flex-none rounded-[6px]" :class="sounds ? 'w-[150px]' : 'w-[58px] bg-well p-0.5'"
        ><ShelfPicture :file="file" :heard="plays ? position : 0"
      /></span>
      <span class="min-w-0 flex-1">
        <span class="block truncate font-semibold">{{ file.row.name }}</span>
        <span class="block truncate text-[12.5px] text-soft"
          ><span v-for="tag in file.tags" :key="tag" class="mr-1.5 rounded-[6px] bg-well px-1.5">{{ tag }}</span
          >{{ uses || 'not used' }}</span
        >
      </span>
      <span class="w-[58px] flex-none text-right font-mono text-[12.5px]">{{ length }}</span>
      <span class="w-[92px] flex-none text-right font-mono text-[12.5px] text-soft">{{
        loud || bytes(file.row.bytes)
      }}</span>
    </button>
  </li>
</template>
