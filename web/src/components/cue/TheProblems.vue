<script setup lang="ts">
import type { Problem } from '@/api/types'

defineProps<{ problems: Problem[] }>()
</script>

<template>
  <p
    v-for="problem in problems"
    :key="problem.path + problem.message"
    role="alert"
    class="mt-1 text-[12.5px] text-wax-words"
  >
    {{ problem.message }} {{ problem.remedy }}
  </p>
</template>
