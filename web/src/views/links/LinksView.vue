<script setup lang="ts">
import { Plus } from '@lucide/vue'
import { useNow } from '@vueuse/core'
import { computed, ref } from 'vue'
import { ask } from '@/api/http'
import type { LinkView } from '@/api/types'
import LinkCard from '@/components/links/LinkCard.vue'
import CopiesCard from '@/components/links/CopiesCard.vue'
import HooksCard from '@/components/links/HooksCard.vue'
import HouseCard from '@/components/links/HouseCard.vue'
import LinkDialog from '@/components/links/LinkDialog.vue'
import NeighboursCard from '@/components/links/NeighboursCard.vue'
import HelpersCard from '@/components/links/HelpersCard.vue'
import ReachCard from '@/components/links/ReachCard.vue'
import StagePlacing from '@/components/links/StagePlacing.vue'
import TheDialog from '@/components/TheDialog.vue'
import { useLive } from '@/stores/live'
import { useNotes } from '@/stores/notes'
import StageAddress from './StageAddress.vue'

const live = useLive()
const notes = useNotes()
const tick = useNow({ interval: 1_000 })
const now = computed(() => (tick.value, live.now()))
const of = (...kinds: string[]) => live.links.filter((each) => kinds.includes(each.kind))
const editing = ref<{ id: string; kind: string } | null>(null)
const removing = ref<LinkView | null>(null)
const remove = async () => {
  const { id } = removing.value!
  removing.value = null
  await ask('DELETE', `/links/${id}`).catch((refusal: Error) => notes.say(refusal.message))
}
const idOf = (link: LinkView) => link.id.replace('stage/', '')
</script>

<template>
  <div class="h-full overflow-auto p-5">
    <div class="mx-auto max-w-[1240px] 2xl:max-w-[1860px]">
      <h1 class="text-[25px]">Links</h1>
      <p class="max-w-[80ch] pt-1 pb-3 text-soft">
        Everything that Wax Bell is connected to, in the order in which it is set up. What breaks comes up again by
        itself; what cannot says what to do. How the program itself does stands under
        <RouterLink to="/health" class="underline decoration-line">Health</RouterLink>.
      </p>
      <div class="grid grid-cols-[minmax(0,1fr)] items-start gap-x-5 gap-y-4 min-[760px]:grid-cols-2 2xl:grid-cols-3">
        <div class="flex flex-col gap-3">
          <h2 class="flex items-center justify-between font-sans text-[13px] text-soft">
            1 · Where viewers write
            <button class="button px-2 py-0.5" @click="editing = { id: '', kind: 'irc' }">
              <Plus :size="14" /> Chat by IRC
            </button>
          </h2>
          <LinkCard
            v-for="link in of('channel', 'irc')"
            :key="link.id"
            :link="link"
            :now="now"
            provable
            :removable="link.kind === 'irc'"
            @settings="editing = { id: link.id, kind: 'irc' }"
            @remove="removing = link"
          >
            <p v-if="link.kind === 'channel'"><a class="button" href="/channel" target="_blank">Open the channel</a></p>
          </LinkCard>
          <NeighboursCard />
          <HouseCard />
          <h2 class="font-sans text-[13px] text-soft">4 · The room around you</h2>
          <LinkCard
            v-for="link in of('room', 'computer', 'osc')"
            :key="link.id"
            :link="link"
            :now="now"
            :removable="link.kind === 'osc'"
            @settings="editing = { id: link.id, kind: link.kind }"
            @remove="removing = link"
          >
            <p v-if="link.kind === 'room'"><a class="button" href="/room" target="_blank">Open the practice room</a></p>
            <p v-if="link.kind === 'computer'">
              <a class="button" href="/rig?by-hand" target="_blank">Open the practice rig</a>
            </p>
          </LinkCard>
          <p>
            <button class="button px-2 py-0.5" @click="editing = { id: '', kind: 'osc' }">
              <Plus :size="14" /> A desk by Open Sound Control
            </button>
          </p>
          <h2 class="flex items-center justify-between font-sans text-[13px] text-soft">
            5 · The web and your community
            <button class="button px-2 py-0.5" @click="editing = { id: '', kind: 'web' }">
              <Plus :size="14" /> An address to call
            </button>
          </h2>
          <LinkCard
            v-for="link in of('notice', 'web')"
            :key="link.id"
            :link="link"
            :now="now"
            :removable="link.kind === 'web'"
            @settings="editing = { id: link.id, kind: link.kind }"
            @remove="removing = link"
          >
            <p v-if="link.kind === 'notice'">
              <a class="button" href="/noticeboard" target="_blank">Open the practice noticeboard</a>
            </p>
          </LinkCard>
          <HooksCard />
        </div>
        <div class="flex flex-col gap-3">
          <h2 class="font-sans text-[13px] leading-[30px] text-soft">2 · Your broadcasting software</h2>
          <LinkCard
            v-for="link in of('mixer')"
            :key="link.id"
            :link="link"
            :now="now"
            @settings="editing = { id: link.id, kind: 'mixer' }"
          >
            <p><a class="button" href="/mixer" target="_blank">Open the practice mixer</a></p>
          </LinkCard>
          <h2 class="font-sans text-[13px] text-soft">3 · What viewers see</h2>
          <LinkCard v-for="link in of('stage')" :key="link.id" :link="link" :now="now">
            <StagePlacing :stage="idOf(link)" />
            <StageAddress
              :stage="idOf(link)"
              :shown-now="live.pages.filter((page) => page.stage === idOf(link)).length"
            />
          </LinkCard>
          <ReachCard />
          <HelpersCard />
          <CopiesCard />
        </div>
      </div>
    </div>
    <LinkDialog
      :open="editing !== null"
      :id="editing?.id ?? ''"
      :kind="editing?.kind ?? 'irc'"
      @close="editing = null"
    />
    <TheDialog :open="removing !== null" :title="`Delete ${removing?.name}?`" @close="removing = null">
      <p>
        Its settings and passwords are forgotten. {{ removing?.users ? `${removing.users} cues use it.` : '' }} To let
        it rest only, pause it.
      </p>
      <div class="flex justify-end gap-2">
        <button class="button" @click="removing = null">Keep it</button>
        <button class="button button-wax" @click="remove">Delete it</button>
      </div>
    </TheDialog>
  </div>
</template>
