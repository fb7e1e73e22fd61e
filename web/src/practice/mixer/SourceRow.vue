<script setup lang="ts">
import { ChevronRight, Eye, EyeOff, Volume2, VolumeX } from '@lucide/vue'
import { computed, ref } from 'vue'
import type { MixerChange, MixerItem, MixerSource } from '@/api/types'

/** What a person can do with a source that stands in the scene. */
const props = defineProps<{ item: MixerItem; source: MixerSource; peak: number }>()
const emit = defineEmits<{ hand: [Partial<MixerChange> & { what: string }] }>()
const KINDS: Record<string, string> = {
  camera: 'camera',
  picture: 'picture',
  text: 'text',
  browser: 'browser source',
  sound: 'sound',
}
const open = ref(false)
const sounds = computed(() => props.source.kind === 'sound' || props.source.kind === 'browser')
const width = computed(() => `${Math.max(0, Math.min(100, ((props.peak + 60) / 60) * 100))}%`)
const hand = (what: string, more: Partial<MixerChange> = {}) => emit('hand', { what, source: props.source.id, ...more })
const SIDES = ['left', 'top', 'width', 'height'] as const
const move = (side: (typeof SIDES)[number], typed: string) => {
  const number = Math.round(Number(typed))
  if (Number.isFinite(number) && Math.abs(number) < 100_000) {
    hand('item.place', { place: { ...props.item.place, [side]: number } })
  }
}
const value = (event: Event) => (event.target as HTMLInputElement).value
</script>

<template>
  <div class="border-t border-line py-1.5">
    <div class="flex items-center gap-1.5">
      <button
        class="rounded-[6px] p-1 hover:bg-well"
        :aria-expanded="open"
        :aria-label="`More of ${source.name}`"
        @click="open = !open"
      >
        <ChevronRight :size="14" :class="open && 'rotate-90'" />
      </button>
      <span class="min-w-0 flex-1 truncate" :class="!item.shown && 'text-soft'"
        >{{ source.name }} <span class="text-[12px] text-soft">{{ KINDS[source.kind] ?? source.kind }}</span></span
      >
      <button
        v-if="sounds"
        class="rounded-[6px] p-1 hover:bg-well"
        :aria-label="source.muted ? `Let ${source.name} be heard` : `Mute ${source.name}`"
        @click="hand('mute.set', { on: !source.muted })"
      >
        <component :is="source.muted ? VolumeX : Volume2" :size="15" :class="source.muted && 'text-wax-words'" />
      </button>
      <button
        v-if="source.kind !== 'sound'"
        class="rounded-[6px] p-1 hover:bg-well"
        :aria-label="item.shown ? `Hide ${source.name}` : `Show ${source.name}`"
        @click="hand('item.show', { on: !item.shown })"
      >
        <component :is="item.shown ? Eye : EyeOff" :size="15" :class="!item.shown && 'text-soft'" />
      </button>
    </div>
    <div
      v-if="sounds"
      class="mx-1 mt-1 h-1.5 overflow-hidden rounded-full bg-well"
      role="img"
      :aria-label="`Level of ${source.name}`"
    >
      <div class="h-full bg-verdigris" :style="{ width }" :data-level="source.id" />
    </div>
    <label v-if="source.kind === 'text'" class="block pt-1 pl-6"
      ><span class="sr-only">Words of {{ source.name }}</span
      ><input class="field" :value="source.text" autocomplete="off" @change="hand('text.set', { text: value($event) })"
    /></label>
    <div v-if="open" class="flex flex-col gap-1 pt-1 pl-6 text-[13px]">
      <label v-if="sounds" class="flex items-center gap-2"
        >Level
        <input
          type="range"
          min="0"
          max="100"
          class="flex-1"
          :value="source.level"
          @change="hand('level.set', { level: Number(value($event)) })"
        />
        {{ source.level }} %</label
      >
      <label v-for="filter in source.filters" :key="filter.id" class="flex items-center gap-2"
        ><input
          type="checkbox"
          :checked="filter.on"
          @change="hand('filter.set', { filter: filter.id, on: !filter.on })"
        />
        {{ filter.name }}</label
      >
      <div v-if="source.kind !== 'sound'" class="grid grid-cols-4 gap-1">
        <label v-for="side in SIDES" :key="side" class="block"
          ><span class="text-[12px] text-soft">{{ side }}</span
          ><input
            class="field px-1 font-mono text-[12px]"
            inputmode="numeric"
            :value="item.place[side]"
            @change="move(side, value($event))"
        /></label>
      </div>
      <p class="text-[12px] text-soft">
        In cues it is called <code class="font-mono">{{ source.id }}</code>
      </p>
    </div>
  </div>
</template>
