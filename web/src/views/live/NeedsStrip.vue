<script setup lang="ts">
import { Bell, BellOff } from '@lucide/vue'
import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { ask } from '@/api/http'
import type { Need } from '@/api/types'
import { span } from '@/lib/spans'
import { useLive } from '@/stores/live'
import { NEED_SOUNDS, useNeedSound, type NeedSound } from '@/stores/needSound'
import { useNotes } from '@/stores/notes'

/** What needs the host, said once, the most urgent first, with what can be done about it. */
/** Whoever helps sees the acts that they may do. */
const props = defineProps<{ may?: (right: Need['acts'][number]['right']) => boolean }>()
const actsOf = (need: Need) => need.acts.filter((each) => props.may?.(each.right) ?? true)
const live = useLive()
const notes = useNotes()
const sound = useNeedSound()
const more = ref(false)
const now = ref(live.now())
useIntervalFn(() => (now.value = live.now()), 1_000)
const shown = computed(() => (more.value ? live.needs : live.needs.slice(0, 1)))
const since = (need: Need) =>
  need.since > 0 ? `for ${span(Math.max(1_000, Math.round((now.value - need.since) / 1_000) * 1_000))}` : ''
const busy = ref('')
const act = async (need: Need, chosen: Need['acts'][number]) => {
  busy.value = need.id
  try {
    const done = await ask<{ sentence?: string }>('POST', chosen.path, chosen.with)
    notes.say(done.sentence || `${chosen.title}: done.`)
  } catch (refusal) {
    notes.say((refusal as Error).message)
  } finally {
    busy.value = ''
  }
}
</script>

<template>
  <section
    class="sheet border-l-4 px-4 py-2"
    :class="live.needs.length ? 'border-l-wax' : 'border-l-verdigris'"
    aria-label="What needs you"
    aria-live="polite"
  >
    <label class="float-right ml-3 flex items-center gap-1 py-0.5 text-[13px] text-soft">
      <span v-if="sound.silent" role="status">Click on the page, then it can sound.</span>
      <component :is="sound.chosen ? Bell : BellOff" :size="14" aria-hidden="true" />
      <select
        class="field w-auto border-transparent py-0"
        aria-label="Sound when something needs you"
        title="What sounds here, never on a stage, when something needs you"
        data-sound
        :value="sound.chosen"
        @change="sound.choose(($event.target as HTMLSelectElement).value as NeedSound)"
      >
        <option v-for="each in NEED_SOUNDS" :key="each.sound" :value="each.sound">{{ each.name }}</option>
      </select>
    </label>
    <p v-if="!live.needs.length" class="py-0.5 text-soft">Nothing needs you.</p>
    <div
      v-for="(need, at) in shown"
      :key="need.id"
      class="flex flex-wrap items-center gap-x-3 gap-y-1 py-0.5"
      :data-need="need.id"
    >
      <p class="min-w-0 flex-1 basis-60">
        <b v-if="at === 0" class="pr-2 font-serif">Needs you</b>
        <bdi v-if="need.who" class="font-semibold">{{ need.who }}</bdi> {{ need.says }}
        <span class="text-[13px] text-soft">{{ since(need) }}</span>
      </p>
      <button
        v-for="(each, which) in actsOf(need)"
        :key="each.title"
        class="button"
        :class="which === 0 && 'button-dark'"
        :disabled="busy === need.id"
        @click="act(need, each)"
      >
        {{ each.title }}
      </button>
      <RouterLink v-if="need.look && !may" :to="need.look" class="text-[13px] underline">Look</RouterLink>
      <button
        v-if="at === 0 && live.needs.length > 1"
        class="text-[13px] text-soft underline"
        :aria-expanded="more"
        @click="more = !more"
      >
        {{ more ? 'only the first' : `${live.needs.length - 1} more` }}
      </button>
    </div>
  </section>
</template>
