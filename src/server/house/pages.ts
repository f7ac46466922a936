import { houseFigures } from '@/core/house/figures'
import { panelOf } from '@/core/house/panel'
import { plannedTasks, roundUnderWay } from '@/core/house/roundView'
import { dayIn } from '@/core/units/days'
import { listBreakers, loadHouse } from '@/data/house'
import { listMachines } from '@/data/household'
import { countedJobs } from '@/data/houseReadings'
import { breakerNames, placesOf } from '../machine'
import { store } from '../store'
import { dueNow } from './season'

/** What the form of a machine chooses from. */
export async function readHouseForms(): Promise<{ breakers: string[]; places: string[] }> {
  const { db } = await store()
  const house = { machines: await listMachines(db), breakers: await listBreakers(db) }
  return { breakers: breakerNames(house), places: placesOf(house) }
}

/** The panel of the house, and the machines that stand on none of its breakers. */
export async function readPanel() {
  const { db } = await store()
  return panelOf(await loadHouse(db))
}

/** Rounds that ended, on the page of rounds. */
const PAST_ROUNDS = 12

/** The round that is under way, else what is due for the next one; and those that ended. */
export async function readRounds(zone?: string) {
  const { db } = await store()
  const rows = await loadHouse(db)
  const underWay = rows.rounds.find(({ endedAt }) => endedAt === null)
  const due = await dueNow(db, rows, dayIn(Date.now(), zone))
  const past = rows.rounds.filter(({ endedAt }) => endedAt !== null).slice(0, PAST_ROUNDS)
  return {
    underWay: underWay ? roundUnderWay(rows, underWay) : null,
    places: underWay ? [] : plannedTasks(rows, due),
    past: past.map((round) => {
      const items = rows.items.filter(({ roundId }) => roundId === round.id)
      const of = (state: string) => items.filter((item) => item.state === state).length
      return { round, done: of('done'), found: of('found'), left: of('left') + of('open') }
    }),
  }
}

/** What the house spent and saved, and what failed how often. */
export async function readFigures() {
  const { db } = await store()
  return houseFigures(await countedJobs(db))
}
