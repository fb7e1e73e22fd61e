<script setup lang="ts">
import { reactive } from 'vue'
import { ask } from '@/api/http'
import type { Queue, TurnsBoard } from '@/api/types'
import { digits } from '@/lib/clock'
import { useNotes } from '@/stores/notes'

/** Who is up, with how their turn may end, and a code that they alone are told. */
const props = defineProps<{ sheet: Queue; board: TurnsBoard; now: number }>()
const emit = defineEmits<{ act: [name: string, said: Record<string, string>] }>()
const notes = useNotes()
/** Codes that are being written, by name. */
const codes = reactive<Record<string, string>>({})
const send = (name: string) =>
  ask<{ says: string }>('POST', `/queues/${props.sheet.id}/code`, { name, code: codes[name] }).then(
    (came) => {
      delete codes[name]
      notes.say(came.says)
    },
    (refusal: Error) => notes.say(refusal.message),
  )
</script>

<template>
  <section role="group" class="grid gap-2" aria-label="Up now">
    <p v-if="board.up.length === 0" class="sheet px-5 py-3 text-soft">Nobody is up.</p>
    <article
      v-for="each in board.up"
      :key="each.name"
      class="sheet border-l-4 border-l-honey px-5 py-3"
      :data-up="each.name"
    >
      <div class="flex flex-wrap items-baseline gap-2">
        <h2 class="min-w-0 truncate text-[20px]">
          <bdi>{{ each.name }}</bdi>
        </h2>
        <span v-for="mark in each.marks" :key="mark" class="rounded-full border border-line px-2 text-[12px]">{{
          mark
        }}</span>
        <span v-if="each.record" class="rounded-full border border-line px-2 text-[12px]">{{ each.record }}</span>
        <span class="ml-auto font-mono">{{ digits(Math.max(0, now - each.since), true) }}</span>
      </div>
      <p v-if="each.note" class="pb-1 break-words">
        <bdi>{{ each.note }}</bdi>
      </p>
      <div class="flex flex-wrap gap-2 pt-1">
        <button
          v-for="(outcome, at) in sheet.outcomes"
          :key="outcome"
          class="button"
          :class="at === 0 && 'button-dark'"
          @click="emit('act', 'done', { name: each.name, outcome })"
        >
          {{ outcome }}
        </button>
        <button class="button ml-auto" @click="emit('act', 'back', { name: each.name })">Put back</button>
        <button v-if="codes[each.name] === undefined" class="button" @click="codes[each.name] = ''">Send a code</button>
      </div>
      <form v-if="codes[each.name] !== undefined" class="flex items-end gap-2 pt-2" @submit.prevent="send(each.name)">
        <label class="block min-w-0 flex-1">
          <span class="text-[13px] text-soft">Told to {{ each.name }} alone; kept nowhere</span>
          <input v-model="codes[each.name]" class="field" autocomplete="off" data-code />
        </label>
        <button class="button" :disabled="!codes[each.name]?.trim()">Send</button>
        <button type="button" class="button" @click="delete codes[each.name]">Cancel</button>
      </form>
    </article>
  </section>
</template>
