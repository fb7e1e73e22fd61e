<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { Ellipsis, Pause, Play, Settings2, Stethoscope } from '@lucide/vue'
import { computed, ref } from 'vue'
import { ask } from '@/api/http'
import type { LinkTried, LinkView } from '@/api/types'
import { ago, colourOf, nextTry, phaseWords } from '@/lib/links'
import { useNotes } from '@/stores/notes'
import { vMenu } from '@/lib/menu'
import ChannelProof from './ChannelProof.vue'

/** One link: what it is doing, what it last heard, what is wrong and what to do about it. */
const props = defineProps<{ link: LinkView; now: number; provable?: boolean; removable?: boolean }>()
defineEmits<{ settings: []; remove: [] }>()
const notes = useNotes()
const tried = ref<LinkTried | null>(null)
const trying = ref(false)
const state = computed(() => props.link.state)
const again = computed(() => nextTry(state.value, props.now))
const trouble = computed(() => (state.value.phase === 'up' ? null : state.value.trouble))
const used = computed(() =>
  props.link.users === 0
    ? 'No cue uses it.'
    : props.link.users === 1
      ? 'One cue uses it.'
      : `${props.link.users} cues use it.`,
)

const guarded = (work: Promise<unknown>) => work.catch((refusal: Error) => notes.say(refusal.message))
const pause = (paused: boolean) => guarded(ask('PUT', `/links/${props.link.id}/pause`, { paused }))
const prove = () => guarded(ask('POST', `/links/${props.link.id}/proof`))
const test = async () => {
  trying.value = true
  await guarded(ask<LinkTried>('POST', `/links/${props.link.id}/test`).then((answer) => (tried.value = answer)))
  trying.value = false
}
</script>

<template>
  <section class="sheet flex flex-col gap-2 p-4" :aria-label="link.name" :data-link="link.id">
    <header class="flex items-start gap-2">
      <span class="mt-[7px] h-2.5 w-2.5 flex-none rounded-full" :class="colourOf(state.phase)" />
      <div class="min-w-0 flex-1">
        <h2 class="truncate text-[18px]">{{ link.name }}</h2>
        <p class="text-[13px] text-soft" data-phase>
          {{ phaseWords(link.doing, state, now)
          }}<template v-if="state.roundTrip >= 0">
            · answers in
            {{ state.roundTrip < 10 ? state.roundTrip.toFixed(1) : Math.round(state.roundTrip) }} ms</template
          >
        </p>
      </div>
      <button class="button flex-none px-2" :disabled="trying" @click="test"><Stethoscope :size="14" /> Test</button>
      <button v-if="!link.fixed" class="button flex-none px-2" @click="$emit('settings')">
        <Settings2 :size="14" /> Settings
      </button>
      <Menu v-if="!link.fixed || provable" as="div" class="relative flex-none">
        <MenuButton class="button px-2" :aria-label="`More for ${link.name}`"><Ellipsis :size="16" /></MenuButton>
        <MenuItems v-menu="'bottom-end'" class="sheet w-60 p-1 shadow-lg">
          <MenuItem v-if="!link.fixed" v-slot="{ active }">
            <button
              class="flex w-full items-center gap-2 rounded-[8px] px-3 py-1.5"
              :class="active && 'bg-well'"
              @click="pause(state.phase !== 'paused')"
            >
              <component :is="state.phase === 'paused' ? Play : Pause" :size="14" />
              {{ state.phase === 'paused' ? 'Connect it again' : 'Pause it' }}
            </button>
          </MenuItem>
          <MenuItem v-if="provable" v-slot="{ active }">
            <button
              class="block w-full rounded-[8px] px-3 py-1.5 text-left"
              :class="active && 'bg-well'"
              @click="prove"
            >
              Prove which account is yours
            </button>
          </MenuItem>
          <MenuItem v-if="removable" v-slot="{ active }">
            <button
              class="block w-full rounded-[8px] px-3 py-1.5 text-left text-wax-words"
              :class="active && 'bg-well'"
              @click="$emit('remove')"
            >
              Delete it
            </button>
          </MenuItem>
        </MenuItems>
      </Menu>
    </header>
    <p v-if="trouble" role="status" class="text-wax-words">
      {{ trouble.says }} <span class="text-ink">{{ trouble.remedy }}</span> <span class="text-soft">{{ again }}</span>
    </p>
    <p
      v-if="tried"
      role="status"
      class="rounded-[8px] bg-well px-2 py-1 text-[13px]"
      :class="tried.good ? 'text-verdigris-words' : 'text-wax-words'"
    >
      {{ tried.says }}
    </p>
    <dl v-if="link.facts.length" class="grid grid-cols-[auto_1fr] gap-x-3 gap-y-0.5 text-[13px]">
      <template v-for="fact in link.facts" :key="fact.name">
        <dt class="text-soft">{{ fact.name }}</dt>
        <dd class="min-w-0 break-words" :class="!fact.good && 'text-wax-words'">{{ fact.says }}</dd>
      </template>
      <template v-if="state.heardAt > 0">
        <dt class="text-soft">Last heard</dt>
        <dd class="min-w-0 truncate" :title="state.heard">
          <bdi>{{ state.heard }}</bdi> <span class="text-soft">{{ ago(state.heardAt, now) }}</span>
        </dd>
      </template>
    </dl>
    <ChannelProof v-if="link.proof" :link="link" :now="now" />
    <slot />
    <p class="mt-auto text-[13px] text-soft">{{ used }}</p>
  </section>
</template>
