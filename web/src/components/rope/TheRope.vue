<script setup lang="ts">
import RopeBars from './RopeBars.vue'
import RopeTry from './RopeTry.vue'
</script>

<template>
  <section aria-label="Rope: what happened, what plays, what comes" class="flex h-[168px] flex-none border-t border-rope-line bg-rope text-rope-words">
    <RopeBars class="min-w-0 flex-1" />
    <RopeTry class="w-[372px] flex-none border-l border-rope-line" />
  </section>
</template>
