import { describe, expect, it } from 'vitest'
import { diagnosisOf } from '..'
import type { Act } from '../acts/actTypes'
import { logSentence } from '../acts/logWords'
import { planAct } from '../acts/plan'
import { FRESH_MS, receive } from '../acts/receive'
import { planHistory } from '../acts/undo'
import { act, actAt, answered, bath, frame, id, jobOn, madeDead, NOW, onBench, refused } from '../job.testing'
import { closingProblems } from '../proving/closing'
import { checksOf, isWatched, powerProblems } from '../proving/power'
import type { JobSnapshot, RowChange } from '../rows'
import { withChanges } from '../snapshot'
import { energyOf } from './energy'
import { neededCharges, neededWaits, onlyPlug, pairsOf } from './place'
import { isolationActs, proofActs } from './proofScript'

const MINUTE = 60_000
const power: Act = { kind: 'job.phase', phase: 'live-test', purpose: 'reading' }

/** An act and the event that it leaves behind. */
function done(job: JobSnapshot, what: Act, now = NOW) {
  const { text, changes } = planAct(job, what, now)
  return { job: withChanges(job, changes), event: { text, changes } }
}
const step = (
  job: JobSnapshot,
  event: { text: string; changes: RowChange[] },
  direction: 'undo' | 'redo',
  now = NOW,
) => withChanges(job, planHistory(job, event, direction, now).changes)

const arrive = (job: JobSnapshot, what: Act, ageMs: number, now = NOW, window = 'A') =>
  withChanges(job, receive(job, { id: id(), act: what, ageMs }, now, { who: '', window }).changes)
const refusedOnArrival = (job: JobSnapshot, what: Act, ageMs: number, now = NOW, window = 'A') => {
  try {
    arrive(job, what, ageMs, now, window)
    return null
  } catch (error) {
    return (error as { code: string }).code
  }
}

describe('void means void', () => {
  it('a discharge read before a live test does not count after the test is taken back and dead is proved anew', () => {
    const dead = answered(madeDead(bath()))
    const { job: live, event } = done(dead, power)
    const back = step(live, event, 'undo')
    expect(energyOf(back, NOW)).toMatchObject({ handsIn: false, openPoints: 0 })
    const again = act(back, ...isolationActs(back), ...proofActs(back, id))
    const energy = energyOf(again, NOW)
    expect(energy.state).toBe('proven-dead')
    expect(energy.handsIn).toBe(false)
    expect(energy.missing[0]).toContain('discharge it')
  })

  it.each<[string, (job: JobSnapshot) => Act]>([
    ['a point opened', (job) => ({ kind: 'point.open', id: job.points[0]!.id })],
    ['a point added', () => ({ kind: 'point.add', id: id(), point: 'fuse' })],
    ['a point struck', (job) => ({ kind: 'point.strike', id: job.points[0]!.id, reason: 'none here' })],
    ['a discharge', (job) => ({ kind: 'charge.read', id: job.charges[0]!.id, typed: '0.1' })],
    [
      'the circuits counted',
      () => ({ kind: 'field.set', id: id(), part: 'plan', field: 'feeds', typed: '2' }),
    ],
    [
      'what there is to read against',
      () => ({ kind: 'field.set', id: id(), part: 'plan', field: 'earth', typed: 'earth-lead' }),
    ],
    ['a part on the bench', () => ({ kind: 'part.out', id: id(), part: 'motor' })],
  ])('%s, taken back and done again, leaves nothing proved, empty or waited for', (_, what) => {
    const dead = answered(madeDead(bath()))
    const from =
      what(dead).kind === 'point.open' ? act(dead, { kind: 'point.close', id: dead.points[0]!.id }) : dead
    const { job, event } = done(from, what(dead))
    const undone = step(job, event, 'undo')
    expect(energyOf(undone, NOW).handsIn).toBe(false)
    expect(undone.charges.every((charge) => charge.readAt === null)).toBe(true)
    expect(undone.proofs.every((proof) => proof.voidedAt !== null)).toBe(true)
    const redone = step(undone, event, 'redo')
    expect(energyOf(redone, NOW).handsIn).toBe(false)
    expect(redone.charges.every((charge) => charge.readAt === null)).toBe(true)
  })

  it('a live test that was taken back is not done again: everything before power is answered anew', () => {
    const { job, event } = done(answered(madeDead(bath())), power)
    const undone = step(job, event, 'undo')
    expect(energyOf(undone, NOW)).toMatchObject({ handsIn: false, openPoints: 0 })
    expect(() => step(undone, event, 'redo')).toThrow(/Before power returns/)
  })

  it('a hard stop is never taken back by a step of history: it is lifted by a word', () => {
    const { job, event } = done(madeDead(bath()), {
      kind: 'stop.raise',
      id: id(),
      rule: 'burnt-supply',
      note: '',
    })
    expect(() => step(job, event, 'undo')).toThrow(/lift it by saying who put it right/)
    const gas = done(bath(), { kind: 'finding.set', id: id(), observation: 'smell', value: 'gas' })
    expect(() => step(gas.job, gas.event, 'undo')).toThrow(/lift it by saying/)
  })

  it('puts back only the fields that the act changed: what another job wrote on the machine since stays', () => {
    const { job, event } = done(bath(), { kind: 'machine.edit', field: 'place', value: 'upper landing' })
    const elsewhere = { ...job, machine: { ...job.machine, note: 'screws under the label' } }
    const undone = step(elsewhere, event, 'undo')
    expect(undone.machine).toMatchObject({ place: '', note: 'screws under the label' })
  })

  it('a tick that is done again is hands inside again', () => {
    const dead = act(madeDead(bath()), {
      kind: 'ledger.add',
      id: 'cover',
      after: null,
      line: { part: 'motor nut' },
    })
    const { job, event } = done(dead, { kind: 'ledger.tick', id: 'cover', on: true })
    const shut = act(step(job, event, 'undo'), { kind: 'point.close', id: dead.points[1]!.id })
    expect(() => step(shut, event, 'redo')).toThrow(/Make dead/)
  })
})

