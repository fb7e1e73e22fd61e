<script setup lang="ts">
import { computed } from 'vue'
import type { RigStands } from '@/api/types'

/** The rig: an arm with a taper above pots of wax, the order that is wanted, and the candles that are done. */
const props = defineProps<{ stands: RigStands }>()
const LEFT = 120
const STEP = 75
const rig = computed(() => props.stands.rig)
const x = computed(() => LEFT + rig.value.place * STEP)
const y = computed(() => 150 + rig.value.depth * 70)
const colour = (name: string) => props.stands.pots.find((each) => each.name === name)?.colour ?? '#fff4de'
/** Layers from the outermost in, each a little thinner. */
const layers = computed(() =>
  rig.value.layers.map((name, at) => ({ colour: colour(name), wide: 14 + at * 6 })).reverse(),
)
const shelf = computed(() => Array.from({ length: Math.min(rig.value.made, 9) }, (_, at) => at))
const SIGNS: Record<string, string> = { ArrowLeft: '←', ArrowRight: '→', ArrowUp: '↑', ArrowDown: '↓' }
const held = computed(() => props.stands.held.map((each) => SIGNS[each] ?? each))
</script>

<template>
  <svg
    viewBox="0 0 840 470"
    role="img"
    :aria-label="`The dipping rig: ${rig.layers.length} of ${rig.order.length} layers, ${rig.made} candles made`"
    :data-place="rig.place"
    :data-depth="rig.depth"
    :data-layers="rig.layers.join(' ')"
    :data-made="rig.made"
  >
    <rect x="4" y="4" width="832" height="462" rx="18" fill="#2a211d" />
    <!-- the order -->
    <g font-family="'Atkinson Hyperlegible Next Variable', sans-serif" font-size="20" fill="#fffaf0">
      <text x="28" y="42">To dip</text>
      <g v-for="(name, at) in rig.order" :key="at">
        <circle
          :cx="110 + at * 34"
          cy="35"
          r="12"
          :fill="colour(name)"
          :stroke="at < rig.layers.length ? '#fffaf0' : '#5a4636'"
          stroke-width="3"
        />
        <path
          v-if="at < rig.layers.length"
          :d="`M${104 + at * 34} 35l4 5 8-10`"
          fill="none"
          stroke="#fffaf0"
          stroke-width="3"
        />
      </g>
      <text x="812" y="42" text-anchor="end" data-done>
        {{ rig.made }} {{ rig.made === 1 ? 'candle' : 'candles' }} done
      </text>
      <text v-if="held.length" x="420" y="42" text-anchor="middle" font-size="24" data-held>{{ held.join(' ') }}</text>
    </g>
    <!-- the rail and its arm -->
    <path d="M90 86h640" stroke="#7a5b3f" stroke-width="12" stroke-linecap="round" />
    <g class="arm" :style="{ transform: `translateX(${x}px)` }">
      <rect x="-26" y="74" width="52" height="24" rx="8" fill="#b8874f" />
      <path :d="`M0 98V${y - 6}`" stroke="#d9cdbb" stroke-width="3" />
      <g class="taper" :style="{ transform: `translateY(${y}px)` }">
        <rect
          v-for="(layer, at) in layers"
          :key="at"
          :x="-layer.wide / 2"
          y="0"
          :width="layer.wide"
          height="112"
          :rx="layer.wide / 2"
          :fill="layer.colour"
        />
        <rect x="-4" y="-8" width="8" height="116" rx="4" fill="#fff4de" />
      </g>
    </g>
    <!-- the pots stand before the taper -->
    <g v-for="pot in stands.pots" :key="pot.name" :transform="`translate(${LEFT + pot.place * STEP} 0)`">
      <path d="M-52 330q0 96 22 96h60q22 0 22-96z" fill="#4a4640" />
      <ellipse cx="0" cy="330" rx="54" ry="13" fill="#3a3632" />
      <ellipse cx="0" cy="331" rx="46" ry="9" :fill="pot.colour" />
      <text
        x="0"
        y="452"
        text-anchor="middle"
        font-family="'Atkinson Hyperlegible Next Variable', sans-serif"
        font-size="18"
        fill="#e8d9c0"
      >
        {{ pot.name }}
      </text>
    </g>
    <!-- what is done -->
    <g v-for="at in shelf" :key="at" :transform="`translate(${790 - (at % 3) * 22} ${150 + Math.floor(at / 3) * 70})`">
      <rect x="-6" y="0" width="12" height="48" rx="5" fill="#e8c98f" />
      <path d="M0-12q7 8 0 12-7-4 0-12" fill="#f2b457" />
    </g>
  </svg>
</template>

<style scoped>
.arm,
.taper {
  transition: transform 140ms ease-out;
}

@media (prefers-reduced-motion: reduce) {
  .arm,
  .taper {
    transition: none;
  }
}
</style>
