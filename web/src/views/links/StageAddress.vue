<script setup lang="ts">
import { Copy, Eye, EyeOff, RefreshCw } from '@lucide/vue'
import { useClipboard } from '@vueuse/core'
import { computed, ref } from 'vue'
import { ask } from '@/api/http'
import type { Address } from '@/api/types'
import TheDialog from '@/components/TheDialog.vue'
import { useNotes } from '@/stores/notes'

const props = defineProps<{ stage: string; shownNow: number }>()
const notes = useNotes()
const { copy } = useClipboard({ legacy: true })
const shown = ref<Address | null>(null)
const asking = ref(false)
const path = `/stages/${props.stage}/address`

const guarded = async (work: () => Promise<void>) => work().catch((refusal: Error) => notes.say(refusal.message))
const reveal = () =>
  guarded(async () => {
    shown.value = shown.value ? null : await ask<Address>('GET', path)
  })
const copyIt = () =>
  guarded(async () => {
    const { address, elsewhere } = await ask<Address>('GET', path)
    await copy(address)
    notes.say(
      address === elsewhere
        ? 'The address is copied. Whoever has it sees the stage.'
        : 'The address for programs of this computer is copied. Reveal it to see the one for others.',
    )
  })
const renew = () =>
  guarded(async () => {
    asking.value = false
    const renewed = await ask<Address>('POST', path)
    // The new one is as secret as the old one was: whoever looks on sees it only when it is revealed again.
    shown.value = null
    notes.say(
      renewed.replaced > 0
        ? 'The stage has a new address, and the mixer was given it.'
        : 'The stage has a new address; the old one shows nothing any more.',
    )
  })
const text = computed(() => shown.value?.address ?? `${location.origin}/stage#k=${'•'.repeat(12)}`)
</script>

<template>
  <p class="mt-1 rounded-[8px] bg-well px-2 py-1.5 font-mono text-[12.5px] break-all" data-address>{{ text }}</p>
  <p v-if="shown && shown.elsewhere !== shown.address" class="pt-2 text-[13px] text-soft">
    For a mixer on another computer:
    <span class="block rounded-[8px] bg-well px-2 py-1.5 font-mono text-[12.5px] break-all text-ink">{{
      shown.elsewhere
    }}</span>
  </p>
  <div class="flex gap-2 pt-3">
    <button class="button" @click="copyIt"><Copy :size="14" /> Copy</button>
    <button class="button" @click="reveal">
      <component :is="shown ? EyeOff : Eye" :size="14" /> {{ shown ? 'Mask' : 'Reveal' }}
    </button>
    <button class="button" @click="asking = true"><RefreshCw :size="14" /> Renew</button>
  </div>
  <TheDialog :open="asking" title="Renew the address?" @close="asking = false">
    <p>
      The old address stops at once.
      <template v-if="shownNow"
        ><b>{{ shownNow === 1 ? 'A page shows' : `${shownNow} pages show` }} this stage now.</b> Where the mixer is
        connected its sources are given the new one at once; any other page goes empty.</template
      >
    </p>
    <div class="flex justify-end gap-2">
      <button class="button" @click="asking = false">Keep it</button>
      <button class="button button-wax" @click="renew">Renew it</button>
    </div>
  </TheDialog>
</template>
