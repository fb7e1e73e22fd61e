<script setup lang="ts">
import { ref } from 'vue'
import { ask } from '@/api/http'
import TheDialog from '@/components/TheDialog.vue'
import { useNotes } from '@/stores/notes'

/** Forgets somebody wholly, which is asked for by writing their name. */
const props = defineProps<{ id: string; name: string }>()
const emit = defineEmits<{ gone: [] }>()
const notes = useNotes()
const open = ref(false)
const written = ref('')
const failed = ref('')
const forget = () =>
  ask('POST', `/people/${encodeURIComponent(props.id)}/forget`, { name: written.value }).then(
    () => {
      open.value = false
      notes.say(`${props.name} is forgotten.`)
      emit('gone')
    },
    (refusal: Error) => (failed.value = refusal.message),
  )
</script>

<template>
  <button class="text-[13px] text-wax-words underline" @click="open = true">Forget them</button>
  <TheDialog :open="open" :title="`Forget ${name}?`" @close="open = false">
    <form class="flex flex-col gap-3" @submit.prevent="forget">
      <p>
        Their notes, circles, seals, lists and what they wrote are taken out of everything that is kept, also of
        evenings past. Their points stay in the ledger as nobody’s, so that it adds up. Copies made before today, clips
        and cues that name them stay; this cannot be taken back.
      </p>
      <label class="flex flex-col gap-1 text-[13px] text-soft">
        Write their name to go on
        <input v-model="written" class="field" autocomplete="off" :placeholder="name" />
      </label>
      <p v-if="failed" role="alert" class="text-wax-words">{{ failed }}</p>
      <p class="text-right">
        <button class="button button-dark" :disabled="written.trim() !== name">Forget them</button>
      </p>
    </form>
  </TheDialog>
</template>
