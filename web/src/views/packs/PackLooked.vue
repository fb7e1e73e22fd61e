<script setup lang="ts">
import { reactive, ref, watch } from 'vue'
import { ask, problemsOf } from '@/api/http'
import type { PackChoices, PackItem, PackLook, Problem } from '@/api/types'
import TheDialog from '@/components/TheDialog.vue'
import TheProblems from '@/components/cue/TheProblems.vue'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'
import { bySort, keyOf } from './items'

/** What a pack would do, and what is decided where both sides have the same. */
const props = defineProps<{ look: PackLook }>()
const emit = defineEmits<{ close: []; brought: [] }>()
const notes = useNotes()
const wiring = useWiring()
const now = ref(props.look)
const refused = ref<Problem[]>([])
const ways = reactive<Record<string, { item: PackItem; way: PackChoices['items'][number]['way'] }>>({})
const words = reactive<Record<string, { cue: string; word: string; becomes: string }>>({})
const WAYS: Record<PackLook['clashes'][number]['ways'][number], string> = {
  add: 'mine, with what it lacks',
  keep: 'keep mine',
  replace: 'take theirs',
  beside: 'have both',
}
const choices = (): PackChoices => ({
  items: Object.values(ways),
  words: Object.values(words),
  revision: now.value.revision,
})
const again = async () => {
  try {
    now.value = await ask<PackLook>('POST', `/packs/coming/${now.value.coming}`, choices())
    refused.value = []
  } catch (failed) {
    refused.value = problemsOf(failed)
  }
}
watch(ways, again)
/** Where a word is taken still, another is asked for; what was decided stays to be seen. */
const asked = reactive<Record<string, { name: string; cue: string; word: string; says: string; typed: string }>>({})
watch(
  () => now.value.words,
  (taken) =>
    taken.forEach((each) => {
      asked[`${each.cue} ${each.word}`] ??= { ...each, typed: '' }
    }),
  { immediate: true },
)
const settle = (key: string, becomes: string) => {
  const { cue, word } = asked[key]!
  words[key] = { cue, word, becomes }
  void again()
}
const open = (key: string) => now.value.words.some((each) => `${each.cue} ${each.word}` === key)
const bring = async () => {
  try {
    const done = await ask<{ sentence: string }>('POST', `/packs/coming/${now.value.coming}/bring`, choices())
    await wiring.load()
    notes.say(done.sentence, true)
    emit('brought')
    emit('close')
  } catch (failed) {
    refused.value = problemsOf(failed)
    await again()
  }
}
</script>

<template>
  <TheDialog :open="true" :title="now.name" width="640px" @close="emit('close')">
    <p class="text-soft">
      Version {{ now.version
      }}{{ now.before ? `; version ${now.before} is here, and what is the same of it is left as it is` : '' }}.
      {{ now.says }}
    </p>
    <dl class="grid grid-cols-[130px_1fr] gap-y-1 text-[14px]" data-look>
      <template v-for="group in bySort(now.brings)" :key="group.sort">
        <dt class="text-soft">{{ group.items.length === 1 ? group.one : group.many }}</dt>
        <dd>{{ group.items.map((each) => each.name).join(', ') }}</dd>
      </template>
      <template v-if="now.files.length">
        <dt class="text-soft">On the shelf</dt>
        <dd>
          {{ now.files.map((each) => `${each.folder}/${each.name}${each.here ? ' (is here)' : ''}`).join(', ') }}
        </dd>
      </template>
      <template v-if="now.same.length">
        <dt class="text-soft">Here already</dt>
        <dd>{{ now.same.map((each) => each.name).join(', ') }}</dd>
      </template>
      <template v-if="now.does.length">
        <dt class="text-soft">Its cues do</dt>
        <dd>{{ now.does.join(', ') }}</dd>
      </template>
    </dl>
    <section
      v-if="now.clashes.length"
      class="border-t border-line pt-2"
      aria-label="Here under the same name, but not the same"
    >
      <h3 class="text-[16px]">Here under the same name, but not the same</h3>
      <div
        v-for="clash in now.clashes"
        :key="keyOf(clash.item)"
        class="flex flex-wrap items-center gap-x-3 py-1"
        :data-clash="keyOf(clash.item)"
      >
        <span class="min-w-0 flex-1 basis-40"
          >{{ clash.name }}<template v-if="clash.theirs !== clash.name">, here {{ clash.theirs }}</template></span
        >
        <label v-for="way in clash.ways" :key="way" class="flex items-center gap-1.5 text-[14px]">
          <input
            type="radio"
            :name="keyOf(clash.item)"
            :value="way"
            :checked="(ways[keyOf(clash.item)]?.way ?? clash.ways[0]) === way"
            @change="ways[keyOf(clash.item)] = { item: clash.item, way }"
          />
          {{ WAYS[way] }}
        </label>
      </div>
    </section>
    <section v-if="Object.keys(asked).length" class="border-t border-line pt-2" aria-label="Words that are taken">
      <h3 class="text-[16px]">Words that are taken</h3>
      <form
        v-for="(each, key) in asked"
        :key="key"
        class="flex flex-wrap items-center gap-2 py-1"
        :data-word="each.word"
        @submit.prevent="settle(key, each.typed)"
      >
        <p class="min-w-0 flex-1 basis-52 text-[14px]" :class="open(key) && 'text-wax-words'">
          <template v-if="open(key)">{{ each.name }}: {{ each.says }}</template>
          <template v-else-if="words[key]?.becomes"
            >{{ each.name }}: <b class="font-mono">{{ each.word }}</b> becomes
            <b class="font-mono">{{ words[key]!.becomes }}</b></template
          >
          <template v-else
            >{{ each.name }}: <b class="font-mono">{{ each.word }}</b> is left out</template
          >
        </p>
        <input
          v-model="each.typed"
          class="field w-32"
          :placeholder="`${each.word}-2`"
          :aria-label="`Instead of ${each.word}`"
        />
        <button class="button" :disabled="!each.typed.trim()">Instead</button>
        <button type="button" class="button" @click="settle(key, '')">Leave it out</button>
      </form>
    </section>
    <section v-if="now.remarks.length" class="border-t border-line pt-2" aria-label="What the check-up says">
      <h3 class="text-[16px]">What the check-up says</h3>
      <p v-for="each in now.remarks" :key="each" class="text-[14px]">{{ each }}</p>
    </section>
    <div v-if="now.problems.length || refused.length" role="alert" class="border-t border-line pt-2">
      <p class="font-semibold">It does not fit as it is.</p>
      <p v-for="each in [...now.problems, ...refused]" :key="each.path + each.message" class="py-0.5 text-[14px]">
        <span v-if="each.path" class="pr-2 text-soft">{{ each.path }}</span><TheProblems :problems="[each]" />
      </p>
    </div>
    <div class="flex justify-end gap-2">
      <button class="button" @click="emit('close')">Cancel</button>
      <button
        class="button button-dark"
        :disabled="now.problems.length > 0 || now.words.length > 0 || now.brings.length === 0"
        data-bring-it
        @click="bring"
      >
        {{ now.brings.length ? 'Bring it' : 'All of it is here' }}
      </button>
    </div>
  </TheDialog>
</template>
