import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { sql } from 'kysely'
import { familyIds } from '../src/core/knowledge/vocabulary'
import type { Database } from '../src/data/database'
import { namesKey } from '../src/data/household'
import { find } from '../src/server/find'
import { folderState } from '../src/server/folderState'
import { readFigures, readPanel, readRounds } from '../src/server/house/pages'
import { readSpares } from '../src/server/house/shelf'
import { readBench, readJobs, readMachinesWithJobs } from '../src/server/household'
import { actOnJob, openJob, readJob } from '../src/server/jobs'
import { readMachine } from '../src/server/machine'
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
  await house(db, (await readJob(one)).snapshot.machine.id)
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

/** What the pages of the house read, with as many readings again that belong to no job: a tenth of them of one machine. */
async function house(db: Database, busy: string): Promise<void> {
  const machines = (await db.selectFrom('machine').select('id').execute()).map(({ id }) => id)
  const measured = (i: number) => ({
    id: `m${i}`,
    machineId: i % 10 === 0 ? busy : (machines[i % machines.length] ?? busy),
    what: 'capacitanceUf' as const,
    section: 'single',
    value: 5 - (i % 7) / 100,
    typed: '5',
    at: new Date(Date.UTC(2020, 0, 1) + i * 1_800_000).toISOString(),
    normal: 0 as const,
    source: 'list' as const,
    note: '',
    struckAt: null,
  })
  await db.transaction().execute(async (trx) => {
    for (let from = 0; from < READINGS; from += 500)
      await trx
        .insertInto('measured')
        .values(Array.from({ length: Math.min(500, READINGS - from) }, (_, i) => measured(from + i)))
        .execute()
  })
  await sql`pragma wal_checkpoint(truncate)`.execute(db)
  await timed('a machine with a tenth of all readings', PAGE_MS, () => readMachine(busy))
  await timed('another machine', PAGE_MS, () => readMachine(machines[7] ?? busy))
  await timed('the round: what is due', PAGE_MS, () => readRounds())
  await timed('the panel', PAGE_MS, () => readPanel())
  await timed('figures', PAGE_MS, () => readFigures())
  await timed('spares', PAGE_MS, () => readSpares())
  await timed('search, notes too', PAGE_MS, () => find('story 1999'))
}
