<script setup lang="ts">
import { computed } from 'vue'
import { useWiring } from '@/stores/wiring'

/** Which cues use a spot, a fixture or an outlet of a stage. */
const props = defineProps<{ stage: string; place: string }>()
const wiring = useWiring()
const users = computed(() =>
  wiring.cues.filter((each) => each.uses.includes(`${props.stage}/${props.place}`)).map((each) => each.cue.name),
)
</script>

<template>
  <p v-if="users.length" class="text-[12.5px] text-soft">
    Used by {{ users.slice(0, 3).join(', ') }}{{ users.length > 3 ? ` and ${users.length - 3} more` : '' }}.
  </p>
</template>
