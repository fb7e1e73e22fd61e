<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import { useWiring } from '@/stores/wiring'

/** The stage on which a desk is seen, as it is now; silent here. */
const props = defineProps<{ about: string }>()
const wiring = useWiring()
const names = (fixture: object) => Object.values(fixture).includes(props.about)
const stage = computed(() => wiring.stages.find((each) => each.stage.fixtures.some(names)))
const box = ref<HTMLElement | null>(null)
const width = ref(0)
const scale = computed(() => (stage.value ? width.value / stage.value.stage.width : 0))
let observer: ResizeObserver | null = null
onMounted(() => {
  observer = new ResizeObserver(([entry]) => (width.value = entry!.contentRect.width))
  observer.observe(box.value!)
})
onBeforeUnmount(() => observer?.disconnect())
</script>

<template>
  <aside class="w-[300px] flex-none overflow-auto border-l border-line bg-sheet px-4 py-4" aria-label="On the stage">
    <div ref="box">
      <template v-if="stage">
        <div
          class="checks relative overflow-hidden rounded-[10px] border border-line"
          :style="{ height: stage.stage.height * scale + 'px', colorScheme: 'light' }"
        >
          <iframe
            :key="stage.stage.id"
            :src="stage.previewAddress"
            :title="`The stage ${stage.stage.name}`"
            class="absolute top-0 left-0 origin-top-left border-0"
            tabindex="-1"
            :width="stage.stage.width"
            :height="stage.stage.height"
            :style="{ transform: `scale(${scale})`, colorScheme: 'light' }"
          />
        </div>
        <p class="pt-1 text-[13px] text-soft">
          Stage {{ stage.stage.name }}, as it is now ·
          <RouterLink :to="`/stages/${stage.stage.id}`" class="underline">change how it looks</RouterLink>
        </p>
      </template>
      <p v-else class="text-[14px] text-soft">
        No stage shows it yet. Put one of its kind on a
        <RouterLink to="/stages" class="underline">stage</RouterLink>, and choose it there.
      </p>
    </div>
    <slot />
  </aside>
</template>
