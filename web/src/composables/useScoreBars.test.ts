import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { ref } from 'vue'
import type { PlannedPart } from '@/composables/usePlan'
import { useKinds } from '@/stores/kinds'
import kinds from '@/testing/kinds.json'
import { useScoreBars } from './useScoreBars'

const part = (id: string, from: number, to: number, lane = 'screen') =>
  ({
    part: { id, start: { kind: 'at', ms: from } },
    from,
    to,
    lane,
    label: id,
    most: 0,
    open: false,
  }) as unknown as PlannedPart

describe('where the bars of a score lie', () => {
  beforeEach(() => {
    setActivePinia(createPinia())
    useKinds().all = kinds as never
  })
  const drawn = (...parts: PlannedPart[]) => useScoreBars(() => parts, ref(10_000), ref(44))

  it('has three parts at one time as high as two, and the lane grows', () => {
    const two = drawn(part('a', 0, 5_000), part('b', 0, 5_000))
    const three = drawn(part('a', 0, 5_000), part('b', 0, 5_000), part('c', 100, 5_000))
    expect(three.bars.value.map((each) => each.height)).toEqual([0, 1, 2].map(() => two.bars.value[0]!.height))
    expect(three.lanes.value[0]!.height).toBeGreaterThan(two.lanes.value[0]!.height)
    expect(three.tall.value - two.tall.value).toBe(three.lanes.value[0]!.height - two.lanes.value[0]!.height)
  })

  it('never lets one stand on another, however they overlap', () => {
    const { bars } = drawn(
      part('a', 0, 2_000),
      part('b', 1_000, 4_000),
      part('c', 3_000, 6_000),
      part('d', 7_000, 8_000),
    )
    const touch = (one: (typeof bars.value)[number], other: (typeof bars.value)[number]) =>
      one.from < other.to &&
      other.from < one.to &&
      one.top < other.top + other.height &&
      other.top < one.top + one.height
    bars.value.forEach((one) =>
      bars.value.filter((each) => each !== one).forEach((other) => expect(touch(one, other)).toBe(false)),
    )
    expect(bars.value[3]!.height).toBeGreaterThan(bars.value[0]!.height)
  })
})
