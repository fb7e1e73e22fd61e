<script setup lang="ts">
import { Plus, X } from '@lucide/vue'
import { computed, onMounted, ref } from 'vue'
import { ask, problemsOf } from '@/api/http'
import type { HelperView, HelpersView, Problem } from '@/api/types'
import TextField from '@/components/cue/TextField.vue'
import { dayAndTime } from '@/lib/spans'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'

/** Who helps from another computer, what each of them may, and who is in now. */
const notes = useNotes()
const wiring = useWiring()
const view = ref<HelpersView | null>(null)
const open = ref<string | null>(null)
const invited = ref<{ name: string; address: string } | null>(null)
const problems = ref<Problem[]>([])
type Wanted = Pick<HelperView, 'name' | 'rights' | 'desks' | 'cues'>
const wanted = ref<Wanted>({ name: '', rights: [], desks: [], cues: [] })
const SAYS: Record<string, string> = {
  approve: 'let through what waits to be read aloud',
  ask: 'run the desks that are ticked below',
  press: 'press the buttons that are ticked below',
  say: 'write in chat as the helper',
  mark: 'mark moments that are worth finding again',
  hush: 'stop what plays, Hush, and lower the shutters',
}
const take = (now: HelpersView) => (view.value = now)
const load = () => ask<HelpersView>('GET', '/helpers').then(take, () => undefined)
onMounted(load)
const desks = computed(() => wiring.sheets.map((each) => each.desk))
const edit = (helper: HelperView | null) => {
  problems.value = []
  open.value = helper?.id ?? ''
  wanted.value = helper
    ? { name: helper.name, rights: [...helper.rights], desks: [...helper.desks], cues: [...helper.cues] }
    : {
        name: '',
        rights: ['approve', 'ask'],
        desks: desks.value.filter((each) => each.kind === 'queue').map((each) => each.id),
        cues: [],
      }
}
const turned = (all: string[], one: string) => (all.includes(one) ? all.filter((each) => each !== one) : [...all, one])
const told = (name: string) => (done: { address: string }) => {
  invited.value = { name, address: done.address }
  return load()
}
const save = async () => {
  try {
    if (open.value) {
      take(await ask<HelpersView>('PUT', `/helpers/${open.value}`, wanted.value))
      notes.say(`${wanted.value.name} may do this from now on.`)
    } else {
      await ask<{ address: string }>('POST', '/helpers', wanted.value).then(told(wanted.value.name))
    }
    open.value = null
  } catch (refusal) {
    problems.value = problemsOf(refusal)
  }
}
const failed = (refusal: Error) => notes.say(refusal.message)
const again = (helper: HelperView) =>
  ask<{ address: string }>('POST', `/helpers/${helper.id}/invitation`).then(told(helper.name), failed)
const remove = (helper: HelperView) =>
  ask<HelpersView>('DELETE', `/helpers/${helper.id}`).then((now) => {
    take(now)
    notes.say(`${helper.name} helps no longer, and is out.`)
  }, failed)
const end = (session: string) => ask<HelpersView>('DELETE', `/helpers/sessions/${session}`).then(take, failed)
const at = (path: string) => problems.value.filter((each) => each.path.startsWith(path))
</script>

<template>
  <section v-if="view" class="sheet flex flex-col gap-2 p-4" aria-label="Who helps">
    <h2 class="text-[18px]">Who helps</h2>
    <p class="text-[13px] text-soft">
      Moderators come in from their own computer, with a name and a passphrase of their own, and may do what you tick;
      never settings or secrets. What they do stands in the journal with their name.
    </p>
    <p v-if="!view.beyond" class="text-[13px] text-honey-words">
      Other computers cannot come in yet: let them in under <b>This computer</b>, and start Wax Bell again.
    </p>
    <ul>
      <li
        v-for="each in view.helpers"
        :key="each.id"
        class="border-t border-line py-1.5 first:border-0"
        :data-helper="each.name"
      >
        <div class="flex flex-wrap items-center gap-2">
          <bdi class="min-w-0 flex-1 truncate font-semibold">{{ each.name }}</bdi>
          <span class="text-[13px] text-soft">{{
            each.waits ? 'invited' : each.sessions.length ? 'is in' : 'is out'
          }}</span>
          <button class="button" @click="edit(each)">What they may</button>
          <button class="button" @click="again(each)">Invite again</button>
          <button class="button px-1.5" :aria-label="`Take ${each.name} away`" @click="remove(each)">
            <X :size="14" />
          </button>
        </div>
        <p v-for="one in each.sessions" :key="one.id" class="flex items-center gap-2 text-[13px] text-soft">
          in since {{ dayAndTime(one.since) }}, from <span class="font-mono">{{ one.from }}</span>
          <button class="underline" @click="end(one.id)">End it</button>
        </p>
      </li>
    </ul>
    <div v-if="invited" role="status" class="rounded-[8px] bg-well px-3 py-2" data-invitation>
      <p>
        Send this to <bdi class="font-semibold">{{ invited.name }}</bdi>, and to nobody else. It is good for once, for
        two days, and is not shown again.
      </p>
      <p class="break-all font-mono text-[13px]">{{ invited.address }}</p>
    </div>
    <form v-if="open !== null" class="flex flex-col gap-2 rounded-[8px] border border-line p-3" @submit.prevent="save">
      <TextField v-model="wanted.name" label="Name" :problems="at('name')" />
      <fieldset>
        <legend class="text-[13px] text-soft">May</legend>
        <label v-for="right in view.granted" :key="right" class="flex items-center gap-2">
          <input
            type="checkbox"
            :checked="wanted.rights.includes(right)"
            @change="wanted.rights = turned(wanted.rights, right) as Wanted['rights']"
          />
          {{ SAYS[right] }}
        </label>
      </fieldset>
      <fieldset v-if="wanted.rights.includes('ask')" class="flex flex-wrap gap-1.5">
        <legend class="text-[13px] text-soft">Desks</legend>
        <label v-for="each in desks" :key="each.id" class="flex items-center gap-1.5 pr-2">
          <input
            type="checkbox"
            :checked="wanted.desks.includes(each.id)"
            @change="wanted.desks = turned(wanted.desks, each.id)"
          />
          {{ each.name }}
        </label>
      </fieldset>
      <fieldset v-if="wanted.rights.includes('press')" class="flex flex-wrap gap-1.5">
        <legend class="text-[13px] text-soft">Buttons</legend>
        <label v-for="each in wiring.buttons" :key="each.id" class="flex items-center gap-1.5 pr-2">
          <input
            type="checkbox"
            :checked="wanted.cues.includes(each.id)"
            @change="wanted.cues = turned(wanted.cues, each.id)"
          />
          {{ each.name }}
        </label>
        <p v-if="!wiring.buttons.length" class="text-soft">No cue has a button yet.</p>
      </fieldset>
      <p class="flex gap-2">
        <button class="button button-dark">{{ open ? 'Keep it so' : 'Invite them' }}</button>
        <button type="button" class="button" @click="open = null">Cancel</button>
      </p>
    </form>
    <button v-else class="button self-start" data-invite :disabled="!wiring.view" @click="edit(null)">
      <Plus :size="14" /> Invite a helper
    </button>
  </section>
</template>
