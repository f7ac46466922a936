import type { CountedJob } from '@/core/house/figures'
import type { PastReading } from '@/core/machine/pastReadings'
import { aliveJobs, aliveMachines } from './alive'
import type { Database, Transaction } from './database'

type Db = Database | Transaction

/** Capacitances of all machines, of jobs and of days without one, in the order in which they were taken. */
export async function capacitancesOfAll(db: Db): Promise<(PastReading & { machineId: string })[]> {
  const ofJobs = await aliveJobs(db)
    .innerJoin('reading', 'reading.jobId', 'job.id')
    .leftJoin('field', (join) =>
      join
        .onRef('field.jobId', '=', 'reading.jobId')
        .on('field.field', '=', 'label')
        .on((eb) => eb('field.part', '=', eb.fn<string>('concat', [eb.val('capacitor-'), 'reading.part']))),
    )
    .select([
      'job.machineId',
      'reading.jobId',
      'reading.part',
      'reading.pointA as section',
      'reading.value',
      'reading.at',
      'field.typed as label',
    ])
    .where('reading.kind', '=', 'capacitance')
    .where('reading.struckAt', 'is', null)
    .where('reading.value', 'is not', null)
    .execute()
  const ofRows = await db
    .selectFrom('measured')
    .select(['id', 'machineId', 'section', 'value', 'at', 'normal'])
    .where('what', '=', 'capacitanceUf')
    .where('struckAt', 'is', null)
    .execute()
  const bare = {
    what: 'capacitanceUf' as const,
    isNew: false,
    isNormal: false,
    rowId: null,
    jobId: null,
    label: '',
  }
  return [
    ...ofJobs.map(({ part, value, label, ...row }) => ({
      ...bare,
      ...row,
      value: value ?? 0,
      isNew: part === 'new',
      label: label ?? '',
    })),
    ...ofRows.map(({ id, normal, ...row }) => ({ ...bare, ...row, rowId: id, isNormal: normal === 1 })),
  ].sort((one, two) => (one.at < two.at ? -1 : one.at > two.at ? 1 : 0))
}

/** Machines whose last closed job ended with remarks, with when it was closed. */
export async function remarksLeft(db: Db): Promise<Map<string, string>> {
  const rows = await aliveJobs(db)
    .select(['machineId', 'result', 'closedAt'])
    .where('status', '=', 'closed')
    .where('closedAt', 'is not', null)
    .orderBy('closedAt')
    .execute()
  const last = new Map(rows.map((row) => [row.machineId, row]))
  return new Map(
    [...last.values()].flatMap(({ machineId, result, closedAt }) =>
      result === 'runs-with-remarks' && closedAt !== null ? [[machineId, closedAt]] : [],
    ),
  )
}

/** Closed jobs with what was decided and spent, for the figures of the house. */
export async function countedJobs(db: Db): Promise<CountedJob[]> {
  const jobs = await aliveJobs(db).selectAll().where('status', '=', 'closed').execute()
  const machines = new Map((await aliveMachines(db).selectAll().execute()).map((row) => [row.id, row]))
  const decisions = await db
    .selectFrom('decision')
    .select(['jobId', 'cause', 'action', 'option'])
    .orderBy('at')
    .execute()
  const decided = new Map(decisions.map((row) => [row.jobId, row]))
  const typed = await db
    .selectFrom('field')
    .select(['jobId', 'typed'])
    .where('part', '=', 'option-hired')
    .where('field', '=', 'cost')
    .execute()
  const hire = new Map(typed.map((row) => [row.jobId, row.typed]))
  return jobs.flatMap((job) => {
    const machine = machines.get(job.machineId)
    const own = decided.get(job.id)
    return machine
      ? [
          {
            job,
            machine,
            cause: own?.cause ?? null,
            action: own?.action ?? null,
            option: own?.option ?? '',
            hireTyped: hire.get(job.id) ?? '',
          },
        ]
      : []
  })
}
