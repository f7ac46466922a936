import { describe, expect, it } from 'vitest'
import type { Act } from '@/core/job'
import { checksOf, isWatched } from '@/core/job/proving/power'
import { transact } from '@/data/database'
import { deleteThing } from './deleting'
import { actOnJob, openJob, readJob } from './jobs'
import { readMachine } from './machine'
import { normalSound } from './sounds'
import { store } from './store'
import { id, ownDataFolder, proveDead } from './testStore.testing'

ownDataFolder()

const start = async (machineId?: string) => {
  const jobId = await openJob({
    symptom: 'hums',
    family: 'bath-exhaust-fan',
    findings: [],
    ...(machineId ? { machineId } : {}),
  })
  return { jobId, machineId: (await readJob(jobId)).snapshot.machine.id }
}
const heard = (way: 'before' | 'after', levelDb: number): Act => ({
  kind: 'sound.add',
  id: id(),
  way,
  name: `${levelDb}.wav`,
  analysis: JSON.stringify({ seconds: 4, levelDb, bands: Array.from({ length: 88 }, () => -60), peaks: [] }),
})
const notMended = async (machineId?: string) => {
  const made = await start(machineId)
  await actOnJob(made.jobId, [
    heard('after', -30),
    { kind: 'job.edit', field: 'minutesSpent', value: '40' },
    { kind: 'job.close', result: 'not-mended' },
  ])
  return made
}

/** A job whose fan was seen to run, and recorded. */
const mended = async (levelDb: number, machineId?: string) => {
  const made = await start(machineId)
  const passed = (checks: string[]) =>
    actOnJob(
      made.jobId,
      checks.map((checkId) => ({ kind: 'check.set', id: id(), checkId, result: 'pass', note: '' })),
    )
  await proveDead(made.jobId)
  await passed(['hand-spin', 'covers-on'])
  await actOnJob(made.jobId, [{ kind: 'job.phase', phase: 'live-test', purpose: 'start' }])
  const { snapshot } = await readJob(made.jobId)
  await passed(
    checksOf(snapshot).flatMap((check) => (isWatched(check) && !check.laterMinutes ? [check.id] : [])),
  )
  await actOnJob(made.jobId, [heard('after', levelDb), { kind: 'job.close', result: 'runs' }])
  return made
}

describe('the page of a machine', () => {
  it('tells of every job of it that was not deleted', async () => {
    const { jobId, machineId } = await notMended()
    const second = await start(machineId)
    const page = await readMachine(machineId)
    expect(page?.machine.id).toBe(machineId)
    expect(page?.story.repairs.map(({ id: each }) => each).sort()).toEqual([jobId, second.jobId].sort())
    expect(page?.story.minutes).toBe(40)
    expect(page?.unread).toBe(0)
    await deleteThing('job', second.jobId, '')
    expect((await readMachine(machineId))?.story.repairs).toHaveLength(1)
    await deleteThing('machine', machineId, '')
    expect(await readMachine(machineId)).toBeNull()
  })

  it('tells nothing of a job with a stored value that cannot be, and says that there is one', async () => {
    const { jobId, machineId } = await notMended()
    await start(machineId)
    const { db } = await store()
    await transact(db, (trx) =>
      trx.updateTable('sound').set({ at: 'some day' }).where('jobId', '=', jobId).execute(),
    )
    const page = await readMachine(machineId)
    expect(page?.unread).toBe(1)
    expect(page?.story.repairs).toHaveLength(1)
    expect(page?.story.minutes).toBeNull()
  })

  it('is none where there is no such machine', async () => {
    expect(await readMachine('nobody')).toBeNull()
    expect(await readMachine('../etc')).toBeNull()
  })
})

describe('how a machine sounds on a good day', () => {
  it('is no recording of a job that is open, that did not mend it, that asks itself, or of before its repair', async () => {
    const { machineId } = await notMended()
    expect(await normalSound(machineId, '')).toBeNull()
    const { jobId } = await start(machineId)
    await actOnJob(jobId, [heard('before', -20), heard('after', -25)])
    expect(await normalSound(machineId, '')).toBeNull()
  })

  it('is the last recording after a repair that ended well', async () => {
    const first = await mended(-31)
    const level = async (except = '') =>
      (JSON.parse((await normalSound(first.machineId, except))?.analysis ?? '{}') as { levelDb?: number })
        .levelDb
    expect(await level()).toBe(-31)
    expect(await level(first.jobId)).toBeUndefined()
    const second = await mended(-33, first.machineId)
    expect(await level()).toBe(-33)
    expect(await level(second.jobId)).toBe(-31)
  })
})
