import { sql } from 'kysely'
import type { Bound } from '@/core/match/bounds'
import type { Database, Transaction } from './database'
import type { CatalogueRow, PartFigures, PartRow } from './schema'

type Db = Database | Transaction

export const SHELF = 'shelf'

export const listCatalogues = (db: Db): Promise<CatalogueRow[]> =>
  db.selectFrom('catalogue').selectAll().orderBy('at').execute()

export const findCatalogue = (db: Db, id: string): Promise<CatalogueRow | undefined> =>
  db.selectFrom('catalogue').selectAll().where('id', '=', id).executeTakeFirst()

export async function insertCatalogue(db: Db, row: CatalogueRow): Promise<void> {
  await db.insertInto('catalogue').values(row).execute()
}

export async function updateCatalogue(
  db: Db,
  id: string,
  change: Partial<Omit<CatalogueRow, 'id'>>,
): Promise<void> {
  await db.updateTable('catalogue').set(change).where('id', '=', id).execute()
}

export async function deleteCatalogue(db: Db, id: string): Promise<void> {
  await db.deleteFrom('part').where('catalogueId', '=', id).execute()
  await db.deleteFrom('catalogue').where('id', '=', id).execute()
}

/** What the index of figures holds of a part. */
function figuresOf({ kind, spec }: Pick<PartRow, 'kind' | 'spec'>): PartFigures {
  const none: PartFigures = { rpm: null, hp: null, shaftMm: null, bodyMm: null, declares: 0 }
  if (kind !== 'motor') return none
  const told: {
    rpm?: number[]
    hp?: number
    shaft?: { diameterMm?: number }
    diameterMm?: number
    replaces?: []
  } = JSON.parse(spec)
  return {
    rpm: told.rpm?.[0] ?? null,
    hp: told.hp ?? null,
    shaftMm: told.shaft?.diameterMm ?? null,
    bodyMm: told.diameterMm ?? null,
    declares: told.replaces ? 1 : 0,
  }
}

/** Lines go in by so many at once: a statement takes a limited number of values. */
const AT_ONCE = 200

export async function insertParts(db: Db, rows: Omit<PartRow, 'n'>[]): Promise<void> {
  for (let at = 0; at < rows.length; at += AT_ONCE)
    await db
      .insertInto('part')
      .values(rows.slice(at, at + AT_ONCE).map((row) => ({ ...row, ...figuresOf(row) })))
      .execute()
}

/** Parts that are not here yet; what is here stays as it is. @returns how many came */
export async function insertMissingParts(db: Db, parts: Omit<PartRow, 'n'>[]): Promise<number> {
  const lists = new Map<string, Set<string>>()
  for (const { catalogueId } of parts)
    if (!lists.has(catalogueId))
      lists.set(catalogueId, new Set((await partsOf(db, catalogueId)).map(({ id }) => id)))
  const missing = parts.filter(({ id, catalogueId }) => !lists.get(catalogueId)?.has(id))
  await insertParts(db, missing)
  for (const id of lists.keys()) await updateCatalogue(db, id, { parts: await countParts(db, id) })
  return missing.length
}

export const countParts = async (db: Db, catalogueId: string): Promise<number> =>
  Number(
    (
      await db
        .selectFrom('part')
        .select(({ fn }) => fn.countAll().as('count'))
        .where('catalogueId', '=', catalogueId)
        .executeTakeFirstOrThrow()
    ).count,
  )

export type FoundPart = Omit<PartRow, 'n' | 'words'> & { catalogue: string }

/** Words of a search as the full text index takes them: each the beginning of a word of the part. */
const searchOf = (text: string): string =>
  text
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)
    .slice(0, 12)
    .map((word) => `"${word}"*`)
    .join(' ')

/** Parts of the catalogues that are offered, by words; the shelf first. */
export async function findParts(
  db: Db,
  text: string,
  kind: PartRow['kind'],
  most: number,
): Promise<FoundPart[]> {
  const search = searchOf(text)
  let query = db
    .selectFrom('part')
    .innerJoin('catalogue', 'catalogue.id', 'part.catalogueId')
    .select([
      'part.id',
      'part.catalogueId',
      'part.kind',
      'part.spec',
      'part.note',
      'part.count',
      'catalogue.name as catalogue',
    ])
    .where('part.kind', '=', kind)
    .where('catalogue.shown', '=', 1)
    .where('catalogue.ready', '=', 1)
  if (search !== '')
    query = query.where(
      sql<boolean>`part.n in (select rowid from part_words where part_words match ${search})`,
    )
  return query.orderBy(sql`catalogue.kind = 'shelf'`, 'desc').orderBy('part.n').limit(most).execute()
}

