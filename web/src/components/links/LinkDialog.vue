<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { ask, problemsOf } from '@/api/http'
import type { Device, Problem, SetLink } from '@/api/types'
import TheDialog from '@/components/TheDialog.vue'
import KindForm from '@/components/cue/KindForm.vue'
import DevicesForm from './DevicesForm.vue'
import TextField from '@/components/cue/TextField.vue'
import { withAt } from '@/lib/at'
import { useKinds } from '@/stores/kinds'

/** The settings of a link, or of a new one; secrets that are kept are never shown and stay unless another is written. */
const props = defineProps<{ open: boolean; id: string; kind: string }>()
const emit = defineEmits<{ close: [] }>()
const kinds = useKinds()
const kind = computed(() => kinds.link(props.kind))
const name = ref('')
const settings = ref<Record<string, unknown> | null>(null)
const kept = ref<Record<string, boolean>>({})
const secrets = ref<Record<string, string>>({})
const problems = ref<Problem[]>([])
const saving = ref(false)
const form = ref<HTMLElement | null>(null)

const load = async () => {
  problems.value = []
  settings.value = null
  secrets.value = {}
  try {
    if (props.id) {
      const one = await ask<SetLink>('GET', `/links/${props.id}`)
      name.value = one.name
      kept.value = one.secrets
      settings.value = one.settings as Record<string, unknown>
    } else {
      name.value = ''
      kept.value = {}
      settings.value = await ask<Record<string, unknown>>('GET', `/link-kinds/${props.kind}`)
    }
  } catch (failed) {
    problems.value = problemsOf(failed)
  }
}
watch(
  () => props.open,
  (open) => open && void load(),
  { immediate: true },
)

const at = (path: string) => problems.value.filter((each) => each.path === path || each.path.startsWith(`${path}[`))
/** What belongs to no field that is shown here. */
const rest = computed(() => problems.value.filter((each) => !/^(name$|id$|settings\.)/.test(each.path)))

const save = async () => {
  saving.value = true
  try {
    const written = Object.fromEntries(Object.entries(secrets.value).filter(([, secret]) => secret !== undefined))
    await ask(props.id ? 'PUT' : 'POST', props.id ? `/links/${props.id}` : '/links', {
      kind: props.kind,
      name: name.value,
      settings: settings.value,
      secrets: written,
    })
    emit('close')
  } catch (failed) {
    problems.value = problemsOf(failed)
    await nextTick()
    form.value?.querySelector('[role=alert]')?.scrollIntoView({ block: 'center' })
  }
  saving.value = false
}
</script>

<template>
  <TheDialog :open="open" :title="id ? `Settings of ${name}` : kind.title" width="620px" @close="$emit('close')">
    <form v-if="settings" ref="form" class="flex flex-col gap-3" @submit.prevent="save">
      <TextField v-model="name" label="What you call it" :problems="[...at('name'), ...at('id')]" />
      <KindForm
        :value="settings"
        :fields="kind.fields"
        :problems="(key: string) => at(`settings.${key}`)"
        :kept="kept"
        :secrets="secrets"
        @set="(key, value) => (settings = withAt(settings!, key, value))"
        @secret="(key, value) => (secrets = { ...secrets, [key]: value })"
      />
      <DevicesForm
        v-if="kind.name === 'room' && !settings.practice"
        :devices="settings.devices as Device[]"
        :problems="(key: string) => at(`settings.${key}`)"
        @set="(devices) => (settings = { ...settings!, devices })"
      />
      <p v-for="each in rest" :key="each.path + each.message" role="alert" class="text-[13px] text-wax-words">
        {{ each.path }}: {{ each.message }} {{ each.remedy }}
      </p>
      <div class="flex justify-end gap-2">
        <button type="button" class="button" @click="$emit('close')">Cancel</button>
        <button class="button button-dark" :disabled="saving">Save and connect</button>
      </div>
    </form>
    <template v-else>
      <p v-if="problems.length" role="alert" class="text-wax-words">{{ problems[0]!.message }}</p>
      <p v-else class="text-soft">Reading the settings…</p>
      <p class="text-right"><button class="button" @click="$emit('close')">Cancel</button></p>
    </template>
  </TheDialog>
</template>
