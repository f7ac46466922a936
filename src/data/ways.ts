import type { Kysely } from 'kysely'
import type { FamilyId } from '@/core/knowledge/vocabulary'
import type { Schema } from './schema'

/** Jobs at machines of a family whose way in a person kept under a name, the newest first. */
export const jobsWithKeptWay = (
  db: Kysely<Schema>,
  family: FamilyId,
  { part, field }: { part: string; field: string },
): Promise<{ id: string }[]> =>
  db
    .selectFrom('field')
    .innerJoin('job', 'job.id', 'field.jobId')
    .innerJoin('machine', 'machine.id', 'job.machineId')
    .select('job.id')
    .where('field.part', '=', part)
    .where('field.field', '=', field)
    .where('field.typed', '!=', '')
    .where('machine.family', '=', family)
    .orderBy('job.openedAt', 'desc')
    .execute()
