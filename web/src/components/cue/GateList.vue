<script setup lang="ts">
import { Check, X } from '@lucide/vue'
import { useRouter } from 'vue-router'
import type { DecisionNotice } from '@/api/types'
import { chipOf } from '@/lib/places'
import { useKinds } from '@/stores/kinds'
import { useWhy } from '@/stores/why'

/** What each gate said, up to the first that held, and the way to let it through next time. */
const props = defineProps<{ gates: DecisionNotice['answers'][number]['gates']; cueId: string }>()
const router = useRouter()
const why = useWhy()
const kinds = useKinds()
const go = (gate: string) => {
  why.close()
  void router.push({ path: `/cues/${props.cueId}`, query: { at: chipOf(gate) } })
}
</script>

<template>
  <ul>
    <li v-for="gate in gates" :key="gate.gate" class="flex items-start gap-1.5 py-px">
      <component
        :is="gate.passed ? Check : X"
        :size="14"
        class="mt-0.5 flex-none"
        :class="gate.passed ? 'text-verdigris-words' : 'text-wax-words'"
        :aria-label="gate.passed ? 'passed' : 'held'"
      />
      <span class="w-[104px] flex-none text-soft">{{ kinds.answer(gate.gate) }}</span>
      <span class="min-w-0 flex-1"
        >{{ gate.reason }}
        <button v-if="!gate.passed" class="whitespace-nowrap underline" @click="go(gate.gate)">
          Let this through next time
        </button>
      </span>
    </li>
  </ul>
</template>
