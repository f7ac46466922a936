import { describe, expect, it } from 'vitest'
import type { Act } from '../acts/actTypes'
import { receive } from '../acts/receive'
import {
  act,
  actAt,
  answered,
  back,
  bath,
  id,
  jobOn,
  line,
  madeDead,
  NOW,
  refused,
  tick,
} from '../job.testing'
import { isTemporary } from '../ledger/temporary'
import { curesOf, gasIsOff, gasOpening, hasRun, powerProblems, standingTemporary } from '../proving/power'
import type { JobSnapshot, LedgerRow } from '../rows'
import { withChanges } from '../snapshot'
import { isOut, mayHaveBeenOut, onBench, partsOut } from './bench'
import { dischargeActs } from './dischargeScript'
import { energyOf } from './energy'
import { gateProblem } from './gate'
import { periodAt, periodOf } from './period'
import { isolationActs, proofActs } from './proofScript'
import { voidedRows } from './voiding'

const SECOND = 1000
const MINUTE = 60 * SECOND
const arrive = (job: JobSnapshot, what: Act, ageMs: number, now = NOW, window = 'A') =>
  withChanges(job, receive(job, { id: id(), act: what, ageMs }, now, { who: '', window }).changes)
const onArrival = (job: JobSnapshot, what: Act, ageMs: number, now = NOW, window = 'A') => {
  try {
    arrive(job, what, ageMs, now, window)
  } catch (error) {
    return (error as { code: string }).code
  }
  return null
}

describe('what asserts that something is off', () => {
  const open = (job: JobSnapshot): Act => ({ kind: 'point.open', id: job.points[0]?.id ?? '' })
  it('counts for three minutes, to the millisecond, and not from the future', () => {
    const job = bath()
    expect([0, 1, 179_999, 180_000].map((age) => onArrival(job, open(job), age))).toEqual([
      null,
      null,
      null,
      null,
    ])
    expect([180_001, 240_000, 300_000, 86_400_000].map((age) => onArrival(job, open(job), age))).toEqual(
      Array(4).fill('too-old'),
    )
    expect([-1, -5000, Number.NaN].map((age) => onArrival(job, open(job), age))).toEqual(
      Array(3).fill('too-old'),
    )
  })

  it.each<[string, (job: JobSnapshot) => Act]>([
    ['a point opened', open],
    ['a point held', (job) => ({ kind: 'point.held', id: job.points[0]?.id ?? '', held: 'taped' })],
    ['a point struck', (job) => ({ kind: 'point.strike', id: job.points[0]?.id ?? '', reason: 'none here' })],
    [
      'an answer of the plan',
      () => ({ kind: 'field.set', id: id(), part: 'plan', field: 'earth', typed: 'ground' }),
    ],
    ['a part that was out', () => ({ kind: 'part.out', id: id(), part: 'motor' })],
    ['a wait begun', (job) => ({ kind: 'wait.start', id: job.waits[0]?.id ?? '' })],
  ])('is %s', (_, what) => {
    const opened = jobOn('draft-inducer', 'psc')
    const job = act(opened, ...isolationActs(opened))
    expect(onArrival(job, what(job), 200_000)).toBe('too-old')
  })

  it('is overtaken by another window that took something back since, and by nothing earlier', () => {
    const job = bath()
    const other = job.points[1]?.id ?? ''
    const closed = arrive(job, { kind: 'point.close', id: other }, 0, NOW, 'B')
    expect(onArrival(closed, open(closed), 1000, NOW + 500, 'A')).toBe('overtaken')
    expect(onArrival(closed, open(closed), 100, NOW + 500, 'A')).toBeNull()
    expect(onArrival(closed, open(closed), 1000, NOW + 500, 'B')).toBeNull()
    // What says nothing of power overtakes nothing.
    const noted = arrive(job, { kind: 'point.open', id: other }, 0, NOW, 'B')
    expect(onArrival(noted, open(noted), 1000, NOW + 500, 'A')).toBeNull()
  })
})

