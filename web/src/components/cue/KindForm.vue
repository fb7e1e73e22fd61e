<script setup lang="ts">
import { computed } from 'vue'
import type { Problem } from '@/api/types'
import type { Field } from '@/lib/kinds'
import ChoiceField from './ChoiceField.vue'
import ColourField from './ColourField.vue'
import ColoursField from './ColoursField.vue'
import FileField from './FileField.vue'
import ListField from './ListField.vue'
import NumberField from './NumberField.vue'
import SecondsField from './SecondsField.vue'
import WordsField from '../score/WordsField.vue'
import TextField from './TextField.vue'

/** The form of a pull, gate, part or fixture, made of the description of its kind. @param values a sample for each name that words may use */
const props = defineProps<{
  value: object
  fields: Field[]
  problems: (name: string) => Problem[]
  values?: Record<string, string>
}>()
const emit = defineEmits<{ set: [name: string, value: unknown] }>()
const now = computed(() => props.value as Record<string, unknown>)
const shown = computed(() => props.fields.filter((each) => each.shown?.(now.value) ?? true))
const set = (name: string, value: unknown) => emit('set', name, value)
</script>

<template>
  <div class="grid grid-cols-2 gap-2">
    <div v-for="each in shown" :key="each.name" class="min-w-0" :class="!each.half && 'col-span-2'">
      <label v-if="each.as === 'flag'" class="flex items-center gap-2 text-[13.5px]">
        <input
          type="checkbox"
          class="h-4 w-4"
          :checked="now[each.name] === true"
          @change="set(each.name, ($event.target as HTMLInputElement).checked)"
        />
        {{ each.label }}
      </label>
      <ChoiceField
        v-else-if="each.as === 'choice'"
        :label="each.label"
        :model-value="String(now[each.name] ?? '')"
        :choices="each.choices ?? []"
        :problems="problems(each.name)"
        @update:model-value="set(each.name, $event)"
      />
      <ListField
        v-else-if="each.as === 'list'"
        :name="each.name"
        :label="each.label"
        :mono="each.name === 'words'"
        :suggest="each.suggest"
        :model-value="(now[each.name] as string[]) ?? []"
        :problems="problems(each.name)"
        @update:model-value="set(each.name, $event)"
      />
      <SecondsField
        v-else-if="each.as === 'seconds'"
        :label="each.label"
        :model-value="Number(now[each.name] ?? 0)"
        :problems="problems(each.name)"
        @update:model-value="set(each.name, $event)"
      />
      <NumberField
        v-else-if="each.as === 'number'"
        :label="each.label"
        :unit="each.unit ?? ''"
        :model-value="Number(now[each.name] ?? 0)"
        :problems="problems(each.name)"
        @update:model-value="set(each.name, $event)"
      />
      <ColourField
        v-else-if="each.as === 'colour'"
        :label="each.label"
        :none="each.none"
        :model-value="String(now[each.name] ?? '')"
        :problems="problems(each.name)"
        @update:model-value="set(each.name, $event)"
      />
      <ColoursField
        v-else-if="each.as === 'colours'"
        :label="each.label"
        :model-value="(now[each.name] as string[]) ?? []"
        :problems="problems(each.name)"
        @update:model-value="set(each.name, $event)"
      />
      <FileField
        v-else-if="each.as === 'file'"
        :label="each.label"
        :folder="each.folder!"
        :none="each.none"
        :model-value="String(now[each.name] ?? '')"
        :problems="problems(each.name)"
        @update:model-value="set(each.name, $event)"
      />
      <WordsField
        v-else-if="each.as === 'words'"
        :label="each.label"
        :model-value="String(now[each.name] ?? '')"
        :values="values ?? {}"
        :problems="problems(each.name)"
        @update:model-value="set(each.name, $event)"
      />
      <TextField
        v-else
        :label="each.label"
        :mono="each.as === 'mono'"
        :model-value="String(now[each.name] ?? '')"
        :problems="problems(each.name)"
        @update:model-value="set(each.name, $event)"
      />
      <p v-if="each.hint" class="pt-0.5 text-[12.5px] text-soft">{{ each.hint }}</p>
    </div>
    <p v-if="fields.length === 0" class="col-span-2 text-[13px] text-soft">There is nothing to set here.</p>
  </div>
</template>
