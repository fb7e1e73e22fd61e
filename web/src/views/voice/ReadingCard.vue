<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, nextTick, ref } from 'vue'
import { problemsOf } from '@/api/http'
import type { Problem, Reading } from '@/api/types'
import ChipSentence from '@/components/cue/ChipSentence.vue'
import KindForm from '@/components/cue/KindForm.vue'
import { useKinds } from '@/stores/kinds'
import { useVoice } from '@/stores/voice'
import { useWiring } from '@/stores/wiring'

const PAUSE_MS = 500
/** How text is read aloud: a sentence whose chips open what they name. */
const wiring = useWiring()
const kinds = useKinds()
const voice = useVoice()
const open = ref(false)
const box = ref<HTMLElement | null>(null)
const typed = ref<Partial<Reading>>({})
const problems = ref<Problem[]>([])
const fields = computed(() => kinds.document('reading').fields)
const save = useDebounceFn(async () => {
  const now = typed.value
  try {
    await wiring.saveHouse((house) => ({ reading: { ...house.reading, ...now } }))
    if (typed.value === now) {
      typed.value = {}
    }
    problems.value = []
    await voice.load()
  } catch (failed) {
    problems.value = problemsOf(failed)
  }
}, PAUSE_MS)
const set = (key: string, value: unknown) => {
  typed.value = { ...typed.value, [key]: value }
  void save()
}
const go = async (field: string) => {
  open.value = true
  await nextTick()
  const found = box.value?.querySelector<HTMLElement>(`[data-field="${field}"]`)
  found?.scrollIntoView({ block: 'center' })
  found?.querySelector<HTMLElement>('input, button, textarea')?.focus()
}
const wrong = (field: string) => problems.value.some((each) => each.path.startsWith(`reading.${field}`))
</script>

<template>
  <section ref="box" class="sheet px-5 py-4" aria-label="How text is read">
    <ChipSentence :pieces="voice.view?.sentence ?? []" :wrong="wrong" @go="go" />
    <details :open="open" class="mt-3" @toggle="open = ($event.target as HTMLDetailsElement).open">
      <summary class="cursor-pointer text-soft">All of it as a form</summary>
      <div class="pt-2">
        <KindForm
          :value="{ ...wiring.house.reading, ...typed }"
          :fields="fields"
          :problems="(key: string) => problems.filter((each) => each.path.startsWith(`reading.${key}`))"
          @set="set"
        />
      </div>
    </details>
    <p v-for="each in problems.filter((one) => !one.path.startsWith('reading.'))" :key="each.message" role="alert">
      {{ each.message }} {{ each.remedy }}
    </p>
  </section>
</template>
