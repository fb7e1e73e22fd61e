import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { ask } from '@/api/http'
import type { DecisionNotice, Heard, VoiceView } from '@/api/types'
import { useHearing } from '@/composables/useHearing'
import { say, type ToSay } from '@/lib/ownVoice'
import { useNotes } from './notes'

/** The voice as the server tells it, and what the host does with it. */
export const useVoice = defineStore('voice', () => {
  const notes = useNotes()
  const view = shallowRef<VoiceView | null>(null)
  const { hear: play } = useHearing()

  const load = () =>
    ask<VoiceView>('GET', '/voice').then(
      (told) => (view.value = told),
      () => undefined,
    )
  const done = (asked: Promise<DecisionNotice>) =>
    asked.then(
      (said) => {
        notes.say(said.sentence)
        return load()
      },
      (failed: Error) => notes.say(failed.message),
    )
  /** Asks the voice for one of its acts. */
  const act = (name: string, said: Record<string, string> = {}) =>
    done(ask<DecisionNotice>('POST', `/desks/voice/${name}`, { about: 'voice', with: said }))
  /** Lets a text through that waits for the host, or puts it away. */
  const settle = (decision: number, how: 'let' | 'drop') =>
    done(ask<DecisionNotice>('POST', `/voice/waits/${decision}/${how}`))
  /** Has a text said in this console alone. @param voice its id, empty text for the usual one @param speed in percent, 0 for the usual */
  const hear = async (text: string, voice = '', speed = 0, pitch = 0): Promise<string> => {
    try {
      const heard = await ask<Heard>('POST', '/voice/hear', { text, voice, speed, pitch })
      const made = await fetch(heard.address)
      if (made.headers.get('Content-Type')?.startsWith('application/json')) {
        await say((await made.json()) as ToSay, 1).over
      } else {
        await play(heard.address, 0)
      }
      return ''
    } catch (failed) {
      return (failed as Error).message
    }
  }
  return { view, load, act, settle, hear }
})
