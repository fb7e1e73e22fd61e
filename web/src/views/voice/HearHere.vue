<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { Headphones } from '@lucide/vue'
import { computed, onMounted } from 'vue'
import ChoiceField from '@/components/cue/ChoiceField.vue'
import { vMenu } from '@/lib/menu'
import { useHearHere } from '@/stores/hearHere'

/** Whether stages are heard from this page, and on which output: with no broadcasting software this is how one hears them. */
const here = useHearHere()
onMounted(() => void here.list())
const choices = computed(() => [
  { value: '', name: 'the usual output' },
  ...here.outputs.map((each) => ({ value: each.id, name: each.name })),
])
const says = computed(() => (!here.on ? 'Not heard here' : here.may ? 'Heard on this page' : 'Click to let it sound'))
</script>

<template>
  <Popover class="relative">
    <PopoverButton class="button" :class="here.on && !here.may && 'text-wax-words'" data-hear-here>
      <Headphones :size="15" /> {{ says }}
    </PopoverButton>
    <PopoverPanel v-menu class="sheet w-80 p-4 shadow-lg">
      <label class="flex items-start gap-2">
        <input v-model="here.on" type="checkbox" class="mt-1 h-4 w-4" />
        <span>Sounds and speech of all stages are heard from this page, on this computer.</span>
      </label>
      <p class="pt-1 text-[13px] text-soft">
        For evenings without broadcasting software, or to hear on headphones what viewers hear. Leave this page open.
      </p>
      <ChoiceField v-model="here.output" class="pt-2" label="Output" :choices="choices" />
      <button class="mt-1 text-[13.5px] underline" @click="here.lookForMore()">Look for other outputs</button>
      <p v-if="here.fault" role="alert" class="pt-1 text-[13px] text-wax-words">{{ here.fault }}</p>
    </PopoverPanel>
  </Popover>
</template>
