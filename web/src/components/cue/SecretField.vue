<script setup lang="ts">
import { ref } from 'vue'

/** A secret that is written and never read again. */
const props = defineProps<{ label: string; kept: boolean }>()
const secret = defineModel<string | undefined>()
const changing = ref(!props.kept)
const gone = ref(false)
const forget = () => {
  gone.value = true
  secret.value = ''
}
</script>

<template>
  <label class="block">
    <span class="text-[13px] text-soft">{{ label }}</span>
    <span v-if="!changing" class="flex items-center gap-2">
      <span class="field flex-1 font-mono text-soft">{{ gone ? 'none' : '••••••••' }}</span>
      <button type="button" class="button" @click="changing = true">Write another</button>
      <button v-if="!gone" type="button" class="button" @click="forget">Forget</button>
    </span>
    <input
      v-else
      class="field"
      type="password"
      autocomplete="new-password"
      :value="secret ?? ''"
      @input="secret = ($event.target as HTMLInputElement).value"
    />
  </label>
</template>
