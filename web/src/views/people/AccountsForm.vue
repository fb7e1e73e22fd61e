<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { ask } from '@/api/http'
import type { PersonKept, PersonProof, PersonSeen } from '@/api/types'
import { useNotes } from '@/stores/notes'

/** The accounts of one person: suggested where names agree, joined and parted by the host. */
const props = defineProps<{ kept: PersonKept }>()
const emit = defineEmits<{ changed: [] }>()
const notes = useNotes()
const path = computed(() => `/people/${encodeURIComponent(props.kept.person.id)}/accounts`)
const other = ref('')
const joining = ref(false)
const done = (says: string) => {
  joining.value = false
  other.value = ''
  notes.say(says)
  emit('changed')
}
const join = (account: PersonSeen) =>
  ask<PersonKept>('POST', path.value, { account: account.id }).then(
    () => done(`${account.name} on ${account.link} is ${props.kept.person.name} too.`),
    (refusal: Error) => notes.say(refusal.message),
  )
const part = (account: PersonSeen) =>
  ask<PersonKept>('DELETE', `${path.value}/${encodeURIComponent(account.id)}`).then(
    () => done(`${account.name} on ${account.link} stands by itself again.`),
    (refusal: Error) => notes.say(refusal.message),
  )
/** Somebody of another name, found by it. */
const found = ref<PersonSeen[]>([])
const find = async () => {
  const told = await ask<{ people: PersonSeen[] }>('POST', '/people', {
    name: other.value,
    condition: '',
    sort: 'lastSeen',
    down: true,
    from: 0,
  })
  found.value = told.people.filter((each) => each.id !== props.kept.person.id).slice(0, 6)
}
/** They write a word in both chats, so that nobody else can say so. */
const proof = ref<PersonProof | null>(null)
const asked = computed(() => proof.value ?? props.kept.proof)
const prove = () =>
  ask<PersonProof>('POST', `/people/${encodeURIComponent(props.kept.person.id)}/proof`, {}).then(
    (told) => (proof.value = told),
    (refusal: Error) => notes.say(refusal.message),
  )
const look = () =>
  ask<PersonKept>('GET', `/people/${encodeURIComponent(props.kept.person.id)}`).then(
    (told) => (proof.value = told.proof),
    () => undefined,
  )
useIntervalFn(() => asked.value.word && void look(), 3_000)
const offered = computed(() => (joining.value ? found.value : props.kept.alike))
</script>

<template>
  <section aria-label="Accounts" class="flex flex-col gap-1 text-[14px]">
    <p v-for="each in kept.accounts" :key="each.id" class="flex items-center gap-2" data-account>
      <span class="min-w-0 flex-1 truncate"
        >also <bdi class="font-semibold">{{ each.name }}</bdi> <span class="text-soft">on {{ each.link }}</span></span
      >
      <button class="button" @click="part(each)">Part</button>
    </p>
    <form v-if="joining" class="flex gap-2" @submit.prevent="find">
      <input
        v-model="other"
        class="field min-w-0 flex-1"
        required
        placeholder="Name of the other account"
        aria-label="Name of the other account"
      />
      <button class="button">Find</button>
    </form>
    <p v-for="each in offered" :key="each.id" class="flex items-center gap-2" data-alike>
      <span class="min-w-0 flex-1 truncate"
        >{{ joining ? '' : 'maybe ' }}<bdi class="font-semibold">{{ each.name }}</bdi>
        <span class="text-soft">
          on {{ each.link }}, {{ each.lines }} {{ each.lines === 1 ? 'line' : 'lines' }}</span
        ></span
      >
      <button class="button" @click="join(each)">The same person</button>
    </p>
    <div v-if="asked.word" class="rounded-[8px] bg-well px-3 py-2" data-proof>
      <p>
        Ask them to write <b class="font-mono">{{ asked.word }}</b> from both accounts, within a quarter of an hour.
        <span class="text-soft">{{ asked.theirs ? `${kept.person.name} wrote it.` : 'Not written here yet.' }}</span>
      </p>
      <p v-for="each in asked.others" :key="each.id" class="flex items-center gap-2" data-proved>
        <span class="min-w-0 flex-1 truncate"
          ><bdi class="font-semibold">{{ each.name }}</bdi>
          <span class="text-soft">on {{ each.link }} wrote it</span></span
        >
        <button class="button" :disabled="!asked.theirs" @click="join(each)">The same person</button>
      </p>
    </div>
    <p v-if="!joining" class="flex gap-4 text-[13px]">
      <button class="underline" @click="joining = true">They have another account</button>
      <button v-if="!asked.word" class="underline" @click="prove">Let them prove it</button>
    </p>
  </section>
</template>
