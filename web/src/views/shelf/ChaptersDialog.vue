<script setup lang="ts">
import { watch } from 'vue'
import TheDialog from '@/components/TheDialog.vue'
import { dayAndTime, minuteOfDay } from '@/lib/spans'
import { useClips } from '@/stores/clips'

/** Streams and recordings with the chapters that marks and clips make of them, to be taken along. */
const props = defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [] }>()
const clips = useClips()
watch(
  () => props.open,
  (open) => open && void clips.load(),
)
</script>

<template>
  <TheDialog :open="open" title="Chapters" width="560px" @close="emit('close')">
    <p class="text-soft">
      Marks and clips of a stream or recording, their times counted from its beginning, for whoever cuts it afterwards.
      The part <i>Set a mark</i> of a cue sets a mark.
    </p>
    <p v-if="clips.view.filmed.length === 0" class="py-4 text-center text-soft">
      Nothing was streamed or recorded yet while Wax Bell was linked to the mixer.
    </p>
    <ul v-else>
      <li
        v-for="each in clips.view.filmed"
        :key="each.number"
        class="flex items-center gap-3 border-t border-line py-2 first:border-t-0"
        data-filmed
      >
        <span class="min-w-0 flex-1">
          <span class="block font-semibold">{{ each.kind === 'stream' ? 'Stream' : 'Recording' }}</span>
          <span class="block text-[13px] text-soft"
            >{{ dayAndTime(each.begins) }} to {{ each.ends ? minuteOfDay(each.ends) : 'now' }} ·
            {{ each.chapters === 1 ? '1 chapter' : `${each.chapters} chapters` }}</span
          >
        </span>
        <a class="button" :href="`/api/clips/filmed/${each.number}/chapters.vtt`" download="chapters.vtt">WebVTT</a>
        <a class="button" :href="`/api/clips/filmed/${each.number}/chapters.txt`" download="chapters.txt">List</a>
      </li>
    </ul>
  </TheDialog>
</template>
