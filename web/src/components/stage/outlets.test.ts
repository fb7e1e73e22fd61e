import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import type { Stage } from '@/api/types'
import OutletForm from './OutletForm.vue'

const busy = { kind: 'share', together: 3 } as const
const outlet = (id: string, over: Partial<Stage['outlets'][number]> = {}) => ({
  id,
  name: id.toUpperCase(),
  busy,
  quietens: [],
  quietTo: 100,
  apart: false,
  source: '',
  sourceTo: 40,
  ...over,
})
const stage = (...outlets: Stage['outlets']) => ({ id: 'main', outlets, spots: [], fixtures: [] }) as unknown as Stage

describe('an outlet', () => {
  beforeEach(() => setActivePinia(createPinia()))
  const form = (of: Stage) => mount(OutletForm, { props: { stage: of, chosen: 'bench', at: () => [] } })
  const edited = (made: ReturnType<typeof form>) => (made.emitted('edit')!.at(-1) as [Stage])[0].outlets

  it('makes others quieter, and says how quiet only where there is one', async () => {
    const made = form(stage(outlet('bench'), outlet('hum')))
    expect(made.text()).not.toContain('Down to')
    await made.find('fieldset input[type=checkbox]').setValue(true)
    expect(edited(made)[0]).toMatchObject({ id: 'bench', quietens: ['hum'] })
    expect(edited(made)[1]).toMatchObject({ id: 'hum', quietens: [] })
    await made.setProps({ stage: stage(outlet('bench', { quietens: ['hum'] }), outlet('hum')) })
    expect(made.text()).toContain('Down to')
  })

  it('is alone on its stage with nothing to make quieter', () => {
    expect(
      form(stage(outlet('bench')))
        .find('fieldset')
        .exists(),
    ).toBe(false)
  })

  it('has an address of its own once it stands apart', async () => {
    const made = form(stage(outlet('bench')))
    expect(made.text()).not.toContain('Copy its address')
    await made.find('label input[type=checkbox]').setValue(true)
    expect(edited(made)[0]).toMatchObject({ apart: true, source: '', sourceTo: 40 })
    await made.setProps({ stage: stage(outlet('bench', { apart: true, source: '', sourceTo: 40 })) })
    expect(made.text()).toContain('Copy its address')
  })
})
