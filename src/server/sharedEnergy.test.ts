import { strFromU8, unzipSync } from 'fflate'
import { describe, expect, it } from 'vitest'
import { archivedJob } from '@/core/archive/read'
import { activeStops, energyOf } from '@/core/job'
import { checksOf } from '@/core/job/proving/power'
import { archiveStream } from './archive/make'
import { actOnJob, endPeriods, openJob, readJob, readRev, stepHistory } from './jobs'
import { id, ownDataFolder, proveDead } from './testStore.testing'

ownDataFolder()

const snapshotOf = async (jobId: string) => (await readJob(jobId)).snapshot
const energy = async (jobId: string) => energyOf(await snapshotOf(jobId), Date.now())
const nut = () => {
  const line = id()
  return {
    line,
    acts: [
      { kind: 'ledger.add', id: line, after: null, line: { part: 'motor nut' } },
      { kind: 'ledger.tick', id: line, on: true },
    ],
  }
}
const passed = async (jobId: string) =>
  actOnJob(
    jobId,
    checksOf(await snapshotOf(jobId)).flatMap((check) =>
      check.dead ? [{ kind: 'check.set', id: id(), checkId: check.id, result: 'pass', note: '' }] : [],
    ),
  )
const power = { kind: 'job.phase', phase: 'live-test', purpose: 'start' }

/** Two open jobs at one machine, the first of them made dead. */
async function two() {
  const first = await openJob({ symptom: 'hums', family: 'bath-exhaust-fan', motorKind: 'psc' })
  await proveDead(first)
  const { machine } = await snapshotOf(first)
  const second = await openJob({ symptom: 'rattles', machineId: machine.id })
  return { first, second, machineId: machine.id }
}