/**
 * The numbers of the motors that are offered and whose figures lie within all bounds, in order: read from the index alone. A part
 * that does not tell a figure is never left out.
 */
export async function motorsWithin(db: Db, bounds: Bound[]): Promise<number[]> {
  const within = bounds.map(({ figure, min, max }) => {
    const column = sql.ref(figure)
    const low = min === undefined ? sql`1` : sql`${column} >= ${min}`
    const high = max === undefined ? sql`1` : sql`${column} <= ${max}`
    return sql`and (${column} is null or (${low} and ${high}))`
  })
  const { rows } = await sql<{ n: number }>`
    select "n" from "part" indexed by "part_figures"
    where "kind" = 'motor'
    and "catalogueId" in (select "id" from "catalogue" where "shown" = 1 and "ready" = 1)
    ${sql.join(within, sql` `)}`.execute(db)
  return rows.map(({ n }) => n).sort((one, two) => one - two)
}

/** These parts, by their numbers. */
export const partsByNumber = (db: Db, numbers: number[]): Promise<StoredPart[]> =>
  db
    .selectFrom('part')
    .select(['n', 'id', 'catalogueId', 'spec', 'count'])
    // Numbers of our own, and more of them than a statement takes as values.
    .where(sql<boolean>`"n" in (${sql.raw(numbers.map(Math.trunc).join(',') || 'null')})`)
    .orderBy('n')
    .execute()

export type StoredPart = Pick<PartRow, 'id' | 'catalogueId' | 'spec' | 'count'> & { n: number }

/** A page of the parts that are offered, behind the last number. */
export const partsAfter = (
  db: Db,
  kind: PartRow['kind'],
  after: number,
  most: number,
): Promise<StoredPart[]> =>
  db
    .selectFrom('part')
    .select(['n', 'id', 'catalogueId', 'spec', 'count'])
    .where('n', '>', after)
    // Walked along its number: by an index of the lists every page would be sorted anew.
    .where(sql<boolean>`+"kind" = ${kind}`)
    .where(sql<boolean>`+"catalogueId" in (select "id" from "catalogue" where "shown" = 1 and "ready" = 1)`)
    .orderBy('n')
    .limit(most)
    .execute()

/** Those that declare to replace a number: the links of a chain, wherever they stand. */
export const replacingParts = (db: Db): Promise<Pick<PartRow, 'id' | 'spec'>[]> =>
  db
    .selectFrom('part')
    .select(['id', 'spec'])
    .where('declares', '=', 1)
    .where('catalogueId', 'in', (from) =>
      from.selectFrom('catalogue').select('id').where('shown', '=', 1).where('ready', '=', 1),
    )
    .execute()

export const countOffered = async (db: Db, kind: PartRow['kind']): Promise<number> =>
  Number(
    (
      await db
        .selectFrom('part')
        .select(({ fn }) => fn.countAll().as('count'))
        .where('kind', '=', kind)
        .where('catalogueId', 'in', (from) =>
          from.selectFrom('catalogue').select('id').where('shown', '=', 1).where('ready', '=', 1),
        )
        .executeTakeFirstOrThrow()
    ).count,
  )

export const partsOf = (db: Db, catalogueId: string): Promise<Omit<PartRow, 'n'>[]> =>
  db
    .selectFrom('part')
    .select(['id', 'catalogueId', 'kind', 'words', 'spec', 'note', 'count'])
    .where('catalogueId', '=', catalogueId)
    .orderBy('n')
    .execute()

export async function updatePart(
  db: Db,
  id: string,
  change: Partial<Pick<PartRow, 'note' | 'count'>>,
): Promise<number> {
  const done = await db.updateTable('part').set(change).where('id', '=', id).executeTakeFirst()
  return Number(done.numUpdatedRows)
}

export async function deletePart(db: Db, id: string): Promise<void> {
  await db.deleteFrom('part').where('id', '=', id).execute()
}
