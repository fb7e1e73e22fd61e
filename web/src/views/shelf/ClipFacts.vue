<script setup lang="ts">
import { BookOpen, Clapperboard, Copy, Image, MonitorPlay } from '@lucide/vue'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { ask, problemsOf } from '@/api/http'
import type { ClipView, Cue, DecisionNotice, NewCueView, Problem, Pull, ShelfFile } from '@/api/types'
import TheProblems from '@/components/cue/TheProblems.vue'
import { dayAndTime } from '@/lib/spans'
import { useClips } from '@/stores/clips'
import { useNotes } from '@/stores/notes'
import { useShelf } from '@/stores/shelf'
import { useWhy } from '@/stores/why'
import { useWiring } from '@/stores/wiring'
import ClipTrim from './ClipTrim.vue'

/** A clip of the show: who kept it and when, what led to it, cut, given a poster, shown on the stage. @param at where the film stands now, in milliseconds */
const props = defineProps<{ clip: ClipView; file: ShelfFile; at: number }>()
const emit = defineEmits<{ seek: [ms: number] }>()
const clips = useClips()
const shelf = useShelf()
const wiring = useWiring()
const notes = useNotes()
const why = useWhy()
const router = useRouter()
const problems = ref<Problem[]>([])
const tried = async (act: () => Promise<unknown>) => {
  problems.value = []
  try {
    await act()
  } catch (refusal) {
    problems.value = problemsOf(refusal)
  }
}
const cut = (fromMs: number, toMs: number) =>
  tried(async () => {
    await clips.trim(props.clip.number, fromMs, toMs)
    await Promise.all([shelf.load(), wiring.load()])
    notes.say('The clip is shorter now; the same address shows what is left.')
  })
const poster = () =>
  tried(async () => {
    await clips.poster(props.clip.number, Math.round(props.at))
    notes.say('That picture stands for it now.')
  })
const journal = () =>
  tried(async () => void why.open(await ask<DecisionNotice>('GET', `/clips/${props.clip.number}/decision`)))
const copy = () =>
  navigator.clipboard.writeText(props.clip.address).then(
    () => notes.say('The address is copied.'),
    () => notes.say(props.clip.address),
  )
const hasButton = (id: string) =>
  wiring.cues.some(({ cue }) => cue.id === id && cue.pulls.some((pull) => pull.kind === 'hand'))
/** A cue that shows it: one that is there, or a new one with a button. @param pressed whether it must have a button */
const cue = async (pressed: boolean): Promise<string> => {
  const there = props.file.uses.find((use) => use.kind === 'cue' && (!pressed || hasButton(use.id)))
  if (there) {
    return there.id
  }
  const pull = await ask<Pull>('POST', '/cues/pulls/hand')
  const made = await ask<NewCueView>('POST', '/cues/new', {
    pull: { ...pull, button: 'Show the clip' },
    answer: '',
    parts: ['video'],
    rack: wiring.racks[0]?.rack.id ?? '',
  })
  const takes = made.cue.takes.map((take) => ({
    ...take,
    score: {
      parts: take.score.parts.map((part) => (part.kind === 'video' ? { ...part, file: props.file.row.name } : part)),
    },
  }))
  const name = `Show ${props.clip.title}`.slice(0, 40).trim()
  await wiring.saveCue(0, { ...made.cue, name, takes } as Cue)
  await shelf.load()
  return made.cue.id
}
const use = () => tried(async () => void (await router.push(`/cues/${await cue(false)}`)))
const play = () =>
  tried(async () => {
    const told = await ask<DecisionNotice>('POST', `/cues/${await cue(true)}/press`)
    notes.say(told.sentence)
  })
</script>

<template>
  <section class="flex flex-col gap-2 border-t border-line pt-3" data-clip>
    <h3 class="text-[14px]">A clip of the show</h3>
    <p class="text-[13px] text-soft">
      <bdi>{{ clip.title }}</bdi>{{ clip.maker && ', kept by ' }}<bdi>{{ clip.maker }}</bdi
      >, {{ dayAndTime(clip.begins) }}
    </p>
    <ClipTrim :length-ms="file.row.lengthMs" :at="at" @seek="emit('seek', $event)" @cut="cut" />
    <TheProblems :problems="problems" />
    <div class="flex flex-wrap gap-2">
      <button class="button" @click="play"><MonitorPlay :size="14" /> Play it on the stage</button>
      <button class="button" @click="use"><Clapperboard :size="14" /> Use it in a cue</button>
      <button class="button" @click="poster"><Image :size="14" /> This picture stands for it</button>
      <button class="button" @click="copy"><Copy :size="14" /> Copy its address</button>
      <button class="button" @click="journal"><BookOpen :size="14" /> What led to it</button>
    </div>
  </section>
</template>
