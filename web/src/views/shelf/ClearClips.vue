<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { ask, problemsOf } from '@/api/http'
import type { OldClip, Problem } from '@/api/types'
import NumberField from '@/components/cue/NumberField.vue'
import TheDialog from '@/components/TheDialog.vue'
import { bytes } from '@/lib/shelf'
import { useShelf } from '@/stores/shelf'

/** Takes clips away that are old and that nothing uses, once they were named. */
const props = defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [] }>()
const shelf = useShelf()
const days = ref(30)
const old = ref<OldClip[]>([])
const problems = ref<Problem[]>([])
watch(
  [() => props.open, days],
  async () => {
    if (props.open) {
      const asked = days.value
      try {
        const told = await ask<OldClip[]>('GET', `/clips/old?days=${asked}`)
        if (asked === days.value) {
          old.value = told
          problems.value = []
        }
      } catch (refusal) {
        old.value = []
        problems.value = problemsOf(refusal)
      }
    }
  },
  { immediate: true },
)
const size = computed(() => bytes(old.value.reduce((sum, file) => sum + file.bytes, 0)))
const clear = async () => {
  await shelf.takeAway(old.value.map(({ folder, name }) => ({ folder, name })))
  emit('close')
}
</script>

<template>
  <TheDialog :open="open" title="Clear old clips" width="520px" @close="emit('close')">
    <NumberField
      v-model="days"
      label="Kept more than so many days ago, and used by nothing"
      unit="days"
      :problems="problems"
    />
    <p v-if="old.length === 0 && problems.length === 0" class="text-soft">There is no such clip.</p>
    <ul v-else-if="old.length" class="max-h-[240px] overflow-auto text-[13.5px]" aria-label="These go">
      <li v-for="each in old" :key="each.name" class="truncate">{{ each.name }}</li>
    </ul>
    <div class="flex justify-end gap-2">
      <button class="button" @click="emit('close')">Keep them</button>
      <button class="button button-dark" :disabled="old.length === 0" @click="clear">
        Take {{ old.length === 1 ? '1 clip' : `${old.length} clips` }} away ({{ size }})
      </button>
    </div>
  </TheDialog>
</template>
