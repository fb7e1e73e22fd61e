import type { Component } from 'vue'
import ChaptersForm from './ChaptersForm.vue'
import ClockDesk from './ClockDesk.vue'
import ClockTable from './ClockTable.vue'
import CrowdDesk from './CrowdDesk.vue'
import CrowdMovesForm from './CrowdMovesForm.vue'
import ExtensionDesk from './ExtensionDesk.vue'
import ExtensionForm from './ExtensionForm.vue'
import GameDesk from './GameDesk.vue'
import OrderDesk from './OrderDesk.vue'
import PointsDesk from './PointsDesk.vue'
import PollDesk from './PollDesk.vue'
import PrizeDesk from './PrizeDesk.vue'
import RewardDesk from './RewardDesk.vue'
import RewardsForm from './RewardsForm.vue'
import QueueDesk from './QueueDesk.vue'
import TaskListsForm from './TaskListsForm.vue'
import TasksDesk from './TasksDesk.vue'
import TunesDesk from './TunesDesk.vue'

/** What is drawn for a kind of desk: its board, and the form of what no list of fields describes. */
export const DRAWN: Record<string, { board: Component; form?: Component; begins: string }> = {
  queue: {
    board: QueueDesk,
    begins: 'Viewers join by chat and come up one after another; on the stage who is up and who is next.',
  },
  clock: {
    board: ClockDesk,
    form: ClockTable,
    begins: 'A countdown, a stopwatch, or work and rest in turn; on the stage as a candle, a ring or digits.',
  },
  tasks: {
    board: TasksDesk,
    form: TaskListsForm,
    begins: 'Lists of things to do, yours and everybody’s; viewers write to them and tick off by chat.',
  },
  crowd: {
    board: CrowdDesk,
    form: CrowdMovesForm,
    begins: 'Viewers press keys with short words, at once or by vote; a game of yours, or the dipping rig.',
  },
  points: {
    board: PointsDesk,
    begins: 'Viewers earn by being here, by lines and by what happens; they give one another, and you give and take.',
  },
  order: {
    board: OrderDesk,
    form: ChaptersForm,
    begins:
      'The chapters of your evening: each sets scene, racks and desks as long as it lasts, and says how late you are.',
  },
  poll: {
    board: PollDesk,
    begins: 'A question with a few answers; viewers vote by number or word, and bars grow on the stage.',
  },
  game: {
    board: GameDesk,
    begins: 'A wager, three wheels, a guess, a duel or a shared pot, with its odds worked out before it is played.',
  },
  rewards: {
    board: RewardDesk,
    form: RewardsForm,
    begins: 'What viewers redeem for points: at once, or when you accept it.',
  },
  prize: {
    board: PrizeDesk,
    begins: 'Viewers enter by a word or a line; one is drawn so that anybody can check it, and has time to speak up.',
  },
  tunes: {
    board: TunesDesk,
    begins: 'Viewers ask for tunes by title or link; your own list plays while nobody does.',
  },
  extension: {
    board: ExtensionDesk,
    form: ExtensionForm,
    begins: 'A small program of yours in JavaScript: it hears what happens and acts within what you let it.',
  },
}
