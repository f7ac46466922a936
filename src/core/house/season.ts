import type { MachineRow } from '../job/rows'
import { type SeasonTask, type SeasonTaskId, seasonTasks } from '../knowledge/season'
import type { RoundItemRow } from './rows'

/** What of the house's machines the plan of a round is made from. */
export interface SeasonFacts {
  machines: Pick<
    MachineRow,
    'id' | 'name' | 'place' | 'family' | 'motorKind' | 'installedYear' | 'nextLook'
  >[]
  /** Machines in use no more: nothing of them is due. */
  retired: readonly string[]
  items: Pick<RoundItemRow, 'machineId' | 'task' | 'state' | 'doneAt'>[]
  /** When a capacitor of a machine was last read, in whichever job; the newest. */
  capacitorRead: ReadonlyMap<string, string>
  /** The first day on which a capacitor may leave its window, by its drift; where it is known. */
  capacitorOut: ReadonlyMap<string, string>
  /** Machines whose last closed job left something open, with when it was closed. */
  leftOpen: ReadonlyMap<string, string>
}

export interface DueTask {
  machineId: string
  task: SeasonTaskId
  why: 'time' | 'drift' | 'left-open'
  /** The day on which it was done last; null where nobody wrote it down. */
  lastAt: string | null
  /** The day from which it is due. */
  dueAt: string
}

/** What leaves its window within a year is read on this round and not on the next. */
const DRIFT_MONTHS = 12

/** Whether a task is one of this machine. A motor of an unknown kind may be any, but a belt is only looked for where one can be. */
export const isOf = (
  task: SeasonTask,
  { family, motorKind }: Pick<MachineRow, 'family' | 'motorKind'>,
): boolean =>
  task.families.includes(family) &&
  (!task.motors || (motorKind === null ? task.id === 'capacitor-read' : task.motors.includes(motorKind)))

/**
 * What is due on a round: by time, by the drift of a capacitor, and by what a closed job left open; sorted by place, so that one
 * walk goes through the house once.
 *
 * @param today a day, as 2026-05-31
 * @param until what is due on a later day, up to this one, is told too
 * @returns each task of a machine once, with the reason that weighs most
 */
export function dueTasks(facts: SeasonFacts, today: string, until = today): DueTask[] {
  const last = lastDone(facts)
  const retired = new Set(facts.retired)
  const due = facts.machines
    .filter(({ id }) => !retired.has(id))
    .flatMap((machine) =>
      seasonTasks
        .filter((task) => isOf(task, machine))
        .flatMap((task) => dueOf(facts, last, machine, task, today, until)),
    )
  const key = new Map(
    facts.machines.map(({ id, place, name }) => [id, `${place}\n${name}\n${id}`.toLowerCase()]),
  )
  const keyOf = ({ machineId }: DueTask) => key.get(machineId) ?? ''
  return due.sort((one, two) => (keyOf(one) < keyOf(two) ? -1 : keyOf(one) > keyOf(two) ? 1 : 0))
}

function dueOf(
  facts: SeasonFacts,
  last: ReadonlyMap<string, string>,
  { id: machineId, nextLook }: SeasonFacts['machines'][number],
  task: SeasonTask,
  today: string,
  until: string,
): DueTask[] {
  const lastAt = last.get(`${machineId} ${task.id}`) ?? null
  const byTime = lastAt === null ? today : monthsAfter(lastAt, task.everyMonths)
  const told = { machineId, task: task.id, lastAt }
  const out = facts.capacitorOut.get(machineId)
  if (task.id === 'capacitor-read' && out !== undefined && out <= monthsAfter(today, DRIFT_MONTHS)) {
    // A reading of this very season has said it already.
    if (lastAt === null || monthsAfter(lastAt, 3) <= today) return [{ ...told, why: 'drift', dueAt: out }]
    return []
  }
  if (task.id === 'listen') {
    const left = facts.leftOpen.get(machineId)?.slice(0, 10)
    // Looked at since, nothing of it is open any more.
    const since = [left, nextLook !== null && nextLook <= until ? nextLook : undefined].flatMap((day) =>
      day !== undefined && (lastAt === null || lastAt < day) ? [day] : [],
    )
    const [day] = since.sort()
    if (day !== undefined) return [{ ...told, why: 'left-open', dueAt: day }]
  }
  return byTime <= until ? [{ ...told, why: 'time', dueAt: byTime }] : []
}

/** The day on which each task of each machine was done last: on a round, or in a job whose reading is the same act. */
function lastDone({ items, capacitorRead }: SeasonFacts): Map<string, string> {
  const days = new Map<string, string>()
  const keep = (machineId: string, task: string, at: string) => {
    const key = `${machineId} ${task}`
    const day = at.slice(0, 10)
    if ((days.get(key) ?? '') < day) days.set(key, day)
  }
  for (const { machineId, task, state, doneAt } of items)
    if (doneAt !== null && (state === 'done' || state === 'found')) keep(machineId, task, doneAt)
  for (const [machineId, at] of capacitorRead) keep(machineId, 'capacitor-read', at)
  return days
}

/**
 * A day so many months later; the last of its month where that month is shorter.
 *
 * @example monthsAfter('2026-01-31', 1) // '2026-02-28'
 */
export function monthsAfter(day: string, months: number): string {
  const [year = 0, month = 1, date = 1] = day.split('-').map(Number)
  const last = new Date(Date.UTC(year, month - 1 + months + 1, 0))
  const of = new Date(Date.UTC(last.getUTCFullYear(), last.getUTCMonth(), Math.min(date, last.getUTCDate())))
  return of.toISOString().slice(0, 10)
}