describe('acts carry their age', () => {
  it('points and proof that lay unsent longer than three minutes are done anew, not stored', () => {
    const job = bath()
    const open: Act = { kind: 'point.open', id: job.points[0]!.id }
    expect(refusedOnArrival(job, open, FRESH_MS)).toBeNull()
    expect(refusedOnArrival(job, open, FRESH_MS + 1)).toBe('too-old')
    expect(refusedOnArrival(job, open, 86_400_000)).toBe('too-old')
    expect(refusedOnArrival(job, open, -1)).toBe('too-old')
    expect(refusedOnArrival(job, open, Number.NaN)).toBe('too-old')
  })

  it('count from when they were done', () => {
    const job = bath()
    const opened = arrive(job, { kind: 'point.open', id: job.points[0]!.id }, 100_000)
    expect(opened.points[0]!.openedAt).toBe(new Date(NOW - 100_000).toISOString())
  })

  it('are overtaken by what another window took back meanwhile, and not by their own', () => {
    const job = bath()
    const point = job.points[1]!.id
    const closed = arrive(job, { kind: 'point.close', id: point }, 0, NOW, 'B')
    expect(refusedOnArrival(closed, { kind: 'point.open', id: point }, 30_000, NOW + 1000, 'A')).toBe(
      'overtaken',
    )
    expect(refusedOnArrival(closed, { kind: 'point.open', id: point }, 30_000, NOW + 1000, 'B')).toBeNull()
  })

  it('power that came back is believed whenever it is told', () => {
    const dead = madeDead(bath())
    const late = arrive(dead, { kind: 'point.close', id: dead.points[1]!.id }, 3_600_000, NOW + MINUTE)
    expect(energyOf(late, NOW + MINUTE)).toMatchObject({ handsIn: false, state: 'isolating' })
  })

  it('hands-in acts done out of reach keep their own time, judged by the proof as it stood then', () => {
    const dead = act(madeDead(bath()), {
      kind: 'ledger.add',
      id: 'nut',
      after: null,
      line: { part: 'motor nut' },
    })
    const closed = actAt(NOW + 20 * MINUTE, dead, { kind: 'point.close', id: dead.points[1]!.id })
    const tick: Act = { kind: 'ledger.tick', id: 'nut', on: true }
    // Done ten minutes after the proof, told after the breaker was closed.
    const covered = arrive(closed, tick, 15 * MINUTE, NOW + 25 * MINUTE)
    expect(covered.ledger[0]).toMatchObject({
      doneAt: new Date(NOW + 10 * MINUTE).toISOString(),
      doneCover: 'late',
    })
    // Done after the breaker was closed: kept, and called what it is.
    const without = arrive(closed, tick, 2 * MINUTE, NOW + 25 * MINUTE)
    expect(without.ledger[0]!.doneCover).toBe('none')
    expect(without.log.map(logSentence).at(-1)).toContain('done without a standing proof')
  })

  it('what comes late never prolongs a proof', () => {
    const dead = act(madeDead(bath()), {
      kind: 'ledger.add',
      id: 'nut',
      after: null,
      line: { part: 'motor nut' },
    })
    const late = arrive(dead, { kind: 'ledger.tick', id: 'nut', on: true }, 5 * MINUTE, NOW + 25 * MINUTE)
    expect(late.ledger[0]!.doneCover).toBe('late')
    expect(energyOf(late, NOW + 31 * MINUTE).expired).toBe(true)
    const prompt = actAt(NOW + 20 * MINUTE, dead, { kind: 'ledger.tick', id: 'nut', on: true })
    expect(energyOf(prompt, NOW + 31 * MINUTE).expired).toBe(false)
  })
})

