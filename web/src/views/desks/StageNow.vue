<script setup lang="ts">
import { computed } from 'vue'
import StageFrame from '@/components/stage/StageFrame.vue'
import { useKinds } from '@/stores/kinds'
import { useWiring } from '@/stores/wiring'

/** The stage on which a desk is seen, as it is now. */
const props = defineProps<{ kind: string; about: string }>()
const wiring = useWiring()
const kinds = useKinds()
const stage = computed(() =>
  wiring.stages.find(({ stage: { fixtures } }) =>
    // A display names its desk in the field that is called as the kind of desk is.
    fixtures.some((each) => (each as Record<string, unknown>)[props.kind] === props.about),
  ),
)
/** Whether a display is made for its kind. */
const shown = computed(() => kinds.all.fixtures.some((each) => each.name === props.kind))
</script>

<template>
  <aside class="w-[300px] flex-none overflow-auto border-l border-line bg-sheet px-4 py-4" aria-label="On the stage">
    <template v-if="stage">
      <StageFrame :stage="stage" :title="`The stage ${stage.stage.name}`" />
      <p class="pt-1 text-[13px] text-soft">
        Stage {{ stage.stage.name }}, as it is now ·
        <RouterLink :to="`/stages/${stage.stage.id}`" class="underline">change how it looks</RouterLink>
      </p>
    </template>
    <p v-else-if="kind === 'extension'" class="text-[14px] text-soft">
      It shows nothing on a stage by itself. A cue that waits for what an extension tells can show it.
    </p>
    <p v-else-if="!shown" class="text-[14px] text-soft">
      Nothing of it stands on a stage by itself. Its values stand in words, so a label on a
      <RouterLink to="/stages" class="underline">stage</RouterLink> can show them.
    </p>
    <p v-else class="text-[14px] text-soft">
      No stage shows it yet. Put one of its kind on a
      <RouterLink to="/stages" class="underline">stage</RouterLink>, and choose it there.
    </p>
  </aside>
</template>
