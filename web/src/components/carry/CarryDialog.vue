<script setup lang="ts">
import { RadioGroup, RadioGroupOption } from '@headlessui/vue'
import { FileUp } from '@lucide/vue'
import { ref, watch } from 'vue'
import { problemsOf, send } from '@/api/http'
import type { ImportPreview, Problem } from '@/api/types'
import TheDialog from '@/components/TheDialog.vue'
import TheProblems from '@/components/cue/TheProblems.vue'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'

/** Brings a wiring from a file, after saying what that would do. */
const props = defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [] }>()
const notes = useNotes()
const wiring = useWiring()
const file = ref<File | null>(null)
const whole = ref(false)
const preview = ref<ImportPreview | null>(null)
const problems = ref<Problem[]>([])
const picker = ref<HTMLInputElement | null>(null)

const guarded = async (work: () => Promise<void>) => {
  problems.value = []
  try {
    await work()
  } catch (failed) {
    preview.value = null
    problems.value = problemsOf(failed)
  }
}
const look = () =>
  guarded(async () => {
    preview.value =
      file.value &&
      (await send<ImportPreview>(
        'POST',
        `/wiring/document/preview?whole=${whole.value}`,
        file.value,
        'application/json',
      ))
  })
watch([file, whole], look)
watch(
  () => props.open,
  () => ([file.value, preview.value, problems.value] = [null, null, []]),
)
const bring = () =>
  guarded(async () => {
    await send(
      'POST',
      `/wiring/document?whole=${whole.value}&revision=${preview.value!.revision}`,
      file.value!,
      'application/json',
    )
    await wiring.load()
    notes.say('The wiring was brought in.', true)
    emit('close')
  })
const GROUPS = [
  { key: 'adds', name: 'Adds' },
  { key: 'replaces', name: 'Replaces' },
  { key: 'removes', name: 'Takes away' },
  { key: 'leaves', name: 'Leaves as it is' },
] as const
const WAYS = [
  { whole: false, name: 'Merge it', says: 'what is there stays, unless it has the same id' },
  { whole: true, name: 'In place of everything', says: 'what the file does not have is taken away' },
]
</script>

<template>
  <TheDialog :open="open" title="Bring a wiring" width="560px" @close="emit('close')">
    <p class="text-soft">
      A file that was carried out here or elsewhere. Nothing changes before you have seen what it would do, and one undo
      takes it back.
    </p>
    <div class="flex items-center gap-2">
      <button class="button" @click="picker?.click()">
        <FileUp :size="15" /> {{ file ? 'Another file' : 'Choose a file' }}
      </button>
      <span class="truncate">{{ file?.name }}</span>
      <input
        ref="picker"
        type="file"
        class="hidden"
        accept=".json"
        aria-label="A wiring, as JSON"
        @change="file = ($event.target as HTMLInputElement).files?.[0] ?? null"
      />
    </div>
    <RadioGroup v-model="whole" class="grid grid-cols-2 gap-2" aria-label="How to bring it">
      <RadioGroupOption v-for="way in WAYS" :key="way.name" v-slot="{ checked }" :value="way.whole">
        <span class="sheet block cursor-pointer px-3 py-2" :class="checked && 'chosen'"
          ><b>{{ way.name }}</b
          ><span class="block text-[12.5px] text-soft">{{ way.says }}</span></span
        >
      </RadioGroupOption>
    </RadioGroup>
    <div v-if="problems.length" role="alert">
      <p class="pb-1 font-semibold">It does not fit. What was there stays as it is.</p>
      <ul class="max-h-48 overflow-auto">
        <li v-for="each in problems" :key="each.path + each.message" class="py-0.5">
          <code v-if="each.path" class="font-mono text-[12px]">{{ each.path }}</code><TheProblems :problems="[each]" />
        </li>
      </ul>
    </div>
    <dl v-else-if="preview" aria-label="What it would do" class="grid grid-cols-[110px_1fr] gap-y-1 text-[13.5px]">
      <template v-for="group in GROUPS" :key="group.key">
        <dt class="text-soft">{{ group.name }}</dt>
        <dd :class="group.key === 'removes' && preview[group.key].length > 0 && 'text-wax-words'">
          <span v-if="preview[group.key].length === 0" class="text-soft">nothing</span>
          {{
            preview[group.key]
              .slice(0, 12)
              .map((each) => (each.kind === 'cue' || each.kind === 'house' ? each.name : `${each.kind} ${each.name}`))
              .join(', ')
          }}
          <span v-if="preview[group.key].length > 12">and {{ preview[group.key].length - 12 }} more</span>
        </dd>
      </template>
    </dl>
    <div class="flex justify-end gap-2">
      <button class="button" @click="emit('close')">Cancel</button>
      <button
        class="button button-dark"
        :disabled="!preview || preview.adds.length + preview.replaces.length + preview.removes.length === 0"
        @click="bring"
      >
        Bring it
      </button>
    </div>
  </TheDialog>
</template>