describe('the proof has an order', () => {
  it('readings typed while a point is closed are refused, and so is each step before its turn', () => {
    const job = bath()
    const [wall, breaker] = isolationActs(job).filter(({ kind }) => kind === 'point.open')
    const steps = proofActs(job, id)
    expect(refused(act(job, wall!), steps[0]!)).toBe('not-isolated')
    const opened = act(job, wall!, breaker!)
    expect(refused(opened, steps[0]!)).toBe('not-held')
    const held = act(job, ...isolationActs(job))
    for (const [place, each] of steps.entries()) {
      const before = act(held, ...steps.slice(0, place))
      for (const later of steps.slice(place + 1)) {
        if (later.kind === 'proof.read' && each.kind === 'proof.read') continue
        // Off again is always taken; before the readings it is no step.
        if (later.kind === 'proof.switch' && !later.on) continue
        expect(refused(before, later), `${later.kind} before ${each.kind}`).not.toBeNull()
      }
    }
    expect(energyOf(act(held, ...steps), NOW).state).toBe('proven-dead')
  })

  it('is compared by the times of stored rows as well: whatever is older than the last change of a point counts no more', () => {
    const dead = madeDead(bath())
    const changed = {
      ...dead,
      points: dead.points.map((point) => ({ ...point, changedAt: new Date(NOW + 1).toISOString() })),
    }
    expect(energyOf(changed, NOW + 2).state).toBe('isolated')
  })

  it('after 5 to 30 V only a low-impedance range can say that the pair is dead', () => {
    const one = bath()
    const steps = proofActs(one, id, ['12'])
    const doubtful = act(one, ...isolationActs(one), ...steps.slice(0, 6))
    const proofId = doubtful.proofs[0]!.id
    const read = (typed: string, range?: 'low-impedance'): Act => ({
      kind: 'proof.read',
      id: id(),
      proofId,
      pair: 'L–N',
      position: 0,
      typed,
      ...(range ? { range } : {}),
    })
    expect(refused(doubtful, { kind: 'proof.switch', id: proofId, on: false })).toBeNull()
    expect(energyOf(act(doubtful, read('0.2')), NOW).proofs[0]!.open).toEqual(['L–N'])
    expect(energyOf(act(doubtful, read('0.2', 'low-impedance')), NOW).proofs[0]!.open).toEqual([])
  })

  it('over 30 V it is live whatever is open, and stays so until a proof is begun anew', () => {
    const one = bath()
    const live = act(one, ...isolationActs(one), ...proofActs(one, id, ['119']).slice(0, 4))
    expect(energyOf(live, NOW)).toMatchObject({ state: 'live', handsIn: false, stop: { volts: 119 } })
    const proofId = live.proofs[0]!.id
    const quieter = act(live, {
      kind: 'proof.read',
      id: id(),
      proofId,
      pair: 'L–N',
      position: 0,
      typed: '0.1',
    })
    expect(energyOf(quieter, NOW).state).toBe('live')
    // Another proof with nothing opened would prove nothing; what fed it is found, opened, and dead is proved anew.
    expect(refused(quieter, { kind: 'proof.start', id: id() })).toBe('still-live')
    const found = actAt(NOW + 1000, quieter, { kind: 'point.add', id: 'fuse', point: 'fuse' })
    const opened = actAt(NOW + 2000, found, ...isolationActs(found))
    expect(energyOf(actAt(NOW + 3000, opened, ...proofActs(opened, id)), NOW + 3000).state).toBe(
      'proven-dead',
    )
  })

  it('does not stand on the two wires alone where no earth is there', () => {
    const one = act(bath(), { kind: 'field.set', id: id(), part: 'plan', field: 'earth', typed: 'none' })
    expect(pairsOf(one)).toEqual(['L–N'])
    const read = act(one, ...isolationActs(one), ...proofActs(one, id))
    expect(energyOf(read, NOW)).toMatchObject({ state: 'isolated', handsIn: false })
    const lead = act(one, { kind: 'field.set', id: id(), part: 'plan', field: 'earth', typed: 'earth-lead' })
    expect(pairsOf(lead)).toEqual(['L–N', 'L–earth lead', 'N–earth lead'])
  })

  it('reads every pair in each position of a switch that does not show its ON, and a switched live as well', () => {
    const one = act(bath(), { kind: 'field.set', id: id(), part: 'plan', field: 'switch', typed: 'unseen' })
    expect(pairsOf(one)).toHaveLength(6)
    const timer = act(bath(), {
      kind: 'field.set',
      id: id(),
      part: 'plan',
      field: 'switched-live',
      typed: 'yes',
    })
    expect(pairsOf(timer)).toEqual([
      'L–N',
      'L–switched L',
      'N–switched L',
      'L–ground',
      'N–ground',
      'switched L–ground',
    ])
  })

  it('fails when something starts or lights, whatever was read', () => {
    const dead = madeDead(bath())
    const failed = act(dead, { kind: 'proof.failed', id: dead.proofs[0]!.id, what: 'the lamp lit' })
    expect(energyOf(failed, NOW)).toMatchObject({ state: 'isolated', handsIn: false })
    expect(failed.log.map(logSentence)).toContain('The proof failed: the lamp lit.')
  })

  it('takes the plug for the whole proof only where nothing else feeds the machine', () => {
    const job = jobOn('hrv-fan')
    expect(onlyPlug(job)).toBe(true)
    const more = act(job, { kind: 'field.set', id: id(), part: 'plan', field: 'other-supply', typed: 'yes' })
    expect(onlyPlug(more)).toBe(false)
    expect(pairsOf(more).length).toBeGreaterThan(2)
  })
})

