<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { ask, problemsOf } from '@/api/http'
import type { CertificateView, Problem } from '@/api/types'
import TheProblems from '@/components/cue/TheProblems.vue'
import { dateOf } from '@/lib/spans'

/** The certificate by which other computers know this one: what it is, the host's own instead, and the way back. */
const PATH = '/reach/certificate'
const now = ref<CertificateView | null>(null)
const problems = ref<Problem[]>([])
const files = ref<{ certificate: string; key: string }>({ certificate: '', key: '' })
const changed = ref(false)
const told = (work: Promise<CertificateView>, change: boolean) =>
  work.then(
    (answer) => {
      now.value = answer
      problems.value = []
      changed.value ||= change
    },
    (failed: unknown) => {
      problems.value = problemsOf(failed)
    },
  )
onMounted(() => told(ask('GET', PATH), false))
const choose = async (what: 'certificate' | 'key', event: Event) => {
  const file = (event.target as HTMLInputElement).files?.[0]
  files.value[what] = file ? await file.text() : ''
}
const bring = () => told(ask('PUT', PATH, files.value), true)
const giveUp = () => told(ask('DELETE', PATH), true)
</script>

<template>
  <div class="flex flex-col gap-2 border-t border-line pt-3 text-[13px]" data-certificate>
    <template v-if="now">
      <p>
        Others come in at <span class="font-mono break-all">{{ now.address }}</span>, by
        {{ now.own ? 'your own certificate' : 'a certificate that Wax Bell made' }}, good until {{ dateOf(now.until) }}.
      </p>
      <p v-if="!now.own" class="text-soft">
        Their browser warns once, for nobody vouches for it. Compare what it shows with this, then go on; or
        <a class="underline" href="/api/reach/certificate/waxbell.crt" download>carry it out</a> and have that computer
        trust it.
      </p>
      <p class="rounded-[8px] bg-well px-2 py-1.5 font-mono text-[12px] break-all" aria-label="Fingerprint (SHA-256)">
        {{ now.fingerprint }}
      </p>
    </template>
    <TheProblems :problems="problems.filter((each) => !['certificate', 'key'].includes(each.path))" />
    <details>
      <summary class="cursor-pointer">
        {{ now?.own ? 'Another certificate of mine' : 'Use my own certificate' }}
      </summary>
      <div class="flex flex-col gap-2 pt-2">
        <label class="block"
          >Certificate (PEM)
          <input class="field h-auto py-1" type="file" data-pem @change="choose('certificate', $event)" />
          <TheProblems :problems="problems.filter((each) => each.path === 'certificate')" />
        </label>
        <label class="block"
          >Its key (PEM, without a passphrase)
          <input class="field h-auto py-1" type="file" data-key @change="choose('key', $event)" />
          <TheProblems :problems="problems.filter((each) => each.path === 'key')" />
        </label>
        <button class="button self-start" :disabled="!files.certificate || !files.key" @click="bring">Use these</button>
      </div>
    </details>
    <button v-if="now?.own" class="button self-start" @click="giveUp">Have one made instead</button>
    <p v-if="changed" role="status" class="text-verdigris-words">Kept. It holds from the next start on.</p>
  </div>
</template>
