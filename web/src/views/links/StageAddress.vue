<script setup lang="ts">
import { Copy, Eye, EyeOff, RefreshCw } from '@lucide/vue'
import { useClipboard } from '@vueuse/core'
import { computed, ref } from 'vue'
import { ask } from '@/api/http'
import TheDialog from '@/components/TheDialog.vue'
import { useNotes } from '@/stores/notes'

const props = defineProps<{ stage: string; shownNow: number }>()
const notes = useNotes()
const { copy } = useClipboard({ legacy: true })
const shown = ref('')
const asking = ref(false)
const path = `/stages/${props.stage}/address`

const whole = (answer: { address: string }) => answer.address
const guarded = async (work: () => Promise<void>) => work().catch((refusal: Error) => notes.say(refusal.message))
const reveal = () =>
  guarded(async () => {
    shown.value = shown.value ? '' : whole(await ask('GET', path))
  })
const copyIt = () =>
  guarded(async () => {
    await copy(whole(await ask('GET', path)))
    notes.say('The address is copied. Whoever has it sees the stage.')
  })
const renew = () =>
  guarded(async () => {
    asking.value = false
    const renewed = await ask<{ address: string; replaced: number }>('POST', path)
    // The new one is as secret as the old one was: whoever looks on sees it only when it is revealed again.
    shown.value = ''
    notes.say(
      renewed.replaced > 0
        ? 'The stage has a new address, and the mixer was given it.'
        : 'The stage has a new address; the old one shows nothing any more.',
    )
  })
const text = computed(() => shown.value || `${location.origin}/stage#k=${'•'.repeat(12)}`)
</script>

<template>
  <p class="mt-1 rounded-[8px] bg-well px-2 py-1.5 font-mono text-[12.5px] break-all" data-address>{{ text }}</p>
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