describe('the bench is no key', () => {
  it('a part that is out opens its own readings and nothing of the machine', () => {
    const job = act(onBench('outdoor-unit-fan', 'psc'), {
      kind: 'ledger.plant',
      ids: Array.from({ length: 40 }, id),
      template: 'motor',
    })
    expect(refused(job, frame)).toBeNull()
    for (const line of job.ledger.filter((each) => each.benchOf === '' && each.action !== 'photo'))
      expect(refused(job, { kind: 'ledger.tick', id: line.id, on: true }), line.part).toBe('not-proven')
  })

  it('asks for the charge of what lies there', () => {
    const job = act(bath(), { kind: 'part.out', id: id(), part: 'motor' })
    expect(refused(job, frame)).toBe('not-proven')
    // Only a capacitor that is out itself may be touched without the proof.
    const charge: Act = { kind: 'charge.read', id: job.charges[0]!.id, typed: '0.2' }
    expect(refused(job, charge)).toBe('not-proven')
    const both = act(job, { kind: 'part.out', id: id(), part: 'capacitor' })
    expect(refused(act(both, charge), frame)).toBeNull()
  })

  it('ends when the part goes back, and its charge with it', () => {
    const job = onBench('bath-exhaust-fan', 'psc')
    const back = act(job, ...job.outParts.map((row): Act => ({ kind: 'part.back', id: row.id })))
    expect(refused(back, frame)).toBe('not-proven')
    expect(back.charges[0]!.volts).toBeNull()
  })

  it('comes from a ticked removal only: lines behind it are bench, lines before it are the machine', () => {
    const planted = act(madeDead(bath()), {
      kind: 'ledger.plant',
      ids: Array.from({ length: 40 }, id),
      template: 'motor',
    })
    const covers = planted.ledger.filter((line) => line.access === 'before-proof')
    const removal = planted.ledger.find((line) => line.frees === 'motor')!
    const wheel = planted.ledger.find((line) => line.part === 'wheel')!
    const out = act(
      planted,
      ...[...covers, removal].map((line): Act => ({ kind: 'ledger.tick', id: line.id, on: true })),
    )
    const lapsed = NOW + 2 * 3_600_000
    expect(energyOf(out, lapsed).handsIn).toBe(false)
    expect(refused(out, { kind: 'ledger.tick', id: wheel.id, on: true }, lapsed)).toBeNull()
    expect(refused(planted, { kind: 'ledger.tick', id: wheel.id, on: true }, lapsed)).toBe('not-proven')
    expect(
      refused(out, {
        kind: 'ledger.edit',
        id: planted.ledger[2]!.id,
        change: { benchOf: 'motor', part: 'service panel' },
      }),
    ).toBe('not-bench')
  })
})

