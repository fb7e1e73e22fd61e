<script setup lang="ts">
import { Bookmark, Eraser, Search, Trash2, Upload } from '@lucide/vue'
import { useLocalStorage } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import type { ShelfFile } from '@/api/types'
import NothingYet from '@/components/NothingYet.vue'
import TheDialog from '@/components/TheDialog.vue'
import { useKeys } from '@/composables/useKeys'
import { unhurried } from '@/lib/unhurried'
import { FOLDERS } from '@/composables/useChoices'
import { useHearing } from '@/composables/useHearing'
import { dropped, folderName } from '@/lib/shelf'
import { useClips } from '@/stores/clips'
import { useLive } from '@/stores/live'
import { keyOf, spotOf, useShelf, type Spot } from '@/stores/shelf'
import { useWiring } from '@/stores/wiring'
import ChaptersDialog from './ChaptersDialog.vue'
import ClearClips from './ClearClips.vue'
import ClipsMaking from './ClipsMaking.vue'
import ShelfComing from './ShelfComing.vue'
import ShelfFolders, { CLIPS } from './ShelfFolders.vue'
import ShelfInspector from './ShelfInspector.vue'
import ShelfRow from './ShelfRow.vue'

/** The shelf: sounds, pictures, videos and moving pictures in folders, brought, found, looked at, called otherwise and taken away. */
/** A flood of lines is no reason to ask as often. */
const OFTEN_MS = 400
const shelf = useShelf()
const live = useLive()
const wiring = useWiring()
const clips = useClips()
watch(
  () => wiring.view?.revision,
  () => void shelf.load(),
  { immediate: true },
)
watch([() => wiring.view?.revision, () => live.decisions.at(-1)?.number], unhurried(clips.load, OFTEN_MS), {
  immediate: true,
})
const folder = useLocalStorage('waxbell.shelf.folder', '')
const order = useLocalStorage<'name' | 'length' | 'loudness' | 'newest'>('waxbell.shelf.order', 'name')
const search = ref('')
const field = ref<HTMLInputElement | null>(null)
const picker = ref<HTMLInputElement | null>(null)
/** Folders that have no sound yet. */
const made = useLocalStorage<string[]>('waxbell.shelf.folders', [])
/** The folders of what is seen; sounds lie in any other. */
const SEEN = Object.values(FOLDERS)
const { stop } = useHearing()
onBeforeUnmount(stop)
const open = ref('')
const chosen = ref<string[]>([])
const removing = ref<Spot[]>([])
const over = ref(false)

const soundFolders = computed(() =>
  [
    ...new Set([
      ...shelf.files.filter((each) => each.row.type.startsWith('audio/')).map((each) => each.row.folder),
      ...made.value,
    ]),
  ].sort((one, other) => one.localeCompare(other)),
)
const folders = computed(() => [...soundFolders.value, ...SEEN])
watch(folders, (all) => folder.value && ![CLIPS, ...all].includes(folder.value) && (folder.value = ''))
const isIn = (file: ShelfFile, of: string) =>
  !of || (of === CLIPS ? clips.of(file.row.hash) !== undefined : file.row.folder === of)
