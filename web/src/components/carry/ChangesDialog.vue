<script setup lang="ts">
import { ref, watch } from 'vue'
import { ask } from '@/api/http'
import type { ChangedDocument, EditLine } from '@/api/types'
import TheDialog from '@/components/TheDialog.vue'
import { differences, type Difference } from '@/lib/differences'
import { timeOfDay } from '@/lib/spans'

/** What was changed in the wiring, newest first, and just what each edit did. */
const props = defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [] }>()
const lines = ref<EditLine[]>([])
/** Who made an edit; the host need not be told of their own. */
const who = (line: EditLine) => (line.origin === 'HOST' ? '' : `by ${line.origin.toLowerCase()} ${line.actor}`.trim())
const failed = ref('')
const shown = ref<{ step: number; documents: { name: string; rows: Difference[] }[] } | null>(null)
watch(
  () => props.open,
  async (open) => {
    if (open) {
      shown.value = null
      failed.value = ''
      lines.value = await ask<EditLine[]>('GET', '/changes').catch(
        (refusal: Error) => ((failed.value = refusal.message), []),
      )
    }
  },
  { immediate: true },
)
const show = async (step: number) => {
  const documents = await ask<ChangedDocument[]>('GET', `/changes/${step}`).catch(
    (refusal: Error) => ((failed.value = refusal.message), []),
  )
  shown.value = {
    step,
    documents: documents.map((each) => ({
      name: `${each.kind} ${each.id}`,
      rows: differences(
        each.before ? JSON.parse(each.before) : undefined,
        each.after ? JSON.parse(each.after) : undefined,
      ),
    })),
  }
}
const day = (at: number) => new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })
</script>

<template>
  <TheDialog :open="open" title="Changes" width="720px" @close="emit('close')">
    <p v-if="failed" role="alert" class="text-wax-words">{{ failed }}</p>
    <p v-else-if="lines.length === 0" class="text-soft">
      Nothing was changed yet. Every edit is kept here, and Ctrl+Z takes back the newest.
    </p>
    <ol class="min-h-0 overflow-auto" aria-label="Changes, newest first">
      <li v-for="line in lines" :key="line.step" class="border-t border-line">
        <button
          class="flex w-full gap-3 px-1 py-1 text-left hover:bg-well"
          :aria-expanded="shown?.step === line.step"
          @click="shown?.step === line.step ? (shown = null) : show(line.step)"
        >
          <time class="flex-none font-mono text-[12px] text-soft">{{ day(line.at) }} {{ timeOfDay(line.at) }}</time>
          <span class="min-w-0 flex-1 truncate" :class="line.undone && 'text-soft line-through'">{{ line.what }}</span>
          <span class="flex-none text-[12.5px] text-soft">{{
            [line.undone ? 'undone' : line.documents > 1 ? `${line.documents} documents` : '', who(line)]
              .filter(Boolean)
              .join(' · ')
          }}</span>
        </button>
        <div v-if="shown?.step === line.step" class="pb-2 pl-4">
          <div v-for="document in shown.documents" :key="document.name">
            <h3 v-if="shown.documents.length > 1" class="pt-1 font-sans text-[13px]">{{ document.name }}</h3>
            <p v-for="row in document.rows" :key="row.path" class="text-[13px]">
              <code class="font-mono text-[12px] text-soft">{{ row.path || document.name }}</code>
              <span class="text-wax-words line-through">{{ row.before }}</span> {{ row.after }}
            </p>
          </div>
        </div>
      </li>
    </ol>
    <div class="flex justify-end"><button class="button" @click="emit('close')">Close</button></div>
  </TheDialog>
</template>
