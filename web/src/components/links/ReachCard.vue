<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { ask, problemsOf } from '@/api/http'
import type { Problem, ReachView } from '@/api/types'
import TextField from '@/components/cue/TextField.vue'
import TheProblems from '@/components/cue/TheProblems.vue'
import CertificateForm from './CertificateForm.vue'

/** From where Wax Bell can be reached: this computer only, or others too, as when the mixer runs on another machine. */
const reach = ref<ReachView | null>(null)
const beyond = ref(false)
const listen = ref('0.0.0.0')
const names = ref('')
const password = ref('')
const secure = ref(true)
const problems = ref<Problem[]>([])
const saved = ref(false)
const HERE = '127.0.0.1'
const take = (now: ReachView) => {
  reach.value = now
  beyond.value = now.listen !== HERE
  listen.value = beyond.value ? now.listen : '0.0.0.0'
  // Whoever opens the door for the first time has it encrypted.
  secure.value = beyond.value ? now.secure : true
  names.value = (now.names.length ? now.names : now.here).join(', ')
}
onMounted(() => ask<ReachView>('GET', '/reach').then(take, (failed: unknown) => (problems.value = problemsOf(failed))))
const waits = computed(
  () =>
    reach.value !== null &&
    (reach.value.listen !== reach.value.listensNow || (beyond.value && reach.value.secure !== reach.value.secureNow)),
)
const at = (path: string) => problems.value.filter((each) => each.path === path || each.path.startsWith(`${path}[`))
const save = async () => {
  try {
    const wanted = {
      listen: beyond.value ? listen.value.trim() : HERE,
      names: beyond.value ? names.value.split(/[\s,]+/).filter(Boolean) : [],
      password: password.value,
      secure: beyond.value && secure.value,
    }
    take(await ask<ReachView>('PUT', '/reach', wanted))
    password.value = ''
    problems.value = []
    saved.value = true
  } catch (failed) {
    problems.value = problemsOf(failed)
    saved.value = false
  }
}
</script>

<template>
  <section v-if="reach" class="sheet flex flex-col gap-2 p-4" aria-label="This computer">
    <h2 class="text-[18px]">This computer</h2>
    <p class="text-[13px] text-soft">
      Reached now at <span class="font-mono">{{ reach.listensNow }}</span>{{
        reach.listensNow === HERE
          ? ', from this computer only'
          : reach.secureNow
            ? ', from other computers too, encrypted'
            : ', from other computers too, not encrypted'
      }}.
    </p>
    <p v-if="waits" role="status" class="text-[13px] text-honey-words">
      Another setting is kept, and holds when Wax Bell is started again.
    </p>
    <form class="flex flex-col gap-2" @submit.prevent="save">
      <label class="flex items-center gap-2"
        ><input v-model="beyond" type="checkbox" class="h-4 w-4" /> Let other computers of my network in</label
      >
      <template v-if="beyond">
        <p class="rounded-[8px] border border-wax-words px-3 py-2 text-[13px]">
          Whoever is on that network can try to sign in{{
            secure ? '' : ', and can read what is sent, your password too: nothing is encrypted'
          }}. Do this at home behind your own router, never on a network that you share with strangers.
        </p>
        <label class="flex items-center gap-2"
          ><input v-model="secure" type="checkbox" class="h-4 w-4" data-secure /> Encrypt what they are sent
          (TLS)</label
        >
        <TextField
          v-model="listen"
          label="Listen at (0.0.0.0 is every network of this computer)"
          :problems="at('listen')"
          mono
        />
        <TextField
          v-model="names"
          label="Names and addresses under which it is asked for"
          :problems="at('names')"
          mono
        />
        <label class="block">
          <span class="text-[13px] text-soft">{{ reach.password ? 'Another host password' : 'Host password' }}</span>
          <input
            v-model="password"
            class="field"
            type="password"
            autocomplete="new-password"
            :placeholder="reach.password ? 'one is set' : ''"
          />
          <TheProblems :problems="at('password')" />
        </label>
      </template>
      <div class="flex items-center gap-3">
        <button class="button">Keep this</button>
        <span v-if="saved" role="status" class="text-[13px] text-verdigris-words"
          >Kept. It holds from the next start on.</span
        >
      </div>
    </form>
    <CertificateForm v-if="reach.secure && beyond" :key="reach.names.join()" />
  </section>
</template>
