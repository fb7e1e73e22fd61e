<script setup lang="ts">
import { timeOfDay } from '@/lib/spans'

/** A line of chat as viewers see it. */
export interface ChatNotice {
  at: number
  name: string
  standing: string
  text: string
  helper: boolean
  to: string
  /** Which line of this page it is, so that a line that went off moves none of the others. */
  key: number
}

defineProps<{ lines: ChatNotice[] }>()
const MARKS: Record<string, string> = { host: 'host', moderator: 'moderator', vip: 'VIP', member: 'member' }
</script>

<template>
  <ol class="flex flex-col gap-1.5">
    <li
      v-for="line in lines"
      :key="line.key"
      class="flex gap-3 rounded-[8px] px-2 py-1"
      :class="line.helper && 'bg-well'"
    >
      <time class="flex-none font-mono text-[12px] text-soft">{{ timeOfDay(line.at) }}</time>
      <bdi v-if="!line.name" class="min-w-0 break-words text-honey-words italic">{{ line.text }}</bdi>
      <span v-else class="min-w-0 break-words">
        <bdi class="font-semibold">{{ line.name }}</bdi>
        <span v-if="MARKS[line.standing]" class="ml-1.5 text-[12px] text-honey-words">{{ MARKS[line.standing] }}</span>
        <span v-if="line.helper" class="ml-1.5 text-[12px] text-verdigris-words">helper</span>
        <span v-if="line.to" class="ml-1.5 text-[12px] text-soft">privately to {{ line.to }}</span>
        <bdi class="block">{{ line.text }}</bdi>
      </span>
    </li>
  </ol>
</template>