describe('what hands did', () => {
  const ready = () => act(madeDead(bath()), line('nut', { part: 'motor nut' }))
  it('ten seconds ago was done now; longer ago it is told late, by the proof of then', () => {
    const covers = [0, 9999, 10_000, 10_001, 60_000].map(
      (age) => arrive(ready(), tick('nut'), age, NOW + 2 * MINUTE).ledger[0]?.doneCover,
    )
    expect(covers).toEqual(['', '', '', 'late', 'late'])
  })

  it('before the proof has no cover, and no dead period', () => {
    const row = arrive(ready(), tick('nut'), 20 * MINUTE, NOW + 10 * MINUTE).ledger[0]
    expect(row).toMatchObject({ doneCover: 'none', donePeriod: null })
  })

  it('late in the present period belongs to it; before it began to none', () => {
    const late = arrive(ready(), tick('nut'), MINUTE, NOW + 2 * MINUTE)
    expect(late.ledger[0]?.donePeriod).toBe(periodOf(late))
    const job = bath()
    const began = Date.parse(periodOf(job))
    expect(periodAt(job, began)).toBe(periodOf(job))
    expect(periodAt(job, began - 1)).toBeNull()
  })

  it('to a lead that was landed out of reach is judged as a tick is', () => {
    const landing: Act = {
      kind: 'landing.set',
      id: 'l',
      lead: 'black',
      role: '',
      terminal: 'L',
      capped: false,
      position: 0,
    }
    const job = act(madeDead(bath()), landing)
    const land: Act = { kind: 'landing.done', id: 'l', on: true }
    expect(arrive(job, land, MINUTE, NOW + 2 * MINUTE).landings[0]).toMatchObject({ doneCover: 'late' })
    expect(arrive(job, land, 30 * MINUTE, NOW + 2 * MINUTE).landings[0]).toMatchObject({
      doneCover: 'none',
      period: null,
    })
  })

  it('is taken back whenever it is told', () => {
    const done = act(ready(), tick('nut'))
    expect(arrive(done, tick('nut', false), 60 * MINUTE, NOW + 60 * MINUTE).ledger[0]).toMatchObject({
      doneAt: null,
      donePeriod: null,
    })
  })

  it('at the new part is free until that is set in, also late', () => {
    const read: Act = {
      kind: 'reading.set',
      id: 'r',
      reading: 'resistance',
      part: 'new',
      a: 'a',
      b: 'b',
      typed: '20',
    }
    expect(arrive(bath(), read, 20 * MINUTE, NOW + MINUTE).readings[0]?.cover).toBe('')
    const motor = line('m', { part: 'motor', action: 'lift-off', frees: 'motor' })
    const setIn = act(madeDead(bath()), motor, tick('m'), back('m'))
    expect(onArrival(setIn, read, 0, NOW + 5 * 60 * MINUTE)).toBe('not-proven')
  })
})

describe('the life of a proof', () => {
  it('is half an hour without an act, to the second', () => {
    const dead = madeDead(bath())
    const proven = (after: number) => energyOf(dead, NOW + after).state === 'proven-dead'
    expect([0, 29 * MINUTE, 30 * MINUTE, 30 * MINUTE + 1].map(proven)).toEqual([true, true, true, false])
    expect(energyOf(dead, NOW + 31 * MINUTE)).toMatchObject({ expired: true, handsIn: false })
    expect(energyOf(dead, NOW + 31 * MINUTE).missing[0]).toMatch(/has run out/)
  })

  it('is four hours at most, however busy', () => {
    const lines = Array.from({ length: 14 }, (_, index) => line(`l${index}`, { part: `nut ${index}` }))
    let job = act(madeDead(bath()), ...lines)
    for (let index = 0; index < 11; index++)
      job = actAt(NOW + (index + 1) * 20 * MINUTE, job, tick(`l${index}`))
    const at = (minutes: number) => energyOf(job, NOW + minutes * MINUTE).handsIn
    expect([235, 240].map(at)).toEqual([true, true])
    expect(at(241)).toBe(false)
  })

  it('shows its highest reading, and how many points are off', () => {
    const job = bath()
    const proved = act(job, ...isolationActs(job))
    const dead = act(proved, ...proofActs(proved, id, ['0.2', '3.1', '0.4']))
    expect(energyOf(dead, NOW)).toMatchObject({ provenVolts: 3.1, openPoints: 2, allPoints: 2 })
    expect(energyOf(proved, NOW).provenVolts).toBeNull()
  })
})

