<script setup lang="ts">
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { ask } from '@/api/http'
import type { GuideSection } from '@/api/types'
import { anchorOf } from '@/help/places'
import { useNotes } from '@/stores/notes'
import { around, found } from './finding'

/** The guide, by its headings or by words that stand in it. */
const props = defineProps<{ heading?: string }>()
const notes = useNotes()
const all = ref<GuideSection[]>([])
const find = ref('')
const body = ref<HTMLElement | null>(null)
onMounted(() =>
  ask<GuideSection[]>('GET', '/guide').then(
    (told) => (all.value = told),
    (refusal: Error) => notes.say(refusal.message),
  ),
)
const shown = computed(() => found(all.value, find.value))
const open = computed(() => shown.value.find((each) => anchorOf(each.title) === props.heading) ?? shown.value[0])
// What the server made of our own Markdown has no tags but its own.
watch(
  open,
  async (section) => {
    await nextTick()
    if (body.value) {
      body.value.innerHTML = section?.html ?? ''
      body.value.parentElement?.scrollTo(0, 0)
    }
  },
  { immediate: true },
)
</script>

<template>
  <div class="flex h-full">
    <nav
      aria-label="Headings"
      class="flex w-[290px] flex-none flex-col gap-0.5 overflow-auto border-r border-line bg-sheet p-4"
    >
      <input
        v-model="find"
        type="search"
        class="field mb-2"
        placeholder="Find in the guide"
        aria-label="Find in the guide"
      />
      <RouterLink
        v-for="each in shown"
        :key="each.title"
        :to="`/guide/${anchorOf(each.title)}`"
        class="block rounded-[8px] px-2 py-1 hover:bg-well"
        :class="each.title === open?.title && 'bg-well font-semibold'"
        :aria-current="each.title === open?.title ? 'page' : undefined"
      >
        {{ each.title }}
        <span v-if="find.trim()" class="block text-[12.5px] font-normal text-soft">{{ around(each.text, find) }}</span>
      </RouterLink>
      <p v-if="all.length && !shown.length" class="text-soft">Nothing in the guide has “{{ find }}”.</p>
    </nav>
    <article class="min-w-0 flex-1 overflow-auto px-8 py-6" tabindex="0" aria-label="The guide">
      <h1 v-if="open" class="pb-3 text-[24px]">{{ open.title }}</h1>
      <div ref="body" class="guide max-w-[760px]" />
    </article>
  </div>
</template>
