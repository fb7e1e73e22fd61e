import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import { ask } from '@/api/http'
import type { DecisionNotice, RingNotice } from '@/api/types'

/** Which decision is looked at closely, with the rings that it led to. */
export const useWhy = defineStore('why', () => {
  const decision = shallowRef<DecisionNotice | null>(null)
  const rings = shallowRef<RingNotice[]>([])
  /** Whether the whole journal is open. */
  const journal = ref(false)
  const open = async (of: DecisionNotice) => {
    decision.value = of
    rings.value = []
    const numbers = of.answers.map((each) => each.ring).filter((ring) => ring > 0)
    const found = await Promise.all(
      numbers.map((number) => ask<RingNotice>('GET', `/rings/${number}`).catch(() => null)),
    )
    if (decision.value === of) {
      rings.value = found.filter((each) => each !== null)
    }
  }
  const close = () => {
    decision.value = null
    journal.value = false
  }
  const back = () => (decision.value = null)
  const stop = (ring: number) => ask<DecisionNotice>('POST', `/rings/${ring}/stop`)
  const again = (ring: number) => ask<DecisionNotice>('POST', `/rings/${ring}/again`)
  const next = (ring: number) => ask<DecisionNotice>('POST', `/rings/${ring}/next`)
  return { decision, rings, journal, open, close, back, stop, again, next }
})
