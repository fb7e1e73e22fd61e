<script setup lang="ts">
import { useElementSize, useIntersectionObserver } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { ReadyDrawing } from '@/api/types'
import BenchCamera from '@/practice/mixer/BenchCamera.vue'
import { closeUp } from './closeUp'

/** How a piece will look, drawn by the very stage page; what it says in chat stands below. It is made when it is first seen. */
const props = defineProps<{ drawing: ReadyDrawing | null; name: string }>()
const emit = defineEmits<{ seen: [] }>()
const room = ref<HTMLElement | null>(null)
const page = ref<HTMLIFrameElement | null>(null)
const { width } = useElementSize(room)
const { stop } = useIntersectionObserver(room, ([entry]) => {
  if (entry?.isIntersecting) {
    stop()
    emit('seen')
  }
})
const tell = () => {
  if (props.drawing) {
    const { stage, plates, faces, parts, at, lines } = props.drawing
    page.value?.contentWindow?.postMessage(
      JSON.parse(JSON.stringify({ drawing: { stage, plates, faces, parts, at, lines } })),
      location.origin,
    )
  }
}
watch(() => props.drawing, tell)
/** The part of the stage where something is, with some room around it, as wide to its height as the drawing is. */
const look = computed(() => (props.drawing ? closeUp(props.drawing) : null))
const scale = computed(() => (look.value ? width.value / look.value.width : 1))
</script>

<template>
  <div class="flex flex-col gap-1.5">
    <div ref="room" class="relative aspect-video overflow-hidden rounded-[8px] bg-[#241b19]" data-drawing>
      <div
        v-if="drawing && look"
        class="absolute top-0 left-0 origin-top-left"
        :style="{
          width: `${drawing.stage.width}px`,
          height: `${drawing.stage.height}px`,
          transform: `scale(${scale}) translate(${-look.x}px, ${-look.y}px)`,
        }"
      >
        <BenchCamera class="absolute inset-0 h-full w-full" aria-hidden="true" />
        <iframe
          ref="page"
          src="/stage?drawing"
          :title="`How ${name} will look`"
          tabindex="-1"
          class="pointer-events-none absolute inset-0 border-0"
          :width="drawing.stage.width"
          :height="drawing.stage.height"
          :style="{ colorScheme: 'light' }"
          @load="tell"
        />
      </div>
      <p
        v-if="drawing && !drawing.parts.length && !drawing.said.length && !drawing.stage.fixtures.length"
        class="absolute inset-0 grid place-items-center bg-[#241b19]/60 p-4 text-center font-serif text-[17px] text-[#fff4de]"
      >
        {{ drawing.sentences[0] }}
      </p>
    </div>
    <p
      v-if="drawing?.said.length"
      class="line-clamp-2 rounded-[8px] bg-well px-2.5 py-1 text-[12.5px] leading-snug"
      data-said
    >
      <span class="pr-1 text-honey-words">in chat:</span><bdi>{{ drawing.said.at(-1) }}</bdi>
    </p>
  </div>
</template>
