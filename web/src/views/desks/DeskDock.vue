<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import NothingYet from '@/components/NothingYet.vue'
import ChoiceField from '@/components/cue/ChoiceField.vue'
import HushButton from '@/components/rail/HushButton.vue'
import { useOpenDesks } from '@/composables/useOpenDesks'
import { useDeskBoards } from '@/stores/desks'
import { useWiring } from '@/stores/wiring'
import { DRAWN } from './kinds'

/** The board of one desk alone, narrow enough to stand beside the picture in broadcasting software. */
const props = defineProps<{ id?: string }>()
const wiring = useWiring()
const desks = useDeskBoards()
const router = useRouter()
const choices = computed(() => wiring.sheets.map(({ desk }) => ({ value: desk.id, name: desk.name })))
/** One that is no more gives way to the first. */
const shown = computed(() => wiring.sheets.find((each) => each.desk.id === props.id) ?? wiring.sheets[0])
useOpenDesks(() => (shown.value ? [shown.value.desk.id] : []))
</script>

<template>
  <div class="flex h-full min-h-0 flex-col">
    <h1 class="sr-only">{{ shown?.desk.name ?? 'Desks' }}</h1>
    <header class="flex items-end gap-2 border-b border-line bg-sheet px-3 py-2">
      <ChoiceField
        v-if="shown"
        class="min-w-0 flex-1"
        label="Desk"
        :model-value="shown.desk.id"
        :choices="choices"
        @update:model-value="(id: string) => router.replace(`/dock/${id}`)"
      />
      <HushButton />
    </header>
    <div class="@container min-h-0 flex-1 overflow-auto p-3">
      <component
        :is="DRAWN[shown.desk.kind]!.board"
        v-if="shown && desks.boards[shown.desk.id]"
        :sheet="shown.desk"
        :board="desks.boards[shown.desk.id]"
      />
      <NothingYet v-else-if="!shown" class="sheet px-4 py-5">
        No desk stands here yet. Make one in Wax Bell, under
        <a href="/desks" target="_blank" class="underline">Desks</a>.
      </NothingYet>
    </div>
  </div>
</template>
