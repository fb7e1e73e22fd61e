<script setup lang="ts">
import { ref, watch } from 'vue'
import { problemsOf } from '@/api/http'
import type { Cue, Problem } from '@/api/types'
import TheDialog from '@/components/TheDialog.vue'
import { newCue } from '@/lib/newCue'
import { useWiring } from '@/stores/wiring'
import TextField from './TextField.vue'
import TheProblems from './TheProblems.vue'

const props = defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: []; made: [Cue] }>()
const wiring = useWiring()
const word = ref('')
const answer = ref('')
const problems = ref<Problem[]>([])
watch(() => props.open, () => ([word.value, answer.value, problems.value] = ['!', '', []]))

const at = (path: string) => problems.value.filter((each) => each.path.startsWith(path))
const others = () => problems.value.filter((each) => !each.path.startsWith('pulls') && !each.path.startsWith('takes'))

const make = async () => {
  const cue = newCue(word.value, answer.value, wiring.racks[0]!.rack.id, wiring.cues.map((each) => each.cue.id))
  try {
    await wiring.saveCue(0, cue)
    emit('made', cue)
  } catch (failed) {
    problems.value = problemsOf(failed)
  }
}
</script>

<template>
  <TheDialog :open="open" title="New cue" @close="emit('close')">
    <p class="text-soft">Someone types a word, and the answer stands in chat. Card and sound can be added afterwards.</p>
    <form class="flex flex-col gap-3" @submit.prevent="make">
      <TextField v-model="word" label="When someone types" mono :problems="at('pulls')" />
      <TextField v-model="answer" label="answer" :problems="at('takes')" />
      <TheProblems :problems="others()" />
      <div class="flex justify-end gap-2">
        <button type="button" class="button" @click="emit('close')">Cancel</button>
        <button class="button button-dark">Make it</button>
      </div>
    </form>
  </TheDialog>
</template>
