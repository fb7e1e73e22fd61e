<script setup lang="ts">
import { Pause, Play, RefreshCw, Trash2 } from '@lucide/vue'
import { computed, ref, watch } from 'vue'
import { problemsOf } from '@/api/http'
import type { Problem, ShelfFile } from '@/api/types'
import ChoiceField from '@/components/cue/ChoiceField.vue'
import NumberField from '@/components/cue/NumberField.vue'
import TextField from '@/components/cue/TextField.vue'
import TheProblems from '@/components/cue/TheProblems.vue'
import { useHearing } from '@/composables/useHearing'
import { bytes, folderName, replaceFile } from '@/lib/shelf'
import { dayAndTime, span } from '@/lib/spans'
import { useClips } from '@/stores/clips'
import { spotOf, useShelf } from '@/stores/shelf'
import { useWiring } from '@/stores/wiring'
import ClipFacts from './ClipFacts.vue'
import ShelfPicture from './ShelfPicture.vue'

/** One file of the shelf: looked at or heard, called and laid otherwise, tagged, replaced; who uses it. @param folders in which sounds lie */
const props = defineProps<{ file: ShelfFile; folders: string[] }>()
const emit = defineEmits<{ move: [folder: string, name: string]; remove: [] }>()
const shelf = useShelf()
const wiring = useWiring()
const { playing, position, hear } = useHearing()
const row = computed(() => props.file.row)
const sounds = computed(() => row.value.type.startsWith('audio/'))
const plays = computed(() => playing.value === props.file.address)
const ending = computed(() => /\.[^.]*$/.exec(row.value.name)?.[0] ?? '')
const bare = computed(() => row.value.name.slice(0, row.value.name.length - ending.value.length))
const clips = useClips()
const clip = computed(() => clips.of(row.value.hash))
const film = ref<HTMLVideoElement | null>(null)
const at = ref(0)
const seek = (ms: number) => {
  if (film.value) {
    film.value.pause()
    film.value.currentTime = ms / 1_000
  }
}
const name = ref('')
const tags = ref('')
const problems = ref<Problem[]>([])
const left = ref('')
watch(
  () => props.file,
  () => {
    name.value = bare.value
    tags.value = props.file.tags.join(', ')
    problems.value = []
    left.value = ''
  },
  { immediate: true },
)
/** A field that loses the focus while its file is on its way asks once only. */
let asked = ''
const rename = () => {
  const wanted = name.value.trim() + ending.value
  if (name.value.trim() && wanted !== row.value.name && wanted !== asked) {
    asked = wanted
    emit('move', row.value.folder, wanted)
  }
}
const retag = () => tags.value !== props.file.tags.join(', ') && shelf.tag([spotOf(props.file)], tags.value.split(','))
const replace = async (event: Event) => {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) {
    return
  }
  problems.value = []
  try {
    left.value = (await replaceFile(row.value.folder, row.value.name, file)).without
    await Promise.all([shelf.load(), wiring.load()])
  } catch (refusal) {
    problems.value = problemsOf(refusal)
  }
}
const decibels = (hundredths: number) => `${hundredths > 0 ? '+' : ''}${(hundredths / 100).toFixed(1)} dB`
const facts = computed(() =>
  [
    row.value.type,
    bytes(row.value.bytes),
    row.value.lengthMs && span(row.value.lengthMs),
    row.value.brought && `brought ${dayAndTime(row.value.brought)}`,
  ].filter(Boolean),
)
const linkOf = (use: ShelfFile['uses'][number]) => (use.kind === 'cue' ? `/cues/${use.id}` : `/stages/${use.id}`)
const from = (event: MouseEvent) => {
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect()
  void hear(props.file.address, row.value.gain ?? 0, (event.clientX - box.left) / box.width)
}
</script>

