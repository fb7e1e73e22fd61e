<script setup lang="ts">
import { computed, ref } from 'vue'
import NumberField from '@/components/cue/NumberField.vue'
import TheDialog from '@/components/TheDialog.vue'
import { bytes } from '@/lib/shelf'
import { useClips } from '@/stores/clips'
import { useLive } from '@/stores/live'
import { spotOf, useShelf } from '@/stores/shelf'

/** Takes clips away that are old and that nothing uses, once they were named. */
defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [] }>()
const DAY = 86_400_000
const shelf = useShelf()
const clips = useClips()
const live = useLive()
const days = ref(30)
const old = computed(() =>
  shelf.files.filter((file) => {
    const clip = clips.of(file.row.hash)
    return clip !== undefined && file.uses.length === 0 && clip.ends < live.now() - days.value * DAY
  }),
)
const size = computed(() => bytes(old.value.reduce((sum, file) => sum + file.row.bytes, 0)))
const clear = async () => {
  await shelf.takeAway(old.value.map(spotOf))
  emit('close')
}
</script>

<template>
  <TheDialog :open="open" title="Clear old clips" width="520px" @close="emit('close')">
    <NumberField v-model="days" label="Kept more than so many days ago, and used by nothing" unit="days" />
    <p v-if="old.length === 0" class="text-soft">There is no such clip.</p>
    <ul v-else class="max-h-[240px] overflow-auto text-[13.5px]" aria-label="These go">
      <li v-for="each in old" :key="each.row.hash" class="truncate">{{ each.row.name }}</li>
    </ul>
    <div class="flex justify-end gap-2">
      <button class="button" @click="emit('close')">Keep them</button>
      <button class="button button-dark" :disabled="old.length === 0" @click="clear">
        Take {{ old.length === 1 ? '1 clip' : `${old.length} clips` }} away ({{ size }})
      </button>
    </div>
  </TheDialog>
</template>
