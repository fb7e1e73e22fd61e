<script setup lang="ts">
import { computed } from 'vue'
import type { DeviceStands } from '@/api/types'

/** A candle-maker's room in the evening, lit by what is on. */
const props = defineProps<{ devices: DeviceStands[] }>()
/** Where each lamp hangs or stands, and how far its light reaches. */
const LAMPS = [
  { name: 'Bench', x: 330, y: 196, reach: 250 },
  { name: 'Shelf', x: 690, y: 132, reach: 170 },
  { name: 'Window', x: 96, y: 150, reach: 180 },
]
const light = (name: string) => props.devices.find((each) => each.name === name)?.light
const bright = (name: string) => (light(name)?.on ? light(name)!.brightness / 100 : 0)
const lamps = computed(() =>
  LAMPS.map((each) => ({ ...each, colour: light(each.name)?.colour ?? '#fff4de', bright: bright(each.name) })),
)
const kettle = computed(() => light('Kettle')?.on ?? false)
const fan = computed(() => light('Fan')?.on ?? false)
</script>

<template>
  <svg viewBox="0 0 860 520" class="w-full rounded-[12px]" role="img" aria-label="The room as it is lit now">
    <defs>
      <radialGradient v-for="lamp in lamps" :id="`glow-${lamp.name}`" :key="lamp.name">
        <stop offset="0" :stop-color="lamp.colour" stop-opacity="0.95" />
        <stop offset="0.35" :stop-color="lamp.colour" stop-opacity="0.4" />
        <stop offset="1" :stop-color="lamp.colour" stop-opacity="0" />
      </radialGradient>
    </defs>
    <rect width="860" height="520" fill="#2a211d" />
    <rect y="392" width="860" height="128" fill="#1d1713" />
    <!-- the window -->
    <rect x="34" y="70" width="124" height="170" rx="8" fill="#161e24" stroke="#4a3b30" stroke-width="8" />
    <path d="M96 74v162M38 155h116" stroke="#4a3b30" stroke-width="5" />
    <!-- the shelf with jars -->
    <path d="M560 190h250" stroke="#5a4636" stroke-width="10" stroke-linecap="round" />
    <g fill="#45372c">
      <rect x="580" y="140" width="30" height="46" rx="6" />
      <rect x="620" y="152" width="26" height="34" rx="6" />
      <rect x="736" y="146" width="32" height="40" rx="6" />
      <rect x="774" y="156" width="22" height="30" rx="5" />
    </g>
    <!-- the bench with tapers -->
    <path d="M180 372h390" stroke="#6b5341" stroke-width="16" stroke-linecap="round" />
    <path d="M210 380v112M540 380v112" stroke="#4a3b30" stroke-width="14" />
    <g fill="#e8d3a4">
      <rect x="232" y="300" width="11" height="64" rx="5" />
      <rect x="256" y="286" width="11" height="78" rx="5" />
      <rect x="280" y="310" width="11" height="54" rx="5" />
    </g>
    <!-- light falls on all of it -->
    <g class="glows">
      <circle
        v-for="lamp in lamps"
        :key="lamp.name"
        :cx="lamp.x"
        :cy="lamp.y"
        :r="lamp.reach"
        :fill="`url(#glow-${lamp.name})`"
        :style="{ opacity: lamp.bright }"
      />
    </g>
    <!-- the lamps -->
    <g>
      <path d="M330 0v160" stroke="#5a4636" stroke-width="4" />
      <path d="M278 206q8-44 52-46 44 2 52 46z" fill="#7a5b3f" />
      <circle cx="330" cy="208" r="15" :fill="bright('Bench') ? lamps[0]!.colour : '#3a2f27'" />
    </g>
    <g>
      <path d="M678 96q12-14 24 0" fill="none" stroke="#7a5b3f" stroke-width="4" />
      <rect x="670" y="98" width="40" height="88" rx="10" fill="none" stroke="#7a5b3f" stroke-width="5" />
      <path d="M690 118q14 20 0 40-14-20 0-40" :fill="bright('Shelf') ? lamps[1]!.colour : '#3a2f27'" />
    </g>
    <g>
      <path d="M82 196h28l6 40H76z" fill="#7a5b3f" />
      <path d="M96 142q18 28 0 52-18-24 0-52" :fill="bright('Window') ? lamps[2]!.colour : '#3a2f27'" />
    </g>
    <!-- the kettle and its steam -->
    <g>
      <path d="M430 366q-8-58 44-60 52 2 44 60z" :fill="kettle ? '#9a5a36' : '#5a4a40'" />
      <path d="M518 330q22 0 20-22" fill="none" :stroke="kettle ? '#9a5a36' : '#5a4a40'" stroke-width="9" />
      <path d="M446 312q28-30 56 0" fill="none" stroke="#3a2f27" stroke-width="6" />
      <g v-if="kettle" class="steam" fill="none" stroke="#d9cdbb" stroke-width="4" stroke-linecap="round">
        <path d="M540 292q8-12 0-24t0-24" />
        <path d="M556 296q8-12 0-24t0-24" />
      </g>
    </g>
    <!-- the fan -->
    <g>
      <path d="M730 492h60M760 492v-86" stroke="#5a4636" stroke-width="8" stroke-linecap="round" />
      <circle cx="760" cy="360" r="52" fill="none" stroke="#5a4636" stroke-width="6" />
      <g class="blades" :class="fan && 'turning'" :fill="fan ? '#b9a78c' : '#6b5a4b'">
        <path d="M760 360q-16-40 8-44 22 8-8 44" />
        <path d="M760 360q42-4 40 20-14 20-40-20" />
        <path d="M760 360q-28 32-46 14-8-24 46-14" />
      </g>
    </g>
  </svg>
</template>

<style scoped>
.glows {
  mix-blend-mode: screen;
  pointer-events: none;
}

.glows circle,
svg [fill] {
  transition:
    opacity 150ms linear,
    fill 150ms linear;
}

.blades {
  transform-origin: 760px 360px;
}

.turning {
  animation: turn 1.4s linear infinite;
}

.steam {
  animation: rise 2.4s ease-in-out infinite;
}

@keyframes turn {
  to {
    transform: rotate(360deg);
  }
}

@keyframes rise {
  50% {
    opacity: 0.35;
    transform: translateY(-7px);
  }
}

@media (prefers-reduced-motion: reduce) {
  .turning,
  .steam {
    animation: none;
  }
}
</style>