const count = (of: string) => shelf.files.filter((each) => isIn(each, of)).length
const chapters = ref(false)
const clearing = ref(false)
const title = computed(() => (folder.value === CLIPS ? 'Clips' : folder.value ? folderName(folder.value) : 'Shelf'))
const ORDERS = [
  { value: 'name', name: 'by name' },
  { value: 'length', name: 'longest first' },
  { value: 'loudness', name: 'loudest first' },
  { value: 'newest', name: 'newest first' },
]
const found = computed(() => {
  const words = search.value.toLowerCase().split(/\s+/).filter(Boolean)
  const all = shelf.files.filter(
    (file) =>
      isIn(file, folder.value) &&
      words.every((word) =>
        [file.row.name, file.row.folder, ...file.tags, ...file.uses.map((each) => each.name)].some((each) =>
          each.toLowerCase().includes(word),
        ),
      ),
  )
  const by = {
    name: () => 0,
    length: (one: number, other: number) => all[other]!.row.lengthMs - all[one]!.row.lengthMs,
    loudness: (one: number, other: number) => (all[other]!.row.loudness ?? -9_999) - (all[one]!.row.loudness ?? -9_999),
    newest: (one: number, other: number) => all[other]!.row.brought - all[one]!.row.brought,
  }[order.value]
  return all
    .map((_, at) => at)
    .sort((one, other) => by(one, other) || one - other)
    .map((at) => all[at]!)
})
const opened = computed(() => shelf.files.find((each) => keyOf(spotOf(each)) === open.value))
const spots = computed(() => found.value.map(spotOf).filter((each) => chosen.value.includes(keyOf(each))))
const choose = (key: string, on: boolean, range: boolean) => {
  const keys = found.value.map((each) => keyOf(spotOf(each)))
  const [from, to] = [keys.indexOf(chosen.value.at(-1) ?? key), keys.indexOf(key)].sort(
    (one, other) => one - other,
  ) as [number, number]
  const these = range ? keys.slice(from, to + 1) : [key]
  chosen.value = on ? [...new Set([...chosen.value, ...these])] : chosen.value.filter((each) => !these.includes(each))
}
/** Where sounds go that are brought. */
const sounds = computed(() => (folder.value === CLIPS ? '' : folder.value))
const bring = (files: FileList | null) => {
  if (files) {
    void shelf.bring(
      [...files].map((file) => ({ file, folder: '' })),
      sounds.value,
    )
  }
  picker.value!.value = ''
}
const drop = async (event: DragEvent) => {
  over.value = false
  if (event.dataTransfer) {
    await shelf.bring(await dropped(event.dataTransfer), sounds.value)
  }
}
const makeFolder = (name: string) => {
  made.value = [...new Set([...made.value, name])]
  folder.value = name
}
/** What is used is asked about; what is not is taken away at once, and both can be undone. */
const remove = (which: Spot[]) => {
  if (which.some((each) => shelf.at(each)?.uses.length)) {
    removing.value = which
  } else {
    void takeAway(which)
  }
}
const takeAway = async (which: Spot[]) => {
  removing.value = []
  await shelf.takeAway(which)
  chosen.value = []
}
const users = computed(() => [
  ...new Set(removing.value.flatMap((each) => shelf.at(each)?.uses.map((use) => use.name) ?? [])),
])
/** The open file is called or laid otherwise, and stays open. */
const relay = async (to: string, name: string) => {
  const done = await shelf.move([spotOf(opened.value!)], to, name)
  if (done) {
    open.value = keyOf(done.files[0]!)
  }
}
const step = (by: number) => {
  const at = found.value.findIndex((each) => keyOf(spotOf(each)) === open.value)
  const next = found.value[Math.max(0, Math.min(found.value.length - 1, at + by))]
  open.value = next ? keyOf(spotOf(next)) : ''
}
/** Keys act on files only where the focus is among them, or nowhere. */
const among = () => document.activeElement === document.body || document.activeElement?.closest('[data-files]') != null
useKeys({
  '/': () => field.value?.focus(),
  arrowdown: () => among() && step(1),
  arrowup: () => among() && step(-1),
  delete: () => among() && remove(spots.value.length ? spots.value : opened.value ? [spotOf(opened.value)] : []),
})
</script>

