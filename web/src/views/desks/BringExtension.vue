<script setup lang="ts">
import { FileUp } from '@lucide/vue'
import { ref, watch } from 'vue'
import { ask, problemsOf, send } from '@/api/http'
import type { ExtensionComing, ExtensionLook, Problem } from '@/api/types'
import TheDialog from '@/components/TheDialog.vue'
import TheProblems from '@/components/cue/TheProblems.vue'

/** Extensions that ship, and one from a file: looked at before they come in. */
const props = defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: []; brought: [id: string] }>()
const ours = ref<ExtensionLook[]>([])
const coming = ref<ExtensionComing | null>(null)
const problems = ref<Problem[]>([])
const busy = ref(false)
const picker = ref<HTMLInputElement | null>(null)
const tell = (failed: unknown) => (problems.value = problemsOf(failed))
watch(
  () => props.open,
  (open) => {
    if (open) {
      coming.value = null
      problems.value = []
      ask<ExtensionLook[]>('GET', '/extensions').then((all) => (ours.value = all), tell)
    }
  },
)
const doing = async (what: () => Promise<void>) => {
  busy.value = true
  problems.value = []
  await what().catch(tell)
  busy.value = false
}
const bring = (path: string) =>
  doing(async () => emit('brought', (await ask<{ id: string }>('POST', `/extensions/${path}`)).id))
const come = (event: Event) => {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  return (
    file &&
    doing(async () => void (coming.value = await send('POST', '/extensions/coming', file, 'application/octet-stream')))
  )
}
const does = (look: ExtensionLook) => (look.asks.length ? `It ${look.asks.join('; it ')}.` : 'It asks for nothing.')
</script>

<template>
  <TheDialog :open="open" title="Bring an extension" width="620px" @close="emit('close')">
    <p class="text-soft">
      A small program that hears what happens and does something about it, within what you let it. It comes in off; you
      agree to what it asks for before it runs.
    </p>
    <template v-if="coming">
      <section class="rounded-[10px] bg-well px-4 py-3" data-coming>
        <h3 class="text-[18px]">{{ coming.look.name }} {{ coming.look.version }}</h3>
        <p>{{ coming.look.about }}</p>
        <p class="text-[14px]">{{ does(coming.look) }}</p>
        <p v-if="coming.look.here" class="text-[14px]">
          It takes the place of version {{ coming.look.before }}; its settings stay.
          <template v-if="coming.look.asksMore.length"
            >It asks for more than you agreed to: it {{ coming.look.asksMore.join('; it ') }}.</template
          >
        </p>
        <p v-else-if="coming.look.words.length" class="text-[14px]">
          Its chat words come as cues of yours: {{ coming.look.words.join(', ') }}.
        </p>
      </section>
      <div class="flex justify-end gap-2">
        <button class="button" @click="coming = null">Cancel</button>
        <button
          class="button button-dark"
          :disabled="busy"
          data-bring-in
          @click="bring(`coming/${coming.coming}/bring`)"
        >
          Bring it in
        </button>
      </div>
    </template>
    <template v-else>
      <ul>
        <li
          v-for="each in ours"
          :key="each.id"
          class="flex items-start gap-3 border-t border-line py-2 first:border-0"
          :data-ours="each.id"
        >
          <p class="min-w-0 flex-1">
            <b class="font-serif text-[17px]">{{ each.name }}</b>
            <span class="block">{{ each.about }}</span>
            <span class="block text-[13px] text-soft">{{ does(each) }}</span>
          </p>
          <span v-if="each.here" class="text-[13px] text-soft">is here</span>
          <button v-else class="button" :disabled="busy" @click="bring(`ours/${each.id}`)">Bring it in</button>
        </li>
      </ul>
      <div class="flex items-center justify-end gap-2">
        <button class="button" :disabled="busy" @click="picker?.click()">
          <FileUp :size="15" /> {{ busy ? 'Looking at it…' : 'From a ZIP file' }}
        </button>
        <input
          ref="picker"
          type="file"
          class="hidden"
          accept=".zip"
          aria-label="An extension, as a ZIP file"
          data-extension-file
          @change="come"
        />
      </div>
    </template>
    <div v-for="each in problems" :key="each.path + each.message">
      <code v-if="each.path" class="text-soft">{{ each.path }}</code><TheProblems :problems="[each]" />
    </div>
  </TheDialog>
</template>
