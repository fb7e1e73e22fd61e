<script setup lang="ts">
import { Check, LoaderCircle, Square, X } from '@lucide/vue'
import { computed } from 'vue'
import { folderName } from '@/lib/shelf'
import { useShelf } from '@/stores/shelf'

/** Files on their way to the shelf: how many are there, and which were refused and why. */
const shelf = useShelf()
const done = computed(() => shelf.coming.filter((each) => each.state === 'there').length)
const refused = computed(() => shelf.coming.filter((each) => each.state === 'refused'))
const now = computed(() => shelf.coming.find((each) => each.state === 'comes'))
</script>

<template>
  <section v-if="shelf.coming.length" class="sheet mb-3 flex flex-col gap-1.5 px-4 py-2.5" aria-label="What is brought">
    <div class="flex items-center gap-3">
      <component :is="shelf.busy ? LoaderCircle : Check" :size="16" :class="shelf.busy && 'animate-spin'" />
      <p class="min-w-0 flex-1 truncate" role="status">
        {{ done }} of {{ shelf.coming.length }} {{ shelf.coming.length === 1 ? 'file is' : 'files are' }} on the
        shelf<template v-if="refused.length"
          >, {{ refused.length }} {{ refused.length === 1 ? 'was' : 'were' }} not taken in</template
        >.<template v-if="now"> Now {{ now.name }}…</template>
      </p>
      <progress
        v-if="shelf.busy"
        class="h-2 w-[160px]"
        :max="shelf.coming.length"
        :value="shelf.coming.filter((each) => each.state !== 'waits' && each.state !== 'comes').length"
        aria-label="How many files are through"
      />
      <button v-if="shelf.busy" class="button" @click="shelf.stop()"><Square :size="13" /> Stop</button>
      <button
        v-else
        class="rounded-[7px] p-1 text-soft hover:bg-well"
        aria-label="Put this away"
        @click="shelf.clear()"
      >
        <X :size="15" />
      </button>
    </div>
    <ul v-if="refused.length" class="max-h-32 overflow-auto text-[13px]">
      <li v-for="each in refused" :key="each.id" class="text-wax-words">
        <b class="font-semibold">{{ each.name }}</b>: {{ each.says }}
      </li>
    </ul>
    <p
      v-for="each in shelf.coming.filter((one) => one.state === 'there' && one.says)"
      :key="each.id"
      class="text-[13px] text-soft"
    >
      {{ each.name }} lies in {{ folderName(each.folder) }}, {{ each.says }}: only what draws is kept.
    </p>
  </section>
</template>
