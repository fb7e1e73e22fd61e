<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { ask } from '@/api/http'
import { listen } from '@/api/socket'
import type { Notice } from '@/api/types'
import { useDusk } from '@/composables/useDusk'
import { minuteOfDay } from '@/lib/spans'

/** Stands for the room where a community reads: what cues put up, the newest first. */
useDusk()
const notices = ref<Notice[]>([])
onMounted(() =>
  listen(
    '/ws/practice/notices',
    (_type, body) => (notices.value = body as Notice[]),
    () => undefined,
  ),
)
const leads = (link: string) => /^https?:\/\//.test(link)
</script>

<template>
  <main class="mx-auto flex h-full max-w-[760px] flex-col p-4">
    <header class="flex flex-wrap items-baseline gap-3 pb-3">
      <h1 class="text-[22px]">Practice noticeboard</h1>
      <p class="min-w-0 flex-1 text-soft">stands for the room where your community reads</p>
      <button class="button" :disabled="!notices.length" @click="ask('DELETE', '/practice/notices')">
        Take all down
      </button>
    </header>
    <p v-if="!notices.length" class="sheet px-5 py-8 text-center text-soft">
      Nothing is up. A cue with the part “Put up a notice” puts one up here.
    </p>
    <ol class="grid min-h-0 gap-3 overflow-auto pb-4">
      <li
        v-for="(each, at) in notices"
        :key="each.at + '-' + at"
        class="sheet border-t-4 border-t-honey px-5 py-3"
        data-notice
      >
        <p class="text-[16px] break-words whitespace-pre-line" dir="auto" data-words>{{ each.words }}</p>
        <img v-if="each.picture" :src="each.picture" alt="" class="mt-2 max-h-64 rounded-[10px]" />
        <p class="flex flex-wrap gap-3 pt-2 text-[13px] text-soft">
          <span>{{ minuteOfDay(each.at) }}</span>
          <a
            v-if="leads(each.link)"
            :href="each.link"
            target="_blank"
            rel="noreferrer"
            class="min-w-0 truncate underline"
            >{{ each.link }}</a
          >
          <span v-else-if="each.link" class="min-w-0 truncate">{{ each.link }}</span>
        </p>
      </li>
    </ol>
  </main>
</template>
