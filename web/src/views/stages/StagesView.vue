<script setup lang="ts">
import { Maximize, ScanLine, SquareDashed, ZoomIn, ZoomOut } from '@lucide/vue'
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { ask } from '@/api/http'
import type { Placed, Stage } from '@/api/types'
import NothingYet from '@/components/NothingYet.vue'
import OutletForm from '@/components/stage/OutletForm.vue'
import PlaceInspector from '@/components/stage/PlaceInspector.vue'
import StageCanvas from '@/components/stage/StageCanvas.vue'
import StageHead from '@/components/stage/StageHead.vue'
import TryOnStage from '@/components/stage/TryOnStage.vue'
import TheDialog from '@/components/TheDialog.vue'
import { useDraftOf } from '@/composables/useDraftOf'
import { useTurns } from '@/composables/useTurns'
import { free } from '@/lib/lists'
import { beyondSafe, reordered, standing } from '@/lib/placing'
import { useNotes } from '@/stores/notes'
import { useWiring } from '@/stores/wiring'
import StageList from './StageList.vue'

/** Where stages are composed: what viewers see, and where. */
const props = defineProps<{ id?: string }>()
const wiring = useWiring()
const notes = useNotes()
const router = useRouter()
const open = computed(() => props.id || (wiring.stages[0]?.stage.id ?? ''))
const view = computed(() => wiring.stages.find((each) => each.stage.id === open.value))
const {
  draft: stage,
  says,
  state,
  problems,
  edit,
  takeTheirs,
  keepMine,
  at,
} = useDraftOf<Stage>({
  id: () => open.value,
  there: () => view.value && { value: view.value.stage, version: view.value.version },
  put: async (value, version) =>
    (await ask<{ version: number }>('PUT', `/stages/${value.id}`, { version, stage: value })).version,
})
const chosen = ref('')
const safe = useLocalStorage('waxbell.safe', true)
const frames = ref(true)
const zoom = ref(1)
const canvas = ref<InstanceType<typeof StageCanvas> | null>(null)
const removing = ref(false)
watch(open, () => {
  chosen.value = ''
  zoom.value = 1
})
const inTurn = useTurns()
/** Puts a spot or fixture on the stage, as the server makes it. */
const put = (kind: string) =>
  inTurn(async () => {
    try {
      const { spot, fixture, outlet } = await ask<Placed>('POST', '/stages/add', { stage: stage.value, kind })
      const now = stage.value!
      edit({
        ...now,
        spots: spot ? [...now.spots, spot] : now.spots,
        fixtures: fixture ? [...now.fixtures, fixture] : now.fixtures,
        outlets: outlet ? [...now.outlets, outlet] : now.outlets,
      })
      chosen.value = (spot ?? fixture ?? outlet)!.id
    } catch (refusal) {
      notes.say((refusal as Error).message)
    }
  })
const remove = () => {
  const now = stage.value!
  edit({
    ...now,
    spots: now.spots.filter((each) => each.id !== chosen.value),
    outlets: now.outlets.filter((each) => each.id !== chosen.value),
    fixtures: now.fixtures.filter((each) => each.id !== chosen.value),
  })
  chosen.value = ''
}
const order = (nearer: boolean) => edit(reordered(stage.value!, chosen.value, nearer))
const play = (move: string) =>
  canvas.value?.tell({
    moment: {
      parts: [
        {
          partRun: 'looked-at',
          at: 0,
          lengthMs: 6_000,
          card: null,
          sound: null,
          quiet: null,
          thing: { place: chosen.value, media: '', shown: { kind: 'move', move } },
        },
      ],
      at: 0,
      playing: true,
      sounds: false,
    },
  })