<template>
  <div class="flex flex-col gap-3">
    <button
      v-if="sounds"
      class="block h-[92px] rounded-[10px] bg-well p-2"
      :aria-label="`Hear ${row.name} from here`"
      @click="from"
    >
      <ShelfPicture :file="file" :heard="plays ? position : 0" />
    </button>
    <div v-else class="checks h-[170px] overflow-hidden rounded-[10px]">
      <video
        v-if="row.type.startsWith('video/')"
        :key="file.address"
        ref="film"
        :src="clip ? `${file.address}#t=${clip.poster / 1_000}` : file.address"
        class="h-full w-full object-contain"
        controls
        @timeupdate="at = ($event.target as HTMLVideoElement).currentTime * 1_000"
      >
        <track kind="captions" />
      </video>
      <ShelfPicture v-else :file="file" />
    </div>
    <button v-if="sounds" class="button self-start" @click="hear(file.address, row.gain ?? 0)">
      <component :is="plays ? Pause : Play" :size="14" /> {{ plays ? 'Stop' : 'Hear it' }}
    </button>
    <form class="flex flex-col gap-2" @submit.prevent="rename" @focusout="rename">
      <TextField v-model="name" :label="`Name${ending ? `, without ${ending}` : ''}`" :problems="[]" />
    </form>
    <div v-if="sounds" class="grid grid-cols-[1fr_96px] gap-2">
      <ChoiceField
        label="Folder"
        :model-value="row.folder"
        :choices="folders.map((each) => ({ value: each, name: each }))"
        @update:model-value="emit('move', $event, '')"
      />
      <NumberField
        label="How often"
        unit="×"
        :model-value="row.weight"
        :problems="[]"
        title="How often it is drawn where any of its folder is played; 0 is never"
        @update:model-value="shelf.weigh([spotOf(file)], $event)"
      />
    </div>
    <form @submit.prevent="retag" @focusout="retag">
      <TextField v-model="tags" label="Tags, with a comma between" :problems="[]" />
    </form>
    <p class="text-[12.5px] text-soft">{{ facts.join(' · ') }}</p>
    <p v-if="row.loudness != null" class="text-[12.5px] text-soft">
      {{ (row.loudness / 100).toFixed(1) }} LUFS, true peak {{ decibels(row.peak ?? 0) }}; played at
      {{ decibels(row.gain ?? 0) }}, so that it is as loud as every other.
    </p>
    <ClipFacts v-if="clip" :key="clip.number" :clip="clip" :file="file" :at="at" @seek="seek" />
    <section>
      <h3 class="text-[14px]">Used by</h3>
      <p v-if="file.uses.length === 0" class="text-[13px] text-soft">Nothing uses it yet.</p>
      <ul v-else class="text-[13.5px]">
        <li v-for="use in file.uses" :key="use.kind + use.id">
          <RouterLink class="underline decoration-line hover:decoration-ink" :to="linkOf(use)">{{
            use.name
          }}</RouterLink>
          <span v-if="use.any" class="text-soft">, any of the folder</span>
        </li>
      </ul>
    </section>
    <TheProblems :problems="problems" />
    <p v-if="left" role="status" class="text-[13px] text-soft">Taken in without {{ left }}: only what draws is kept.</p>
    <div class="flex flex-wrap gap-2">
      <label class="button relative cursor-pointer"
        ><RefreshCw :size="14" /> Replace
        <input
          type="file"
          class="absolute inset-0 cursor-pointer opacity-0"
          :aria-label="`Another file in place of ${row.name}, which keeps its name and its uses`"
          @change="replace"
        />
      </label>
      <button class="button text-wax-words" @click="emit('remove')"><Trash2 :size="14" /> Take it away</button>
      <a class="button" :href="file.address" :download="row.name">Save as file</a>
    </div>
    <p class="sr-only">{{ folderName(row.folder) }}</p>
  </div>
</template>

<style scoped>
.checks {
  background: repeating-conic-gradient(var(--well) 0 25%, var(--sheet) 0 50%) 0 0 / 18px 18px;
}
</style>