describe('power back is held', () => {
  const passed = (...checks: string[]): Act[] =>
    checks.map((checkId) => ({ kind: 'check.set', id: id(), checkId, result: 'pass', note: '' }))
  const start: Act = { kind: 'job.phase', phase: 'live-test', purpose: 'start' }
  const line = (part: string, more: object): Act => ({
    kind: 'ledger.add',
    id: part,
    after: null,
    line: { part, ...more },
  })
  const tick = (part: string): Act => ({ kind: 'ledger.tick', id: part, on: true })
  const back = (part: string): Act => ({ kind: 'ledger.back', id: part, on: true })

  it('until the way back is ticked, the landings are tugged, and the dead checks are answered', () => {
    let job = act(madeDead(bath()), line('wire', { action: 'disconnect', terminal: 'T1' }), tick('wire'))
    expect(refused(job, start)).toBe('not-ready')
    job = act(job, back('wire'))
    expect(powerProblems(job, NOW, 'start').map(({ code }) => code)).toEqual([
      'dead-check',
      'dead-check',
      'dead-check',
    ])
    job = act(job, ...passed('wiring', 'hand-spin', 'covers-on'))
    expect(refused(job, start)).toBeNull()
    const landing: Act = {
      kind: 'landing.set',
      id: 'l',
      lead: 'black',
      role: 'common',
      terminal: 'L1',
      capped: false,
      position: 0,
    }
    expect(powerProblems(act(job, landing), NOW, 'start')[0]).toMatchObject({ code: 'landing' })
  })

  it('until a cure has run out, counted from when its line went back, with hours that can be changed', () => {
    const job = act(
      madeDead(jobOn('draft-inducer', 'shaded-pole')),
      line('gasket', { action: 'break-seal', renewMaterial: 'sealant', cureHours: 24 }),
      tick('gasket'),
      back('gasket'),
      ...passed('hand-spin', 'covers-on'),
      { kind: 'check.set', id: id(), checkId: 'joints', result: 'skipped', note: '' },
    )
    expect(powerProblems(job, NOW, 'start').map(({ code }) => code)).toEqual(['cure'])
    expect(powerProblems(job, NOW + 25 * 3_600_000, 'start')).toEqual([])
    const shorter = act(job, { kind: 'ledger.edit', id: 'gasket', change: { cureHours: 2 } })
    expect(powerProblems(shorter, NOW + 3 * 3_600_000, 'start')).toEqual([])
  })

  it('and what says that the seal has cured is not true before', () => {
    const job = act(
      madeDead(jobOn('draft-inducer')),
      line('inducer gasket', { action: 'break-seal', renewMaterial: 'sealant', cureHours: 24 }),
      tick('inducer gasket'),
      back('inducer gasket'),
    )
    const joints = (result: 'pass' | 'fail' | 'skipped'): Act => ({
      kind: 'check.set',
      id: id(),
      checkId: 'joints',
      result,
      note: '',
    })
    expect(refused(job, joints('pass'))).toBe('not-cured')
    expect(refused(job, joints('fail'))).not.toBe('not-cured')
    const gasket = job.ledger.at(-1)?.id ?? ''
    expect(
      refused(act(job, { kind: 'ledger.edit', id: gasket, change: { cureHours: 0 } }), joints('pass')),
    ).not.toBe('not-cured')
  })

  it('until gas is on and each union that was opened is tested; a bubble stops the job', () => {
    const opened = act(
      madeDead(jobOn('rv-furnace-blower')),
      line('gas union', { action: 'disconnect' }),
      tick('gas union'),
      back('gas union'),
    )
    const job = act(opened, ...passed('wiring', 'hand-spin', 'covers-on'))
    const leak = (result: 'pass' | 'fail'): Act => ({
      kind: 'check.set',
      id: id(),
      checkId: 'leak-test',
      result,
      note: '',
    })
    expect(powerProblems(job, NOW, 'start').map(({ code }) => code)).toEqual(['union'])
    expect(refused(job, leak('pass'))).toBe('gas-off')
    const cylinder = job.points.find(({ point }) => point === 'cylinder-valve')!
    const gasOn = act(job, { kind: 'point.close', id: cylinder.id })
    expect(powerProblems(act(gasOn, leak('pass')), NOW, 'start')).toEqual([])
    expect(refused(act(gasOn, leak('fail')), start)).toBe('stopped')
  })

  it('while anything is held but a door switch or a call; the job closes with neither', () => {
    const held = act(
      madeDead(jobOn('furnace-blower', 'psc')),
      line('door switch', { action: 'bypass' }),
      tick('door switch'),
      ...passed('hand-spin', 'covers-on'),
    )
    expect(held.ledger[0]).toMatchObject({ switchKind: 'door', temporary: 1 })
    expect(powerProblems(held, NOW, 'start')).toEqual([])
    expect(closingProblems(held, NOW, 'not-mended').map(({ code }) => code)).toEqual(['bypass'])
    const unnamed = act(
      madeDead(jobOn('furnace-blower', 'psc')),
      line('some switch', { action: 'bypass' }),
      tick('some switch'),
    )
    expect(powerProblems(answered(unnamed), NOW, 'reading').map(({ code }) => code)).toEqual(['bypass'])
  })

  it('and the tape comes off by a short isolation in four steps, in their order', () => {
    const job = act(
      madeDead(jobOn('furnace-blower', 'psc')),
      line('door switch', { action: 'bypass' }),
      tick('door switch'),
      ...passed('hand-spin', 'covers-on'),
      start,
    )
    const go = (step: 1 | 2 | 3 | 4, by = 'the switch at the stairs'): Act => ({
      kind: 'short.step',
      id: 'door switch',
      step,
      by,
    })
    expect(refused(job, { kind: 'job.phase', phase: 'in-service' })).toBe('not-ready')
    expect(refused(job, go(1, ''))).toBe('no-reason')
    expect(refused(job, go(3))).toBe('proof-order')
    const half = act(job, go(1), go(2), go(3))
    expect(refused(half, { kind: 'job.phase', phase: 'in-service' })).toBe('not-ready')
    const whole = act(half, go(4))
    // Power came back once: the answers before it are given anew before the machine goes into service.
    expect(refused(whole, { kind: 'job.phase', phase: 'in-service' })).toBeNull()
    expect(whole.log.map(logSentence).join(' ')).toContain('The hand touched the tape only')
  })

  it('a failed check enters its finding, and a later check becomes a look that is due', () => {
    const job = act(madeDead(bath()), ...passed('hand-spin', 'covers-on'), start)
    expect(job.dues.map(({ checkId, dueAt }) => [checkId, Date.parse(dueAt) - NOW])).toEqual([
      ['next-day', 24 * 60 * MINUTE],
      ['warm', 15 * MINUTE],
    ])
    const failed = act(job, { kind: 'check.set', id: id(), checkId: 'flap', result: 'fail', note: '' })
    expect(failed.findings.at(-1)).toMatchObject({ observation: 'damper', value: 'stuck' })
    const hums = act(job, {
      kind: 'check.set',
      id: id(),
      checkId: 'first-start',
      result: 'fail',
      note: '',
      finding: 0,
    })
    expect(hums.findings.at(-1)).toMatchObject({ observation: 'fan-state', value: 'hums' })
    expect(refused(job, { kind: 'job.close', result: 'runs' })).toBe('not-ready')
    const watched = checksOf(job).filter((check) => isWatched(check) && !check.laterMinutes)
    const seen = act(job, ...passed(...watched.map(({ id: checkId }) => checkId)))
    expect(refused(seen, { kind: 'job.close', result: 'runs' })).toBeNull()
  })
})

