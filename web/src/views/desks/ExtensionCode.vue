<script setup lang="ts">
import { Download } from '@lucide/vue'
import { computed, ref, watch } from 'vue'
import { ask } from '@/api/http'
import type { CodeFault, Extension } from '@/api/types'

/** The code of an extension: read while it is written, saved by a press or Ctrl+S, and run from then on. */
const props = defineProps<{ sheet: Extension }>()
const emit = defineEmits<{ save: [code: string] }>()
const code = ref(props.sheet.code)
/** What was here when it was begun to be changed: what comes from elsewhere meanwhile is not written over unseen. */
const seen = ref(props.sheet.code)
const fault = ref('')
const changed = computed(() => code.value !== seen.value)
const theirs = computed(() => changed.value && props.sheet.code !== seen.value)
watch(
  () => props.sheet.code,
  (now) => {
    if (!changed.value || now === code.value) {
      code.value = now
      seen.value = now
    }
  },
)
let waits: ReturnType<typeof setTimeout> | undefined
watch(code, (now) => {
  clearTimeout(waits)
  waits = setTimeout(
    () =>
      ask<CodeFault>('POST', '/extensions/code', { code: now }).then(
        (look) => code.value === now && (fault.value = look.fault),
        () => undefined,
      ),
    400,
  )
})
const save = () => changed.value && emit('save', code.value)
const leave = () => {
  code.value = props.sheet.code
  seen.value = props.sheet.code
}
/** A tab in code is two spaces; Escape first lets it go on to the next field. */
const free = ref(false)
const tab = (event: KeyboardEvent) => {
  if (event.shiftKey || free.value) {
    return
  }
  event.preventDefault()
  document.execCommand('insertText', false, '  ')
}
</script>

<template>
  <details class="sheet px-5 py-4" data-code>
    <summary class="cursor-pointer text-[18px] font-serif">Its code</summary>
    <p class="pt-1 text-[13px] text-soft">
      JavaScript. The same stands in <code>extensions/{{ sheet.id }}</code> of the data folder, where any editor can
      write it: what is saved there is run from then on.
    </p>
    <textarea
      v-model="code"
      class="field mt-2 h-[340px] resize-y font-mono text-[13px] leading-[1.5]"
      spellcheck="false"
      wrap="off"
      aria-label="Code"
      @keydown.tab="tab"
      @keydown.esc.stop="free = true"
      @focus="free = false"
      @keydown.ctrl.s.prevent="save"
    ></textarea>
    <p v-if="fault" role="alert" class="text-wax-words" data-fault>It cannot be read: {{ fault }}</p>
    <p v-if="theirs" role="alert" class="text-wax-words">It was changed elsewhere meanwhile; saving takes yours.</p>
    <div class="flex flex-wrap items-center gap-2 pt-2">
      <button class="button button-dark" :disabled="!changed" data-save-code @click="save">Save the code</button>
      <button class="button" :disabled="!changed" @click="leave">Leave it as it was</button>
      <a class="button ml-auto" :href="`/api/extensions/${sheet.id}/file`" download>
        <Download :size="15" /> As a ZIP file
      </a>
    </div>
  </details>
</template>
