<script setup lang="ts">
import { computed } from 'vue'
import type { FieldView, Problem } from '@/api/types'
import { FOLDERS, useChoices } from '@/composables/useChoices'
import { at as valueAt } from '@/lib/at'
import { useWiring } from '@/stores/wiring'
import ChoiceField from './ChoiceField.vue'
import ColourField from './ColourField.vue'
import ColoursField from './ColoursField.vue'
import FileField from './FileField.vue'
import ListField from './ListField.vue'
import NumberField from './NumberField.vue'
import SecondsField from './SecondsField.vue'
import WordsField from '../score/WordsField.vue'
import SecretField from './SecretField.vue'
import TextField from './TextField.vue'
import TheProblems from './TheProblems.vue'

/** The form of a kind, made of what it says of itself; what has a form of its own stands in the slot. @param values a sample for each name that words may use @param reads its words with samples, where the server told them @param cue the open cue, which does not wait for itself @param kept which secrets are kept @param secrets those that were written now */
const props = defineProps<{
  value: object
  fields: FieldView[]
  problems: (name: string) => Problem[]
  values?: Record<string, string>
  reads?: (key: string) => string | undefined
  cue?: string
  kept?: Record<string, boolean>
  secrets?: Record<string, string>
}>()
const emit = defineEmits<{ set: [name: string, value: unknown]; secret: [name: string, value: string] }>()
const wiring = useWiring()
const { of: choicesOf } = useChoices(() => props.cue ?? '')
const now = computed(() => props.value as Record<string, unknown>)
const at = (key: string) => valueAt(now.value, key)
const means = ({ when }: FieldView) => when.key === '' || when.values.includes(String(at(when.key)))
const shown = computed(() => props.fields.filter((each) => each.as !== 'other' && each.as !== 'formula' && means(each)))
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
    <div class="grid grid-cols-6 items-end gap-2">
      <slot v-if="!group.under" />
      <div
        v-for="each in group.fields"
        :key="each.key"
        class="min-w-0"
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
        <ChoiceField
          v-else-if="each.as === 'choice'"
          :label="each.label"
          :model-value="String(at(each.key) ?? '')"
          :choices="choicesOf(each, now)"
          :problems="problems(each.key)"
          @update:model-value="set(each.key, $event)"
        />
        <ListField
          v-else-if="each.as === 'many'"
          :name="each.key"
          :label="each.label"
          :mono="each.key === 'words'"
          :suggest="suggested(each)"
          :model-value="(at(each.key) as string[]) ?? []"
          :problems="problems(each.key)"
          @update:model-value="set(each.key, $event)"
        />
        <SecondsField
          v-else-if="each.as === 'span'"
          :label="each.label"
          :model-value="Number(at(each.key) ?? 0)"
          :problems="problems(each.key)"
          @update:model-value="set(each.key, $event)"
        />
        <NumberField
          v-else-if="each.as === 'number'"
          :label="each.label"
          :unit="each.unit === 'points' ? wiring.house.pointsMany : each.unit"
          :model-value="Number(at(each.key) ?? 0)"
          :problems="problems(each.key)"
          @update:model-value="set(each.key, $event)"
        />
        <ColourField
          v-else-if="each.as === 'colour'"
          :label="each.label"
          :none="!each.needed"
          :model-value="String(at(each.key) ?? '')"
          :problems="problems(each.key)"
          @update:model-value="set(each.key, $event)"
        />
        <ColoursField
          v-else-if="each.as === 'colours'"
          :label="each.label"
          :model-value="(at(each.key) as string[]) ?? []"
          :problems="problems(each.key)"
          @update:model-value="set(each.key, $event)"
        />
        <FileField
          v-else-if="each.as === 'file'"
          :label="each.label"
          :folder="FOLDERS[each.from]!"
          :none="!each.needed"
          :model-value="String(at(each.key) ?? '')"
          :problems="problems(each.key)"
          @update:model-value="set(each.key, $event)"
        />
        <WordsField
          v-else-if="each.as === 'words'"
          :label="each.label"
          :rows="fields.length === 1"
          :model-value="String(at(each.key) ?? '')"
          :values="values ?? {}"
          :reads="reads?.(each.key)"
          :problems="problems(each.key)"
          @update:model-value="set(each.key, $event)"
        />
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
        <TextField
          v-else
          :label="each.label"
          :mono="each.as === 'code'"
          :model-value="String(at(each.key) ?? '')"
          :problems="problems(each.key)"
          @update:model-value="set(each.key, $event)"
        />
        <p v-if="each.hint" class="pt-0.5 text-[12.5px] text-soft">{{ each.hint }}</p>
      </div>
      <p v-if="fields.length === 0 && !group.under" class="col-span-6 text-[13px] text-soft">
        There is nothing to set here.
      </p>
    </div>
  </component>
</template>
