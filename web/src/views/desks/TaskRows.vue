<script setup lang="ts">
import { Eye, EyeOff, Pencil, X } from '@lucide/vue'
import { nextTick, ref } from 'vue'
import type { Task } from '@/api/types'
import { useRows } from '@/composables/useRows'
import { minuteOfDay } from '@/lib/spans'

/** The tasks of one list: ticked off, worded otherwise, moved, left out on stages, taken away. */
const props = defineProps<{ tasks: Task[] }>()
const emit = defineEmits<{ act: [name: string, said: Record<string, string>] }>()
const editing = ref(0)
const words = ref('')
const which = (task: Task) => ({ which: String(task.number) })
const tick = (task: Task) => emit('act', task.done ? 'undone' : 'done', which(task))
const edit = async (task: Task) => {
  editing.value = task.number
  words.value = task.words
  await nextTick()
  list.value?.querySelector<HTMLInputElement>('[data-wording]')?.select()
}
const worded = (task: Task) => {
  if (editing.value === task.number) {
    editing.value = 0
    if (words.value.trim() && words.value.trim() !== task.words) {
      emit('act', 'edit', { text: `${task.number} ${words.value.trim()}` })
    }
  }
}
const { list, over, onKey, on } = useRows<Task>({
  type: 'application/x-waxbell-task',
  rows: () => props.tasks,
  id: (task) => String(task.number),
  move: (which, to) => emit('act', 'move', { which, to: String(to) }),
  keys: { ' ': tick, Enter: (task) => void edit(task), Delete: (task) => emit('act', 'remove', which(task)) },
})
</script>

<template>
  <ol ref="rows" class="max-h-[520px] overflow-auto">
    <li
      v-for="(task, at) in tasks"
      :key="task.number"
      class="flex cursor-grab items-center gap-3 border-b border-line px-4 py-1.5 last:border-0"
      :class="over === String(task.number) && 'border-t-2 border-t-honey'"
      tabindex="0"
      draggable="true"
      data-row
      :data-task="task.number"
      @keydown.self="onKey($event, at)"
      v-on="on(task, at)"
    >
      <input
        type="checkbox"
        class="h-4 w-4 flex-none"
        :checked="task.done > 0"
        :aria-label="`${task.words} is done`"
        @click.prevent="tick(task)"
      />
      <span class="w-6 flex-none text-right font-mono text-honey-words">{{ task.number }}</span>
      <input
        v-if="editing === task.number"
        v-model="words"
        class="field h-8 min-w-0 flex-1 px-2"
        aria-label="Its words"
        data-wording
        @keydown.enter="worded(task)"
        @keydown.esc="editing = 0"
        @blur="worded(task)"
      />
      <span v-else class="min-w-0 flex-1" @dblclick="edit(task)">
        <bdi class="break-words" :class="[task.done && 'text-soft line-through', task.hidden && 'italic']">{{
          task.words
        }}</bdi>
        <span class="pl-2 text-[12.5px] text-soft">
          <bdi v-if="task.name">{{ task.name }} · </bdi>{{ minuteOfDay(task.at) }}
          <template v-if="task.done"> · done {{ minuteOfDay(task.done) }}</template>
          <template v-if="task.hidden"> · left out on stages</template>
        </span>
      </span>
      <span class="flex flex-none">
        <button
          class="rounded-[8px] p-1.5 text-soft hover:bg-well hover:text-ink"
          :aria-label="`Word ${task.number} otherwise`"
          title="Word it otherwise"
          @click="edit(task)"
        >
          <Pencil :size="13" />
        </button>
        <button
          class="rounded-[8px] p-1.5 text-soft hover:bg-well hover:text-ink"
          :aria-label="task.hidden ? `Show ${task.number} on stages` : `Leave ${task.number} out on stages`"
          :title="task.hidden ? 'Show it on stages' : 'Leave it out on stages'"
          @click="emit('act', task.hidden ? 'reveal' : 'hide', which(task))"
        >
          <Eye v-if="task.hidden" :size="13" /><EyeOff v-else :size="13" />
        </button>
        <button
          class="rounded-[8px] p-1.5 text-soft hover:bg-well hover:text-ink"
          :aria-label="`Take ${task.number} away`"
          title="Take it away"
          @click="emit('act', 'remove', which(task))"
        >
          <X :size="13" />
        </button>
      </span>
    </li>
  </ol>
</template>

<style scoped>
/* Within the list the ring would be cut. */
li:focus-visible {
  outline-offset: -2px;
}
</style>
