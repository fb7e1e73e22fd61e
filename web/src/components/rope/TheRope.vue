<script setup lang="ts">
import { ChevronDown, ChevronUp } from '@lucide/vue'
import { useLocalStorage } from '@vueuse/core'
import { computed, defineAsyncComponent, ref } from 'vue'
import RopeBars from './RopeBars.vue'

/** What is tried by hand comes behind the page; its place is kept. */
const trying = import('./RopeTry.vue')
const RopeTry = defineAsyncComponent(() => trying)

/** @param low whether it is folded here whatever it is elsewhere, for the page has more to show */
const props = defineProps<{ low?: boolean }>()
const LEAST = 132
const FOLDED = 44
const height = useLocalStorage('waxbell.rope', 168)
const kept = useLocalStorage('waxbell.rope.folded', false)
const opened = ref(false)
const folded = computed({
  get: () => (props.low ? !opened.value : kept.value),
  set: (next: boolean) => {
    if (props.low) {
      opened.value = !next
    } else {
      kept.value = next
    }
  },
})
const most = () => Math.round(innerHeight * 0.6)
const tall = computed(() => (folded.value ? FOLDED : Math.min(most(), Math.max(LEAST, height.value))))
const pulling = ref<{ y: number; from: number } | null>(null)
const down = (event: PointerEvent) => {
  ;(event.currentTarget as HTMLElement).setPointerCapture?.(event.pointerId)
  pulling.value = { y: event.clientY, from: tall.value }
}
const to = (px: number) => {
  folded.value = px < LEAST - 40
  height.value = Math.min(most(), Math.max(LEAST, px))
}
const move = (event: PointerEvent) => pulling.value && to(pulling.value.from + pulling.value.y - event.clientY)
</script>

<template>
  <section
    aria-label="Rope: what happened, what plays, what comes"
    class="relative flex flex-none border-t border-rope-line bg-rope text-rope-words"
    :style="{ height: tall + 'px' }"
  >
    <div
      class="absolute inset-x-0 -top-1 z-20 h-2 cursor-ns-resize touch-none"
      role="separator"
      tabindex="0"
      aria-orientation="horizontal"
      aria-label="Height of the rope"
      :aria-valuenow="tall"
      :aria-valuemin="FOLDED"
      :aria-valuemax="most()"
      @pointerdown="down"
      @pointermove="move"
      @pointerup="pulling = null"
      @pointercancel="pulling = null"
      @keydown.up.prevent="to(tall + 24)"
      @keydown.down.prevent="to(tall - 24)"
    />
    <RopeBars class="min-w-0 flex-1" :folded="folded" :height="tall" />
    <div class="flex w-[400px] flex-none border-l border-rope-line 2xl:w-[560px]">
      <RopeTry class="min-w-0 flex-1" :folded="folded" />
    </div>
    <button
      class="absolute top-1 left-1/2 z-20 rounded-[6px] px-1.5 text-rope-soft hover:bg-rope-well"
      :aria-label="folded ? 'Unfold the rope' : 'Fold the rope'"
      :aria-expanded="!folded"
      @click="folded = !folded"
    >
      <component :is="folded ? ChevronUp : ChevronDown" :size="14" />
    </button>
  </section>
</template>
