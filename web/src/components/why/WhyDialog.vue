<script setup lang="ts">
import { RotateCcw, Square } from '@lucide/vue'
import { computed } from 'vue'
import GateList from '@/components/cue/GateList.vue'
import { LANE_ICONS } from '@/components/score/lanes'
import TheDialog from '@/components/TheDialog.vue'
import { span, timeOfDay } from '@/lib/spans'
import { useNotes } from '@/stores/notes'
import { useWhy } from '@/stores/why'

/** Why something happened or did not: which cues looked, what each gate said, what was played. */
const why = useWhy()
const notes = useNotes()
const ringOf = (number: number) => why.rings.find((each) => each.number === number)
const act = (done: Promise<{ sentence: string }>) =>
  done.then(
    (decision) => notes.say(decision.sentence),
    (failed: Error) => notes.say(failed.message),
  )
const plays = (state?: string) => state === 'playing' || state === 'waiting'
const title = computed(() => (why.decision ? `${timeOfDay(why.decision.at)} · why` : ''))
const close = () => (why.journal ? why.back() : why.close())
</script>

<template>
  <TheDialog :open="why.decision !== null" :title="title" width="600px" @close="close">
    <template v-if="why.decision">
      <p class="text-[15px]">
        <bdi dir="ltr">{{ why.decision.event }}</bdi>
      </p>
      <p v-if="why.decision.answers.length === 0" class="text-soft">
        {{ why.decision.sentence }}. No cue waited for this.
      </p>
      <section
        v-for="answer in why.decision.answers"
        :key="answer.cueId"
        :aria-label="answer.cueName"
        class="border-t border-line pt-2"
      >
        <h3 class="flex items-center gap-2 text-[16px]">
          <RouterLink class="underline decoration-line" :to="`/cues/${answer.cueId}`" @click="why.close()">{{
            answer.cueName
          }}</RouterLink>
          <span
            class="font-sans text-[13px] font-semibold"
            :class="answer.held || answer.dropped ? 'text-wax-words' : 'text-verdigris-words'"
            >{{ answer.held ? 'held' : answer.dropped ? 'dropped' : 'rang' }}</span
          >
        </h3>
        <p v-if="!answer.held" class="text-[13px] text-soft">
          {{ answer.seen ? `It ${answer.seen.says}. ${answer.seen.remedy}` : answer.sentence }}
        </p>
        <GateList class="text-[13.5px]" :gates="answer.gates" :cue-id="answer.cueId" />
        <p v-for="drawn in answer.drawn" :key="drawn" class="text-[13px]">drawn: {{ drawn }}</p>
        <template v-if="ringOf(answer.ring)">
          <ol class="text-[13px]">
            <li v-for="part in ringOf(answer.ring)!.parts" :key="part.id" class="flex items-center gap-2 py-px">
              <component :is="LANE_ICONS[part.lane]" :size="13" class="flex-none text-soft" />
              <span class="w-[132px] flex-none font-mono text-[12px] text-soft"
                >{{ timeOfDay(part.from) }}{{ part.to > part.from ? ` · ${span(part.to - part.from)}` : '' }}</span
              >
              <span class="min-w-0 flex-1 truncate" :title="part.label">{{ part.label }}</span>
              <span
                class="flex-none"
                :class="['failed', 'cut', 'missed'].includes(part.state) ? 'text-wax-words' : 'text-soft'"
                >{{ part.state }}{{ part.note && `: ${part.note}` }}</span
              >
            </li>
          </ol>
          <div class="flex gap-2 pt-1.5">
            <button v-if="plays(ringOf(answer.ring)!.state)" class="button" @click="act(why.stop(answer.ring))">
              <Square :size="13" /> {{ ringOf(answer.ring)!.state === 'waiting' ? 'Skip it' : 'End it' }}
            </button>
            <button class="button" @click="act(why.again(answer.ring))"><RotateCcw :size="13" /> Play again</button>
          </div>
        </template>
      </section>
      <div class="flex justify-end">
        <button class="button" @click="close">{{ why.journal ? 'Back' : 'Close' }}</button>
      </div>
    </template>
  </TheDialog>
</template>
