<script setup lang="ts">
import { useSessionStorage } from '@vueuse/core'
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import NothingYet from '@/components/NothingYet.vue'
import CueList from '@/components/cue/CueList.vue'
import { useEver } from '@/composables/useEver'
import StagePreview from '@/components/score/StagePreview.vue'
import { useKeys } from '@/composables/useKeys'
import { useDrafts } from '@/stores/drafts'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'

const editor = import('./CueEditor.vue')
const props = defineProps<{ id?: string }>()
const wiring = useWiring()
const drafts = useDrafts()
const notes = useNotes()
const router = useRouter()
const route = useRoute()
/** The list is drawn at once; what edits a cue is fetched beside the first answer of the server. */
const CueEditor = defineAsyncComponent(() => editor)
const NewCueDialog = defineAsyncComponent(() => import('@/components/cue/NewCueDialog.vue'))
const adding = ref(false)
const addingEver = useEver(() => adding.value)
/** Whoever comes back finds the cue that was left. */
const left = useSessionStorage('waxbell.cue', '')
/** Which stage the open cue is shown on; its preview stays from cue to cue. */
const stage = ref('')
const beside = ref<HTMLElement | null>(null)
watch(
  () => props.id,
  () => beside.value?.scrollTo({ top: 0 }),
)
const list = ref<InstanceType<typeof CueList> | null>(null)

watch(
  [() => props.id, () => wiring.cues],
  () => {
    const first = (left.value && wiring.cue(left.value)?.cue.id) || wiring.cues[0]?.cue.id
    if (!props.id && first) {
      void router.replace({ path: `/cues/${first}`, query: route.query })
    } else if (props.id) {
      left.value = props.id
    }
  },
  { immediate: true },
)
const draft = computed(() => (props.id ? drafts.drafts.get(props.id) : undefined))
watch([() => props.id, () => wiring.view], () => props.id && drafts.open(props.id), { immediate: true })
/** A place of the cue, or "new", that the address asks for. */
const at = computed(() => String(route.query.at ?? ''))
/** A chat word with which a new cue begins, such as one that people tried. */
const word = ref('')
watch(
  () => route.query.new ?? route.query.word,
  (asked) => {
    if (asked !== undefined) {
      word.value = String(route.query.word ?? '')
      adding.value = true
      void router.replace({ path: route.path })
    }
  },
  { immediate: true },
)

const close = () => {
  adding.value = false
  word.value = ''
}
const made = (id: string) => {
  close()
  void router.push({ path: `/cues/${id}`, query: { at: 'name' } })
}
const copy = async () => {
  const [id] = props.id ? ((await list.value?.copy(props.id)) ?? []) : []
  if (id) {
    void router.push(`/cues/${id}`)
  }
}
const remove = async () => {
  const view = props.id && wiring.cue(props.id)
  if (!view) {
    return
  }
  try {
    await wiring.deleteCue(view)
    notes.say(`${view.cue.name} is deleted.`, true)
    void router.replace('/cues')
  } catch (refusal) {
    notes.say((refusal as Error).message)
  }
}
useKeys({ n: () => (adding.value = true), '/': () => list.value?.find() })
</script>

<template>
  <div class="flex h-full">
    <CueList ref="list" :open="id" @add="adding = true" />
    <template v-if="draft && wiring.cue(draft.cue.id)">
      <CueEditor
        :key="draft.cue.id"
        :draft="draft"
        :at="at"
        @remove="remove"
        @copy="copy"
        @looked="router.replace({ path: route.path })"
        @stage="stage = $event"
      />
      <aside
        ref="beside"
        aria-label="Stage and part"
        class="flex w-[316px] flex-none flex-col gap-3 overflow-auto border-l border-line bg-sheet p-3 max-[1000px]:w-[248px] 2xl:w-[460px]"
      >
        <StagePreview :stage="stage" />
        <div id="beside-cue" class="contents" />
      </aside>
    </template>
    <div v-else class="grid flex-1 place-items-center p-8">
      <div class="max-w-96 text-center">
        <p v-if="wiring.loadFailed" role="alert" class="text-wax-words">{{ wiring.loadFailed }}</p>
        <template v-else-if="wiring.view">
          <h1 class="text-[22px]">{{ wiring.cues.length ? 'This cue is gone' : 'No cue yet' }}</h1>
          <p class="py-3 text-soft">
            A cue answers a chat word: with a line in chat, a card on the stage, a sound. The first one takes 20
            seconds.
          </p>
          <p class="flex justify-center gap-2">
            <button class="button button-dark" @click="adding = true">New cue</button>
            <RouterLink v-if="!wiring.cues.length" to="/ready" class="button">Take a ready-made one</RouterLink>
          </p>
        </template>
        <NothingYet v-else />
      </div>
    </div>
    <NewCueDialog v-if="addingEver" :open="adding" :word="word" @close="close" @made="made($event.id)" />
  </div>
</template>
