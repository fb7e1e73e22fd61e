<script setup lang="ts">
import { CircleHelp, RotateCcw, Square } from '@lucide/vue'
import { onClickOutside } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import type { RingNotice } from '@/api/types'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'
import { useWhy } from '@/stores/why'

/** What can be done with one ring of the rope: end or skip it, play it again, ask why. */
const props = defineProps<{ ring: RingNotice; left: number }>()
const emit = defineEmits<{ close: [] }>()
const live = useLive()
const why = useWhy()
const notes = useNotes()
const box = ref<HTMLElement | null>(null)
onClickOutside(box, () => emit('close'))
onMounted(() => box.value?.querySelector('button')?.focus())
const active = computed(() => ['waiting', 'playing'].includes(props.ring.state))
const decision = computed(() =>
  live.decisions.find((each) => each.answers.some((answer) => answer.ring === props.ring.number)),
)
const act = (done: Promise<{ sentence: string }>) => {
  void done.then(
    (said) => notes.say(said.sentence),
    (failed: Error) => notes.say(failed.message),
  )
  emit('close')
}
const explain = () => {
  if (decision.value) {
    void why.open(decision.value)
  }
  emit('close')
}
</script>

<template>
  <div
    ref="box"
    class="absolute top-6 z-30 flex items-center gap-1 rounded-[10px] border border-rope-line bg-rope-well p-1 text-[13px] shadow-lg"
    :style="{ left: `clamp(0%, ${left}%, 60%)` }"
    role="toolbar"
    :aria-label="ring.cueName"
    @keydown.esc="emit('close')"
  >
    <span class="max-w-[180px] truncate px-1.5"
      >{{ ring.cueName
      }}<template v-if="ring.viewer">
        · <bdi>{{ ring.viewer }}</bdi></template
      ></span
    >
    <button
      v-if="active"
      class="flex items-center gap-1 rounded-[7px] px-1.5 py-0.5 hover:bg-rope"
      @click="act(why.stop(ring.number))"
    >
      <Square :size="12" /> {{ ring.state === 'waiting' ? 'Skip it' : 'End it' }}
    </button>
    <button
      class="flex items-center gap-1 rounded-[7px] px-1.5 py-0.5 hover:bg-rope"
      @click="act(why.again(ring.number))"
    >
      <RotateCcw :size="12" /> Play again
    </button>
    <button v-if="decision" class="flex items-center gap-1 rounded-[7px] px-1.5 py-0.5 hover:bg-rope" @click="explain">
      <CircleHelp :size="13" /> Why
    </button>
  </div>
</template>
