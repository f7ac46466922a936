import { newestNormal, type PastReading, readingsOfRows } from '@/core/machine/pastReadings'
import { measuredAt } from '@/data/house'
import { store } from './store'

/** So many of a list of years go along: the newest say where it goes. */
const MOST_ALONE = 60

/** Capacitances read on one machine over all its jobs and on days without one, oldest first, each with the label typed in its job. */
export async function capacitanceHistory(machineId: string) {
  const { db } = await store()
  const rows = await db
    .selectFrom('reading')
    .innerJoin('job', 'job.id', 'reading.jobId')
    .leftJoin('field', (join) =>
      join
        .onRef('field.jobId', '=', 'reading.jobId')
        .on('field.field', '=', 'label')
        .on((eb) => eb('field.part', '=', eb.fn<string>('concat', [eb.val('capacitor-'), 'reading.part']))),
    )
    .select([
      'reading.jobId',
      'reading.part',
      'reading.pointA as point',
      'reading.value as uF',
      'reading.at',
      'field.typed as label',
    ])
    .where('job.machineId', '=', machineId)
    .where('reading.kind', '=', 'capacitance')
    .where('reading.struckAt', 'is', null)
    .where('reading.value', 'is not', null)
    .orderBy('reading.at')
    .execute()
  const { measured } = await measuredAt(db, machineId)
  const alone = measured
    .filter(({ what, struckAt }) => what === 'capacitanceUf' && struckAt === null)
    .slice(-MOST_ALONE)
    .map(({ id, section, value, at }) => ({
      jobId: id,
      part: 'old' as const,
      point: section,
      uF: value,
      at,
      label: '',
    }))
  return [...rows.map((row) => ({ ...row, label: row.label ?? '' })), ...alone].sort((one, two) =>
    one.at < two.at ? -1 : 1,
  )
}

/** Figures of a good day, the newest of each quantity and section. */
export async function normalFigures(machineId: string): Promise<PastReading[]> {
  const { db } = await store()
  const { measured } = await measuredAt(db, machineId)
  return newestNormal(readingsOfRows(measured, []))
}
