<script setup lang="ts">
import { Plus, X } from '@lucide/vue'
import type { Problem, TaskList, Tasks } from '@/api/types'
import ChoiceField from '@/components/cue/ChoiceField.vue'
import TextField from '@/components/cue/TextField.vue'
import { changedAt, free, withoutAt } from '@/lib/lists'

/** Which task lists there are, and who writes to each. */
const props = defineProps<{ sheet: Tasks; problems: (path: string) => Problem[] }>()
const emit = defineEmits<{ set: [key: string, value: unknown] }>()
const WHO = [
  { value: 'anyone', name: 'anyone' },
  { value: 'follower', name: 'followers' },
  { value: 'member', name: 'members' },
  { value: 'vip', name: 'VIPs' },
  { value: 'moderator', name: 'moderators' },
  { value: 'host', name: 'the host alone' },
]
const put = (lists: TaskList[]) => emit('set', 'lists', lists)
const change = (at: number, over: Partial<TaskList>) => put(changedAt(props.sheet.lists, at, over))
/** What was on a list that was taken away stays under its id, so no other list may get it. */
const add = () =>
  put([
    ...props.sheet.lists,
    {
      id: `list-${Date.now().toString(36)}`,
      name: free(
        'New list',
        props.sheet.lists.map((each) => each.name),
      ),
      who: 'anyone',
    },
  ])
</script>

<template>
  <fieldset data-field="lists">
    <legend class="text-[13px] text-soft">Lists</legend>
    <ol class="flex flex-col gap-2">
      <li v-for="(list, at) in sheet.lists" :key="list.id" class="grid grid-cols-[1fr_1fr_auto] items-end gap-2">
        <TextField
          label="Called"
          :model-value="list.name"
          :problems="problems(`lists[${at}].name`)"
          @update:model-value="change(at, { name: $event })"
        />
        <ChoiceField
          label="Written to by"
          :model-value="list.who"
          :choices="WHO"
          :problems="problems(`lists[${at}].who`)"
          @update:model-value="change(at, { who: $event as TaskList['who'] })"
        />
        <button
          type="button"
          class="button mb-px"
          :aria-label="`Take ${list.name} away`"
          :disabled="sheet.lists.length === 1"
          @click="put(withoutAt(sheet.lists, at))"
        >
          <X :size="14" />
        </button>
      </li>
    </ol>
    <p class="pt-1 text-[13px] text-soft">What stands on a list that is taken away is kept: undo brings it back.</p>
    <button type="button" class="button mt-2" @click="add"><Plus :size="14" /> Another list</button>
  </fieldset>
</template>
