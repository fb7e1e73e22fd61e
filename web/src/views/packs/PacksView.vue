<script setup lang="ts">
import { FileUp } from '@lucide/vue'
import { computed, onMounted, ref, watch } from 'vue'
import { ask, problemsOf, sendSeen } from '@/api/http'
import type { PackHere, PackLook, Problem } from '@/api/types'
import NothingYet from '@/components/NothingYet.vue'
import TheDialog from '@/components/TheDialog.vue'
import CuesNav from '@/components/cue/CuesNav.vue'
import TheProblems from '@/components/cue/TheProblems.vue'
import { dayAndTime } from '@/lib/spans'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'
import PackLooked from './PackLooked.vue'
import PackMaking from './PackMaking.vue'

/** Packs that are here, one that comes, and one that is made. */
const notes = useNotes()
const live = useLive()
/** Null until they are listed. */
const here = ref<PackHere[] | null>(null)
const problems = ref<Problem[]>([])
const look = ref<PackLook | null>(null)
const busy = ref(false)
/** How much of the file has been sent. */
const sent = ref(0)
const going = computed(() => (sent.value < 1 ? `Sending it: ${Math.floor(100 * sent.value)} %` : 'Looking at it…'))
const leaving = ref<PackHere | null>(null)
const picker = ref<HTMLInputElement | null>(null)
const load = () =>
  ask<PackHere[]>('GET', '/packs').then(
    (all) => (here.value = all),
    (refusal: Error) => notes.say(refusal.message),
  )
onMounted(load)
/** An undo may take away what a pack brought. */
watch(() => live.wiringStamp, load)
const come = async (event: Event) => {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) {
    return
  }
  busy.value = true
  problems.value = []
  try {
    sent.value = 0
    look.value = await sendSeen<PackLook>('/packs/coming', file, (share) => (sent.value = share))
  } catch (failed) {
    problems.value = problemsOf(failed)
  } finally {
    busy.value = false
  }
}
const takeOut = async (pack: PackHere) => {
  leaving.value = null
  problems.value = []
  try {
    notes.say((await ask<{ sentence: string }>('POST', `/packs/${pack.id}/take-out`)).sentence, true)
    await load()
  } catch (failed) {
    problems.value = problemsOf(failed)
  }
}
const left = (pack: PackHere) =>
  pack.here === pack.of
    ? `${pack.of} ${pack.of === 1 ? 'thing' : 'things'}, all here`
    : `${pack.here} of ${pack.of} still here`
</script>

<template>
  <div class="h-full overflow-auto px-6 py-4">
    <div class="mx-auto flex max-w-[1080px] flex-col gap-4">
      <CuesNav />
      <header class="flex flex-wrap items-center gap-3">
        <h1 class="text-[24px]">Packs</h1>
        <p class="min-w-0 flex-1 basis-72 text-soft">
          Cues with all that hangs on them, their sounds and pictures too, in one file: to keep, to hand on, to bring
          in.
        </p>
        <button class="button button-dark" :disabled="busy" data-bring @click="picker?.click()">
          <FileUp :size="15" /> {{ busy ? going : 'Bring a pack' }}
        </button>
        <progress v-if="busy" class="w-full" :value="sent < 1 ? sent : undefined" aria-label="How much is sent" />
        <input
          ref="picker"
          type="file"
          class="hidden"
          accept=".zip"
          aria-label="A pack, as a ZIP file"
          data-pack
          @change="come"
        />
      </header>
      <div v-if="problems.length" role="alert" class="sheet border-l-4 border-l-wax px-5 py-3">
        <p class="font-semibold">It was not done. What was here is as it was.</p>
        <p v-for="each in problems" :key="each.path + each.message" class="py-0.5">
          <span v-if="each.path" class="pr-2 text-soft">{{ each.path }}</span><TheProblems :problems="[each]" />
        </p>
      </div>
      <section class="sheet px-5 py-4" aria-label="Packs that are here">
        <h2 class="text-[18px]">Here</h2>
        <NothingYet v-if="!here?.length" :told="here !== null" class="py-2">
          None was brought in yet. Before anything comes in you see what it adds, what it does, and which words are
          taken.
        </NothingYet>
        <div
          v-for="pack in here"
          :key="pack.id"
          class="flex flex-wrap items-baseline gap-x-3 gap-y-1 border-t border-line py-2 first-of-type:border-0"
          :data-here="pack.id"
        >
          <p class="min-w-0 flex-1 basis-72">
            <b class="font-serif text-[17px]">{{ pack.name }}</b>
            <span class="pl-2 text-[13px] text-soft"
              >version {{ pack.version }}, brought {{ dayAndTime(pack.at) }} · {{ left(pack) }}</span
            >
            <span v-if="pack.says" class="block text-[14px]">{{ pack.says }}</span>
          </p>
          <button class="button" @click="leaving = pack">Take it out</button>
        </div>
      </section>
      <PackMaking />
    </div>
    <PackLooked v-if="look" :look="look" @close="look = null" @brought="load" />
    <TheDialog :open="leaving !== null" title="Take the pack out?" @close="leaving = null">
      <p>
        What <b>{{ leaving?.name }}</b> brought goes, with what you changed of it since. What it took the place of is
        there again; sounds and pictures that nothing else uses go too.
      </p>
      <div class="flex justify-end gap-2">
        <button class="button" @click="leaving = null">Keep it</button>
        <button class="button button-wax" data-out @click="takeOut(leaving!)">Take it out</button>
      </div>
    </TheDialog>
  </div>
</template>
