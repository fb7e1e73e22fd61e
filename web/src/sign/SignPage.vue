<script setup lang="ts">
import { ref } from 'vue'
import { useDusk } from '@/composables/useDusk'

/** The host's sign-in from another computer. */
useDusk()
const password = ref('')
const failed = ref('')
const SAYS: Record<number, string> = {
  403: 'That is not the host password. It is set on the computer on which Wax Bell runs, on Links, This computer.',
  429: 'Too many passwords were tried. Wait a minute, then try again.',
}
const enter = async () => {
  const answer = await fetch('/api/sign-in', {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ password: password.value }),
  }).catch(() => null)
  if (answer?.ok) {
    location.assign('/')
  } else {
    failed.value = SAYS[answer?.status ?? 0] ?? 'Wax Bell does not answer. Is it still running?'
  }
}
</script>

<template>
  <main class="grid h-full place-items-center p-4">
    <form class="sheet flex w-[380px] max-w-full flex-col gap-3 p-6" @submit.prevent="enter">
      <h1 class="flex items-center gap-2 text-[22px]">
        <img src="/bell.svg" alt="" width="26" height="26" /> Wax Bell
      </h1>
      <p class="text-soft">You come from another computer. Only the host may go on.</p>
      <!-- eslint-disable vuejs-accessibility/no-autofocus -- there is nothing else on this page -->
      <label class="block"
        ><span class="block pb-1 text-[13px] text-soft">Host password</span
        ><input
          v-model="password"
          class="field"
          type="password"
          autocomplete="current-password"
          autofocus
          :aria-invalid="failed !== ''"
      /></label>
      <p v-if="failed" role="alert" class="text-[13px] text-wax-words">{{ failed }}</p>
      <button class="button button-dark">Sign in</button>
    </form>
  </main>
</template>
