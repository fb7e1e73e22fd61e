<script setup lang="ts">
import { onMounted, onUnmounted, watch } from 'vue'
import { LOOK_MS, meterOf, peakOf } from '@/lib/meter'

/** The hum of a workshop, made here: slow brown noise, softer when it is muffled. */
const props = defineProps<{ loudness: number; muffled: boolean }>()
const emit = defineEmits<{ peak: [number] }>()
let context: AudioContext | null = null
let gain: GainNode | null = null
let tone: BiquadFilterNode | null = null
let timer = 0
const HUM = 0.22

const set = () => {
  if (context && gain && tone) {
    gain.gain.setTargetAtTime(props.loudness * HUM, context.currentTime, 0.05)
    tone.frequency.setTargetAtTime(props.muffled ? 140 : 700, context.currentTime, 0.05)
  }
}
const begin = () => {
  if (context || props.loudness === 0) {
    return
  }
  context = new AudioContext()
  const noise = context.createBuffer(1, context.sampleRate * 4, context.sampleRate)
  const samples = noise.getChannelData(0)
  let last = 0
  for (let i = 0; i < samples.length; i++) {
    last = (last + 0.02 * (Math.random() * 2 - 1)) / 1.02
    samples[i] = last * 3.5
  }
  const source = new AudioBufferSourceNode(context, { buffer: noise, loop: true })
  tone = new BiquadFilterNode(context, { type: 'lowpass' })
  gain = new GainNode(context, { gain: 0 })
  const meter = meterOf(context)
  source.connect(tone).connect(gain).connect(meter).connect(context.destination)
  source.start()
  timer = window.setInterval(() => emit('peak', peakOf(meter)), LOOK_MS)
  set()
}
watch(
  () => [props.loudness, props.muffled],
  () => (begin(), set()),
)
onMounted(begin)
onUnmounted(() => {
  clearInterval(timer)
  void context?.close()
})
</script>

<template>
  <span hidden />
</template>
