import type { MachineRow } from '../job/rows'
import { machineTitle } from '../job/title'
import {
  isSeasonTask,
  type RoundKit,
  type SeasonTask,
  type SeasonTaskId,
  seasonTask,
  seasonTasks,
} from '../knowledge/season'
import { machinesInUse } from './inUse'
import type { HouseRows, RoundItemRow, RoundRow } from './rows'
import { type DueTask, isOf } from './season'

/** Things to do, place by place, as one walks. */
export interface PlaceOnRound<Item> {
  place: string
  machines: { id: string; title: string; items: Item[] }[]
}

/** A thing that may go onto a round. */
export interface PlannedTask {
  machineId: string
  task: SeasonTaskId
  /** Null: it is not due. */
  due: DueTask | null
  minutes: number
  inside: boolean
}

/** A thing on a round that is under way. */
export interface RoundItem {
  row: RoundItemRow
  task: SeasonTask
  /** The job that was opened for it. */
  job: { id: string; status: 'open' | 'closed' } | null
}

/** What is due, and what else could be done, for machines in use. */
export function plannedTasks(
  rows: Pick<HouseRows, 'machines' | 'lives'>,
  due: DueTask[],
): PlaceOnRound<PlannedTask>[] {
  const dueAt = new Map(due.map((each) => [`${each.machineId} ${each.task}`, each]))
  return byPlace(machinesInUse(rows), (machine) =>
    seasonTasks
      .filter((task) => isOf(task, machine))
      .map(({ id, minutes, inside }) => ({
        machineId: machine.id,
        task: id,
        minutes,
        inside,
        due: dueAt.get(`${machine.id} ${id}`) ?? null,
      })),
  )
}

/** A round as it stands: what is to be done where, and what has to be taken along. */
export interface RoundUnderWay {
  round: RoundRow
  places: PlaceOnRound<RoundItem>[]
  open: number
  count: number
  /** Minutes of what is open. */
  minutes: number
  kit: RoundKit[]
}

export function roundUnderWay(
  rows: Pick<HouseRows, 'machines' | 'jobs' | 'items'>,
  round: RoundRow,
): RoundUnderWay {
  const items = rows.items
    .filter(({ roundId, task }) => roundId === round.id && isSeasonTask(task))
    .flatMap((row): RoundItem[] => {
      const { task, jobId } = row
      const job = rows.jobs.find(({ id }) => id === jobId)
      return isSeasonTask(task)
        ? [{ row, task: seasonTask(task), job: job ? { id: job.id, status: job.status } : null }]
        : []
    })
  const open = items.filter(({ row }) => row.state === 'open')
  return {
    round,
    places: byPlace(rows.machines, (machine) => items.filter(({ row }) => row.machineId === machine.id)),
    open: open.length,
    count: items.length,
    minutes: open.reduce((sum, { task }) => sum + task.minutes, 0),
    kit: kitOf(open.map(({ task }) => task)),
  }
}

/** What has to be taken along for these tasks, each once, in the order of the tasks. */
export const kitOf = (tasks: readonly Pick<SeasonTask, 'kit'>[]): RoundKit[] => [
  ...new Set(tasks.flatMap(({ kit }) => kit)),
]

function byPlace<Item>(
  machines: readonly MachineRow[],
  itemsOf: (machine: MachineRow) => Item[],
): PlaceOnRound<Item>[] {
  const places = new Map<string, PlaceOnRound<Item>>()
  const ordered = [...machines].sort(
    (one, two) => one.place.localeCompare(two.place) || machineTitle(one).localeCompare(machineTitle(two)),
  )
  for (const machine of ordered) {
    const items = itemsOf(machine)
    if (items.length === 0) continue
    const place = places.get(machine.place) ?? { place: machine.place, machines: [] }
    place.machines.push({ id: machine.id, title: machineTitle(machine), items })
    places.set(machine.place, place)
  }
  return [...places.values()]
}
