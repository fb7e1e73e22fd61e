<script setup lang="ts">
import { Plus, Trash2 } from '@lucide/vue'
import { computed } from 'vue'
import type { Device, Problem } from '@/api/types'
import { ask } from '@/api/http'
import KindForm from '@/components/cue/KindForm.vue'
import { changedAt, withoutAt } from '@/lib/lists'
import { useKinds } from '@/stores/kinds'

/** The lamps and plugs that a broker reaches, and how each is spoken to. */
const props = defineProps<{ devices: Device[]; problems: (key: string) => Problem[] }>()
const emit = defineEmits<{ set: [devices: Device[]] }>()
const kinds = useKinds()
const fields = computed(() => kinds.document('device').fields)
const change = (at: number, key: string, value: unknown) => emit('set', changedAt(props.devices, at, { [key]: value }))
const add = async () => emit('set', [...props.devices, await ask<Device>('GET', '/room/device')])
</script>

<template>
  <fieldset class="grid gap-3">
    <legend class="pb-1 text-[13px] text-soft">Lamps and plugs that cues may switch</legend>
    <section
      v-for="(device, at) in devices"
      :key="at"
      class="rounded-[8px] border border-line px-3 py-2"
      :aria-label="device.name || 'A new one'"
      :data-device="at"
    >
      <KindForm
        :value="device"
        :fields="fields"
        :problems="(key: string) => problems(`devices[${at}].${key}`)"
        @set="(key, value) => change(at, key, value)"
      />
      <div class="flex justify-end pt-2">
        <button type="button" class="button" @click="emit('set', withoutAt(devices, at))">
          <Trash2 :size="14" /> Take it away
        </button>
      </div>
    </section>
    <button type="button" class="button justify-self-start" @click="add"><Plus :size="14" /> Lamp or plug</button>
  </fieldset>
</template>
