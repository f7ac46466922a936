import { sql } from 'kysely'
import { describe, expect, it } from 'vitest'
import { energyOf } from '@/core/job'
import { transact } from '@/data/database'
import { hasJob } from '@/data/jobs'
import { bringBack, deleteForGood, deleteThing, deletionOf, readDeleted } from './deleting'
import { find } from './find'
import { readBench, readMachinesWithJobs } from './household'
import { actOnJob, openJob, readJob, readRev, storeActs } from './jobs'
import { purgeDeleted, UNDO_MS } from './purge'
import { store } from './store'
import { id, ownDataFolder, proveDead } from './testStore.testing'

ownDataFolder()

const start = (machineId?: string) =>
  openJob({ symptom: 'hums in the attic', family: 'bath-exhaust-fan', ...(machineId ? { machineId } : {}) })
const onBench = async () => (await readBench()).open.map(({ job }) => job.id)

describe('a job that is deleted', () => {
  it('is out of sight everywhere, and comes back as it was', async () => {
    const job = await start()
    await actOnJob(job, [
      { kind: 'ledger.add', id: id(), after: null, line: { part: 'grille', action: 'unclip' } },
    ])
    expect(await deletionOf('job', job)).toMatchObject({ lines: 1, problem: null })
    const before = await readRev(job)
    await deleteThing('job', job, '')
    expect(await onBench()).not.toContain(job)
    expect((await find('attic')).jobs).toEqual([])
    await expect(readJob(job)).rejects.toMatchObject({ code: 'deleted-job' })
    await expect(storeActs(job, [])).rejects.toMatchObject({ code: 'deleted-job' })
    expect(await readDeleted()).toMatchObject([{ kind: 'job', id: job }])
    await bringBack('job', job)
    expect(await onBench()).toContain(job)
    const { snapshot } = await readJob(job)
    expect(snapshot.ledger.map(({ part }) => part)).toEqual(['grille'])
    expect(snapshot.job.rev, 'windows that were open read it anew').toBeGreaterThan(before)
  })

  it('is never believed about power when it comes back', async () => {
    const job = await start()
    await proveDead(job)
    expect(energyOf((await readJob(job)).snapshot, Date.now()).handsIn).toBe(true)
    await deleteThing('job', job, '')
    await bringBack('job', job)
    const { snapshot } = await readJob(job)
    expect(energyOf(snapshot, Date.now()).handsIn).toBe(false)
    expect(snapshot.log.at(-1)?.detail).toBe('the job had been deleted, and was brought back')
  })

  it('shares the energy of a job that was opened at its machine meanwhile', async () => {
    const first = await start()
    const { machine } = (await readJob(first)).snapshot
    await deleteThing('job', first, '')
    const second = await start(machine.id)
    expect((await readJob(second)).snapshot.job.energyJob).toBeNull()
    await proveDead(second)
    await bringBack('job', first)
    const back = (await readJob(first)).snapshot
    expect(back.job.energyJob).toBe(second)
    expect(back.proofs).toEqual((await readJob(second)).snapshot.proofs)
  })

  it('stays where another stands on what was switched off in it', async () => {
    const first = await start()
    const { machine } = (await readJob(first)).snapshot
    await start(machine.id)
    expect((await deletionOf('job', first)).problem).toMatch(/Delete that one first/)
    await expect(deleteThing('job', first, '')).rejects.toMatchObject({ code: 'still-shared' })
    await deleteThing('machine', machine.id, '')
    expect(await onBench()).not.toContain(first)
  })

  it('goes for good after a day, with every row, and not before', async () => {
    const { db } = await store()
    const job = await start()
    const now = Date.now()
    await deleteThing('job', job, '', now)
    await purgeDeleted(db, now + UNDO_MS - 1)
    expect(await hasJob(db, job)).toBe(true)
    await purgeDeleted(db, now + UNDO_MS)
    expect(await hasJob(db, job)).toBe(false)
    const rows = await sql<{
      n: number
    }>`select count(*) as n from isolation_point where "jobId" = ${job}`.execute(db)
    expect(rows.rows[0]?.n).toBe(0)
    await expect(bringBack('job', job)).rejects.toMatchObject({ code: 'not-deleted' })
  })

  it('goes for good at once only when it was deleted before', async () => {
    const { db } = await store()
    const job = await start()
    await expect(deleteForGood('job', job)).rejects.toMatchObject({ code: 'not-deleted' })
    await deleteThing('job', job, '')
    await deleteForGood('job', job)
    expect(await hasJob(db, job)).toBe(false)
  })

  it('that nobody knows is said to be none', async () => {
    await expect(deleteThing('job', 'none', '')).rejects.toMatchObject({ code: 'unknown-job' })
    await expect(deleteThing('machine', 'none', '')).rejects.toMatchObject({ code: 'unknown-machine' })
  })
})

describe('a machine that is deleted', () => {
  it('takes its jobs along and brings them back', async () => {
    const job = await start()
    const { machine } = (await readJob(job)).snapshot
    await proveDead(job)
    expect(await deletionOf('machine', machine.id)).toMatchObject({ jobs: 1 })
    await deleteThing('machine', machine.id, '')
    const shown = async () => (await readMachinesWithJobs(1)).rows.map((row) => row.machine.id)
    expect(await shown()).not.toContain(machine.id)
    await expect(readJob(job)).rejects.toMatchObject({ code: 'deleted-job' })
    await bringBack('machine', machine.id)
    expect(energyOf((await readJob(job)).snapshot, Date.now()).handsIn).toBe(false)
  })
})

describe('a stored value that cannot be', () => {
  it.each([
    ['job', '"openedAt" = \'x\''],
    ['job', '"closedAt" = \'2026-13-40T00:00:00Z\''],
    ['isolation_point', '"openedAt" = \'soon\''],
    ['isolation_point', '"point" = \'window\''],
    ['safety_log', '"at" = \'\''],
  ])('in %s (%s) takes no page away, and nothing is worked out from it', async (table, change) => {
    const { db } = await store()
    const other = await start()
    const job = await start()
    await proveDead(job)
    const key = table === 'job' ? 'id' : 'jobId'
    await transact(db, async (trx) => {
      await sql.raw(`update "${table}" set ${change} where "${key}" = '${job}'`).execute(trx)
    })
    const bench = await readBench()
    expect(bench.open.map((row) => row.job.id)).toEqual(expect.arrayContaining([job, other]))
    await expect(readJob(job)).rejects.toMatchObject({ code: 'damaged-job' })
    await expect(storeActs(job, [])).rejects.toMatchObject({ code: 'damaged-job' })
    expect((await readJob(other)).snapshot.job.id).toBe(other)
    await deleteThing('job', job, '')
    expect(await onBench()).not.toContain(job)
  })
})
