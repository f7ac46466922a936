import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { sql } from 'kysely'
import { familyIds } from '../src/core/knowledge/vocabulary'
import { namesKey } from '../src/data/household'
import { find } from '../src/server/find'
import { folderState } from '../src/server/folderState'
import { readBench, readJobs, readMachinesWithJobs } from '../src/server/household'
import { actOnJob, openJob, readJob } from '../src/server/jobs'
import { store } from '../src/server/store'

const JOBS = Number(process.env.JOBS ?? 2000)
const READINGS = Number(process.env.READINGS ?? 100_000)

/** Server time of what each page reads, with 2,000 jobs and 100,000 readings in the file. */
export async function benchVolume(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'rest-cog-volume-'))
  process.env.RESTCOG_DATA = folder
  const ids: string[] = []
  for (let i = 0; i < JOBS; i++) {
    const family = familyIds[i % familyIds.length]
    ids.push(
      await openJob({
        symptom: `story ${i}`,
        ...(family ? { family } : {}),
        name: `Machine ${i}`,
        findings: [{ observation: 'fan-state', value: 'hums' }],
      }),
    )
  }
  const { db } = await store()
  const reading = (i: number) => ({
    id: `r${i}`,
    jobId: ids[i % ids.length] ?? '',
    kind: 'resistance' as const,
    part: 'old' as const,
    pointA: 'a',
    pointB: `b${i}`,
    typed: '12',
    value: 12,
    over: 0 as const,
    live: 0 as const,
    cover: '' as const,
    at: '2026-01-01T00:00:00.000Z',
    struckAt: null,
    strikeReason: '',
  })
  await db.transaction().execute(async (trx) => {
    for (let from = 0; from < READINGS; from += 500)
      await trx
        .insertInto('reading')
        .values(Array.from({ length: Math.min(500, READINGS - from) }, (_, i) => reading(from + i)))
        .execute()
  })
  // What was planted at once goes from the log into the file now, and not with the first write that is measured.
  await sql`pragma wal_checkpoint(truncate)`.execute(db)
  console.log(`volume: ${JOBS} jobs, ${READINGS} readings; every figure beside its bound`)
  /** What holds a page up however much there is: one look at all names, or the rows of one page. */
  const [names, page] = [await aQuery(db), await aPage(ids)]
  console.log(
    `volume, a look at all names by one query: ${names.toFixed(0)} ms; twenty jobs read whole: ${page.toFixed(0)} ms`,
  )
  await timed('bench, first time (what is not worked out follows)', PAGE_MS, () => readBench())
  await whole()
  await timed('bench', PAGE_MS, () => readBench())
  await timed('jobs, page 50', PAGE_MS, () => readJobs('open', 50))
  await whole()
  await timed('household, a page', PAGE_MS, () => readMachinesWithJobs())
  await timed('find, first time (the index is made)', PAGE_MS, () => find('machine 1234'))
  await timed('find, a key', KEY_MS, () => find('mashine 77'))
  const one = ids[Math.floor(ids.length / 2)] ?? ''
  await timed('job', PAGE_MS, () => readJob(one))
  let n = 0
  await timed('an act', KEY_MS, () =>
    actOnJob(one, [{ kind: 'job.edit', field: 'symptom', value: `now ${n++}` }]),
  )
  await timed('data: how large', PAGE_MS, () => folderState())
  await db.destroy()
  rmSync(folder, { recursive: true, force: true })
}

/** Server work of a page, and of a key or an act. Milliseconds. */
const [PAGE_MS, KEY_MS] = [300, 150]

async function aQuery(db: Awaited<ReturnType<typeof store>>['db']): Promise<number> {
  const started = performance.now()
  await namesKey(db)
  return performance.now() - started
}

async function aPage(ids: string[]): Promise<number> {
  const started = performance.now()
  for (const id of ids.slice(0, 20)) await readJob(id)
  return performance.now() - started
}

/** Lines that were still being worked out are there. */
async function whole(): Promise<void> {
  for (;;) {
    const bench = await readBench()
    if ([...bench.open, ...bench.closed].every(({ line }) => line !== null)) return
  }
}

async function timed(name: string, bound: number, work: () => Promise<unknown>): Promise<void> {
  const started = performance.now()
  await work()
  const took = performance.now() - started
  console.log(
    `volume, ${name}: ${took.toFixed(0)} ms of server time, bound ${bound} ms${took > bound ? ': OVER ITS BOUND' : ''}`,
  )
}
