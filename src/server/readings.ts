import { store } from './store'

/** Capacitances read on one machine over all its jobs, oldest first, each with the label typed in its job. */
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
  return rows.map((row) => ({ ...row, label: row.label ?? '' }))
}
