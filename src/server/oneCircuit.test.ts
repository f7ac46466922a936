import { describe, expect, it } from 'vitest'
import { energyOf } from '@/core/job'
import { checksOf, powerProblems } from '@/core/job/proving/power'
import { actOnJob, openJob, readJob, readRev, stepHistory } from './jobs'
import { id, ownDataFolder, proveDead } from './testStore.testing'

ownDataFolder()

const snapshotOf = async (jobId: string) => (await readJob(jobId)).snapshot
const handsIn = async (jobId: string) => energyOf(await snapshotOf(jobId), Date.now()).handsIn
const pointOf = async (jobId: string, point: string) =>
  (await snapshotOf(jobId)).points.find((row) => row.point === point)
const on = (circuit: string) => ({ kind: 'machine.edit', field: 'circuit', value: circuit })
const power = { kind: 'job.phase', phase: 'live-test', purpose: 'start' }
const passed = async (jobId: string) =>
  actOnJob(
    jobId,
    checksOf(await snapshotOf(jobId)).flatMap((check) =>
      check.dead ? [{ kind: 'check.set', id: id(), checkId: check.id, result: 'pass', note: '' }] : [],
    ),
  )
const nut = async (jobId: string) => {
  const line = id()
  await actOnJob(jobId, [
    { kind: 'ledger.add', id: line, after: null, line: { part: 'motor nut' } },
    { kind: 'ledger.tick', id: line, on: true },
  ])
  return line
}

let circuits = 0
/** A bath fan and an attic fan of one breaker, both made dead. */
async function two(circuit = `breaker ${++circuits}`) {
  const bath = await openJob({ symptom: 'hums', family: 'bath-exhaust-fan', motorKind: 'psc', name: 'Bath' })
  const attic = await openJob({
    symptom: 'stands',
    family: 'attic-vent-fan',
    motorKind: 'psc',
    name: 'Attic',
  })
  await actOnJob(bath, [on(circuit)])
  await actOnJob(attic, [on(`  ${circuit.toUpperCase()} `)])
  await proveDead(bath)
  await proveDead(attic)
  return { bath, attic, circuit }
}

describe('two machines on one breaker', () => {
  it('are known to each other, with what hangs there', async () => {
    const { bath, attic } = await two()
    expect((await snapshotOf(bath)).onCircuit).toMatchObject([{ id: attic, machine: { name: 'Attic' } }])
    expect((await snapshotOf(attic)).onCircuit).toMatchObject([{ id: bath, machine: { name: 'Bath' } }])
    const alone = await openJob({ symptom: 'stands', family: 'attic-vent-fan' })
    expect((await snapshotOf(alone)).onCircuit).toEqual([])
  })

  it('lose what was proved at both when one of them says that the breaker is on', async () => {
    const { bath, attic } = await two()
    expect([await handsIn(bath), await handsIn(attic)]).toEqual([true, true])
    const before = await readRev(attic)
    await actOnJob(bath, [{ kind: 'point.close', id: (await pointOf(bath, 'breaker'))?.id }])
    expect([await handsIn(bath), await handsIn(attic)]).toEqual([false, false])
    const told = await snapshotOf(attic)
    expect(told.points.find(({ point }) => point === 'breaker')?.openedAt).toBeNull()
    expect(told.log.some(({ kind, detail }) => kind === 'voided' && detail.includes('Bath'))).toBe(true)
    // The windows at the other machine hear of it.
    expect(await readRev(attic)).toBeGreaterThan(before)
  })

  it('lose it by an undo that closes the breaker, too', async () => {
    const { bath, attic } = await two()
    const fuse = id()
    await actOnJob(bath, [{ kind: 'point.close', id: (await pointOf(bath, 'breaker'))?.id }])
    await actOnJob(bath, [{ kind: 'point.open', id: (await pointOf(bath, 'breaker'))?.id }])
    await proveDead(attic)
    expect(await handsIn(attic)).toBe(true)
    await stepHistory(bath, 'undo')
    expect(await handsIn(attic), fuse).toBe(false)
  })

  it('do not get power while the other is open, or somebody has hands in', async () => {
    const { bath, attic } = await two()
    const line = await nut(attic)
    await passed(bath)
    await expect(actOnJob(bath, [power])).rejects.toThrow(/Attic.*same breaker/)
    await actOnJob(attic, [{ kind: 'ledger.back', id: line, on: true }])
    await expect(actOnJob(bath, [power])).rejects.toThrow(/hands/)
    await actOnJob(attic, [{ kind: 'hands.out' }])
    await actOnJob(bath, [power])
    expect(await handsIn(attic)).toBe(false)
  })

  it('get power where another point, held open, parts the one that is worked at', async () => {
    const { bath, attic } = await two()
    const block = id()
    await actOnJob(attic, [
      { kind: 'point.add', id: block, point: 'disconnect' },
      { kind: 'point.open', id: block },
      { kind: 'point.held', id: block, held: 'block in the pocket' },
    ])
    await proveDead(attic)
    await nut(attic)
    await passed(bath)
    expect(powerProblems(await snapshotOf(bath), Date.now(), 'start').map(({ code }) => code)).toEqual([])
    await actOnJob(attic, [{ kind: 'point.held', id: block, held: '' }])
    expect(powerProblems(await snapshotOf(bath), Date.now(), 'start').map(({ code }) => code)).toEqual([
      'circuit',
    ])
  })

  it('begin no proof while the other one is on for a test: it may be the wrong breaker', async () => {
    const { bath, attic } = await two()
    await passed(bath)
    await actOnJob(bath, [power])
    const breaker = await pointOf(attic, 'breaker')
    await actOnJob(attic, [
      { kind: 'point.open', id: breaker?.id },
      { kind: 'point.held', id: breaker?.id, held: 'taped' },
    ])
    await expect(actOnJob(attic, [{ kind: 'proof.start', id: id() }])).rejects.toThrow(/Bath.*on for a test/)
    await actOnJob(bath, [{ kind: 'job.phase', phase: 'work' }])
    await actOnJob(attic, [{ kind: 'proof.start', id: id() }])
  })
})

describe('a machine that is put on another breaker', () => {
  it('is so in a job that is open, where its proof stands', async () => {
    const { attic } = await two()
    await actOnJob(attic, [{ kind: 'job.close', result: 'not-mended' }])
    await expect(actOnJob(attic, [on('breaker 98')])).rejects.toThrow(/Reopen it/)
  })

  it('is proved anew, and so it is when that is taken back', async () => {
    const { attic, circuit } = await two()
    await actOnJob(attic, [on('breaker 99')])
    expect(await handsIn(attic)).toBe(false)
    expect((await snapshotOf(attic)).onCircuit).toEqual([])
    await proveDead(attic)
    expect(await handsIn(attic)).toBe(true)
    await stepHistory(attic, 'undo')
    expect(await handsIn(attic)).toBe(false)
    expect((await snapshotOf(attic)).circuits?.map((row) => row.circuit)).toContain(circuit)
  })
})
