<script setup lang="ts">
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { ask } from '@/api/http'
import type { GuideSection } from '@/api/types'
import { useNotes } from '@/stores/notes'
import { around, found } from './finding'

/** All that is written about Wax Bell, by books and their headings, or by words that stand in it. */
const props = defineProps<{ heading?: string }>()
const notes = useNotes()
const router = useRouter()
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
const open = computed(
  () => shown.value.find((each) => each.anchor === props.heading || each.title === props.heading) ?? shown.value[0],
)
const unknown = computed(
  () =>
    props.heading &&
    all.value.length > 0 &&
    !all.value.some((each) => each.anchor === props.heading || each.title === props.heading),
)
/** Of the books the open one shows its headings; where words are looked for, all that have any. */
const books = computed(() =>
  [...new Set(shown.value.map((each) => each.book))].map((name) => {
    const sections = shown.value.filter((each) => each.book === name)
    return { name, first: sections[0]!, sections: find.value.trim() || name === open.value?.book ? sections : [] }
  }),
)
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
/** A link from one section to another opens it here, without the program being loaded anew. */
function follow(click: MouseEvent) {
  const to = (click.target as HTMLElement).closest('a')?.getAttribute('href')
  if (to?.startsWith('/guide/') && !click.ctrlKey && !click.metaKey && !click.shiftKey) {
    click.preventDefault()
    find.value = ''
    void router.push(to)
  }
}
</script>

<template>
  <div class="flex h-full max-sm:flex-col">
    <nav
      aria-label="Headings"
      class="flex w-[290px] flex-none flex-col gap-0.5 overflow-auto border-r border-line bg-sheet p-4 max-sm:h-[38%] max-sm:w-full"
    >
      <input
        v-model="find"
        type="search"
        class="field mb-2"
        placeholder="Find in all of it"
        aria-label="Find in all of it"
      />
      <template v-for="book in books" :key="book.name">
        <RouterLink
          :to="`/guide/${book.first.anchor}`"
          class="mt-1 block rounded-[8px] px-2 py-1 text-[16px] hover:bg-well"
          :class="book.name === open?.book && 'font-semibold'"
          data-book
          >{{ book.name }}</RouterLink
        >
        <RouterLink
          v-for="each in book.sections.length > 1 || find.trim() ? book.sections : []"
          :key="each.anchor"
          :to="`/guide/${each.anchor}`"
          class="ml-2 block rounded-[8px] border-l-2 border-transparent px-2 py-1 hover:bg-well"
          :class="each.anchor === open?.anchor && 'border-l-honey! bg-well'"
          :aria-current="each.anchor === open?.anchor ? 'page' : undefined"
        >
          {{ each.title }}
          <span v-if="find.trim()" class="block text-[12.5px] text-soft">{{ around(each.text, find) }}</span>
        </RouterLink>
      </template>
      <p v-if="all.length && !shown.length" class="text-soft">Nothing that is written here has “{{ find }}”.</p>
    </nav>
    <!-- eslint-disable-next-line vuejs-accessibility/click-events-have-key-events, vuejs-accessibility/no-static-element-interactions -->
    <article class="min-w-0 flex-1 overflow-auto px-8 py-6" tabindex="0" aria-label="The guide" @click="follow">
      <p v-if="unknown" role="status" class="pb-3 text-soft">
        Nothing is headed “{{ heading }}” here; this is where it begins. Look for it by a word on the left.
      </p>
      <h1 v-if="open" class="pb-3 text-[24px]">{{ open.title }}</h1>
      <div ref="body" class="guide max-w-[860px]" />
    </article>
  </div>
</template>
