<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { onMounted, ref } from 'vue'
import { ask } from '@/api/http'
import { listen } from '@/api/socket'
import type { RigStands } from '@/api/types'
import RigDrawing from './RigDrawing.vue'

/** The dipping rig as a page of its own: it may stand in a scene as a browser source, and arrow keys steer it by hand. */
const rig = ref<RigStands | null>(null)
/** In a browser source nothing but the rig is seen. */
const bare = !new URLSearchParams(location.search).has('by-hand')
onMounted(() => {
  document.documentElement.classList.toggle('see-through', bare)
  listen(
    '/ws/practice/rig',
    (_type, body) => (rig.value = body as RigStands),
    () => undefined,
  )
})
useEventListener('keydown', (key: KeyboardEvent) => {
  if (key.key.startsWith('Arrow') && !key.ctrlKey && !key.altKey && !key.metaKey) {
    key.preventDefault()
    void ask('POST', `/practice/rig/keys/${key.key}`)
  }
})
</script>

<template>
  <main class="mx-auto flex h-full max-w-[1240px] flex-col" :class="!bare && 'p-4'">
    <header v-if="!bare" class="flex flex-wrap items-baseline gap-3 pb-3">
      <h1 class="text-[22px]">Dipping rig</h1>
      <p class="min-w-0 flex-1 text-soft">
        gets what cues and crowds would press, type, click and start, until you allow this computer’s own; arrow keys
        steer it from here
      </p>
      <button class="button" @click="ask('POST', '/practice/rig/anew')">A new bench</button>
    </header>
    <RigDrawing v-if="rig" :stands="rig" class="min-h-0 flex-1" />
    <ol v-if="!bare && rig?.done.length" class="flex flex-wrap gap-x-4 gap-y-1 pt-3 text-soft" data-done-lately>
      <li v-for="(what, at) in rig.done" :key="`${at} ${what}`">{{ what }}</li>
    </ol>
  </main>
</template>

<style>
.see-through,
.see-through body {
  background: transparent;
}
</style>
