import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { ask } from '@/api/http'
import type { KindsView, KindView, Lane } from '@/api/types'

const NONE: KindsView = {
  pulls: [],
  gates: [],
  parts: [],
  fixtures: [],
  desks: [],
  documents: [],
  links: [],
  events: [],
  standings: [],
  lanes: [],
  targets: [],
  answers: [],
  ways: {},
  setOff: [],
}
const UNKNOWN = (name: string): KindView => ({ name, title: name, label: name, also: '', says: '', fields: [] })

/** What every kind says of itself, as the server tells it once. */
export const useKinds = defineStore('kinds', () => {
  const all = shallowRef<KindsView>(NONE)
  const load = async () => {
    all.value = await ask<KindsView>('GET', '/kinds').catch(() => all.value)
  }
  const of = (
    family: 'pulls' | 'gates' | 'parts' | 'fixtures' | 'desks' | 'documents' | 'links',
    name: string,
  ): KindView => all.value[family].find((each) => each.name === name) ?? UNKNOWN(name)
  const pull = (name: string) => of('pulls', name)
  const gate = (name: string) => of('gates', name)
  const part = (name: string) => of('parts', name)
  const fixture = (name: string) => of('fixtures', name)
  const link = (name: string) => of('links', name)
  const document = (name: string) => of('documents', name)
  /** A gate, or whatever else answered in a decision. */
  const answered = (name: string) => all.value.answers.find((each) => each.name === name) ?? gate(name)
  const answer = (name: string) => answered(name).label
  /** What is said of what it held. */
  const says = (name: string) => answered(name).says || answer(name).toLowerCase()
  const lanes = computed(() => all.value.lanes)
  /** The lanes to draw: the three that nearly every score has, and those that this one uses. */
  const lanesOf = (used: Iterable<Lane>) => {
    const drawn = new Set(used)
    return lanes.value.filter(({ lane }, at) => at < 3 || drawn.has(lane))
  }
  return { all, load, of, pull, gate, part, fixture, link, document, answer, says, lanes, lanesOf }
})
