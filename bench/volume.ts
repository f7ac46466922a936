import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { familyIds } from '../src/core/knowledge/vocabulary'
import { find } from '../src/server/find'
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
  console.log(`volume: ${JOBS} jobs, ${READINGS} readings`)
  await timed('bench, first time (lines worked out)', () => readBench())
  await timed('bench', () => readBench())
  await timed('household, a page', () => readMachinesWithJobs())
  await timed('jobs, page 50', () => readJobs('open', 50))
  await timed('find, first time', () => find('machine 1234'))
  await timed('find', () => find('mashine 77'))
  const one = ids[Math.floor(ids.length / 2)] ?? ''
  await timed('job', () => readJob(one))
  let n = 0
  await timed('an act', () => actOnJob(one, [{ kind: 'job.edit', field: 'symptom', value: `now ${n++}` }]))
  await db.destroy()
  rmSync(folder, { recursive: true, force: true })
}

async function timed(name: string, work: () => Promise<unknown>): Promise<void> {
  const started = performance.now()
  await work()
  console.log(`volume, ${name}: ${(performance.now() - started).toFixed(0)} ms of server time`)
}
