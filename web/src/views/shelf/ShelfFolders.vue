<script lang="ts">
/** Not a folder: what was kept of the show. */
export const CLIPS = '#clips'
</script>

<script setup lang="ts">
import { Film, FolderOpen, FolderPlus } from '@lucide/vue'
import { ref } from 'vue'
import { folderName } from '@/lib/shelf'

/** The folders of the shelf, and the clips of the show; a folder for sounds can be made. @param firstSeen the first of those of what is seen */
defineProps<{ folders: string[]; firstSeen: string; count: (of: string) => number }>()
const emit = defineEmits<{ make: [name: string] }>()
const folder = defineModel<string>({ required: true })
const naming = ref(false)
const newName = ref('')
const make = () => {
  if (newName.value.trim()) {
    emit('make', newName.value.trim())
  }
  naming.value = false
  newName.value = ''
}
</script>

<template>
  <aside aria-label="Folders" class="flex w-[220px] flex-none flex-col gap-0.5 overflow-auto border-r border-line p-3">
    <button
      v-for="each in ['', ...folders]"
      :key="each"
      class="flex items-center gap-2 rounded-[9px] px-2.5 py-1.5 text-left hover:bg-well"
      :class="[folder === each && 'bg-well font-semibold', each === firstSeen && 'mt-3']"
      :aria-pressed="folder === each"
      @click="folder = each"
    >
      <FolderOpen :size="15" class="flex-none text-soft" />
      <span class="min-w-0 flex-1 truncate">{{ each ? folderName(each) : 'Everything' }}</span>
      <span class="text-[12.5px] text-soft">{{ count(each) }}</span>
    </button>
    <button
      class="flex items-center gap-2 rounded-[9px] px-2.5 py-1.5 text-left hover:bg-well"
      :class="folder === CLIPS && 'bg-well font-semibold'"
      :aria-pressed="folder === CLIPS"
      @click="folder = CLIPS"
    >
      <Film :size="15" class="flex-none text-soft" />
      <span class="min-w-0 flex-1 truncate">Clips of the show</span>
      <span class="text-[12.5px] text-soft">{{ count(CLIPS) }}</span>
    </button>
    <form v-if="naming" class="mt-2" @submit.prevent="make">
      <input
        v-model="newName"
        class="field"
        placeholder="Its name"
        aria-label="Name of the folder"
        maxlength="40"
        @vue:mounted="($event as { el: HTMLElement }).el.focus()"
        @keydown.esc="naming = false"
      />
    </form>
    <button v-else class="mt-2 flex items-center gap-2 px-2.5 py-1 text-[13px] text-soft" @click="naming = true">
      <FolderPlus :size="15" /> A folder for sounds
    </button>
  </aside>
</template>