describe('the state in words', () => {
  const missing = (job: JobSnapshot) => energyOf(job, NOW).missing
  it('names the first thing that is missing, in the order in which it is done', () => {
    const job = bath()
    expect(missing(job)[0]).toMatch(/is not off yet$/)
    const [first, second] = job.points
    const one = act(job, { kind: 'point.open', id: first?.id ?? '' })
    expect(energyOf(one, NOW).state).toBe('isolating')
    expect(missing(one)[0]).toMatch(/is not off yet$/)
    const both = act(one, { kind: 'point.open', id: second?.id ?? '' })
    expect(energyOf(both, NOW).state).toBe('isolating')
    expect(missing(both)[0]).toMatch(/^nobody said yet how it is held/)
    const held = act(
      both,
      ...job.points.map((point): Act => ({ kind: 'point.held', id: point.id, held: 'taped' })),
    )
    expect(energyOf(held, NOW).state).toBe('isolated')
    expect(missing(held)[0]).toBe('answer first: circuits that feed the housing')
    const answers = act(held, ...isolationActs(held).filter(({ kind }) => kind === 'field.set'))
    expect(missing(answers)[0]).toBe('prove it dead')
    const proved = act(answers, ...proofActs(answers, id))
    expect(energyOf(proved, NOW).state).toBe('proven-dead')
    expect(missing(proved)[0]).toMatch(/discharge it and read below 5 V DC$/)
    expect(missing(act(proved, ...dischargeActs(proved)))).toEqual([])
  })

  it('of two circuits names the one to prove, and of a plug asks for it in sight', () => {
    const two = act(bath(), { kind: 'field.set', id: id(), part: 'plan', field: 'feeds', typed: '2' })
    const opened = act(two, ...isolationActs(two))
    expect(missing(opened)[0]).toBe('prove circuit 1 dead')
    const plug = jobOn('hrv-fan', 'shaded-pole')
    const out = act(plug, ...isolationActs(plug))
    expect(missing(out)[0]).toBe('confirm the plug in sight')
  })

  it('of a machine without anything that parts it says so', () => {
    const job = bath()
    const breaker = job.points.find(({ point }) => point === 'breaker')?.id ?? ''
    const struck = act(job, { kind: 'point.strike', id: breaker, reason: 'not known which' })
    expect(missing(struck)[0]).toMatch(/^no plug, breaker, fuse, disconnect or battery/)
    expect(energyOf(act(struck, ...isolationActs(struck)), NOW).handsIn).toBe(false)
  })

  it('lets covers come off as soon as all is off and held, and those before the charge once proved', () => {
    const job = bath()
    const held = act(job, ...isolationActs(job))
    const problem = (at: JobSnapshot, access: 'before-proof' | 'before-discharge') =>
      gateProblem(at, NOW, { kind: 'cover', access })
    expect(problem(job, 'before-proof')).not.toBeNull()
    expect(problem(held, 'before-proof')).toBeNull()
    expect(problem(held, 'before-discharge')).not.toBeNull()
    const proved = act(held, ...proofActs(held, id))
    expect(problem(proved, 'before-discharge')).toBeNull()
    expect(gateProblem(proved, NOW, { kind: 'inside' })).toMatch(/discharge/)
    const stopped = act(proved, { kind: 'stop.raise', id: id(), rule: 'not-sure', note: '' })
    expect(problem(stopped, 'before-proof')).not.toBeNull()
    expect(gateProblem(stopped, NOW, { kind: 'free' })).toBeNull()
  })
})

