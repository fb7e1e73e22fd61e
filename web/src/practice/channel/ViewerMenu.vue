<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { ref, watch } from 'vue'
import { ask, problemsOf } from '@/api/http'
import type { Problem, Standing, Viewer } from '@/api/types'
import NumberField from '@/components/cue/NumberField.vue'
import { vMenu } from '@/lib/menu'

/** What the chosen viewer is to the channel. */
const props = defineProps<{ name: string; viewer: Viewer | undefined }>()
const emit = defineEmits<{ known: [Viewer] }>()
const CHOICES: { standing: Standing; name: string }[] = [
  { standing: 'host', name: 'the host' },
  { standing: 'moderator', name: 'moderator' },
  { standing: 'vip', name: 'VIP' },
  { standing: 'member', name: 'member' },
  { standing: 'follower', name: 'follower' },
]
const standings = ref<Standing[]>([])
const months = ref(0)
const problems = ref<Problem[]>([])
watch(
  () => props.viewer,
  (viewer) => {
    standings.value = [...(viewer?.standings ?? [])]
    months.value = viewer?.months ?? 0
  },
  { immediate: true },
)
const toggle = (standing: Standing) =>
  (standings.value = standings.value.includes(standing)
    ? standings.value.filter((each) => each !== standing)
    : [...standings.value, standing])
const save = async (close: () => void) => {
  try {
    const wanted = standings.value.filter((each) => each !== 'anyone')
    emit(
      'known',
      await ask<Viewer>('PUT', '/practice/viewers', {
        name: props.name,
        standings: wanted,
        months: wanted.includes('member') ? Math.max(1, months.value) : 0,
      }),
    )
    problems.value = []
    close()
  } catch (failed) {
    problems.value = problemsOf(failed)
  }
}
</script>

<template>
  <Popover v-slot="{ close }" class="relative">
    <PopoverButton class="button px-2 text-[13px]">Standing</PopoverButton>
    <PopoverPanel v-menu="'top-start'" class="sheet w-[240px] p-3 shadow-lg">
      <p class="pb-1 text-[13px] text-soft">
        What <bdi>{{ name }}</bdi> is here
      </p>
      <label v-for="each in CHOICES" :key="each.standing" class="flex items-center gap-2 py-0.5">
        <input
          type="checkbox"
          class="h-4 w-4"
          :checked="standings.includes(each.standing)"
          @change="toggle(each.standing)"
        />
        {{ each.name }}
      </label>
      <NumberField v-if="standings.includes('member')" v-model="months" label="For" unit="months" />
      <p v-for="each in problems" :key="each.message" role="alert" class="text-[13px] text-wax-words">
        {{ each.message }} {{ each.remedy }}
      </p>
      <button type="button" class="button button-dark mt-2 w-full" @click="save(close)">Keep it</button>
    </PopoverPanel>
  </Popover>
</template>
