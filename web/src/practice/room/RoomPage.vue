<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { ask } from '@/api/http'
import { listen } from '@/api/socket'
import type { DeviceStands, Light } from '@/api/types'
import { useDusk } from '@/composables/useDusk'
import RoomDrawing from './RoomDrawing.vue'

/** Stands for the lamps and plugs of a room: shows how each stands, and lets a person switch it. */
useDusk()
const devices = ref<DeviceStands[]>([])
const failed = ref('')
onMounted(() =>
  listen(
    '/ws/practice/room',
    (_type, body) => (devices.value = body as DeviceStands[]),
    () => undefined,
  ),
)
const hand = async (device: DeviceStands, change: Partial<Light>) => {
  try {
    devices.value = await ask<DeviceStands[]>('POST', `/practice/room/${encodeURIComponent(device.name)}`, {
      ...device.light,
      ...change,
    })
    failed.value = ''
  } catch (refusal) {
    failed.value = (refusal as Error).message
  }
}
</script>

<template>
  <main class="mx-auto flex h-full max-w-[1240px] flex-col p-4">
    <header class="flex flex-wrap items-baseline gap-3 pb-3">
      <h1 class="text-[22px]">Practice room</h1>
      <p class="text-soft">stands for the lamps and plugs around you; what you switch here counts as yours</p>
      <p v-if="failed" role="alert" class="text-wax-words">{{ failed }}</p>
    </header>
    <div class="grid min-h-0 flex-1 items-start gap-4 overflow-auto lg:grid-cols-[minmax(0,1fr)_340px]">
      <RoomDrawing :devices="devices" />
      <ul class="grid gap-2">
        <li v-for="each in devices" :key="each.name" class="sheet px-4 py-2.5" :data-device="each.name">
          <div class="flex items-center gap-3">
            <span
              class="h-4 w-4 flex-none rounded-full border border-line"
              :style="{ background: each.light.on ? each.light.colour : 'transparent' }"
              aria-hidden="true"
            />
            <h2 class="min-w-0 flex-1 truncate text-[16px]">{{ each.name }}</h2>
            <span class="font-mono text-[12.5px] text-soft" data-stands>
              {{
                !each.light.on ? 'off' : each.sort === 'lamp' ? `${each.light.colour} ${each.light.brightness} %` : 'on'
              }}
            </span>
            <button
              class="button"
              :aria-pressed="each.light.on"
              :aria-label="`Switch ${each.name} ${each.light.on ? 'off' : 'on'}`"
              @click="hand(each, { on: !each.light.on })"
            >
              {{ each.light.on ? 'Off' : 'On' }}
            </button>
          </div>
          <div v-if="each.sort === 'lamp' && each.light.on" class="flex items-center gap-3 pt-1.5">
            <input
              type="color"
              class="h-7 w-10 flex-none"
              :value="each.light.colour"
              :aria-label="`Colour of ${each.name}`"
              @change="hand(each, { colour: ($event.target as HTMLInputElement).value })"
            />
            <input
              type="range"
              min="1"
              max="100"
              class="min-w-0 flex-1"
              :value="each.light.brightness"
              :aria-label="`Brightness of ${each.name}`"
              @change="hand(each, { brightness: Number(($event.target as HTMLInputElement).value) })"
            />
          </div>
        </li>
      </ul>
    </div>
  </main>
</template>