describe('the bench', () => {
  it('holds lines behind the one that took their part out, and none before it', () => {
    const job = act(
      madeDead(bath()),
      line('before', { part: 'wheel', action: 'loosen', benchOf: 'motor' }),
      line('out', { part: 'motor', action: 'lift-off', frees: 'motor' }),
      line('behind', { part: 'wheel', action: 'lift-off', benchOf: 'motor' }),
      tick('out'),
    )
    const of = (name: string) => job.ledger.find((row) => row.id === name) as LedgerRow
    expect([onBench(job, of('before')), onBench(job, of('out')), onBench(job, of('behind'))]).toEqual([
      false,
      false,
      true,
    ])
    expect(onBench(job, { ...of('behind'), benchOf: 'capacitor' })).toBe(false)
    expect(onBench(job, { ...of('behind'), benchOf: '' })).toBe(false)
    expect(partsOut(job)).toEqual(['motor'])
    expect(refused(job, { kind: 'ledger.move', id: 'out', before: null })).toBe('done')
  })

  it('loses its part with the line undone, struck off or done by other rules', () => {
    const job = act(
      madeDead(bath()),
      line('out', { part: 'motor', action: 'lift-off', frees: 'motor' }),
      tick('out'),
    )
    expect(isOut(job, 'motor')).toBe(true)
    expect(isOut(act(job, tick('out', false)), 'motor')).toBe(false)
    expect(isOut(act(job, back('out')), 'motor')).toBe(false)
    const older = { ...job, ledger: job.ledger.map((row) => ({ ...row, donePeriod: null })) }
    expect(isOut(older, 'motor')).toBe(false)
  })

  it('is asked about only while nothing was taken apart, and of what the motor may have', () => {
    expect(mayHaveBeenOut(jobOn('bath-exhaust-fan', 'shaded-pole'))).toEqual(['motor'])
    expect(mayHaveBeenOut(jobOn('bath-exhaust-fan', 'psc'))).toEqual(['motor', 'capacitor'])
    expect(mayHaveBeenOut(jobOn('furnace-blower', 'ecm'))).toEqual(['motor', 'module'])
    const out = act(bath(), { kind: 'part.out', id: 'o', part: 'motor' })
    expect(mayHaveBeenOut(out)).toEqual(['capacitor'])
    expect(mayHaveBeenOut(act(out, { kind: 'part.back', id: 'o' }))).toContain('motor')
    const begun = act(madeDead(bath()), line('nut', { part: 'nut' }), tick('nut'))
    expect(mayHaveBeenOut(begun)).toEqual([])
  })

  it('asks a capacitor for its charge and a motor for all that it may hold', () => {
    const job = act(
      jobOn('furnace-blower'),
      { kind: 'part.out', id: 'm', part: 'motor' },
      { kind: 'part.out', id: 'c', part: 'capacitor' },
    )
    const problem = (part: 'motor' | 'capacitor', at: JobSnapshot) =>
      gateProblem(at, NOW, { kind: 'bench', part })
    expect(problem('capacitor', job)).toMatch(/discharge/)
    const read = act(job, ...dischargeActs(job))
    expect(problem('capacitor', read)).toBeNull()
    expect(problem('motor', read)).toMatch(/wait/)
    const stopped = act(read, { kind: 'stop.raise', id: id(), rule: 'not-sure', note: '' })
    expect(problem('capacitor', stopped)).not.toBeNull()
  })
})

describe('a voiding', () => {
  it('takes proofs, readings of charges, waits that run, those added by hand too, and the word that it is cold', () => {
    const cold: Act = { kind: 'field.set', id: id(), part: 'plan', field: 'cold', typed: 'cold' }
    const dead = act(
      madeDead(act(bath(), cold)),
      { kind: 'wait.add', id: 'own', wait: 'cool-down' },
      { kind: 'wait.start', id: 'own' },
    )
    const after = withChanges(dead, voidedRows(dead, new Date(NOW).toISOString(), 'power came back'))
    expect(after.proofs.every(({ voidReason }) => voidReason === 'power came back')).toBe(true)
    expect(
      after.charges.every(
        ({ typed, volts, readAt, dischargedAt }) => !typed && volts === null && !readAt && !dischargedAt,
      ),
    ).toBe(true)
    expect(after.waits.map(({ startedAt }) => startedAt)).toEqual(after.waits.map(() => null))
    expect(after.fields.some(({ field }) => field === 'cold')).toBe(false)
    expect(after.fields.some(({ field }) => field === 'feeds')).toBe(true)
    expect(voidedRows(after, new Date(NOW).toISOString(), 'again')).toEqual([])
  })
})