describe('readings that cannot both be true', () => {
  const live = (a: string, typed: string): Act => ({
    kind: 'reading.set',
    id: id(),
    reading: 'supply',
    part: 'old',
    a,
    b: '',
    typed,
  })

  it('are told, decide nothing, and the machine counts as live', () => {
    const job = act(bath(), live('supply', '0'), live('motor', '121'))
    const diagnosis = diagnosisOf(job)
    expect(diagnosis.decided).toBeNull()
    expect(diagnosis.conflicts.map(({ observation }) => observation)).toEqual([
      'supply-voltage',
      'motor-voltage',
    ])
    expect(diagnosis.nextTests[0]!.observation).toBe('supply-voltage')
    const dead = act(job, ...isolationActs(job), ...proofActs(job, id))
    expect(energyOf(dead, NOW)).toMatchObject({ state: 'live', handsIn: false })
    expect(energyOf(dead, NOW).missing[0]).toMatch(/cannot both be true/)
    const struck = act(dead, {
      kind: 'reading.strike',
      id: dead.readings[1]!.id,
      reason: 'leads in the wrong jacks',
    })
    expect(energyOf(struck, NOW).state).toBe('proven-dead')
  })

  it('do not touch an outdoor unit whose call comes from indoors', () => {
    const job = act(jobOn('outdoor-unit-fan', 'psc'), live('supply', '0'), live('call', '26'))
    expect(diagnosisOf(job).conflicts.filter(({ text }) => text.includes('cannot both'))).toEqual([])
  })
})

