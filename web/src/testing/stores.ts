import { createPinia, disposePinia, type Pinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach } from 'vitest'

/** Stores of its own for every test of a file; what a test left under way ends with them, for a late save would make its stores the current ones of the next test. */
export const ownStores = () => {
  let pinia: Pinia
  beforeEach(() => {
    pinia = createPinia()
    setActivePinia(pinia)
  })
  afterEach(() => disposePinia(pinia))
}
