import { randomBytes } from 'node:crypto'
import { CoreError } from '@/core/errors'
import { Flag, ListOf, Nested, Num, OneOf, PlainList, Text, validated } from '@/core/input'
import { newId } from '@/core/job'
import type { CapSpec, MotorSpec } from '@/core/match'
import { columnsOf, lineOfPart } from '@/core/match/columns'
import { CapSpecInput, MotorSpecInput } from '@/core/match/input'
import { capacitorWords, motorWords } from '@/core/match/partWords'
import { transact } from '@/data/database'
import {
  countParts,
  deleteCatalogue,
  deletePart,
  type FoundPart,
  findCatalogue,
  findParts,
  insertCatalogue,
  insertParts,
  listCatalogues,
  partsOf,
  SHELF,
  updateCatalogue,
  updatePart,
} from '@/data/parts'
import type { CatalogueRow, PartRow } from '@/data/schema'

import { store } from './store'

export type { CatalogueRow } from '@/data/schema'

const some = { optional: true } as const

class NewCatalogue {
  @Text({ max: 120 }) name!: string
  @OneOf(['motor', 'capacitor']) kind!: 'motor' | 'capacitor'
  @PlainList('string', { atMost: 200 }) headers!: string[]
  @PlainList('string', { atMost: 200 }) mapping!: string[]
  @OneOf(['mm', 'in']) lengths!: 'mm' | 'in'
}

class CatalogueChange {
  @Text({ ...some, max: 120 }) name?: string
  @Flag(some) shown?: boolean
  @Flag(some) ready?: boolean
}

class NewPart {
  @Nested(() => MotorSpecInput, some) motor?: MotorSpecInput
  @Nested(() => CapSpecInput, some) capacitor?: CapSpecInput
  @Num({ ...some, min: 0, max: 9999 }) count?: number
  @Text({ ...some, max: 500 }) note?: string
}

class NewParts {
  @ListOf(() => NewPart, { atMost: 1000 }) parts!: NewPart[]
}

class PartChange {
  @Num({ ...some, min: 0, max: 9999 }) count?: number
  @Text({ ...some, max: 500 }) note?: string
}

const idNow = () => newId(Date.now(), Math.random)

/** Catalogues with their names and how many parts they hold; the shelf is always there. */
export async function readCatalogues(): Promise<CatalogueRow[]> {
  const { db } = await store()
  return listCatalogues(db)
}

/**
 * Begin an import. It is not offered before it is ready, so one that is broken off leaves nothing behind that matching sees.
 *
 * @throws CoreError `invalid-input`
 */
export async function beginCatalogue(plain: unknown): Promise<CatalogueRow> {
  const input = validated(NewCatalogue, plain)
  const { db } = await store()
  const row: CatalogueRow = {
    id: idNow(),
    name: input.name.trim() || 'A list of parts',
    kind: 'import',
    headers: JSON.stringify(input.headers),
    mapping: JSON.stringify(input.mapping),
    lengths: input.lengths,
    at: new Date().toISOString(),
    shown: 1,
    ready: 0,
    parts: 0,
  }
  await transact(db, (trx) => insertCatalogue(trx, row))
  return row
}

async function mustCatalogue(id: string): Promise<CatalogueRow> {
  const { db } = await store()
  const row = await findCatalogue(db, id)
  if (!row) throw new CoreError('unknown-catalogue', 'There is no such catalogue. It may have been removed.')
  return row
}

/** @throws CoreError `unknown-catalogue`, `invalid-input` */
export async function changeCatalogue(id: string, plain: unknown): Promise<CatalogueRow> {
  const change = validated(CatalogueChange, plain)
  const row = await mustCatalogue(id)
  const { db } = await store()
  await transact(db, (trx) =>
    updateCatalogue(trx, id, {
      ...(change.name === undefined ? {} : { name: change.name.trim() || row.name }),
      ...(change.shown === undefined ? {} : { shown: change.shown ? (1 as const) : (0 as const) }),
      ...(change.ready === undefined ? {} : { ready: change.ready ? (1 as const) : (0 as const) }),
    }),
  )
  return mustCatalogue(id)
}

/** @throws CoreError `unknown-catalogue` */
export async function removeCatalogue(id: string): Promise<void> {
  await mustCatalogue(id)
  const { db } = await store()
  await transact(db, (trx) => deleteCatalogue(trx, id))
}