describe('what holds power back', () => {
  const codes = (job: JobSnapshot, now = NOW, purpose: 'reading' | 'start' = 'start') =>
    powerProblems(job, now, purpose).map(({ code }) => code)
  it('is a cure until its hours are over, and no longer', () => {
    const gasket = line('g', { part: 'joint', action: 'break-seal', renewMaterial: 'sealant', cureHours: 24 })
    const job = answered(act(madeDead(bath()), gasket, tick('g'), back('g')))
    expect(curesOf(job)).toMatchObject([{ hours: 24, until: NOW + 24 * 60 * MINUTE }])
    expect(codes(job, NOW + 24 * 60 * MINUTE - 1)).toEqual(['cure'])
    expect(codes(job, NOW + 24 * 60 * MINUTE)).toEqual([])
    expect(powerProblems(job, NOW + 23 * 60 * MINUTE, 'start')[0]?.text).toContain('another 60 min')
    expect(powerProblems(job, NOW + 22 * 60 * MINUTE, 'start')[0]?.text).toContain('another 2 h')
    expect(curesOf(act(job, back('g', false)))).toEqual([])
  })

  it('is whatever is held or bridged, but a door switch or a call', () => {
    const held = (part: string) => {
      const tape = line('t', { part, action: 'bypass' })
      return answered(act(madeDead(jobOn('furnace-blower', 'psc')), tape, tick('t')))
    }
    expect(codes(held('door switch'))).toEqual([])
    expect(codes(held('thermostat R to W'))).toEqual([])
    expect(codes(held('that thing'))).toEqual(['bypass'])
    const tape = held('door switch')
    expect(standingTemporary(tape)).toHaveLength(1)
    expect(isTemporary(tape.ledger[0] as LedgerRow)).toBe(true)
    expect(standingTemporary(act(tape, back('t')))).toEqual([])
  })

  it('is a wiring that was skipped or failed: covers and wiring are looked at', () => {
    const check = (checkId: string, result: 'pass' | 'fail' | 'skipped'): Act => ({
      kind: 'check.set',
      id: id(),
      checkId,
      result,
      note: '',
    })
    const wire = line('w', { part: 'wire', action: 'disconnect' })
    const job = act(madeDead(bath()), wire, tick('w'), back('w'))
    const all = (wiring: 'pass' | 'fail' | 'skipped', spin: 'pass' | 'skipped', covers: 'pass' | 'skipped') =>
      codes(act(job, check('wiring', wiring), check('hand-spin', spin), check('covers-on', covers)))
    expect(all('pass', 'pass', 'pass')).toEqual([])
    expect(all('pass', 'skipped', 'pass')).toEqual([])
    expect(all('skipped', 'pass', 'pass')).toEqual(['dead-check'])
    expect(all('fail', 'pass', 'pass')).toEqual(['dead-check'])
    expect(all('pass', 'pass', 'skipped')).toEqual(['dead-check'])
  })

  it('knows gas that is off from gas that is on, and that a machine has run', () => {
    const job = jobOn('draft-inducer', 'psc')
    expect([gasIsOff(job), gasOpening(job)]).toEqual([false, 'never shut'])
    const shut = act(job, ...isolationActs(job))
    expect([gasIsOff(shut), gasOpening(shut)]).toEqual([true, null])
    const cock = shut.points.find(({ point }) => point === 'gas-cock')?.id ?? ''
    expect(gasOpening(act(shut, { kind: 'point.close', id: cock }))).toBe(new Date(NOW).toISOString())
    const freezer = jobOn('refrigerator-evaporator-fan', 'bldc')
    expect([gasIsOff(act(freezer, ...isolationActs(freezer))), gasOpening(freezer)]).toEqual([false, null])
    expect(hasRun(madeDead(bath()))).toBe(false)
    const ran = act(answered(madeDead(bath())), { kind: 'job.phase', phase: 'live-test', purpose: 'start' })
    expect([hasRun(ran), hasRun(act(ran, { kind: 'job.phase', phase: 'work' }))]).toEqual([true, true])
  })
})
