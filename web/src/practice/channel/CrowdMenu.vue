<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { useIntervalFn } from '@vueuse/core'
import { ChevronDown, Users } from '@lucide/vue'
import { computed, onMounted, reactive, ref } from 'vue'
import { ask, problemsOf } from '@/api/http'
import type { CrowdStanding, Problem } from '@/api/types'
import NumberField from '@/components/cue/NumberField.vue'
import { vMenu } from '@/lib/menu'

/** Lets a made-up crowd loose on the channel, and calls it back. */
const ASK_AGAIN_MS = 1_000
const standing = ref<CrowdStanding | null>(null)
const wanted = reactive({ size: 60, perMinute: 30, seed: 7 })
const problems = ref<Problem[]>([])
const at = (field: string) => problems.value.filter((each) => each.path === field)
const rest = computed(() => problems.value.filter((each) => !(each.path in wanted)))

const take = (next: CrowdStanding) => {
  standing.value = next
  problems.value = []
}
const load = async () => take(await ask<CrowdStanding>('GET', '/practice/crowd'))
onMounted(async () => {
  await load().catch(() => undefined)
  const { size, perMinute, seed } = standing.value?.wanted ?? wanted
  Object.assign(wanted, { size, perMinute, seed })
})
useIntervalFn(() => standing.value?.wanted.on && load().catch(() => (standing.value = null)), ASK_AGAIN_MS)
const set = async (on: boolean) => {
  try {
    take(await ask<CrowdStanding>('PUT', '/practice/crowd', { on, ...wanted }))
  } catch (failed) {
    problems.value = problemsOf(failed)
  }
}
</script>

<template>
  <Popover class="relative">
    <PopoverButton class="button"
      ><Users :size="14" /> {{ standing?.wanted.on ? `A crowd: ${standing.done}` : 'A crowd' }} <ChevronDown :size="14"
    /></PopoverButton>
    <PopoverPanel v-menu="'bottom-end'" class="sheet w-[300px] p-3 shadow-lg">
      <p class="pb-2 text-[13px] text-soft">
        Made-up viewers chat, try the words of your cues, follow, give, tip, arrive and redeem. The same seed does the
        same.
      </p>
      <div class="grid grid-cols-3 gap-2">
        <NumberField v-model="wanted.size" label="Viewers" :problems="at('size')" />
        <NumberField v-model="wanted.perMinute" label="A minute" :problems="at('perMinute')" />
        <NumberField v-model="wanted.seed" label="Seed" :problems="at('seed')" />
      </div>
      <p v-for="each in rest" :key="each.message" role="alert" class="pt-1 text-[13px] text-wax-words">
        {{ each.message }} {{ each.remedy }}
      </p>
      <button type="button" class="button button-dark mt-2 w-full" @click="set(!standing?.wanted.on)">
        {{ standing?.wanted.on ? 'Call it back' : 'Let it loose' }}
      </button>
    </PopoverPanel>
  </Popover>
</template>
