import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { catalogueMotors } from '../src/core/knowledge/catalogue/motors'

/** Parts of a large seller's list. */
const PARTS = 100_000
const BATCH = 1000

/** 100,000 stored parts: taken in, found by words, judged beside an old motor; one plain pass of SQLite over the same rows beside it. */
export async function benchMatch(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'rest-cog-match-'))
  process.env.RESTCOG_DATA = folder
  const { store } = await import('../src/server/store')
  const { addParts, beginCatalogue, changeCatalogue, searchParts } = await import('../src/server/parts')
  const { matchStored } = await import('../src/server/partMatch')
  const { actOnJob, openJob } = await import('../src/server/jobs')
  const { sql } = await import('kysely')
  const begun = performance.now()
  const { id } = await beginCatalogue({
    name: 'Large',
    kind: 'motor',
    headers: [],
    mapping: [],
    lengths: 'mm',
  })
  for (let at = 0; at < PARTS; at += BATCH)
    await addParts(id, {
      parts: Array.from({ length: BATCH }, (_, index) => {
        const motor = catalogueMotors[(at + index) % catalogueMotors.length]!
        return { motor: { ...motor, id: '', partNumber: `V-${at + index}` } }
      }),
    })
  await changeCatalogue(id, { ready: true })
  tell('taken in', performance.now() - begun)
  const { db } = await store()
  const scan = performance.now()
  await sql`select count(*) from part where json_extract(spec, '$.hp') > 0.1 and json_extract(spec, '$.shaft.diameterMm') < 13`.execute(
    db,
  )
  tell('one pass of SQLite over the rows', performance.now() - scan)
  const find = performance.now()
  await searchParts('V-7777 marrow', 'motor')
  tell('found by words', performance.now() - find)
  const jobId = await openJob({ symptom: '', family: 'outdoor-unit-fan', findings: [] })
  await actOnJob(
    jobId,
    Object.entries({ hp: '1/4', voltages: '208-230', rpm: '825' }).map(([field, typed]) => ({
      kind: 'field.set',
      id: `b-${field}`,
      part: 'motor-old',
      field,
      typed,
    })),
  )
  const judge = performance.now()
  let first = 0
  let longest = 0
  let last = judge
  for await (const _ of matchStored(jobId, 'motor', new AbortController().signal)) {
    const now = performance.now()
    first ||= now - judge
    longest = Math.max(longest, now - last)
    last = now
  }
  tell('judged, all rows', performance.now() - judge)
  tell('  until the first rows', first)
  tell('  longest stretch that others wait for', longest)
  rmSync(folder, { recursive: true, force: true })
}

const tell = (what: string, ms: number) => console.log(`${what.padEnd(44)} ${Math.round(ms)} ms`)
