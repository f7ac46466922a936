import { isGoodMachine } from '@/core/archive/values'
import { retiredIds } from '@/core/house/inUse'
import type { HouseRows } from '@/core/house/rows'
import { type DueTask, dueTasks, monthsAfter, type SeasonFacts } from '@/core/house/season'
import { capacitanceMeterOf } from '@/core/job/evidence/derive'
import type { HouseholdRow } from '@/core/job/rows'
import { trendsOf } from '@/core/machine/trends'
import type { Database, Transaction } from '@/data/database'
import { findHousehold } from '@/data/household'
import { capacitancesOf, lastCapacitance, remarksLeft, withCapacitorLabel } from '@/data/houseReadings'

type Db = Database | Transaction

/** What is due on a round, from everything that the household knows. */
export async function dueNow(db: Db, rows: HouseRows, today: string): Promise<DueTask[]> {
  return dueTasks(await seasonFacts(db, rows, today), today)
}

/** What is due within a year from today, each with its first day. */
export async function comingTasks(db: Db, rows: HouseRows, today: string): Promise<DueTask[]> {
  return dueTasks(await seasonFacts(db, rows, today), today, monthsAfter(today, 12))
}

async function seasonFacts(db: Db, rows: HouseRows, today: string): Promise<SeasonFacts> {
  const household = await findHousehold(db)
  return {
    machines: rows.machines.filter(isGoodMachine),
    retired: retiredIds(rows),
    items: rows.items,
    capacitorRead: await lastCapacitance(db),
    capacitorOut: household ? await outs(db, rows, household, today) : new Map(),
    leftOpen: await remarksLeft(db),
  }
}

/** The first day on which a capacitor of each machine may leave its window, where its readings tell. */
async function outs(
  db: Db,
  { fitted }: HouseRows,
  household: HouseholdRow,
  today: string,
): Promise<Map<string, string>> {
  const days = new Map<string, string>()
  for (const machineId of await withCapacitorLabel(db)) {
    const readings = await capacitancesOf(db, machineId)
    const [first] = trendsOf({
      readings,
      fitted: fitted.filter((row) => row.machineId === machineId),
      label: readings.findLast(({ label }) => label !== '')?.label ?? '',
      meter: capacitanceMeterOf(household),
      now: Date.parse(`${today}T12:00:00Z`),
    })
      .flatMap(({ drift }) => drift?.earliestAt ?? drift?.outAt ?? [])
      .sort((one, two) => one - two)
    if (first !== undefined) days.set(machineId, new Date(first).toISOString().slice(0, 10))
  }
  return days
}
