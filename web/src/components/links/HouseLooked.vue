<script setup lang="ts">
import { ref } from 'vue'
import { ask, problemsOf } from '@/api/http'
import type { HouseLook, PackLook, Problem } from '@/api/types'
import TheDialog from '@/components/TheDialog.vue'
import TheProblems from '@/components/cue/TheProblems.vue'
import { dayAndTime } from '@/lib/spans'
import PackLooked from '@/views/packs/PackLooked.vue'
import PackPick from '@/views/packs/PackPick.vue'
import { keyOf } from '@/views/packs/items'

/** What is in a back-up, and some of it brought back. */
const props = defineProps<{ look: HouseLook }>()
const emit = defineEmits<{ close: [] }>()
const chosen = ref<string[]>([])
const find = ref('')
const problems = ref<Problem[]>([])
const coming = ref<PackLook | null>(null)
const bring = async () => {
  try {
    coming.value = await ask<PackLook>('POST', `/copies/${props.look.name}/coming`, {
      items: props.look.items.filter((each) => chosen.value.includes(keyOf(each.item))).map((each) => each.item),
    })
    problems.value = []
  } catch (failed) {
    problems.value = problemsOf(failed)
  }
}
</script>

<template>
  <PackLooked v-if="coming" :look="coming" @close="coming = null" @brought="emit('close')" />
  <TheDialog v-else :open="true" :title="`As it was, ${dayAndTime(look.at)}`" width="640px" @close="emit('close')">
    <p class="text-soft">
      <template v-if="look.whole"
        >The whole house, with {{ look.files }} {{ look.files === 1 ? 'file' : 'files' }} on its shelf.
      </template>
      <template v-else>The database alone; sounds and pictures are taken from those that lie here. </template>
      <template v-if="look.sealed">Passwords and addresses are in it, sealed by its passphrase.</template>
      <template v-else>No passwords are in it.</template>
      Nothing is changed by looking.
    </p>
    <input
      v-model="find"
      type="search"
      class="field"
      placeholder="Find what to bring back"
      aria-label="Find what to bring back"
    />
    <PackPick
      v-model="chosen"
      class="max-h-[340px]"
      label="What is in it"
      :items="look.items"
      :find="find"
      nothing="Nothing in it is called so."
    />
    <TheProblems :problems="problems" />
    <div class="flex justify-end gap-2">
      <button class="button" @click="emit('close')">Close</button>
      <button class="button button-dark" :disabled="!chosen.length" data-bring-back @click="bring">
        Bring back{{ chosen.length > 1 ? ` ${chosen.length} of it` : '' }}…
      </button>
    </div>
  </TheDialog>
</template>