/** A part as its row: what it is found by is worked out here. */
function rowOf(catalogueId: string, part: NewPart): Omit<PartRow, 'n'> {
  // A hundred thousand of them come within the same few seconds.
  const id = randomBytes(12).toString('hex')
  const [kind, spec, words]: [PartRow['kind'], object, string[]] = part.motor
    ? ['motor', part.motor, motorWords(part.motor as MotorSpec)]
    : ['capacitor', part.capacitor ?? {}, part.capacitor ? capacitorWords(part.capacitor as CapSpec) : []]
  return {
    id,
    catalogueId,
    kind,
    words: words.filter(Boolean).join(' '),
    spec: JSON.stringify(spec),
    note: part.note ?? '',
    count: part.count ?? 0,
  }
}

/**
 * Parts of a list, up to a thousand at once, in one transaction.
 *
 * @throws CoreError `unknown-catalogue`, `invalid-input`
 */
export async function addParts(catalogueId: string, plain: unknown): Promise<{ parts: number }> {
  const { parts } = validated(NewParts, plain)
  if (parts.some((part) => (part.motor === undefined) === (part.capacitor === undefined)))
    throw new CoreError('invalid-input', 'Each part is a motor or a capacitor.', 'parts')
  await mustCatalogue(catalogueId)
  const { db } = await store()
  return transact(db, async (trx) => {
    await insertParts(
      trx,
      parts.map((part) => rowOf(catalogueId, part)),
    )
    const count = await countParts(trx, catalogueId)
    await updateCatalogue(trx, catalogueId, { parts: count })
    return { parts: count }
  })
}

/** Put a part on the person's own shelf. */
export async function shelve(plain: unknown): Promise<{ parts: number }> {
  const { db } = await store()
  if (!(await findCatalogue(db, SHELF)))
    await transact(db, (trx) =>
      insertCatalogue(trx, {
        id: SHELF,
        name: 'My shelf',
        kind: 'shelf',
        headers: '[]',
        mapping: '[]',
        lengths: 'mm',
        at: '',
        shown: 1,
        ready: 1,
        parts: 0,
      }),
    )
  return addParts(SHELF, { parts: [plain] })
}

/** What lies on the person's own shelf. */
export async function readShelf(): Promise<PartFound[]> {
  const { db } = await store()
  return (await partsOf(db, SHELF)).map(({ spec, words: _, ...row }) => ({
    ...row,
    catalogue: 'My shelf',
    [row.kind]: { ...JSON.parse(spec), id: row.id },
  }))
}

/** @throws CoreError `unknown-part`, `invalid-input` */
export async function changePart(id: string, plain: unknown): Promise<void> {
  const change = validated(PartChange, plain)
  const { db } = await store()
  const set = Object.fromEntries(Object.entries(change).filter(([, value]) => value !== undefined))
  if (Object.keys(set).length > 0 && (await transact(db, (trx) => updatePart(trx, id, set))) === 0)
    throw new CoreError('unknown-part', 'There is no such part. It may have been removed.')
}

export async function removePart(id: string): Promise<void> {
  const { db } = await store()
  await transact(db, async (trx) => {
    await deletePart(trx, id)
    for (const { id: catalogueId } of await listCatalogues(trx))
      await updateCatalogue(trx, catalogueId, { parts: await countParts(trx, catalogueId) })
  })
}

export interface PartFound extends Omit<FoundPart, 'spec'> {
  motor?: MotorSpec
  capacitor?: CapSpec
}

const SHOWN = 100

/** Parts by words, the shelf first. */
export async function searchParts(text: string, kind: 'motor' | 'capacitor'): Promise<PartFound[]> {
  const { db } = await store()
  return (await findParts(db, text.slice(0, 200), kind, SHOWN)).map(({ spec, ...row }) => ({
    ...row,
    [kind]: { ...JSON.parse(spec), id: row.id },
  }))
}

/** A catalogue as rows of texts, captions first, as an import reads them. */
export async function exportRows(id: string): Promise<{ name: string; rows: string[][] }> {
  const catalogue = await mustCatalogue(id)
  const { db } = await store()
  const parts = await partsOf(db, id)
  // Motors and capacitors have columns of their own: a shelf that holds both is written as two blocks.
  const rows = (['motor', 'capacitor'] as const).flatMap((kind) => {
    const own = parts.filter((part) => part.kind === kind)
    if (own.length === 0) return []
    return [
      columnsOf(kind).map(({ columns, field }) => columns[0] ?? field),
      ...own.map((part) => lineOfPart(JSON.parse(part.spec), kind)),
    ]
  })
  return { name: catalogue.name, rows }
}
