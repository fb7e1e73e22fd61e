<script setup lang="ts">
import { Copy, Eye, RefreshCw } from '@lucide/vue'
import { ref, watch } from 'vue'
import { ask } from '@/api/http'
import type { HookAddress } from '@/api/types'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'

/** The secret addresses that set cues off when they are called. */
const live = useLive()
const notes = useNotes()
const hooks = ref<HookAddress[]>([])
const seen = ref('')
watch(
  () => live.wiringStamp,
  () =>
    void ask<HookAddress[]>('GET', '/hooks').then(
      (told) => (hooks.value = told),
      () => undefined,
    ),
  { immediate: true },
)
const whole = (hook: HookAddress) => location.origin + hook.address
const masked = (hook: HookAddress) => `${location.origin}/hook/${hook.name}/············`
const copy = (text: string, what: string) =>
  navigator.clipboard.writeText(text).then(
    () => notes.say(`${what} is on the clipboard.`),
    () => notes.say('This browser does not let a page copy. Reveal it and copy it by hand.'),
  )
const renew = (hook: HookAddress) =>
  ask<HookAddress>('POST', `/links/hooks/${hook.name}/renew`).then(
    (next) => {
      hooks.value = hooks.value.map((each) => (each.name === next.name ? next : each))
      notes.say(`${next.name} has another address now; whoever calls the one before is turned away.`)
    },
    (refusal: Error) => notes.say(refusal.message),
  )
</script>

<template>
  <section class="sheet flex flex-col gap-2 p-4" aria-label="Addresses that others call">
    <h2 class="text-[18px]">Addresses that others call</h2>
    <p v-if="!hooks.length" class="text-[13px] text-soft">
      None yet. Give a cue the pull “a web address is called”, and its secret address stands here.
    </p>
    <div
      v-for="hook in hooks"
      :key="hook.name"
      class="border-t border-line pt-2 first-of-type:border-0"
      :data-hook="hook.name"
    >
      <p class="rounded-[8px] bg-well px-2 py-1 font-mono text-[12.5px] break-all" data-hook-address>
        {{ seen === hook.name ? whole(hook) : masked(hook) }}
      </p>
      <p v-if="hook.secret" class="pt-1 text-[13px] text-soft">
        Calls have to be signed (Standard Webhooks)<template v-if="seen === hook.name">
          with <code class="font-mono break-all" data-secret>{{ hook.secret }}</code></template
        >.
      </p>
      <div class="flex flex-wrap gap-2 pt-2">
        <button class="button" @click="copy(whole(hook), 'The address')"><Copy :size="14" /> Copy</button>
        <button v-if="hook.secret" class="button" @click="copy(hook.secret, 'The secret')">
          <Copy :size="14" /> Copy the secret
        </button>
        <button class="button" @click="seen = seen === hook.name ? '' : hook.name">
          <Eye :size="14" /> {{ seen === hook.name ? 'Hide' : 'Reveal' }}
        </button>
        <button class="button" @click="renew(hook)"><RefreshCw :size="14" /> Renew</button>
      </div>
    </div>
  </section>
</template>
