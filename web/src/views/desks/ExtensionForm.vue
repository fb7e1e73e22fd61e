<script setup lang="ts">
import type { Extension, Problem } from '@/api/types'
import ChoiceField from '@/components/cue/ChoiceField.vue'
import NumberField from '@/components/cue/NumberField.vue'
import TextField from '@/components/cue/TextField.vue'
import TheProblems from '@/components/cue/TheProblems.vue'

/** The settings of an extension, as it describes them itself. */
const props = defineProps<{ sheet: Extension; problems: (key: string) => Problem[] }>()
const emit = defineEmits<{ set: [key: string, value: unknown] }>()
type Setting = Extension['form'][number]
const now = (each: Setting) => props.sheet.settings[each.key] ?? each.fresh
const of = (each: Setting) => props.problems(`settings.${each.key}`)
const put = (each: Setting, value: string) => emit('set', 'settings', { ...props.sheet.settings, [each.key]: value })
</script>

<template>
  <fieldset data-field="settings" class="border-t border-line pt-2">
    <legend class="text-[13px] text-soft">Its settings</legend>
    <p v-if="!sheet.form.length" class="text-[13px] text-soft">It has none.</p>
    <div class="grid grid-cols-2 items-start gap-3">
      <div v-for="each in sheet.form" :key="each.key" :data-setting="each.key">
        <NumberField
          v-if="each.type === 'number'"
          :label="each.title"
          :model-value="Number(now(each))"
          :problems="of(each)"
          @update:model-value="put(each, String($event))"
        />
        <ChoiceField
          v-else-if="each.type === 'choice'"
          :label="each.title"
          :model-value="now(each)"
          :choices="each.choices.map((value: string) => ({ value, name: value }))"
          :problems="of(each)"
          @update:model-value="put(each, $event)"
        />
        <div v-else-if="each.type === 'flag'">
          <label class="flex items-center gap-2 pt-5 text-[13.5px]">
            <input
              type="checkbox"
              class="h-4 w-4"
              :checked="now(each) === 'true'"
              @change="put(each, String(($event.target as HTMLInputElement).checked))"
            />
            {{ each.title }}
          </label>
          <TheProblems :problems="of(each)" />
        </div>
        <TextField
          v-else
          :label="each.title"
          :model-value="now(each)"
          :problems="of(each)"
          @update:model-value="put(each, $event)"
        />
        <p v-if="each.hint" class="text-[13px] text-soft">{{ each.hint }}</p>
      </div>
    </div>
  </fieldset>
</template>
