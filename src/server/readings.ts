import { newestNormal, type PastReading, readingsOfRows } from '@/core/machine/pastReadings'
import { normalMeasured } from '@/data/house'
import { capacitancesOf } from '@/data/houseReadings'
import { store } from './store'

/** Capacitances read on one machine over all its jobs and on days without one, oldest first, each with the label typed in its job. */
export async function capacitanceHistory(machineId: string) {
  const { db } = await store()
  return (await capacitancesOf(db, machineId, null)).map(
    ({ jobId, rowId, isNew, section, value, at, label }) => ({
      jobId: jobId ?? rowId ?? '',
      part: isNew ? ('new' as const) : ('old' as const),
      point: section,
      uF: value,
      at,
      label,
    }),
  )
}

/** Figures of a good day, the newest of each quantity and section. */
export async function normalFigures(machineId: string): Promise<PastReading[]> {
  const { db } = await store()
  return newestNormal(readingsOfRows(await normalMeasured(db, machineId), []))
}
