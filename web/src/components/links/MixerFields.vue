<script setup lang="ts">
import { computed } from 'vue'
import type { Problem } from '@/api/types'
import TextField from '@/components/cue/TextField.vue'
import SecretField from './SecretField.vue'

/** Where the mixer is. */
export interface MixerSettings {
  address: string
}
const settings = defineModel<MixerSettings>({ required: true })
const secrets = defineModel<Record<string, string>>('secrets', { required: true })
defineProps<{ kept: Record<string, boolean>; at: (path: string) => Problem[] }>()
const practice = computed({
  get: () => settings.value.address === 'practice',
  set: (yes) => (settings.value.address = yes ? 'practice' : ''),
})
</script>

<template>
  <fieldset class="flex flex-col gap-1">
    <legend class="text-[13px] text-soft">Which one</legend>
    <label class="flex items-center gap-2"
      ><input v-model="practice" type="radio" :value="true" /> The practice mixer that ships with Wax Bell</label
    >
    <label class="flex items-center gap-2"
      ><input v-model="practice" type="radio" :value="false" /> Another, on this computer or elsewhere</label
    >
  </fieldset>
  <template v-if="!practice">
    <TextField
      v-model="settings.address"
      label="Its address, such as ws://192.168.1.20:4466/link"
      :problems="at('address')"
      mono
    />
    <SecretField
      label="Its password, which is proved and never sent"
      :kept="kept.password ?? false"
      :model-value="secrets.password"
      @update:model-value="secrets = { ...secrets, password: $event ?? '' }"
    />
    <p v-if="settings.address.startsWith('ws://')" class="text-[13px] text-soft">
      With ws:// others on the same network could read what is said, though not the password; wss:// is encrypted.
    </p>
  </template>
</template>
