<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems, Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { ChevronDown, Link2, Ruler } from '@lucide/vue'
import { computed, ref, watch } from 'vue'
import type { Problem, Stage } from '@/api/types'
import StagePlacing from '@/components/links/StagePlacing.vue'
import TheDialog from '@/components/TheDialog.vue'
import { onSize, PRESETS, scaledTo, type Size } from '@/lib/placing'
import { useLive } from '@/stores/live'
import StageAddress from '@/views/links/StageAddress.vue'
import { vMenu } from '@/lib/menu'
import FileField from '../cue/FileField.vue'
import NumberField from '../cue/NumberField.vue'
import TheProblems from '../cue/TheProblems.vue'

/** The stage as a whole: its name, its size, what lies behind it in the composer, and who shows it. */
const props = defineProps<{ stage: Stage; at: (path: string) => Problem[] }>()
const emit = defineEmits<{ edit: [Stage] }>()
const live = useLive()
const pages = computed(() => live.pages.filter((page) => page.stage === props.stage.id))
const shownBy = computed(() =>
  pages.value.length === 0
    ? 'shown by no page'
    : pages.value.length === 1
      ? 'shown by one page'
      : `shown by ${pages.value.length} pages`,
)
const sizing = ref(false)
const size = ref<Size>({ width: 0, height: 0 })
watch(sizing, () => (size.value = { width: props.stage.width, height: props.stage.height }))
const resize = (how: typeof onSize) => {
  const next = size.value
  const frames = <T extends { frame: Stage['spots'][number]['frame'] }>(all: T[]) =>
    all.map((each) => ({ ...each, frame: how(each.frame, props.stage, next) }))
  emit('edit', { ...props.stage, ...next, spots: frames(props.stage.spots), fixtures: frames(props.stage.fixtures) })
  sizing.value = false
}
const changed = computed(() => size.value.width !== props.stage.width || size.value.height !== props.stage.height)
const BACKDROPS = [
  { value: '', name: 'Nothing behind' },
  { value: 'mixer', name: 'The practice mixer’s picture' },
]
const faults = computed(() => [...props.at('name'), ...props.at('width'), ...props.at('height')])
const backdrop = (value: string) => emit('edit', { ...props.stage, backdrop: value })
</script>

<template>
  <header class="flex flex-wrap items-center gap-2">
    <h1 class="min-w-[160px] flex-1 text-[22px]">
      <input
        class="w-full rounded-[8px] border border-transparent bg-transparent px-1 hover:border-edge focus:border-edge"
        :value="stage.name"
        aria-label="Name of the stage"
        :aria-invalid="at('name').length > 0"
        @input="emit('edit', { ...stage, name: ($event.target as HTMLInputElement).value })"
      />
    </h1>
    <button class="button h-9" title="Size" @click="sizing = true">
      <Ruler :size="15" /> {{ stage.width }} × {{ stage.height }}
    </button>
    <Menu as="div" class="relative">
      <MenuButton class="button h-9">Behind it <ChevronDown :size="14" /></MenuButton>
      <MenuItems v-menu="'bottom-end'" class="sheet w-64 p-1 shadow-lg">
        <MenuItem v-for="each in BACKDROPS" :key="each.value" v-slot="{ active }"
          ><button
            class="block w-full rounded-[8px] px-3 py-1.5 text-left"
            :class="[active && 'bg-well', stage.backdrop === each.value && 'font-semibold']"
            @click="backdrop(each.value)"
          >
            {{ each.name }}
          </button></MenuItem
        >
        <div class="border-t border-line p-2">
          <FileField
            label="A picture of mine"
            folder="Pictures"
            none
            :model-value="stage.backdrop === 'mixer' ? '' : stage.backdrop"
            :problems="at('backdrop')"
            @update:model-value="backdrop($event)"
          />
        </div>
      </MenuItems>
    </Menu>
    <Popover class="relative">
      <PopoverButton class="button h-9" :class="pages.length === 0 && 'text-wax-words'"
        ><Link2 :size="15" /> {{ shownBy }}</PopoverButton
      >
      <PopoverPanel v-menu="'bottom-end'" class="sheet w-[420px] p-3 shadow-lg">
        <h2 class="text-[16px]">Into the broadcasting software</h2>
        <p class="pb-1 text-[13px] text-soft">
          A browser source of {{ stage.width }} × {{ stage.height }} pixels with this address.
          {{
            pages.some((page) => page.sounds)
              ? 'It sounds.'
              : pages.length
                ? 'It is silent until it is clicked once.'
                : ''
          }}
        </p>
        <StagePlacing :key="stage.id" :stage="stage.id" />
        <StageAddress :key="stage.id" :stage="stage.id" :shown-now="pages.length" />
      </PopoverPanel>
    </Popover>
    <div v-if="faults.length" class="w-full"><TheProblems :problems="faults" /></div>
    <TheDialog :open="sizing" title="Size of the stage" @close="sizing = false">
      <div class="flex flex-wrap gap-1.5">
        <button
          v-for="each in PRESETS"
          :key="each.name"
          class="button px-2 py-1 text-[13px]"
          @click="size = { width: each.width, height: each.height }"
        >
          {{ each.name }}
        </button>
      </div>
      <div class="grid grid-cols-2 gap-2">
        <NumberField
          label="Width"
          unit="px"
          :model-value="size.width"
          @update:model-value="size = { ...size, width: $event }"
        />
        <NumberField
          label="Height"
          unit="px"
          :model-value="size.height"
          @update:model-value="size = { ...size, height: $event }"
        />
      </div>
      <p class="text-[13px] text-soft">Enter the same size in your broadcasting software.</p>
      <div class="flex flex-wrap justify-end gap-2">
        <button class="button" @click="sizing = false">Cancel</button>
        <button class="button" :disabled="!changed" @click="resize(scaledTo)">Make all fit the new size</button>
        <button class="button button-dark" :disabled="!changed" @click="resize(onSize)">
          Keep distances from the edges
        </button>
      </div>
    </TheDialog>
  </header>
</template>
