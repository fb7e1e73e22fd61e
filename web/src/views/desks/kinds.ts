import type { Component } from 'vue'
import ClockDesk from './ClockDesk.vue'
import ClockTable from './ClockTable.vue'
import QueueDesk from './QueueDesk.vue'

/** What is drawn for a kind of desk: its board, and the form of what no list of fields describes. */
export const DRAWN: Record<string, { board: Component; form?: Component; plural: string; begins: string }> = {
  queue: {
    board: QueueDesk,
    plural: 'Turns',
    begins: 'Viewers join by chat and come up one after another; on the stage who is up and who is next.',
  },
  clock: {
    board: ClockDesk,
    form: ClockTable,
    plural: 'Clocks',
    begins: 'A countdown, a stopwatch, or work and rest in turn; on the stage as a candle, a ring or digits.',
  },
}
