<script setup lang="ts">
import { Download, FileUp, Play, Square, Trash2 } from '@lucide/vue'
import { computed, onMounted, ref } from 'vue'
import type { MadeUp } from '@/api/types'
import NumberField from '@/components/cue/NumberField.vue'
import TheProblems from '@/components/cue/TheProblems.vue'
import { span } from '@/lib/spans'
import { useRehearse } from '@/stores/rehearse'

const rehearse = useRehearse()
onMounted(() => rehearse.load())

const FIELDS: { field: keyof MadeUp; label: string }[] = [
  { field: 'crowd', label: 'Viewers' },
  { field: 'perMinute', label: 'Lines a minute' },
  { field: 'minutes', label: 'Minutes' },
  { field: 'seed', label: 'Seed' },
]
const day = (at: number) =>
  new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })
/** An edit is told apart from the next one by the second. */
const stamp = (at: number) =>
  new Date(at).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
    second: '2-digit',
  })
const rows = computed(() => [
  { id: '', name: 'Made up', says: `${rehearse.wanted.madeUp.crowd} viewers, ${rehearse.wanted.madeUp.minutes} min` },
  ...rehearse.scripts.map((each) => ({
    id: each.id,
    name: each.name,
    says: each.open
      ? `since ${day(each.at)}, still open`
      : `${each.at ? `${day(each.at)} · ` : ''}${each.steps} steps · ${span(Math.round(each.lengthMs / 1_000) * 1_000)}`,
  })),
])
const wirings = computed(() => [
  { id: 'now', name: 'as it is now' },
  ...(rehearse.script?.origin === 'recorded' ? [{ id: 'asItWas', name: 'as the show went' }] : []),
  ...rehearse.changes
    .slice(0, 30)
    .map((each) => ({ id: `before-${each.step}`, name: `${stamp(each.at)}: before “${each.what}”` })),
])
const picker = ref<HTMLInputElement | null>(null)
const brought = async (files: FileList | null) => {
  if (files?.[0]) {
    await rehearse.bring(files[0].name.replace(/\.(jsonl|log|txt)$/, ''), files[0])
    picker.value!.value = ''
  }
}
const name = ref('')
const keep = async () => {
  await rehearse.keep(name.value)
  name.value = rehearse.problems.length ? name.value : ''
}
const rest = computed(() => rehearse.problems.filter((each) => !FIELDS.some(({ field }) => field === each.path)))
</script>

<template>
  <aside
    aria-label="What to rehearse"
    class="flex w-[300px] flex-none flex-col border-r border-line max-[700px]:w-[200px]"
  >
    <div class="min-h-0 flex-1 overflow-auto px-3 pt-3">
      <h2 class="flex items-center gap-2 pb-1.5 text-[16px]">
        <span class="flex-1">Script</span>
        <button class="button px-2 py-1 font-sans text-[13px]" @click="picker?.click()">
          <FileUp :size="14" /> Bring one
        </button>
        <input
          ref="picker"
          type="file"
          class="hidden"
          accept=".jsonl,.log,.txt"
          aria-label="A script: JSON Lines, or a log of an IRC channel"
          @change="brought(($event.target as HTMLInputElement).files)"
        />
      </h2>
      <div class="flex flex-col gap-1" role="radiogroup" aria-label="Script">
        <div v-for="row in rows" :key="row.id">
          <button
            role="radio"
            class="sheet flex w-full items-baseline gap-2 px-3 py-1.5 text-left hover:border-edge"
            :class="rehearse.wanted.script === row.id && 'chosen'"
            :aria-checked="rehearse.wanted.script === row.id"
            @click="rehearse.choose(row.id)"
          >
            <span class="min-w-0 flex-1 truncate font-semibold">{{ row.name }}</span>
            <span class="flex-none text-[12px] text-soft">{{ row.says }}</span>
          </button>
          <div v-if="row.id === '' && rehearse.wanted.script === ''" class="grid grid-cols-2 gap-2 px-1 py-2">
            <NumberField
              v-for="each in FIELDS"
              :key="each.field"
              v-model="rehearse.wanted.madeUp[each.field]"
              :label="each.label"
              :problems="rehearse.problemsAt(each.field)"
            />
            <form class="col-span-full flex gap-1.5" @submit.prevent="keep">
              <input
                v-model="name"
                class="field flex-1"
                placeholder="Name to keep it under"
                aria-label="Name of the script"
              />
              <button class="button py-1" :disabled="!name.trim()">Keep</button>
            </form>
          </div>
          <div v-else-if="row.id !== '' && rehearse.wanted.script === row.id" class="flex gap-1.5 px-1 py-1.5">
            <a
              class="button px-2 py-1 text-[13px]"
              :href="`/api/scripts/${encodeURIComponent(row.id)}`"
              :download="`${row.name}.jsonl`"
              ><Download :size="14" /> Save as file</a
            >
            <button
              v-if="row.id.startsWith('file-')"
              class="button px-2 py-1 text-[13px]"
              @click="rehearse.remove(row.id)"
            >
              <Trash2 :size="14" /> Delete
            </button>
          </div>
        </div>
      </div>
    </div>
    <div class="flex flex-none flex-col gap-2 border-t border-line p-3">
      <label class="block"
        ><span class="text-[13px] text-soft">The wiring</span>
        <select v-model="rehearse.wanted.wiring" class="field">
          <option v-for="each in wirings" :key="each.id" :value="each.id">{{ each.name }}</option>
        </select>
      </label>
      <label class="block"
        ><span class="text-[13px] text-soft">beside</span>
        <select v-model="rehearse.wanted.against" class="field">
          <option value="">nothing</option>
          <option
            v-for="each in wirings"
            :key="each.id"
            :value="each.id"
            :disabled="each.id === rehearse.wanted.wiring"
          >
            {{ each.name }}
          </option>
        </select>
      </label>
      <TheProblems :problems="rest" />
      <div v-if="rehearse.running" class="flex items-center gap-2">
        <progress
          class="h-2 flex-1"
          max="100"
          :value="rehearse.standing!.percent"
          aria-label="How far the rehearsal is"
        />
        <span class="w-10 text-right font-mono text-[12px]">{{ rehearse.standing!.percent }} %</span>
        <button class="button" @click="rehearse.cancel()"><Square :size="13" /> Stop</button>
      </div>
      <button v-else class="button button-dark" @click="rehearse.run()"><Play :size="14" /> Rehearse it</button>
    </div>
  </aside>
</template>
