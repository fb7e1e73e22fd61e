<script setup lang="ts">
/** Which outcomes are listed. */
export type Outcome = 'all' | 'rang' | 'held'
const chosen = defineModel<Outcome>({ required: true })
const CHOICES: { value: Outcome; name: string }[] = [
  { value: 'all', name: 'All' },
  { value: 'rang', name: 'Rang' },
  { value: 'held', name: 'Held or dropped' },
]
</script>

<template>
  <div class="flex flex-none gap-1" role="group" aria-label="Show what">
    <button
      v-for="each in CHOICES"
      :key="each.value"
      type="button"
      class="button h-8 px-2 text-[13px]"
      :class="chosen === each.value && 'bg-well font-semibold'"
      :aria-pressed="chosen === each.value"
      @click="chosen = each.value"
    >
      {{ each.name }}
    </button>
  </div>
</template>
