<script setup lang="ts">
import { computed, ref } from 'vue'
import { useDusk } from '@/composables/useDusk'

/** The sign-in from another computer: of the host, of a helper by name, and of a helper who was just invited. */
useDusk()
const word = /^#i=([\w-]+)$/.exec(location.hash)?.[1] ?? ''
const helping = ref(false)
const name = ref('')
const password = ref('')
const failed = ref('')
const asks = computed(() => (word ? 'A passphrase of your own' : helping.value ? 'Your passphrase' : 'Host password'))
const SAYS: Record<number, string> = {
  422: 'Use 10 characters or more; a few words are good.',
  429: 'Too many were tried. Wait a minute, then try again.',
}
const wrong = () =>
  word
    ? 'This invitation counts no longer: it was used, is too old, or another was made. Ask the host for a new one.'
    : helping.value
      ? 'Name and passphrase do not fit. If you forgot it, ask the host for a new invitation.'
      : 'That is not the host password. It is set on the computer on which Wax Bell runs, on Links, This computer.'
const enter = async () => {
  const answer = await fetch(word ? '/api/invited' : '/api/sign-in', {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(
      word ? { word, passphrase: password.value } : { name: helping.value ? name.value : '', password: password.value },
    ),
  }).catch(() => null)
  if (answer?.ok) {
    location.assign(word || helping.value ? '/helper' : '/')
  } else {
    failed.value =
      answer?.status === 403 ? wrong() : (SAYS[answer?.status ?? 0] ?? 'Wax Bell does not answer. Is it still running?')
  }
}
</script>

<template>
  <main class="grid h-full place-items-center p-4">
    <form class="sheet flex w-[380px] max-w-full flex-col gap-3 p-6" @submit.prevent="enter">
      <h1 class="flex items-center gap-2 text-[22px]">
        <img src="/bell.svg" alt="" width="26" height="26" /> Wax Bell
      </h1>
      <p class="text-soft">
        {{
          word
            ? 'You are invited to help. Choose a passphrase; with it and your name you come in again.'
            : 'You come from another computer. Only the host, and who helps the host, may go on.'
        }}
      </p>
      <div v-if="!word" class="flex gap-2" role="group" aria-label="Who comes">
        <button type="button" class="button" :class="!helping && 'button-dark'" @click="helping = false">
          The host
        </button>
        <button type="button" class="button" :class="helping && 'button-dark'" @click="helping = true">I help</button>
      </div>
      <label v-if="helping && !word" class="block"
        ><span class="block pb-1 text-[13px] text-soft">Your name</span
        ><input v-model="name" class="field" autocomplete="username" required data-name
      /></label>
      <!-- eslint-disable vuejs-accessibility/no-autofocus -- there is nothing else on this page -->
      <label class="block"
        ><span class="block pb-1 text-[13px] text-soft">{{ asks }}</span
        ><input
          v-model="password"
          class="field"
          type="password"
          :autocomplete="word ? 'new-password' : 'current-password'"
          autofocus
          :aria-invalid="failed !== ''"
      /></label>
      <p v-if="failed" role="alert" class="text-[13px] text-wax-words">{{ failed }}</p>
      <button class="button button-dark">{{ word ? 'Come in' : 'Sign in' }}</button>
    </form>
  </main>
</template>
