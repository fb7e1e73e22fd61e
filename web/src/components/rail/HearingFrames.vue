<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { ref, watch } from 'vue'
import { useHearHere } from '@/stores/hearHere'
import { useWiring } from '@/stores/wiring'

/** The stages as they are heard in this console: their own pages, of which nothing is seen. */
const here = useHearHere()
const wiring = useWiring()
const frames = ref<HTMLIFrameElement[]>([])
const tell = (frame: HTMLIFrameElement | null) =>
  frame?.contentWindow?.postMessage({ level: 1, sink: here.output }, location.origin)
const tellAll = () => frames.value.forEach(tell)
watch(() => here.output, tellAll)
useEventListener('pointerdown', tellAll, { capture: true })
useEventListener('message', (message: MessageEvent<{ may?: boolean; sinkFault?: string }>) => {
  if (message.origin === location.origin && frames.value.some((each) => each.contentWindow === message.source)) {
    here.may = message.data.may ?? here.may
    here.fault = message.data.sinkFault ?? here.fault
  }
})
const address = (preview: string) => preview.replace('/stage#', '/stage?aloud#')
</script>

<template>
  <iframe
    v-for="{ stage, previewAddress } in wiring.stages"
    :key="stage.id"
    ref="frames"
    class="pointer-events-none fixed bottom-0 left-0 h-px w-px opacity-0"
    tabindex="-1"
    aria-hidden="true"
    allow="autoplay; speaker-selection"
    :title="`${stage.name}, heard here`"
    :src="address(previewAddress)"
    @load="tell($event.target as HTMLIFrameElement)"
  />
</template>