const add = async () => {
  const id = free(
    'stage',
    wiring.stages.map((each) => each.stage.id),
  )
  const made: Stage = {
    formatVersion: 6,
    id,
    name: `Stage ${wiring.stages.length + 1}`,
    width: 1_280,
    height: 720,
    backdrop: '',
    fixtures: [],
    spots: [
      {
        id: 'lower-third',
        name: 'Lower third',
        frame: { x: 72, y: 560, width: 520, height: 110, layer: 0, locked: false },
        busy: { kind: 'wait', mostWaiting: 10, longestWaitMs: 60_000 },
      },
    ],
    outlets: [
      {
        id: 'sounds',
        name: 'Sounds',
        busy: { kind: 'share', together: 3 },
        quietens: [],
        quietTo: 100,
        apart: false,
        source: '',
        sourceTo: 40,
      },
    ],
  }
  try {
    await ask('PUT', `/stages/${id}`, { version: 0, stage: made })
    await wiring.load()
    await router.push(`/stages/${id}`)
  } catch (refusal) {
    notes.say((refusal as Error).message)
  }
}
const removeStage = async () => {
  removing.value = false
  try {
    await ask('DELETE', `/stages/${open.value}?version=${view.value!.version}`)
    await wiring.load()
    notes.say('The stage is deleted.', true)
    await router.push('/stages')
  } catch (refusal) {
    notes.say((refusal as Error).message)
  }
}
const beyond = computed(() =>
  stage.value ? standing(stage.value).filter((each) => beyondSafe(each.frame, stage.value!)).length : 0,
)
const unplaced = computed(() =>
  problems.value.filter((each) => !/^(spots|fixtures)\[|^(name|width|height|backdrop)/.test(each.path)),
)
</script>

<template>
  <div class="flex h-full overflow-hidden">
    <StageList :stage="stage" :chosen="chosen" @add="add" @choose="chosen = $event" @put="put" />
    <template v-if="stage && view">
      <div class="flex min-w-0 flex-1 flex-col gap-2 px-3 py-2.5">
        <StageHead :stage="stage" :at="at" @edit="edit" />
        <StageCanvas
          ref="canvas"
          :stage="stage"
          :preview-address="view.previewAddress"
          :chosen="chosen"
          :safe="safe"
          :frames="frames"
          :zoom="zoom"
          @choose="chosen = $event"
          @edit="edit"
          @remove="remove"
          @order="order"
        />
        <div class="flex flex-wrap items-end gap-1.5">
          <button class="button h-9 px-2" aria-label="Closer" title="Closer" @click="zoom = Math.min(4, zoom * 1.25)">
            <ZoomIn :size="15" />
          </button>
          <button
            class="button h-9 px-2"
            aria-label="Further away"
            title="Further away"
            @click="zoom = Math.max(0.4, zoom / 1.25)"
          >
            <ZoomOut :size="15" />
          </button>
          <button class="button h-9 px-2" aria-label="Fit the stage" title="Fit" @click="zoom = 1">
            <Maximize :size="15" />
          </button>
          <button
            class="button h-9 px-2"
            :aria-pressed="safe"
            aria-label="Safe area"
            :title="`Safe area: some screens cut off more (${beyond} beyond it)`"
            @click="safe = !safe"
          >
            <ScanLine :size="15" />
          </button>
          <button
            class="button h-9 px-2"
            :aria-pressed="frames"
            aria-label="Frames"
            title="Frames of spots and fixtures"
            @click="frames = !frames"
          >
            <SquareDashed :size="15" />
          </button>
          <p
            role="status"
            class="min-w-0 flex-1 text-[13px]"
            :class="['refused', 'conflict', 'offline'].includes(state) ? 'text-wax-words' : 'text-soft'"
          >
            {{ says }}
            <template v-if="state === 'conflict'"
              ><button class="button px-2 py-0.5" @click="takeTheirs">Take theirs</button>
              <button class="button px-2 py-0.5" @click="keepMine">Keep mine</button></template
            >
            <span v-for="each in unplaced" :key="each.path" class="block">{{ each.message }} {{ each.remedy }}</span>
          </p>
          <TryOnStage :stage="stage.id" />
        </div>
      </div>
      <aside
        aria-label="What is chosen"
        class="flex w-[292px] flex-none flex-col gap-3 overflow-auto border-l border-line bg-sheet p-3 2xl:w-[400px]"
      >
        <OutletForm
          v-if="stage.outlets.some((each) => each.id === chosen)"
          :key="chosen"
          :stage="stage"
          :chosen="chosen"
          :at="at"
          @edit="edit"
          @remove="remove"
        />
        <PlaceInspector
          v-else
          :stage="stage"
          :chosen="chosen"
          :at="at"
          @edit="edit"
          @remove="remove"
          @order="order"
          @play="play"
        />
        <button
          v-if="wiring.stages.length > 1"
          class="mt-auto w-fit text-[13px] text-wax-words underline"
          @click="removing = true"
        >
          Delete this stage
        </button>
      </aside>
    </template>
    <div v-else class="grid flex-1 place-items-center">
      <NothingYet>
        There is no stage yet. <button class="button button-dark" @click="add">Make one</button>
      </NothingYet>
    </div>
    <TheDialog :open="removing" :title="`Delete ${stage?.name}?`" @close="removing = false">
      <p>
        Pages that show it go empty, and its address is no longer valid. It can be undone; its address then is another.
      </p>
      <div class="flex justify-end gap-2">
        <button class="button" @click="removing = false">Keep it</button
        ><button class="button button-wax" @click="removeStage">Delete it</button>
      </div>
    </TheDialog>
  </div>
</template>