describe('what is known is not asked again', () => {
  it('no charge of a shaded pole, no cooling of a cold motor, no valve without water, no capacitor at 12 V', () => {
    const learned = act(jobOn('bath-exhaust-fan'), {
      kind: 'machine.edit',
      field: 'motorKind',
      value: 'shaded-pole',
    })
    expect(neededCharges(learned)).toEqual([])
    const inducer = jobOn('draft-inducer', 'shaded-pole')
    expect(neededWaits(inducer).map(({ kind }) => kind)).toEqual(['cool-down'])
    const cold = act(inducer, { kind: 'field.set', id: id(), part: 'plan', field: 'cold', typed: 'cold' })
    expect(neededWaits(cold)).toEqual([])
    const dry = act(jobOn('refrigerator-evaporator-fan', 'shaded-pole'), {
      kind: 'field.set',
      id: id(),
      part: 'plan',
      field: 'water',
      typed: 'no',
    })
    expect(dry.points.filter(({ struckAt }) => !struckAt).map(({ point }) => point)).toEqual(['plug'])
    expect(neededCharges(jobOn('rv-furnace-blower'))).toEqual([])
  })

  it('but a motor that has run may be hot again, and a kind learned later brings what it has', () => {
    const cold = act(jobOn('draft-inducer', 'shaded-pole'), {
      kind: 'field.set',
      id: id(),
      part: 'plan',
      field: 'cold',
      typed: 'cold',
    })
    const ran = act(answered(madeDead(cold)), power, { kind: 'job.phase', phase: 'work' })
    expect(neededWaits(ran).map(({ kind }) => kind)).toEqual(['cool-down'])
    const learned = act(jobOn('bath-exhaust-fan', 'shaded-pole'), {
      kind: 'machine.edit',
      field: 'motorKind',
      value: 'psc',
    })
    expect(neededCharges(learned)).toHaveLength(1)
    const electronic = act(jobOn('furnace-blower', 'psc'), {
      kind: 'machine.edit',
      field: 'motorKind',
      value: 'ecm',
    })
    expect(neededWaits(electronic).map(({ kind }) => kind)).toEqual(['electronics'])
  })
})

describe('the safety record', () => {
  it('keeps discharges, waits, times and holds when power returns and when the job closes', () => {
    const job = madeDead(jobOn('draft-inducer', 'psc'))
    const live = act(answered(job), power)
    const record = live.log.map(logSentence).join('\n')
    for (const text of [
      'is discharged and reads 0.3 V DC',
      'a wait begins',
      'is held: handle across the pipe',
      'Read L–N: 0.1 V AC',
      'void: on for a test',
    ])
      expect(record).toContain(text)
    expect(live.log.length).toBeGreaterThan(job.log.length)
  })

  it('says of no point that it was held before somebody said so, and never from an earlier opening', () => {
    const job = bath()
    const [point] = job.points
    const opened = act(job, { kind: 'point.open', id: point!.id })
    expect(opened.points[0]).toMatchObject({ held: '', proposal: 'taped off' })
    const held = act(opened, { kind: 'point.held', id: point!.id, held: 'taped off' })
    const again = act(held, { kind: 'point.close', id: point!.id }, { kind: 'point.open', id: point!.id })
    expect(again.points[0]!.held).toBe('')
    expect(refused(job, { kind: 'point.held', id: point!.id, held: 'taped off' })).toBe('not-open')
  })
})
