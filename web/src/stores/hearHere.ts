import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'

export interface Output {
  id: string
  name: string
}

/** Whether stages are heard from this console, and on which output; kept on this computer alone. */
export const useHearHere = defineStore('hearHere', () => {
  const on = useLocalStorage('waxbell.hear', false)
  const output = useLocalStorage('waxbell.hear.output', '')
  /** Whether the browser lets it sound; it does when somebody has clicked. */
  const may = ref(false)
  const fault = ref('')
  const outputs = shallowRef<Output[]>([])

  const list = async () => {
    const devices = (await navigator.mediaDevices?.enumerateDevices()) ?? []
    outputs.value = devices
      .filter((each) => each.kind === 'audiooutput' && each.deviceId && each.deviceId !== 'default' && each.label)
      .map((each) => ({ id: each.deviceId, name: each.label }))
  }
  /** A browser names outputs only to whom it lets use a microphone; that is asked for once and let go at once. */
  const lookForMore = async () => {
    try {
      const stream = await navigator.mediaDevices.getUserMedia({ audio: true })
      stream.getTracks().forEach((track) => track.stop())
      await list()
      fault.value = ''
    } catch {
      fault.value =
        'The browser names no other output; allow the microphone for this page once, or stay with the usual one.'
    }
  }
  return { on, output, may, fault, outputs, list, lookForMore }
})
