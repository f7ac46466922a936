import { isGoodMachine } from '@/core/archive/values'
import type { HouseRows } from '@/core/house/rows'
import { type DueTask, dueTasks, monthsAfter, type SeasonFacts } from '@/core/house/season'
import { capacitanceMeterOf } from '@/core/job/evidence/derive'
import type { PastReading } from '@/core/machine/pastReadings'
import { trendsOf } from '@/core/machine/trends'
import type { Database, Transaction } from '@/data/database'
import { findHousehold } from '@/data/household'
import { capacitancesOfAll, remarksLeft } from '@/data/houseReadings'

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
  const capacitances = await capacitancesOfAll(db)
  const byMachine = new Map<string, (PastReading & { machineId: string })[]>()
  for (const reading of capacitances)
    byMachine.set(reading.machineId, [...(byMachine.get(reading.machineId) ?? []), reading])
  const capacitorRead = new Map<string, string>()
  const capacitorOut = new Map<string, string>()
  const now = Date.parse(`${today}T12:00:00Z`)
  for (const [machineId, readings] of byMachine) {
    const newest = readings.at(-1)
    if (newest) capacitorRead.set(machineId, newest.at)
    if (!household) continue
    const outs = trendsOf({
      readings,
      fitted: rows.fitted.filter((row) => row.machineId === machineId),
      label: readings.findLast(({ label }) => label !== '')?.label ?? '',
      meter: capacitanceMeterOf(household),
      now,
    }).flatMap(({ drift }) => drift?.earliestAt ?? drift?.outAt ?? [])
    const [first] = outs.sort((one, two) => one - two)
    if (first !== undefined) capacitorOut.set(machineId, new Date(first).toISOString().slice(0, 10))
  }
  return {
    machines: rows.machines.filter(isGoodMachine),
    retired: rows.lives.filter(({ retiredAt }) => retiredAt !== null).map(({ id }) => id),
    items: rows.items,
    capacitorRead,
    capacitorOut,
    leftOpen: await remarksLeft(db),
  }
}
