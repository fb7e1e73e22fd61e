<script setup lang="ts">
import { ref } from 'vue'
import { ask } from '@/api/http'

/** Where another Wax Bell, or a program of one's own, links to this mixer. */
const password = ref('')
const failed = ref('')
const address = `${location.protocol === 'https:' ? 'wss' : 'ws'}://${location.host}/ws/mixer-link`
const reveal = async () => {
  try {
    password.value = password.value ? '' : (await ask<{ password: string }>('GET', '/practice/mixer/door')).password
  } catch (refusal) {
    failed.value = (refusal as Error).message
  }
}
</script>

<template>
  <details class="sheet p-3">
    <summary class="cursor-pointer font-serif text-[16px] font-semibold">Link to it</summary>
    <p class="pt-1 text-[13px] text-soft">
      Wax Bell is linked to it by itself. Others link by this address and password.
    </p>
    <p class="mt-1 rounded-[8px] bg-well px-2 py-1 font-mono text-[12px] break-all">{{ address }}</p>
    <p class="mt-1 rounded-[8px] bg-well px-2 py-1 font-mono text-[12px] break-all">{{ password || '•'.repeat(16) }}</p>
    <button class="button mt-2" @click="reveal">{{ password ? 'Mask the password' : 'Reveal the password' }}</button>
    <p v-if="failed" role="alert" class="pt-1 text-wax-words">{{ failed }}</p>
  </details>
</template>
