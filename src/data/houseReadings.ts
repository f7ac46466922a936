import type { CountedJob } from '@/core/house/figures'
import type { PastReading } from '@/core/machine/pastReadings'
import { aliveJobs, aliveMachines } from './alive'
import type { Database, Transaction } from './database'

type Db = Database | Transaction

/** When a capacitor of each machine was read last, in a job or without one. */
export async function lastCapacitance(db: Db): Promise<Map<string, string>> {
  const ofJobs = await aliveJobs(db)
    .innerJoin('reading', 'reading.jobId', 'job.id')
    .select(({ fn }) => ['job.machineId', fn.max('reading.at').as('at')])
    .where('reading.kind', '=', 'capacitance')
    .where('reading.struckAt', 'is', null)
    .groupBy('job.machineId')
    .execute()
  const ofRows = await db
    .selectFrom('measured')
    .select(({ fn }) => ['machineId', fn.max('at').as('at')])
    .where('what', '=', 'capacitanceUf')
    .where('struckAt', 'is', null)
    .groupBy('machineId')
    .execute()
  const newest = new Map<string, string>()
  for (const { machineId, at } of [...ofJobs, ...ofRows]) {
    const before = newest.get(machineId)
    if (before === undefined || before < at) newest.set(machineId, at)
  }
  return newest
}

/** Machines of which some label of a capacitor is known: of these alone a window can be told. */
export async function withCapacitorLabel(db: Db): Promise<string[]> {
  const typed = await aliveJobs(db)
    .innerJoin('field', 'field.jobId', 'job.id')
    .select('job.machineId')
    .distinct()
    .where('field.part', 'in', ['capacitor-old', 'capacitor-new'])
    .where('field.field', '=', 'label')
    .where('field.typed', '!=', '')
    .execute()
  const fitted = await db
    .selectFrom('fitted')
    .select('machineId')
    .where('what', '=', 'capacitor')
    .where('figures', '!=', '')
    .where('goneAt', 'is', null)
    .execute()
  return [...new Set([...typed, ...fitted].map(({ machineId }) => machineId))]
}

/** So many readings tell the drift of a can: older ones of a long list say no more of where it goes. */
const NEWEST = 60

/**
 * Capacitances of a machine, of jobs and of days without one, in the order in which they were taken; of days without one the newest.
 *
 * @param most of its jobs' readings so many, the newest; all of them where it is null
 */
export async function capacitancesOf(
  db: Db,
  machineId: string,
  most: number | null = NEWEST,
): Promise<PastReading[]> {
  const ofJobs = await aliveJobs(db)
    .innerJoin('reading', 'reading.jobId', 'job.id')
    .leftJoin('field', (join) =>
      join
        .onRef('field.jobId', '=', 'reading.jobId')
        .on('field.field', '=', 'label')
        .on((eb) => eb('field.part', '=', eb.fn<string>('concat', [eb.val('capacitor-'), 'reading.part']))),
    )
    .select([
      'reading.jobId',
      'reading.part',
      'reading.pointA as section',
      'reading.value',
      'reading.at',
      'field.typed as label',
    ])
    .where('job.machineId', '=', machineId)
    .where('reading.kind', '=', 'capacitance')
    .where('reading.struckAt', 'is', null)
    .where('reading.value', 'is not', null)
    .orderBy('reading.at', 'desc')
    .$if(most !== null, (query) => query.limit(most ?? NEWEST))
    .execute()
  const ofRows = await db
    .selectFrom('measured')
    .select(['id', 'section', 'value', 'at', 'normal'])
    .where('machineId', '=', machineId)
    .where('what', '=', 'capacitanceUf')
    .where('struckAt', 'is', null)
    .orderBy('at', 'desc')
    .limit(NEWEST)
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
  ].sort((one, two) => (one.at < two.at ? -1 : 1))
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
