import { describe, expect, it } from 'vitest'
import { energyOf } from '@/core/job'
import { endPeriods, openJob, readJob } from './jobs'
import { clockWasSet, wasSet } from './serverClock'
import { ownDataFolder, proveDead } from './testStore.testing'

ownDataFolder()

describe('a clock that is set', () => {
  const at = (wall: number, steady: number) => ({ wall, steady })
  it('is told from one that goes on, forwards and back, by more than a minute', () => {
    expect(wasSet(at(0, 0), at(3_600_000, 3_600_000))).toBe(false)
    expect(wasSet(at(0, 0), at(61_000, 1000))).toBe(false)
    expect(wasSet(at(0, 0), at(61_001, 1000))).toBe(true)
    expect(wasSet(at(3_600_000, 0), at(0, 1000))).toBe(true)
    expect(wasSet(at(0, 0), at(-59_000, 1000))).toBe(false)
  })

  it('is noticed once', () => {
    clockWasSet(at(1_000_000, 0))
    expect(clockWasSet(at(5_000_000, 10))).toBe(true)
    expect(clockWasSet(at(5_000_100, 110))).toBe(false)
  })

  it('ends every dead period, and the record says why', async () => {
    const jobId = await openJob({ symptom: 'hums', family: 'bath-exhaust-fan', motorKind: 'psc' })
    await proveDead(jobId)
    expect(energyOf((await readJob(jobId)).snapshot, Date.now()).handsIn).toBe(true)
    const before = (await readJob(jobId)).snapshot.job
    await endPeriods(Date.now())
    const { snapshot } = await readJob(jobId)
    expect(energyOf(snapshot, Date.now()).handsIn).toBe(false)
    expect(snapshot.job.period).not.toBe(before.period)
    expect(snapshot.job.rev).toBeGreaterThan(before.rev)
    expect(snapshot.log.at(-1)).toMatchObject({ kind: 'voided', detail: 'the clock of the server was set' })
  })
})
