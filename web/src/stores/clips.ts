import { useIntervalFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { ask } from '@/api/http'
import type { ClipsView, ClipView } from '@/api/types'

const OFTEN_MS = 500
const NONE: ClipsView = { making: [], clips: [], filmed: [] }

/** Clips of the show: what is being made, who made what, and what was filmed. */
export const useClips = defineStore('clips', () => {
  const view = shallowRef<ClipsView>(NONE)
  const load = () =>
    ask<ClipsView>('GET', '/clips').then(
      (told) => {
        view.value = told
        if (told.making.length === 0) {
          watching.pause()
        } else {
          watching.resume()
        }
      },
      () => undefined,
    )
  /** What is being made tells how far it is while somebody looks. */
  const watching = useIntervalFn(() => void load(), OFTEN_MS, { immediate: false })
  const byHash = computed(() => new Map(view.value.clips.map((each) => [each.hash, each])))
  const of = (hash: string): ClipView | undefined => byHash.value.get(hash)
  const change = async (number: number, what: string, body: object) => {
    const told = await ask<ClipView>('POST', `/clips/${number}/${what}`, body)
    await load()
    return told
  }
  const trim = (number: number, fromMs: number, toMs: number) => change(number, 'trim', { fromMs, toMs })
  const poster = (number: number, atMs: number) => change(number, 'poster', { atMs })
  const stop = (number: number) => ask('POST', `/clips/making/${number}/stop`).then(load, () => undefined)
  return { view, load, of, trim, poster, stop }
})
