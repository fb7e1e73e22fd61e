<script setup lang="ts">
import { Download } from '@lucide/vue'
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { ask } from '@/api/http'
import type { PackContent, PackNamed } from '@/api/types'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'
import PackPick from './PackPick.vue'
import { bySort, keyOf } from './items'

/** A pack is made of what is chosen; what hangs on it comes along, and is told before. */
const notes = useNotes()
const live = useLive()
const all = ref<PackNamed[]>([])
const chosen = ref<string[]>([])
const find = ref('')
const name = ref('')
const version = ref('1')
const says = ref('')
const content = ref<PackContent | null>(null)
const failed = (refusal: Error) => notes.say(refusal.message)
watch(
  () => live.wiringStamp,
  () => ask<PackNamed[]>('GET', '/packs/items').then((told) => (all.value = told), failed),
  { immediate: true },
)
const items = computed(() => all.value.filter((each) => chosen.value.includes(keyOf(each.item))))
const look = useDebounceFn(() => {
  if (!items.value.length) {
    content.value = null
    return
  }
  void ask<PackContent>('POST', '/packs/content', { items: items.value.map((each) => each.item) }).then(
    (told) => (content.value = told),
    failed,
  )
}, 200)
watch(items, look)
const along = computed(() =>
  bySort((content.value?.items ?? []).filter((each) => !chosen.value.includes(keyOf(each.item)))),
)
const address = computed(() => {
  const query = new URLSearchParams({ name: name.value.trim(), version: version.value.trim(), says: says.value.trim() })
  chosen.value.forEach((each) => query.append('item', each))
  return `/api/packs/file?${query}`
})
</script>

<template>
  <section class="sheet px-5 py-4" aria-label="Make a pack">
    <header class="flex flex-wrap items-center gap-3 pb-2">
      <h2 class="flex-1 text-[18px]">Make one</h2>
      <input
        v-model="find"
        type="search"
        class="field w-56"
        placeholder="Find what to choose"
        aria-label="Find what to choose"
      />
    </header>
    <div class="grid grid-cols-[minmax(0,1fr)_320px] gap-5 max-[900px]:grid-cols-1">
      <PackPick
        v-model="chosen"
        class="max-h-[420px]"
        label="What can be chosen"
        :items="all"
        :find="find"
        :nothing="find ? 'Nothing is called so.' : 'There is nothing to choose yet: make a cue first.'"
      />
      <div class="flex flex-col gap-2">
        <label class="block"
          ><span class="text-[13px] text-soft">Name</span><input v-model="name" class="field" maxlength="60" data-name
        /></label>
        <label class="block"
          ><span class="text-[13px] text-soft">Version</span><input v-model="version" class="field" maxlength="20"
        /></label>
        <label class="block"
          ><span class="text-[13px] text-soft">What it is for</span
          ><textarea v-model="says" class="field h-20 py-1.5" maxlength="1000" />
        </label>
        <a
          v-if="items.length && name.trim() && version.trim()"
          class="button button-dark self-start"
          :href="address"
          download
          data-make
          ><Download :size="15" /> Make the pack</a
        >
        <button v-else class="button button-dark self-start" disabled><Download :size="15" /> Make the pack</button>
        <p v-if="!content" class="text-[13px] text-soft">
          Choose racks, cues, desks or stages. A rack brings its cues; what they stand on comes along by itself.
        </p>
        <div v-else class="text-[13px]" data-along>
          <p v-if="along.length || content.files.length" class="text-soft">Comes along:</p>
          <p v-for="group in along" :key="group.sort">
            {{ group.items.length === 1 ? group.one : group.many }}:
            {{ group.items.map((each) => each.name).join(', ') }}
          </p>
          <p v-if="content.files.length">
            Shelf: {{ content.files.slice(0, 8).join(', ')
            }}{{ content.files.length > 8 ? ` and ${content.files.length - 8} more` : '' }}
          </p>
        </div>
        <p class="text-[13px] text-soft">
          Who is in circles, passwords and secret addresses never go into a pack; names that stand in a cue do.
        </p>
      </div>
    </div>
  </section>
</template>
