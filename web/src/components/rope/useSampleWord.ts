import { createSharedComposable } from '@vueuse/core'
import { ref, watch } from 'vue'
import { sampleWord } from '@/lib/sampleWord'
import { useLive } from '@/stores/live'

/** A chat word to try, asked for anew when the wiring became another; empty text where none rings anything. */
export const useSampleWord = createSharedComposable(() => {
  const live = useLive()
  const word = ref('')
  watch(
    () => live.wiringStamp,
    async () => (word.value = await sampleWord()),
    { immediate: true },
  )
  return word
})
