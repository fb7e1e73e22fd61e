<script setup lang="ts">
import { Pencil, Trash2 } from '@lucide/vue'
import { computed, ref, watch } from 'vue'
import type { SlateStanding, SlateValue } from '@/api/types'
import TextField from '@/components/cue/TextField.vue'

/** One value of the slate: what it is, what stands there, who writes and reads it. */
const props = defineProps<{ value: SlateValue; now?: SlateStanding }>()
const emit = defineEmits<{ change: [SlateValue]; remove: []; write: [person: string, text: string] }>()
const editing = ref(false)
const draft = ref<SlateValue>({ ...props.value })
watch(
  () => props.value,
  (next) => {
    if (!editing.value) {
      draft.value = { ...next }
    }
  },
)
const text = ref('')
watch(
  () => props.now?.text,
  (next, before) => {
    // What is being typed is not overwritten by what stands there now.
    if (text.value === (before ?? '')) {
      text.value = next ?? ''
    }
  },
  { immediate: true },
)
const FLAGS = [
  { name: 'number', says: 'a number' },
  { name: 'perViewer', says: 'one for each viewer' },
  { name: 'keeps', says: 'kept for good, not only for the show' },
] as const
const says = computed(() =>
  [
    props.value.number ? 'number' : 'text',
    props.value.perViewer ? 'for each viewer' : '',
    props.value.keeps ? 'kept for good' : 'for the show',
  ]
    .filter(Boolean)
    .join(' · '),
)
const keep = () => {
  editing.value = false
  emit('change', draft.value)
}
</script>

<template>
  <li class="sheet px-4 py-2.5">
    <div class="flex items-start gap-4">
      <div class="w-[230px] flex-none">
        <h2 class="text-[17px]">{{ value.name }}</h2>
        <p class="text-[12.5px] text-soft">{{ says }}</p>
        <code class="font-mono text-[12.5px]">{{ '{' + (now?.inWords ?? '') + '}' }}</code>
      </div>
      <form
        v-if="!value.perViewer"
        class="flex w-[200px] flex-none items-end gap-1.5"
        @submit.prevent="emit('write', '', text)"
      >
        <TextField v-model="text" class="min-w-0 flex-1" label="Stands at" mono :problems="[]" />
        <button class="button" :disabled="text === now?.text">Set</button>
      </form>
      <div v-else class="w-[200px] flex-none">
        <p class="text-[13px] text-soft">
          {{ now?.people.length ? `${now.people.length} have one` : 'nobody has one yet' }}
        </p>
        <ul class="max-h-28 overflow-auto text-[13px]">
          <li v-for="each in now?.people ?? []" :key="each.person" class="flex gap-2">
            <bdi class="min-w-0 flex-1 truncate">{{ each.name }}</bdi><bdi class="font-mono text-[12.5px]">{{
              each.text
            }}</bdi>
          </li>
        </ul>
      </div>
      <dl class="grid min-w-0 flex-1 grid-cols-[64px_1fr] gap-x-2 text-[13px]">
        <template v-for="(cues, act) in { written: now?.writers ?? [], read: now?.readers ?? [] }" :key="act">
          <dt class="text-soft">{{ act }} by</dt>
          <dd>
            <template v-if="cues.length === 0">nobody</template
            ><template v-for="(cue, at) in cues" :key="cue.id"
              >{{ at ? ', ' : ''
              }}<RouterLink class="underline decoration-line" :to="`/cues/${cue.id}`">{{
                cue.name
              }}</RouterLink></template
            >
          </dd>
        </template>
      </dl>
      <button
        class="rounded-[8px] p-1.5 text-soft hover:bg-well"
        :aria-label="`Change ${value.name}`"
        :aria-expanded="editing"
        @click="editing = !editing"
      >
        <Pencil :size="15" />
      </button>
      <button
        class="rounded-[8px] p-1.5 text-soft hover:bg-well"
        :aria-label="`Take ${value.name} off the slate`"
        @click="emit('remove')"
      >
        <Trash2 :size="15" />
      </button>
    </div>
    <form v-if="editing" class="mt-2 flex flex-wrap items-end gap-3 border-t border-line pt-2" @submit.prevent="keep">
      <TextField v-model="draft.name" class="w-[220px]" label="Name" :problems="[]" />
      <TextField v-model="draft.id" class="w-[150px]" label="In words and conditions" mono :problems="[]" />
      <TextField v-model="draft.start" class="w-[110px]" label="Begins at" mono :problems="[]" />
      <label v-for="flag in FLAGS" :key="flag.name" class="flex items-center gap-1.5 pb-1.5 text-[13px]"
        ><input v-model="draft[flag.name]" type="checkbox" class="h-4 w-4" /> {{ flag.says }}</label
      >
      <button class="button button-dark ml-auto">Keep</button>
    </form>
  </li>
</template>
