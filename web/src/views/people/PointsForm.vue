<script setup lang="ts">
import { computed, ref } from 'vue'
import { ask } from '@/api/http'
import type { DecisionNotice } from '@/api/types'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'

/** Gives somebody points, or takes some, with a reason that stands in the ledger. */
const props = defineProps<{ id: string }>()
const emit = defineEmits<{ moved: [] }>()
const wiring = useWiring()
const notes = useNotes()
const amount = ref('')
const why = ref('')
const desk = computed(() => wiring.sheets.find((each) => each.desk.kind === 'points')?.desk)
const move = () =>
  ask<DecisionNotice>('POST', '/desks/points/grant', {
    about: desk.value!.id,
    with: { name: props.id, amount: amount.value, why: why.value },
  }).then(
    (done) => {
      notes.say(done.sentence)
      amount.value = ''
      emit('moved')
    },
    (refusal: Error) => notes.say(refusal.message),
  )
</script>

<template>
  <form v-if="desk" class="flex items-end gap-2" aria-label="Give or take" @submit.prevent="move">
    <label class="flex w-24 flex-none flex-col gap-1 text-[13px] text-soft">
      Give or take
      <input v-model="amount" class="field" placeholder="10 or -10" maxlength="12" required />
    </label>
    <label class="flex min-w-0 flex-1 flex-col gap-1 text-[13px] text-soft">
      Why
      <input v-model="why" class="field" maxlength="80" required />
    </label>
    <button class="button">Do it</button>
  </form>
  <p v-else class="text-[13px] text-soft">
    To give or take {{ wiring.house.pointsMany }}, make a desk of points under
    <RouterLink class="underline" to="/desks">Desks</RouterLink>.
  </p>
</template>
