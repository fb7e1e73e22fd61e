<script setup lang="ts">
import { computed, type Component } from 'vue'
import type { FieldView, Problem, Stage } from '@/api/types'
import { FOLDERS, useChoices } from '@/composables/useChoices'
import { at as valueAt, means } from '@/lib/at'
import { useWiring } from '@/stores/wiring'
import ChoiceField from './ChoiceField.vue'
import ColourField from './ColourField.vue'
import ColoursField from './ColoursField.vue'
import FileField from './FileField.vue'
import KeyField from './KeyField.vue'
import ListField from './ListField.vue'
import NumberField from './NumberField.vue'
import SecondsField from './SecondsField.vue'
import WordsField from '../score/WordsField.vue'
import SecretField from './SecretField.vue'
import TextField from './TextField.vue'
import TheProblems from './TheProblems.vue'

/** The form of a kind, made of what it says of itself; what has a form of its own stands in the slot. @param values a sample for each name that words may use @param reads its words with samples, where the server told them @param cue the open cue, which does not wait for itself @param stage on which it stands, where it is a fixture @param kept which secrets are kept @param secrets those that were written now */
const props = defineProps<{
  value: object
  fields: FieldView[]
  problems: (name: string) => Problem[]
  values?: Record<string, string>
  reads?: (key: string) => string | undefined
  cue?: string
  stage?: Stage
  kept?: Record<string, boolean>
  secrets?: Record<string, string>
}>()
const emit = defineEmits<{ set: [name: string, value: unknown]; secret: [name: string, value: string] }>()
const wiring = useWiring()
const { of: choicesOf } = useChoices(
  () => props.cue ?? '',
  () => props.stage,
)
const now = computed(() => props.value as Record<string, unknown>)
const at = (key: string) => valueAt(now.value, key)
const shown = computed(() =>
  props.fields.filter((each) => each.as !== 'other' && each.as !== 'formula' && means(each, now.value)),
)
/** What is folded away under a heading comes behind what is not. */
const groups = computed(() =>
  [...new Set(['', ...shown.value.map((each) => each.under)])].map((under) => ({
    under,
    fields: shown.value.filter((each) => each.under === under),
  })),
)
const wrong = (fields: FieldView[]) => fields.some((each) => props.problems(each.key).length > 0)
const set = (name: string, value: unknown) => emit('set', name, value)
const suggested = (field: FieldView) => choicesOf(field, now.value).map((each) => each.value)
/** What asks for a field, by what it holds. */
const drawn = (field: FieldView): { is: Component; props: Record<string, unknown> } => {
  const value = at(field.key)
  const text = { modelValue: String(value ?? '') }
  const list = { modelValue: (value as string[] | undefined) ?? [] }
  const number = { modelValue: Number(value ?? 0) }
  switch (field.as) {
    case 'choice':
      return { is: ChoiceField, props: { ...text, choices: choicesOf(field, now.value) } }
    case 'many':
      return {
        is: ListField,
        props: { ...list, name: field.key, mono: field.key === 'words', suggest: suggested(field) },
      }
    case 'span':
      return { is: SecondsField, props: number }
    case 'number':
      return {
        is: NumberField,
        props: { ...number, unit: field.unit === 'points' ? wiring.house.pointsMany : field.unit },
      }
    case 'colour':
      return { is: ColourField, props: { ...text, none: !field.needed } }
    case 'colours':
      return { is: ColoursField, props: list }
    case 'file':
      return { is: FileField, props: { ...text, folder: FOLDERS[field.from], none: !field.needed } }
    case 'words':
      return {
        is: WordsField,
        props: {
          ...text,
          rows: props.fields.length === 1,
          values: props.values ?? {},
          reads: props.reads?.(field.key),
        },
      }
    case 'key':
      return { is: KeyField, props: text }
    default:
      return { is: TextField, props: { ...text, mono: field.as === 'code', suggest: suggested(field) } }
  }
}
</script>

<template>
  <component
    :is="group.under ? 'details' : 'div'"
    v-for="group in groups"
    :key="group.under"
    :open="group.under ? wrong(group.fields) : undefined"
    :class="group.under ? 'rounded-[8px] border border-line px-3 py-2' : ''"
  >
    <summary v-if="group.under" class="cursor-pointer">{{ group.under }}</summary>
    <div class="grid grid-cols-6 gap-2">
      <slot v-if="!group.under" />
      <div
        v-for="each in group.fields"
        :key="each.key"
        class="min-w-0"
        :class="each.as === 'flag' && each.width < 6 && 'self-end pb-1.5'"
        :data-field="each.key"
        :style="{ gridColumn: `span ${each.width}` }"
      >
        <label v-if="each.as === 'flag'" class="flex items-center gap-2 text-[13.5px]">
          <input
            type="checkbox"
            class="h-4 w-4"
            :checked="at(each.key) === true"
            @change="set(each.key, ($event.target as HTMLInputElement).checked)"
          />
          {{ each.label }}
        </label>
        <SecretField
          v-else-if="each.as === 'secret'"
          :label="each.label"
          :kept="kept?.[each.key] ?? false"
          :model-value="secrets?.[each.key]"
          @update:model-value="emit('secret', each.key, $event ?? '')"
        />
        <label v-else-if="each.as === 'lines'" class="block">
          <span class="text-[13px] text-soft">{{ each.label }}</span>
          <textarea
            class="field h-20 font-mono text-[12px]"
            spellcheck="false"
            :value="String(at(each.key) ?? '')"
            @input="set(each.key, ($event.target as HTMLTextAreaElement).value)"
          />
          <TheProblems :problems="problems(each.key)" />
        </label>
        <component
          :is="drawn(each).is"
          v-else
          :label="each.label"
          :problems="problems(each.key)"
          v-bind="drawn(each).props"
          @update:model-value="(value: unknown) => set(each.key, value)"
        />
        <p v-if="each.hint" class="pt-0.5 text-[12.5px] text-soft">{{ each.hint }}</p>
      </div>
      <p v-if="fields.length === 0 && !group.under" class="col-span-6 text-[13px] text-soft">
        It works as it is, and has nothing to set.
      </p>
    </div>
  </component>
</template>
