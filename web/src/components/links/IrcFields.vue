<script setup lang="ts">
import { computed } from 'vue'
import type { Problem, Standing } from '@/api/types'
import ChoiceField from '@/components/cue/ChoiceField.vue'
import NumberField from '@/components/cue/NumberField.vue'
import SecondsField from '@/components/cue/SecondsField.vue'
import TextField from '@/components/cue/TextField.vue'
import TheProblems from '@/components/cue/TheProblems.vue'
import SecretField from './SecretField.vue'

/** How a chat by IRC is reached, and who is what there. */
export interface IrcSettings {
  host: string
  port: number
  tls: boolean
  certificate: string
  channels: string[]
  helper: { nick: string; login: string }
  owner: { nick: string; login: string }
  asOwner: boolean
  standings: { modes: Record<string, Standing>; hosts: string[]; members: string[]; vips: string[] }
  burst: number
  everyMs: number
}
const settings = defineModel<IrcSettings>({ required: true })
const secrets = defineModel<Record<string, string>>('secrets', { required: true })
defineProps<{ kept: Record<string, boolean>; at: (path: string) => Problem[] }>()
const MODES = [
  { letter: 'q', name: 'Founder (q)' },
  { letter: 'a', name: 'Protected (a)' },
  { letter: 'o', name: 'Operator (o)' },
  { letter: 'h', name: 'Half-operator (h)' },
  { letter: 'v', name: 'Voice (v)' },
]
const STANDINGS = (['host', 'moderator', 'vip', 'member', 'follower', 'anyone'] as Standing[]).map((value) => ({
  value,
  name: value === 'vip' ? 'VIP' : value,
}))
const list = (of: string[]) => of.join(', ')
const items = (typed: string) => typed.split(/[\s,]+/).filter(Boolean)
const channels = computed({
  get: () => list(settings.value.channels),
  set: (typed) => (settings.value.channels = items(typed)),
})
const NAMES = [
  { field: 'hosts', name: 'Accounts that are you' },
  { field: 'members', name: 'Accounts that are members' },
  { field: 'vips', name: 'Accounts that are VIPs' },
] as const
</script>

<template>
  <div class="grid grid-cols-[1fr_110px_auto] items-end gap-2">
    <TextField v-model="settings.host" label="Server" :problems="at('host')" />
    <NumberField v-model="settings.port" label="Port" :problems="at('port')" />
    <label class="flex items-center gap-2 pb-1.5"
      ><input v-model="settings.tls" type="checkbox" class="h-4 w-4" /> encrypted (TLS)</label
    >
  </div>
  <TextField v-model="channels" label="Channels, such as #bench" :problems="at('channels')" />
  <div class="grid grid-cols-3 gap-2">
    <TextField v-model="settings.helper.nick" label="Helper's nickname" :problems="at('helper.nick')" />
    <TextField v-model="settings.helper.login" label="Its account" :problems="[]" />
    <SecretField
      label="Its password"
      :kept="kept.helper ?? false"
      :model-value="secrets.helper"
      @update:model-value="secrets = { ...secrets, helper: $event ?? '' }"
    />
  </div>
  <label class="flex items-center gap-2"
    ><input v-model="settings.asOwner" type="checkbox" class="h-4 w-4" /> Answers are your own instead of the
    helper's</label
  >
  <div v-if="settings.asOwner" class="grid grid-cols-3 gap-2">
    <TextField v-model="settings.owner.nick" label="Your nickname" :problems="at('owner.nick')" />
    <TextField v-model="settings.owner.login" label="Your account" :problems="[]" />
    <SecretField
      label="Your password"
      :kept="kept.owner ?? false"
      :model-value="secrets.owner"
      @update:model-value="secrets = { ...secrets, owner: $event ?? '' }"
    />
  </div>
  <details class="rounded-[8px] border border-line px-3 py-2">
    <summary class="cursor-pointer">Who is what, limits, and the server's certificate</summary>
    <div class="grid grid-cols-3 gap-2 pt-2">
      <ChoiceField
        v-for="mode in MODES"
        :key="mode.letter"
        :label="mode.name"
        :model-value="settings.standings.modes[mode.letter] ?? 'anyone'"
        :choices="STANDINGS"
        @update:model-value="settings.standings.modes[mode.letter] = $event as Standing"
      />
    </div>
    <TheProblems :problems="at('standings')" />
    <label v-for="each in NAMES" :key="each.field" class="block pt-2">
      <span class="text-[13px] text-soft">{{ each.name }}, by commas</span>
      <input
        class="field"
        :value="list(settings.standings[each.field])"
        autocomplete="off"
        @change="settings.standings[each.field] = items(($event.target as HTMLInputElement).value)"
      />
    </label>
    <div class="grid grid-cols-3 items-end gap-2 pt-2">
      <NumberField v-model="settings.burst" label="Said at once" unit="lines" :problems="at('burst')" />
      <SecondsField v-model="settings.everyMs" label="then one every" :problems="at('everyMs')" />
      <SecretField
        label="Password of the server"
        :kept="kept.server ?? false"
        :model-value="secrets.server"
        @update:model-value="secrets = { ...secrets, server: $event ?? '' }"
      />
    </div>
    <label class="block pt-2">
      <span class="text-[13px] text-soft">The server's own certificate (PEM), where no known authority signed it</span>
      <textarea v-model="settings.certificate" class="field h-20 font-mono text-[12px]" spellcheck="false" />
    </label>
    <TheProblems :problems="at('certificate')" />
  </details>
</template>
