<script setup lang="ts">
import { Plus, ScrollText } from '@lucide/vue'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import NothingYet from '@/components/NothingYet.vue'
import { useOpenDesks } from '@/composables/useOpenDesks'
import { useDeskBoards } from '@/stores/desks'
import { useWiring } from '@/stores/wiring'
import BringExtension from './BringExtension.vue'
import DeskSheet from './DeskSheet.vue'
import NewDeskDialog from './NewDeskDialog.vue'
import { DRAWN } from './kinds'

/** The desks that stand by themselves: which there are, and the one that is open. */
const props = defineProps<{ id?: string }>()
const wiring = useWiring()
const desks = useDeskBoards()
const router = useRouter()
const making = ref(false)
const bringing = ref(false)
const view = (id: string) => desks.all.find((each) => each.about === id)
const groups = computed(() =>
  Object.keys(DRAWN)
    .map((kind) => wiring.sheets.filter((each) => each.desk.kind === kind))
    .filter((all) => all.length > 0)
    .map((all) => ({ title: view(all[0]!.desk.id)?.title ?? '', all })),
)
const first = computed(() => groups.value[0]?.all[0]?.desk.id ?? '')
const shown = computed(() => wiring.sheets.find((each) => each.desk.id === (props.id || first.value)))
useOpenDesks(() => (shown.value ? [shown.value.desk.id] : []))
const made = async (id: string) => {
  making.value = false
  bringing.value = false
  await wiring.load()
  await router.push(`/desks/${id}`)
}
</script>

<template>
  <div class="flex h-full min-h-0">
    <nav
      class="flex w-[232px] flex-none flex-col gap-2 overflow-auto border-r border-line px-3 py-4"
      aria-label="Desks"
    >
      <button class="button button-dark justify-center" @click="making = true"><Plus :size="15" /> New desk</button>
      <button class="button justify-center" data-bring-extension @click="bringing = true">
        <ScrollText :size="15" /> Bring an extension
      </button>
      <template v-for="group in groups" :key="group.all[0]!.desk.kind">
        <h2 class="pt-2 text-[13px] font-normal text-soft">{{ group.title }}</h2>
        <RouterLink
          v-for="{ desk } in group.all"
          :key="desk.id"
          :to="`/desks/${desk.id}`"
          class="sheet block px-3 py-2"
          :class="shown?.desk.id === desk.id && 'border-l-4 border-l-honey'"
          :aria-current="shown?.desk.id === desk.id ? 'page' : undefined"
          :data-desk="desk.id"
        >
          <span class="block truncate font-semibold">{{ desk.name }}</span>
          <span class="block truncate text-[13px] text-soft">{{ view(desk.id)?.brief }}</span>
        </RouterLink>
      </template>
    </nav>
    <DeskSheet v-if="shown" :key="shown.desk.id" :sheet="shown" class="min-w-0 flex-1" />
    <div v-else class="flex-1 overflow-auto px-6 py-4">
      <h1 class="text-[24px]">Desks</h1>
      <p v-if="wiring.sheets.length" class="sheet mt-3 px-5 py-8 text-center text-soft" data-gone>
        There is no such desk here any more. Choose another on the left.
      </p>
      <NothingYet v-else class="sheet mt-3 px-5 py-8">
        No desk stands here yet. A desk is a job that goes on all evening: viewers who come up one after another, a
        clock that burns down on the stage, rounds of work and rest.
        <button class="underline" @click="making = true">Make the first</button>.
      </NothingYet>
    </div>
    <BringExtension :open="bringing" @close="bringing = false" @brought="made" />
    <NewDeskDialog :open="making" @close="making = false" @made="made" />
  </div>
</template>
