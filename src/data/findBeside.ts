import { type Expression, type SqlBool, sql } from 'kysely'
import { aliveJobs, aliveMachines } from './alive'
import type { Database } from './database'

/** A text of the household in which words were found, and where it stands. */
export interface FoundText {
  jobId: string | null
  machineId: string
  text: string
}

/** Signs that mean more than themselves in a LIKE. */
const plain = (word: string): string => `%${word.replace(/[\\%_]/g, (sign) => `\\${sign}`)}%`

const holds = (column: string, words: string[]): Expression<SqlBool> =>
  sql<SqlBool>`${sql.join(
    words.map((word) => sql`${sql.ref(column)} like ${plain(word)} escape '\\'`),
    sql` and `,
  )}`

/** Parts that somebody wrote down as fitted, by all of these words. */
export const fittedWith = (db: Database, words: string[], most: number): Promise<FoundText[]> =>
  aliveMachines(db)
    .innerJoin('fitted', 'fitted.machineId', 'machine.id')
    .select((eb) => [
      'machine.id as machineId',
      eb.val<string | null>(null).as('jobId'),
      sql<string>`"fitted"."name" || ' ' || "fitted"."figures"`.as('text'),
    ])
    .where(
      sql<SqlBool>`${sql.join(
        words.map(
          (word) =>
            sql`("fitted"."name" || ' ' || "fitted"."figures" || ' ' || "fitted"."boughtFrom") like ${plain(word)} escape '\\'`,
        ),
        sql` and `,
      )}`,
    )
    .limit(most)
    .execute()

/** What was typed in jobs, as plates, labels, lessons: each text that has all of these words, the newest job first. */
export async function typedWith(db: Database, words: string[], most: number): Promise<FoundText[]> {
  const fields = await aliveJobs(db)
    .innerJoin('field', 'field.jobId', 'job.id')
    .select(['job.id as jobId', 'job.machineId', 'field.typed as text'])
    .where(holds('field.typed', words))
    .where('field.part', '!=', 'choice')
    .orderBy('job.openedAt', 'desc')
    .limit(most)
    .execute()
  const lessons = await aliveJobs(db)
    .select(['job.id as jobId', 'job.machineId', 'job.lesson as text'])
    .where(holds('job.lesson', words))
    .orderBy('job.openedAt', 'desc')
    .limit(most)
    .execute()
  const rounds = await db
    .selectFrom('round_item')
    .select(['jobId', 'machineId', 'note as text'])
    .where(holds('note', words))
    .limit(most)
    .execute()
  return [...lessons, ...fields, ...rounds].slice(0, most)
}
