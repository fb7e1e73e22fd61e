<script setup lang="ts">
import { computed } from 'vue'
import type { Part, Problem } from '@/api/types'
import { useDesks } from '@/composables/useDesks'
import ChoiceField from '../cue/ChoiceField.vue'
import WordsField from './WordsField.vue'

/** What a part asks a desk for: of what, for which act, and with what. */
const props = defineProps<{
  /** Its id is what words after it call its answer by; nothing has none. */
  part: Pick<Extract<Part, { kind: 'ask' }>, 'desk' | 'about' | 'act' | 'with'> & { id?: string }
  /** A sample for each value that words may use. */
  words?: Record<string, string>
  reads?: (field: string) => string | undefined
  problems: (field: string) => Problem[]
}>()
const emit = defineEmits<{ set: [field: string, value: unknown] }>()
const desks = useDesks()
const key = (desk: string, about: string) => `${desk} ${about}`
const of = computed(() => desks.value.find((each) => each.desk === props.part.desk && each.about === props.part.about))
const choices = computed(() =>
  desks.value.map((each) => ({ value: key(each.desk, each.about), name: `${each.name} (${each.title})` })),
)
const act = computed(() => of.value?.acts.find((each) => each.name === props.part.act))
const choose = (wanted: string) => {
  const next = desks.value.find((each) => key(each.desk, each.about) === wanted)
  if (next) {
    emit('set', 'desk', next.desk)
    emit('set', 'about', next.about)
    if (!next.acts.some((each) => each.name === props.part.act)) {
      emit('set', 'act', next.acts[0]?.name ?? '')
      emit('set', 'with', {})
    }
  }
}
const named = computed(() => props.part.id?.replaceAll('-', '') ?? '')
const answer = computed(() => `{${named.value}Answer}`)
const outcome = computed(() => `{${named.value}Outcome}`)
</script>

<template>
  <ChoiceField
    label="Of"
    :model-value="key(part.desk, part.about)"
    :choices="choices"
    :problems="[...problems('about'), ...problems('desk')]"
    @update:model-value="choose"
  />
  <ChoiceField
    label="Ask it to"
    :model-value="part.act"
    :choices="(of?.acts ?? []).map((each) => ({ value: each.name, name: each.title }))"
    :problems="problems('act')"
    @update:model-value="emit('set', 'act', $event)"
  />
  <WordsField
    v-for="each in act?.fields ?? []"
    :key="each.key"
    :label="each.title"
    :values="words ?? {}"
    :reads="reads?.(`with.${each.key}`)"
    :model-value="part.with[each.key] ?? each.fresh"
    :problems="problems(`with.${each.key}`)"
    @update:model-value="emit('set', 'with', { ...part.with, [each.key]: $event })"
  />
  <p v-if="named" class="text-[13px] text-soft">
    Parts after it may say {{ answer }}, and {{ outcome }} in one word<template v-if="act?.outcomes.length">
      ({{ act.outcomes.join(', ') }})</template
    >. What is refused counts as failed, so another take can answer for it.
  </p>
</template>