describe('two open jobs at one machine', () => {
  it('share what is off, proved and emptied, and the record of it', async () => {
    const { first, second } = await two()
    expect((await energy(second)).handsIn).toBe(true)
    const [one, other] = [await snapshotOf(first), await snapshotOf(second)]
    expect(other.points).toEqual(one.points)
    expect(other.log).toEqual(one.log)
    expect(other.job).toMatchObject({ energyJob: first, period: one.job.period })
  })

  it('lose it together, whichever of them it happens in', async () => {
    for (const which of ['first', 'second'] as const) {
      const jobs = await two()
      const { points } = await snapshotOf(jobs.first)
      await actOnJob(jobs[which], [{ kind: 'point.close', id: points[1]?.id }])
      for (const jobId of [jobs.first, jobs.second]) {
        expect((await energy(jobId)).handsIn, which).toBe(false)
        await expect(actOnJob(jobId, nut().acts)).rejects.toMatchObject({ code: 'not-proven' })
      }
    }
  })

  it('are told nothing by one that is closed: what is written into it later leaves a test on', async () => {
    const { first, second } = await two()
    await actOnJob(second, [{ kind: 'job.close', result: 'not-mended' }])
    await passed(first)
    await actOnJob(first, [power])
    await actOnJob(second, [{ kind: 'job.edit', field: 'lesson', value: 'look at the seal first' }])
    expect((await snapshotOf(first)).job.phase).toBe('live-test')
  })

  it('stop together: a stop holds back the other too, and is lifted where it was said', async () => {
    const { first, second } = await two()
    const raise = { kind: 'stop.raise', id: id(), rule: 'burnt-supply', note: 'charred' }
    await actOnJob(second, [raise])
    expect(activeStops(await snapshotOf(first))).toMatchObject([{ rule: 'burnt-supply', job: second }])
    await expect(actOnJob(first, nut().acts)).rejects.toMatchObject({ code: 'stopped' })
    await expect(actOnJob(first, [power])).rejects.toMatchObject({ code: 'stopped' })
    const lift = {
      kind: 'stop.lift',
      rule: 'burnt-supply',
      how: 'mended',
      reason: 'the electrician mended it',
    }
    await expect(actOnJob(first, [lift])).rejects.toMatchObject({ code: 'unknown-row' })
    await actOnJob(second, [lift])
    expect(activeStops(await snapshotOf(first))).toEqual([])
  })

  it('stop together for what was found too, and for what only waits for a reason', async () => {
    const { first, second } = await two()
    const smell = { kind: 'finding.set', id: id(), observation: 'smell', value: 'gas' }
    await actOnJob(first, [smell])
    expect(activeStops(await snapshotOf(second))).toMatchObject([{ rule: 'gas-smell', job: first }])
    const { points } = await snapshotOf(second)
    await expect(
      actOnJob(second, [{ kind: 'point.held', id: points[0]?.id, held: 'taped' }]),
    ).rejects.toMatchObject({ code: 'gas-stop' })
    const jobs = await two()
    await actOnJob(jobs.first, [{ kind: 'stop.raise', id: id(), rule: 'rented-or-warranty', note: '' }])
    expect(activeStops(await snapshotOf(jobs.second))).toMatchObject([{ job: jobs.first }])
    const reason = { kind: 'stop.override', rule: 'rented-or-warranty', reason: 'the landlord agreed' }
    await actOnJob(jobs.first, [reason])
    expect(activeStops(await snapshotOf(jobs.second))).toEqual([])
  })

  it('stop together still where the job in which it was said is closed, and end their period through the open one', async () => {
    const { first, second } = await two()
    await actOnJob(first, [{ kind: 'stop.raise', id: id(), rule: 'burnt-supply', note: 'charred' }])
    await actOnJob(first, [{ kind: 'job.close', result: 'handed-over' }])
    expect(activeStops(await snapshotOf(second))).toMatchObject([{ rule: 'burnt-supply', job: first }])
    const before = (await snapshotOf(second)).job.period
    await endPeriods(Date.now())
    expect((await snapshotOf(second)).job.period).not.toBe(before)
  })

  it('have power once for both: what is on in one takes no tick in the other', async () => {
    const { first, second } = await two()
    const before = await readRev(first)
    await passed(second)
    await actOnJob(second, [power])
    expect((await energy(first)).state).toBe('live-test')
    await expect(actOnJob(first, nut().acts)).rejects.toMatchObject({ code: 'not-proven' })
    expect((await snapshotOf(first)).job.period).toBe((await snapshotOf(second)).job.period)
    // The windows of the other job hear of it.
    expect(await readRev(first)).toBeGreaterThan(before)
    await actOnJob(first, [{ kind: 'job.phase', phase: 'work' }])
    expect((await energy(second)).state).toBe('live')
  })

  it('wait for each other’s hands and way back before power returns; only who works there says that hands are out', async () => {
    const { first, second } = await two()
    const { line, acts } = nut()
    await actOnJob(first, acts)
    await passed(second)
    await expect(actOnJob(second, [power])).rejects.toThrow(/1 act of its way back open/)
    await actOnJob(first, [{ kind: 'ledger.back', id: line, on: true }])
    await expect(actOnJob(second, [power])).rejects.toThrow(/has hands in/)
    // The other job's answer says nothing of these hands.
    await actOnJob(second, [{ kind: 'hands.out' }])
    await expect(actOnJob(second, [power])).rejects.toThrow(/has hands in/)
    await actOnJob(first, [{ kind: 'hands.out' }])
    await actOnJob(second, [power])
    expect((await energy(second)).state).toBe('live-test')
  })

  it('hear of what is taken back in either of them', async () => {
    const { first, second } = await two()
    await actOnJob(second, [{ kind: 'point.add', id: id(), point: 'fuse' }])
    expect((await energy(first)).handsIn).toBe(false)
    await stepHistory(second, 'undo')
    expect((await energy(first)).handsIn).toBe(false)
    expect((await snapshotOf(first)).points.every(({ point }) => point !== 'fuse')).toBe(true)
  })

  it('end by themselves: a job opened after both begins anew', async () => {
    const { first, second, machineId } = await two()
    for (const jobId of [first, second]) await actOnJob(jobId, [{ kind: 'job.close', result: 'not-mended' }])
    const third = await openJob({ symptom: 'hums again', machineId })
    expect(await energy(third)).toMatchObject({ state: 'live', handsIn: false })
    expect((await snapshotOf(third)).job.energyJob).toBeNull()
  })
})

describe('an archive of jobs that share a machine', () => {
  it('holds each of them whole, with rows of its own', async () => {
    const { first, second } = await two()
    const bytes = new Uint8Array(await new Response(await archiveStream([first, second])).arrayBuffer())
    const files = unzipSync(bytes)
    const jobs = [first, second].map((jobId) =>
      archivedJob(JSON.parse(strFromU8(files[`jobs/${jobId}.json`] ?? new Uint8Array())), jobId),
    )
    const [one, other] = jobs
    expect(other?.job.energyJob).toBeNull()
    expect(other?.points.map(({ point, openedAt }) => [point, openedAt])).toEqual(
      one?.points.map(({ point, openedAt }) => [point, openedAt]),
    )
    const ids = jobs.flatMap(({ points, proofs, log }) => [...points, ...proofs, ...log].map((row) => row.id))
    expect(new Set(ids).size).toBe(ids.length)
    expect(other?.proofReadings.every(({ proofId }) => other.proofs.some((row) => row.id === proofId))).toBe(
      true,
    )
  })
})

describe('a danger in the first sentence', () => {
  it('stands in the record of safety as raised', async () => {
    const jobId = await openJob({
      symptom: 'I smell gas',
      family: 'draft-inducer',
      findings: [{ observation: 'smell', value: 'gas' }],
    })
    const { log } = await snapshotOf(jobId)
    expect(log).toEqual([expect.objectContaining({ kind: 'stop-raised', label: 'gas-smell' })])
  })
})
