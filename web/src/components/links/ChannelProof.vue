<script setup lang="ts">
import { computed } from 'vue'
import { ask } from '@/api/http'
import type { LinkView } from '@/api/types'
import { span } from '@/lib/spans'
import { useNotes } from '@/stores/notes'

/** A proof under way: the code to say, and how it stands. */
const props = defineProps<{ link: LinkView; now: number }>()
const notes = useNotes()
const proof = computed(() => props.link.proof!)
const left = computed(() => Math.max(0, Math.ceil((proof.value.until - props.now) / 60_000) * 60_000))
const result = computed(() =>
  proof.value.result === 'waiting' && props.now > proof.value.until ? 'over' : proof.value.result,
)
const guarded = (work: Promise<unknown>) => work.catch((refusal: Error) => notes.say(refusal.message))
const again = () => guarded(ask('POST', `/links/${props.link.id}/proof`))
const done = () => guarded(ask('DELETE', `/links/${props.link.id}/proof`))
</script>

<template>
  <div class="rounded-[8px] border border-edge p-3" role="status">
    <template v-if="result === 'waiting'">
      <p>Say this in the chat, with your own account:</p>
      <p class="py-1 font-mono text-[16px] select-all" data-code>{{ proof.code }}</p>
      <p class="text-[13px] text-soft">
        Good for {{ span(left) }};
        {{ proof.triesLeft === 3 ? 'three wrong ones make it void' : `${proof.triesLeft} wrong ones are left` }}.
      </p>
      <p v-if="proof.who" class="text-[13px] text-wax-words">
        {{ proof.who }} said it without being signed in to an account, so anyone could be that. Sign in, and say it
        again.
      </p>
    </template>
    <p v-else-if="result === 'proved'" class="text-verdigris-words">
      {{ proof.who }} is you: lines of that account count as the host's from now on.
    </p>
    <p v-else class="text-wax-words">
      {{
        result === 'void' ? 'Three wrong codes were said, so this one is void.' : 'Nobody said it within ten minutes.'
      }}
    </p>
    <div class="flex gap-2 pt-2">
      <button v-if="result === 'void' || result === 'over'" class="button" @click="again">Take another code</button>
      <button class="button" @click="done">{{ result === 'waiting' ? 'Give it up' : 'Close' }}</button>
    </div>
  </div>
</template>
