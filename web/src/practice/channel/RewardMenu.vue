<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { ChevronDown, Plus, Trash2 } from '@lucide/vue'
import { onMounted, ref } from 'vue'
import { ask, problemsOf } from '@/api/http'
import type { OfferedReward, Problem, Reward } from '@/api/types'
import { vMenu } from '@/lib/menu'

/** The channel's rewards and those of your desks: redeemed as the chosen viewer; the channel's are kept here. */
const props = defineProps<{ name: string }>()
const rewards = ref<Reward[]>([])
const offered = ref<OfferedReward[]>([])
const input = ref<Record<string, string>>({})
const editing = ref(false)
const said = ref('')
const problems = ref<Problem[]>([])
const guarded = async (work: () => Promise<void>) => {
  try {
    problems.value = []
    await work()
  } catch (failed) {
    problems.value = problemsOf(failed)
  }
}
const load = async () => {
  rewards.value = await ask<Reward[]>('GET', '/practice/rewards')
  offered.value = await ask<OfferedReward[]>('GET', '/practice/rewards/offered')
}
onMounted(() => guarded(load))
const place = (reward: OfferedReward) => `${reward.desk}/${reward.title}`
const redeem = (reward: OfferedReward) =>
  guarded(async () => {
    const decision = await ask<{ sentence: string }>('POST', '/practice/rewards/redeem', {
      name: props.name,
      title: reward.title,
      input: input.value[place(reward)] ?? '',
      desk: reward.desk,
    })
    said.value = `${reward.title}: ${decision.sentence}`
  })
const save = () =>
  guarded(async () => {
    await ask<Reward[]>('PUT', '/practice/rewards', rewards.value)
    await load()
    editing.value = false
  })
</script>

<template>
  <Popover class="relative">
    <PopoverButton class="button">Rewards <ChevronDown :size="14" /></PopoverButton>
    <PopoverPanel v-menu="'top-end'" class="sheet flex w-[380px] flex-col gap-2 p-3 shadow-lg">
      <template v-if="!editing">
        <div
          v-for="reward in offered"
          :key="place(reward)"
          class="flex items-end gap-2"
          :data-reward="reward.title"
          :data-desk="reward.desk"
        >
          <label class="min-w-0 flex-1">
            <span class="block truncate"
              ><img
                v-if="reward.picture"
                :src="reward.picture"
                alt=""
                class="mr-1.5 inline-block h-5 w-5 rounded-[5px] object-cover"
              /><span
                v-else-if="reward.desk"
                class="mr-1.5 inline-block h-2.5 w-2.5 rounded-full"
                :style="{ background: reward.colour }"
              />{{ reward.title }}
              <span class="text-[13px] text-soft"
                >{{ reward.price }}{{ reward.desk ? ', at your desk' : '' }}</span
              ></span
            >
            <input
              v-if="reward.asks"
              v-model="input[place(reward)]"
              class="field"
              :placeholder="reward.asks"
              autocomplete="off"
            />
          </label>
          <button type="button" class="button" @click="redeem(reward)">Redeem</button>
        </div>
        <p v-if="offered.length === 0" class="text-soft">There are no rewards.</p>
        <p v-if="said" role="status" class="text-[13px] text-soft">{{ said }}</p>
        <button type="button" class="button self-start" @click="editing = true">Change the rewards</button>
      </template>
      <template v-else>
        <div v-for="(reward, at) in rewards" :key="at" class="grid grid-cols-[1fr_80px_auto] gap-1.5">
          <input v-model="reward.title" class="field" aria-label="Title" autocomplete="off" />
          <input v-model.number="reward.price" class="field font-mono" inputmode="numeric" aria-label="Price" />
          <button
            type="button"
            class="button px-2"
            :aria-label="`Remove ${reward.title}`"
            @click="rewards.splice(at, 1)"
          >
            <Trash2 :size="14" />
          </button>
          <input
            v-model="reward.asks"
            class="field col-span-2"
            aria-label="What it asks for"
            placeholder="what the viewer is asked, or nothing"
            autocomplete="off"
          />
        </div>
        <div class="flex gap-2">
          <button type="button" class="button" @click="rewards.push({ title: '', price: 100, asks: '' })">
            <Plus :size="14" /> Reward
          </button>
          <button type="button" class="button button-dark ml-auto" @click="save">Keep them</button>
        </div>
      </template>
      <p v-for="each in problems" :key="each.path + each.message" role="alert" class="text-[13px] text-wax-words">
        {{ each.message }} {{ each.remedy }}
      </p>
    </PopoverPanel>
  </Popover>
</template>