<template>
  <div
    class="relative flex h-full"
    @dragover.prevent="over = ($event.dataTransfer?.types ?? []).includes('Files')"
    @dragleave.self="over = false"
    @drop.prevent="drop"
  >
    <ShelfFolders v-model="folder" :folders="folders" :first-seen="SEEN[0]!" :count="count" @make="makeFolder" />
    <section class="flex min-w-0 flex-1 flex-col px-4 py-3" aria-label="Files">
      <div class="flex items-center gap-2 pb-3">
        <h1 class="min-w-0 flex-1 truncate text-[24px]">{{ title }}</h1>
        <label class="relative w-[190px]">
          <Search :size="15" class="absolute top-2.5 left-2.5 text-soft" />
          <input
            ref="field"
            v-model="search"
            type="search"
            class="field pl-8"
            placeholder="Find"
            aria-label="Find a file by name, tag or use"
          />
        </label>
        <select v-model="order" class="field w-[130px]" aria-label="Order">
          <option v-for="each in ORDERS" :key="each.value" :value="each.value">{{ each.name }}</option>
        </select>
        <button class="button button-dark h-9" @click="picker?.click()"><Upload :size="15" /> Bring files</button>
        <input
          ref="picker"
          type="file"
          multiple
          class="hidden"
          aria-label="Files for the shelf"
          @change="bring(($event.target as HTMLInputElement).files)"
        />
      </div>
      <div v-if="folder === CLIPS" class="flex gap-2 pb-3">
        <button class="button" @click="chapters = true"><Bookmark :size="15" /> Chapters</button>
        <button class="button" @click="clearing = true"><Eraser :size="15" /> Clear old ones</button>
      </div>
      <ShelfComing />
      <ClipsMaking />
      <div v-if="spots.length" class="flex items-center gap-2 pb-2 text-[13.5px]">
        <span class="flex-1">{{ spots.length }} chosen</span>
        <select
          class="field w-[170px]"
          aria-label="Lay them into a folder"
          value=""
          @change="shelf.move(spots, ($event.target as HTMLSelectElement).value).then(() => (chosen = []))"
        >
          <option value="">Lay into…</option>
          <option v-for="each in soundFolders" :key="each" :value="each">{{ each }}</option>
        </select>
        <button class="button" @click="remove(spots)"><Trash2 :size="14" /> Take away</button>
        <button class="button" @click="chosen = []">Choose none</button>
      </div>
      <p v-if="shelf.failed" role="alert" class="text-wax-words">{{ shelf.failed }}</p>
      <div class="min-h-0 flex-1 overflow-auto">
        <ul v-if="found.length" class="sheet" data-files aria-label="What lies here">
          <ShelfRow
            v-for="each in found"
            :key="keyOf(spotOf(each))"
            :file="each"
            :open="keyOf(spotOf(each)) === open"
            :chosen="chosen.includes(keyOf(spotOf(each)))"
            @open="open = keyOf(spotOf(each))"
            @choose="(on, range) => choose(keyOf(spotOf(each)), on, range)"
          />
        </ul>
        <NothingYet v-else :told="shelf.loaded" class="py-10">
          {{
            search
              ? 'Nothing found.'
              : folder === CLIPS
                ? 'No clip was kept yet. A cue with the part “Make a clip” keeps the last seconds while the mixer streams or records.'
                : 'Nothing lies here yet. Drop files or whole folders onto this page: WAV, FLAC, MP3, Ogg; PNG, JPEG, GIF, WebP, SVG; WebM, MP4.'
          }}
        </NothingYet>
      </div>
    </section>
    <aside
      v-if="opened"
      aria-label="The file"
      class="w-[316px] flex-none overflow-auto border-l border-line bg-sheet p-3 2xl:w-[420px]"
    >
      <ShelfInspector :file="opened" :folders="soundFolders" @move="relay" @remove="remove([spotOf(opened)])" />
    </aside>
    <div
      v-if="over"
      class="pointer-events-none absolute inset-3 grid place-items-center rounded-[14px] border-2 border-dashed border-honey bg-paper/85"
    >
      <p class="font-serif text-[22px]">Let go: the files come onto the shelf</p>
    </div>
    <ClearClips :open="clearing" @close="clearing = false" />
    <ChaptersDialog :open="chapters" @close="chapters = false" />
    <TheDialog :open="removing.length > 0" title="It is in use" @close="removing = []">
      <p>
        {{ removing.length === 1 ? removing[0]!.name : `${removing.length} files` }} would be missing in
        <b>{{ users.slice(0, 6).join(', ') }}{{ users.length > 6 ? ` and ${users.length - 6} more` : '' }}</b
        >. What plays or shows it there stays silent or empty until it is put back or another file is chosen.
      </p>
      <div class="flex justify-end gap-2">
        <button class="button" @click="removing = []">Keep it</button>
        <button class="button button-dark" @click="takeAway(removing)">Take it away all the same</button>
      </div>
    </TheDialog>
  </div>
</template>
