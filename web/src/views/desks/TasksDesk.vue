<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Tasks, TasksBoard } from '@/api/types'
import TheDialog from '@/components/TheDialog.vue'
import { minuteOfDay } from '@/lib/spans'
import { useDeskBoards } from '@/stores/desks'
import SealMark from './SealMark.vue'
import TaskRows from './TaskRows.vue'

/** The board of task lists: the one that is open with its tasks, which one viewers see, who is kept out, and lists out and in. */
const props = defineProps<{ sheet: Tasks; board: TasksBoard }>()
const desks = useDeskBoards()
const chosen = ref('')
const list = computed(
  () =>
    props.board.lists.find((each) => each.id === chosen.value) ??
    props.board.lists.find((each) => each.id === props.board.shown)!,
)
const plain = (name: string, said: Record<string, string> = {}) => desks.act('tasks', props.sheet.id, name, said)
/** An act on the list that is open here, whichever viewers see. */
const act = (name: string, said: Record<string, string> = {}) => plain(name, { ...said, list: list.value.id })
const text = ref('')
const add = async () => {
  await act('add', { text: text.value })
  text.value = ''
}
const bringing = ref(false)
const brought = ref('')
const bring = async () => {
  await act('bring', { text: brought.value })
  brought.value = ''
  bringing.value = false
}
const share = computed(() => (100 * list.value.done) / Math.max(1, list.value.open + list.value.done))
const writers = computed(() => [
  ...new Set(
    list.value.tasks.map((each) => each.name).filter((name) => name !== '' && !props.board.banned.includes(name)),
  ),
])
const whom = ref('')
</script>

<template>
  <div class="grid grid-cols-[minmax(0,1fr)] gap-4">
    <div class="flex flex-wrap items-center gap-2">
      <div class="flex min-w-0 flex-1 basis-48 flex-wrap gap-1" role="tablist" aria-label="Lists">
        <button
          v-for="each in board.lists"
          :key="each.id"
          role="tab"
          class="rounded-[10px] border px-3 py-1.5 text-left"
          :class="each.id === list.id ? 'border-ink bg-sheet' : 'border-line'"
          :aria-selected="each.id === list.id"
          :data-list="each.name"
          @click="chosen = each.id"
        >
          <span class="font-semibold">{{ each.name }}</span>
          <span class="pl-2 text-[13px] text-soft">
            {{ each.open }} to do<template v-if="each.id === board.shown"> · on the stage</template>
          </span>
        </button>
      </div>
      <button class="button" data-shut @click="plain(board.shut ? 'open' : 'shut')">
        {{ board.shut ? 'Open it to viewers' : 'Shut it to viewers' }}
      </button>
    </div>
    <div class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @2xl:grid-cols-[minmax(0,1fr)_280px]">
      <section role="group" class="sheet min-w-0" :aria-label="list.name">
        <div class="flex flex-wrap items-center gap-2 border-b border-line px-4 py-2">
          <h2 class="min-w-0 flex-1 basis-48 truncate text-[18px]">{{ list.name }}</h2>
          <span class="text-[13px] text-soft" data-count>
            {{ list.done }} of {{ list.open + list.done }} done · for {{ list.who }}
          </span>
          <button
            v-if="list.id !== board.shown"
            class="button button-dark"
            data-show
            @click="plain('show', { list: list.id })"
          >
            Show it on the stage
          </button>
        </div>
        <div class="h-1 bg-well" aria-hidden="true">
          <div class="h-full bg-verdigris" :style="{ width: `${share}%` }" />
        </div>
        <p v-if="list.tasks.length === 0" class="px-4 py-5 text-center text-soft">
          Nothing stands here. Write the first below, bring a list, or let viewers write by chat.
        </p>
        <TaskRows :tasks="list.tasks" @act="act" />
        <p v-if="list.more" class="px-4 py-2 text-soft">and {{ list.more }} more</p>
        <form class="flex items-end gap-2 border-t border-line px-4 py-2" @submit.prevent="add">
          <label class="block min-w-0 flex-1">
            <span class="text-[13px] text-soft">Add something; several with ; between</span>
            <input v-model="text" class="field" autocomplete="off" data-adding />
          </label>
          <button class="button button-dark" :disabled="!text.trim()">Add</button>
        </form>
      </section>
      <div class="grid min-w-0 gap-4">
        <section role="group" v-if="board.glows.length" class="sheet px-4 py-3" aria-label="Seals beside names">
          <h2 class="text-[18px]">Beside names</h2>
          <p v-for="each in board.glows" :key="each.person" class="flex items-center gap-2 py-0.5" data-glow>
            <SealMark :seal="each.seal" :colour="each.colour" />
            <bdi class="min-w-0 flex-1 truncate font-semibold">{{ each.name }}</bdi>
            <span class="text-[13px] text-soft">until {{ minuteOfDay(each.until) }}</span>
          </p>
        </section>
        <section role="group" class="sheet px-4 py-3" aria-label="Kept out">
          <h2 class="text-[18px]">Kept out</h2>
          <p v-if="!board.banned.length" class="text-[13px] text-soft">Nobody.</p>
          <p v-for="each in board.banned" :key="each" class="flex items-center gap-2 py-1">
            <bdi class="min-w-0 flex-1 truncate">{{ each }}</bdi>
            <button class="button" @click="plain('unban', { name: each })">Let in again</button>
          </p>
          <form
            v-if="writers.length"
            class="flex gap-2 pt-2"
            @submit.prevent="plain('ban', { name: whom || writers[0]! })"
          >
            <select v-model="whom" class="field h-8 min-w-0 flex-1 px-2" aria-label="Whom to keep out">
              <option value="" disabled>whom?</option>
              <option v-for="each in writers" :key="each">{{ each }}</option>
            </select>
            <button class="button" :disabled="!whom">Keep out</button>
          </form>
        </section>
        <section role="group" class="sheet flex flex-wrap gap-2 px-4 py-3" aria-label="Carry it">
          <button class="button" :disabled="!list.done" @click="act('clear')">Clear what is done</button>
          <button class="button" :disabled="!list.tasks.length" @click="act('reset')">Empty the list</button>
          <a class="button" :href="`/api/tasks/${sheet.id}/${list.id}/list.md`" download>As a check list (Markdown)</a>
          <a class="button" :href="`/api/tasks/${sheet.id}/${list.id}/list.txt`" download>As plain text</a>
          <button class="button" @click="bringing = true">Bring a list…</button>
        </section>
      </div>
    </div>
    <TheDialog :open="bringing" :title="`Bring a list to ${list.name}`" @close="bringing = false">
      <form class="flex flex-col gap-3" @submit.prevent="bring">
        <label class="block">
          <span class="text-[13px] text-soft"
            >One a line, or a Markdown check list; what is ticked there is done here</span
          >
          <textarea v-model="brought" class="field h-40 font-mono text-[13px]" spellcheck="false" data-bring />
        </label>
        <div class="flex justify-end gap-2">
          <button type="button" class="button" @click="bringing = false">Cancel</button>
          <button class="button button-dark" :disabled="!brought.trim()">Bring it</button>
        </div>
      </form>
    </TheDialog>
  </div>
</template>
