<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { ask } from '@/api/http'
import type { DecisionNotice, PersonKept } from '@/api/types'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'

/** What desks know of somebody, and the seal that the host sets beside their name. */
const props = defineProps<{ kept: PersonKept }>()
const emit = defineEmits<{ changed: [] }>()
const wiring = useWiring()
const notes = useNotes()
const router = useRouter()
const lists = computed(() =>
  wiring.sheets.flatMap((each) => (each.desk.kind === 'tasks' && each.desk.seals.length ? [each.desk] : [])),
)
const seal = (desk: string, which: string) =>
  ask<DecisionNotice>('POST', '/desks/tasks/seal', {
    about: desk,
    with: { seal: which, name: props.kept.person.name },
  }).then(
    (told) => {
      notes.say(told.sentence)
      emit('changed')
    },
    (refusal: Error) => notes.say(refusal.message),
  )
</script>

<template>
  <section v-if="kept.desks.length || lists.length" aria-label="At desks" class="text-[14px]">
    <p
      v-for="each in kept.desks"
      :key="each.about"
      class="flex gap-2 border-t border-line py-0.5 first:border-0"
      data-at-desk
    >
      <button class="min-w-0 flex-none truncate underline" @click="router.push(`/desks/${each.about}`)">
        {{ each.name }}
      </button>
      <span class="min-w-0 flex-1">{{ each.says.join(', ') }}</span>
    </p>
    <label v-for="each in lists" :key="each.id" class="flex items-center gap-2 pt-1 text-[13px] text-soft">
      Seal at {{ each.name }}
      <select
        class="field w-auto"
        :aria-label="`Seal at ${each.name}`"
        value=""
        @change="seal(each.id, ($event.target as HTMLSelectElement).value)"
      >
        <option value="" disabled>set one…</option>
        <option v-for="name in each.seals" :key="name">{{ name }}</option>
      </select>
    </label>
  </section>
</template>
