<script setup lang="ts">
import { Upload } from '@lucide/vue'
import { computed, ref } from 'vue'
import { problemsOf } from '@/api/http'
import type { Problem } from '@/api/types'
import { bringFile } from '@/lib/shelf'
import { useWiring } from '@/stores/wiring'
import ChoiceField from './ChoiceField.vue'
import TheProblems from './TheProblems.vue'

/** A file of a folder of the shelf; another can be brought. */
const props = defineProps<{
  label: string
  folder: string
  modelValue: string
  problems: Problem[]
  none?: boolean | undefined
}>()
const emit = defineEmits<{ 'update:modelValue': [string] }>()
const wiring = useWiring()
const refused = ref<Problem[]>([])
const busy = ref(false)
/** What was taken out of the file that was brought. */
const left = ref('')
const ACCEPTS: Record<string, string> = {
  Pictures: 'image/*,.svg',
  Videos: 'video/webm,video/mp4',
  Figures: '.json,application/json',
}
const choices = computed(() => [
  ...(props.none ? [{ value: '', name: 'none' }] : []),
  ...wiring.shelf.filter((each) => each.folder === props.folder).map((each) => ({ value: each.name, name: each.name })),
])
const bring = async (event: Event) => {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) {
    return
  }
  busy.value = true
  refused.value = []
  left.value = ''
  try {
    const { media, without } = await bringFile(props.folder, file)
    left.value = without
    await wiring.load()
    emit('update:modelValue', media.name)
  } catch (refusal) {
    refused.value = problemsOf(refusal)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <div>
    <div class="flex items-end gap-1.5">
      <ChoiceField
        class="min-w-0 flex-1"
        :label="label"
        :model-value="modelValue"
        :choices="choices"
        :problems="problems"
        @update:model-value="emit('update:modelValue', $event)"
      />
      <label class="button relative h-9 cursor-pointer px-2" :title="`Bring a file for ${folder}`">
        <Upload :size="15" :class="busy && 'animate-pulse'" />
        <input
          type="file"
          class="absolute inset-0 cursor-pointer opacity-0"
          :accept="ACCEPTS[folder]"
          :aria-label="`Bring a file for ${label}`"
          :disabled="busy"
          @change="bring"
        />
      </label>
    </div>
    <TheProblems :problems="refused" />
    <p v-if="left" role="status" class="pt-0.5 text-[12.5px]">Taken in without {{ left }}: only what draws is kept.</p>
  </div>
</template>
