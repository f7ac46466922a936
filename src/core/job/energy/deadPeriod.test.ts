import { describe, expect, it } from 'vitest'
import { familyIds } from '../../knowledge/vocabulary'
import type { Act } from '../acts/actTypes'
import { receive } from '../acts/receive'
import {
  act,
  actAt,
  answered,
  back,
  bath,
  frame,
  id,
  jobOn,
  line,
  madeDead,
  NOW,
  refused,
  tick,
} from '../job.testing'
import { closingProblems } from '../proving/closing'
import { checksOf, isWatched, openedUnions, powerProblems } from '../proving/power'
import type { JobSnapshot, LedgerRow } from '../rows'
import { isOut } from './bench'
import { dischargeActs } from './dischargeScript'
import { energyOf } from './energy'
import { gateProblem, reachOfLine } from './gate'
import { handsVolts } from './handsVolts'
import { isPresent, periodOf } from './period'
import { neededCharges, neededWaits, pairsOf, switchesBefore, unansweredPlan } from './place'
import { isolationActs, proofActs } from './proofScript'

const MINUTE = 60_000
const pass = (...checks: string[]): Act[] =>
  checks.map((checkId) => ({ kind: 'check.set', id: id(), checkId, result: 'pass', note: '' }))
const power = (purpose: 'reading' | 'start' = 'start'): Act => ({
  kind: 'job.phase',
  phase: 'live-test',
  purpose,
})
const off: Act = { kind: 'job.phase', phase: 'work' }
const codes = (job: JobSnapshot, purpose: 'reading' | 'start' = 'start', now = NOW) =>
  powerProblems(job, now, purpose).map(({ code }) => code)
const handsIn = (job: JobSnapshot, now = NOW) => energyOf(job, now).handsIn
const missing = (job: JobSnapshot, now = NOW) => energyOf(job, now).missing[0] ?? ''

/** Every point open and held, nothing proved. */
function isolated(): JobSnapshot {
  const job = bath()
  return act(job, ...isolationActs(job))
}

/** The motor taken out in a dead period, and set back in the same. */
const motorOut = () =>
  act(madeDead(bath()), line('motor', { part: 'motor', action: 'lift-off', frees: 'motor' }), tick('motor'))
const motorBack = () => act(motorOut(), back('motor'))

describe('a dead period', () => {
  it.each<[string, (job: JobSnapshot) => Act[]]>([
    ['a point closed', (job) => [{ kind: 'point.close', id: job.points[0]?.id ?? '' }]],
    ['a point added', () => [{ kind: 'point.add', id: id(), point: 'fuse' }]],
    ['a point struck', (job) => [{ kind: 'point.strike', id: job.points[0]?.id ?? '', reason: 'not here' }]],
    [
      'a live test',
      (job) => [...pass(...checksOf(job).flatMap((each) => (each.dead ? [each.id] : []))), power()],
    ],
    ['a stop of a hard kind', () => [{ kind: 'stop.raise', id: id(), rule: 'burnt-supply', note: '' }]],
    ['the kind of motor that is another', () => [{ kind: 'machine.edit', field: 'motorKind', value: 'ecm' }]],
    [
      'the circuits counted anew',
      () => [{ kind: 'field.set', id: id(), part: 'plan', field: 'feeds', typed: '2' }],
    ],
    [
      'another supply',
      () => [{ kind: 'field.set', id: id(), part: 'plan', field: 'other-supply', typed: 'yes' }],
    ],
    ['a proof that failed', (job) => [{ kind: 'proof.failed', id: job.proofs[0]?.id ?? '', what: 'it lit' }]],
  ])('is discarded by %s: proof, discharge and answers count no more', (_, acts) => {
    const dead = act(madeDead(bath()), ...pass('covers-on'))
    expect(isPresent(dead, dead.checks[0]?.period ?? null)).toBe(true)
    const after = act(dead, ...acts(dead))
    expect(handsIn(after)).toBe(false)
    expect(after.charges.every(({ readAt }) => readAt === null)).toBe(true)
    expect(periodOf(after)).not.toBe(periodOf(dead))
  })

  it('goes on through lateness: a new proof with no point touched keeps what was done', () => {
    const out = motorOut()
    const late = NOW + 45 * MINUTE
    expect(handsIn(out, late)).toBe(false)
    const again = actAt(late, out, ...proofActs(out, id))
    expect(periodOf(again)).toBe(periodOf(out))
    expect(isOut(again, 'motor')).toBe(true)
    expect(handsIn(again, late)).toBe(true)
  })

  it('is not ended by gas or water that comes on, and hands stay out while gas is on', () => {
    const dead = madeDead(jobOn('draft-inducer', 'shaded-pole'))
    const cock = dead.points.find(({ point }) => point === 'gas-cock')?.id ?? ''
    const gas = act(dead, { kind: 'point.close', id: cock })
    expect(periodOf(gas)).toBe(periodOf(dead))
    expect(handsIn(gas)).toBe(false)
    const shut = act(gas, { kind: 'point.open', id: cock }, { kind: 'point.held', id: cock, held: 'across' })
    expect(handsIn(shut)).toBe(true)
  })

  it('has another name each time, also within one millisecond', () => {
    const point = bath().points[0]?.id ?? ''
    const job = bath()
    const close: Act = { kind: 'point.close', id: job.points[0]?.id ?? point }
    const names = [act(job, close), act(job, close, close), act(job, close, close, close)].map(periodOf)
    expect(new Set(names).size).toBe(3)
  })
})

describe('the bench', () => {
  it('is not opened by a tick of the way back that is taken away after power', () => {
    const live = act(answered(motorBack()), power())
    const untied = act(live, back('motor', false))
    expect(isOut(untied, 'motor')).toBe(false)
    expect(refused(untied, frame)).toBe('not-proven')
    // Before any power it lies there again.
    expect(isOut(act(motorBack(), back('motor', false)), 'motor')).toBe(true)
  })

  it('holds a part whose every freeing line was ticked while dead', () => {
    const two = act(
      madeDead(bath()),
      line('one', { part: 'plate', action: 'unscrew', frees: 'motor' }),
      line('two', { part: 'motor', action: 'lift-off', frees: 'motor' }),
      tick('one'),
    )
    expect(isOut(two, 'motor')).toBe(false)
    expect(isOut(act(two, tick('two')), 'motor')).toBe(true)
  })

  it.each(['photo', 'mark', 'measure', 'note'] as const)('is not made by a line of “%s”', (action) => {
    expect(refused(bath(), line('x', { part: 'motor', action, frees: 'motor' }))).toBe('frees-nothing')
  })

  it.each(['wire at L1 of the contactor', 'control board', 'neutral at the terminal strip', 'supply wires'])(
    'is not where “%s” is, whatever its flag says',
    (part) => {
      const job = act(motorOut(), line('odd', { part, action: 'disconnect', benchOf: 'motor' }))
      const odd = job.ledger.find((each) => each.id === 'odd')
      expect(odd && reachOfLine(job, odd)).toEqual({ kind: 'inside' })
    },
  )

  it('is where the new part lies until it is set in', () => {
    const measured: Act = { ...frame, id: 'new', part: 'new' }
    expect(refused(jobOn('bath-exhaust-fan', 'psc'), measured)).toBeNull()
    const live = act(answered(motorBack()), power())
    expect(refused(live, measured)).toBe('not-proven')
  })

  it('is no place to land a lead: that is done at the machine', () => {
    const job = act(motorOut(), {
      kind: 'landing.set',
      id: 'l',
      lead: 'black',
      role: 'common',
      terminal: 'L',
      capped: false,
      position: 0,
    })
    const land: Act = { kind: 'landing.done', id: 'l', on: true }
    expect(refused(job, land)).toBeNull()
    expect(act(job, land).landings[0]?.period).toBe(periodOf(job))
    expect(refused(job, land, NOW + 10 * 60 * MINUTE)).toBe('not-proven')
    expect(refused(act(job, { kind: 'point.close', id: job.points[0]?.id ?? '' }), land)).toBe('not-proven')
  })

  it('cannot be said to have been there once work has begun', () => {
    const begun = act(madeDead(bath()), line('nut', { part: 'nut', action: 'unscrew' }), tick('nut'))
    expect(refused(begun, { kind: 'part.out', id: id(), part: 'motor' })).toBe('begun')
  })
})

describe('covers before the proof', () => {
  it.each(['terminal screw L1', 'live bus bar', 'wire nuts', 'contactor', 'board'])(
    'are none of “%s”, whatever is chosen',
    (part) => {
      const more = { part, action: 'unscrew' as const, access: 'before-proof' as const }
      expect(refused(bath(), line('x', more))).toBe('not-a-cover')
      expect(refused(bath(), line('x', { ...more, cover: 'panel' }))).toBe('not-a-cover')
    },
  )

  it('are those of the list and of the plan', () => {
    const more = { part: 'front', action: 'unscrew' as const, access: 'before-proof' as const }
    expect(refused(bath(), line('x', more))).toBe('not-a-cover')
    expect(refused(bath(), line('x', { ...more, cover: 'panel' }))).toBeNull()
    expect(refused(bath(), line('x', { ...more, part: 'grille', action: 'unclip' }))).toBeNull()
    expect(refused(bath(), line('x', { ...more, cover: 'planned' }))).toBe('not-a-cover')
  })

  it('take no part out, and open nothing as rows of an older file that name none', () => {
    expect(
      refused(
        bath(),
        line('x', { part: 'grille', action: 'unclip', access: 'before-proof', frees: 'motor' }),
      ),
    ).toBe('not-access')
    const old = act(bath(), line('x', { part: 'grille', action: 'unclip', access: 'before-proof' }))
    const row = { ...old.ledger[0], cover: null } as LedgerRow
    expect(reachOfLine(old, row)).toEqual({ kind: 'inside' })
  })

  it('that are on leave nothing proved behind them', () => {
    const job = act(bath(), line('grille', { part: 'grille', action: 'unclip', access: 'before-proof' }))
    const opened = act(job, ...isolationActs(job))
    const [begin, tester, on, read] = proofActs(opened, id)
    const ready = act(opened, ...[begin, tester, on].flatMap((each) => (each ? [each] : [])))
    expect(read && refused(ready, read)).toBe('cover-on')
    const proved = madeDead(act(opened, tick('grille')))
    expect(handsIn(proved)).toBe(true)
    expect(missing(act(proved, tick('grille', false)))).toMatch(/tick it off first/)
  })

  it('are nothing that a flag of the wire can make of any line', () => {
    const job = act(bath(), line('x', { part: 'motor nut', action: 'unscrew', handsOff: 1 }))
    expect(job.ledger[0]?.handsOff).toBe(0)
    expect(refused(job, tick('x'))).toBe('not-proven')
  })
})

describe('what a machine may hold', () => {
  const kinds = (job: JobSnapshot) => neededCharges(job).map(({ holds }) => holds)
  it.each(['ecm', 'bldc', 'shaded-pole', 'split-phase'] as const)(
    'is the compressor’s, whatever its fan’s motor is: %s',
    (kind) => {
      for (const family of ['outdoor-unit-fan', 'dehumidifier-fan', 'refrigerator-condenser-fan'] as const)
        expect(kinds(jobOn(family, kind)), family).toEqual(['compressor'])
    },
  )

  it('is all that its family may have while nobody knows its kind', () => {
    for (const family of familyIds) {
      const job = jobOn(family)
      const bare = neededCharges(job).length + neededWaits(job).length
      if (family !== 'rv-furnace-blower') expect(bare, family).toBeGreaterThan(0)
    }
    expect(neededWaits(jobOn('furnace-blower')).map(({ kind }) => kind)).toContain('electronics')
    expect(kinds(jobOn('refrigerator-condenser-fan'))).toEqual(['compressor'])
  })

  it('is a start capacitor as well where one is', () => {
    expect(kinds(jobOn('furnace-blower', 'capacitor-start'))).toEqual(['run', 'start'])
  })

  it('does not go by clearing its kind again, and a wait that runs stays asked for', () => {
    const ecm = act(jobOn('furnace-blower', 'psc'), {
      kind: 'machine.edit',
      field: 'motorKind',
      value: 'ecm',
    })
    const cleared = act(ecm, { kind: 'machine.edit', field: 'motorKind', value: '' })
    expect(neededWaits(cleared).map(({ kind }) => kind)).toContain('electronics')
  })

  it('is read, not struck: where none is seen across the motor’s own leads', () => {
    const job = bath()
    const [charge] = neededCharges(job)
    expect(refused(job, { kind: 'charge.strike', id: charge?.id ?? '', reason: 'I do not see one' })).toBe(
      'read-instead',
    )
    const dead = madeDead(job)
    const read = act(
      dead,
      { kind: 'charge.terminals', id: charge?.id ?? '', terminals: 'none-seen' },
      { kind: 'charge.read', id: charge?.id ?? '', typed: '0.2' },
    )
    expect(read.log.at(-1)?.detail).toBe('0.2 V DC, across the motor’s own leads')
  })

  it('of a reading from before the last opening is nothing, wherever the capacitor lay', () => {
    const job = act(jobOn('outdoor-unit-fan', 'psc'), { kind: 'part.out', id: id(), part: 'capacitor' })
    const read = act(job, ...dischargeActs(job))
    const proved = actAt(NOW + MINUTE, read, ...isolationActs(read), ...proofActs(read, id))
    expect(energyOf(proved, NOW + MINUTE).state).toBe('proven-dead')
    expect(missing(proved, NOW + MINUTE)).toMatch(/discharge it and read/)
    expect(handsIn(actAt(NOW + 2 * MINUTE, proved, ...dischargeActs(proved)), NOW + 2 * MINUTE)).toBe(true)
  })

  it('of an opened module is the bus of it, read at its joints', () => {
    const dead = madeDead(jobOn('furnace-blower', 'ecm'))
    expect(handsIn(dead)).toBe(true)
    const opened = act(dead, { kind: 'charge.add', id: 'bus', holds: 'bus' })
    expect(periodOf(opened)).toBe(periodOf(dead))
    expect(missing(opened)).toMatch(/^Bus of the opened module/)
    expect(handsIn(act(opened, { kind: 'charge.read', id: 'bus', typed: '1.1' }))).toBe(true)
  })

  it('runs down in no less than the plan says, also in rows of an older file', () => {
    const job = jobOn('mini-split-indoor-fan', 'bldc')
    const [wait] = neededWaits(job)
    expect(refused(job, { kind: 'wait.minutes', id: wait?.id ?? '', minutes: 1 })).toBe('too-short')
    expect(refused(job, { kind: 'wait.minutes', id: wait?.id ?? '', minutes: 9 })).toBe('too-short')
    expect(refused(job, { kind: 'wait.minutes', id: wait?.id ?? '', minutes: 10 })).toBeNull()
    expect(refused(job, { kind: 'wait.minutes', id: wait?.id ?? '', minutes: 20 })).toBeNull()
    const short = { ...job, waits: job.waits.map((row) => ({ ...row, minutes: 1 })) }
    const opened = act(short, ...isolationActs(short), { kind: 'wait.start', id: wait?.id ?? '' })
    expect(energyOf(opened, NOW + 9 * MINUTE).stored.join()).toMatch(/1 min to go/)
    expect(energyOf(opened, NOW + 10 * MINUTE).stored.join()).not.toMatch(/to go/)
  })
})

describe('a proof', () => {
  it('sets every control switch ON, of every circuit', () => {
    const two = act(bath(), { kind: 'field.set', id: id(), part: 'plan', field: 'feeds', typed: '2' })
    expect(proofActs(two, id).filter(({ kind }) => kind === 'proof.switch')).toHaveLength(4)
    const more = act(bath(), { kind: 'point.add', id: 'second', point: 'wall-switch' })
    expect(switchesBefore(more)).toHaveLength(2)
    const other = act(jobOn('other-fan', 'psc'), { kind: 'point.add', id: 'wall', point: 'wall-switch' })
    expect(switchesBefore(other).map((point) => point.id)).toEqual(['wall'])
    const furnace = jobOn('furnace-blower', 'psc')
    const service = furnace.points.find(({ point }) => point === 'service-switch')?.id ?? ''
    const walled = act(
      furnace,
      { kind: 'point.strike', id: service, reason: 'there is none' },
      { kind: 'point.add', id: 'wall', point: 'wall-switch' },
    )
    expect(switchesBefore(walled).map((point) => point.id)).toEqual(['wall'])
  })

  it('is done in one go: half an hour from the first check of the tester to the last', () => {
    const opened = isolated()
    const steps = proofActs(opened, id)
    const evening = act(opened, ...steps.slice(0, -1))
    const last = steps.at(-1)
    expect(last && refused(evening, last, NOW + 29 * MINUTE)).toBeNull()
    expect(last && refused(evening, last, NOW + 31 * MINUTE)).toBe('too-slow')
    expect(last && refused(evening, last, NOW + 11 * 60 * MINUTE)).toBe('too-slow')
    expect(last && refused(evening, last, NOW + 14 * 60 * MINUTE)).toBe('seen-again')
  })

  it('spans all circuits: what was read of the first an hour before the second counts no more', () => {
    const two = act(jobOn('bath-exhaust-fan', 'shaded-pole'), {
      kind: 'field.set',
      id: id(),
      part: 'plan',
      field: 'feeds',
      typed: '2',
    })
    const opened = act(two, ...isolationActs(two))
    const steps = proofActs(opened, id)
    const half = steps.findIndex((each) => each.kind === 'proof.start' && each.feed === 2)
    const first = act(opened, ...steps.slice(0, half))
    const late = NOW + 25 * MINUTE
    expect(energyOf(actAt(late, first, ...steps.slice(half)), late).state).toBe('proven-dead')
    const tooLate = NOW + 31 * MINUTE
    const rest = steps.slice(half)
    const before = actAt(tooLate, first, ...rest.slice(0, -1))
    const last = rest.at(-1)
    expect(last && refused(before, last, tooLate)).toBe('too-slow')
  })

  it('reads a supply of its own pair on DC and on AC, and never calls it induced', () => {
    const job = act(jobOn('other-fan', 'psc'), { kind: 'point.add', id: 'battery', point: 'battery' })
    expect(pairsOf(job)).toEqual(expect.arrayContaining(['other supply, DC', 'other supply, AC']))
    const solar = act(jobOn('attic-vent-fan', 'psc'), {
      kind: 'field.set',
      id: id(),
      part: 'plan',
      field: 'other-supply',
      typed: 'yes',
    })
    expect(pairsOf(solar)).toContain('other supply, DC')
    const opened = act(job, ...isolationActs(job))
    const steps = proofActs(opened, id).map((each) =>
      each.kind === 'proof.read' && each.pair === 'other supply, DC' ? { ...each, typed: '48' } : each,
    )
    const at = steps.findIndex((each) => each.kind === 'proof.read' && each.pair === 'other supply, DC')
    const live = act(opened, ...steps.slice(0, at + 1))
    expect(energyOf(live, NOW)).toMatchObject({ state: 'live', stop: { pair: 'other supply, DC' } })
  })

  it('of a signal wire is read on DC as well', () => {
    expect(pairsOf(jobOn('mini-split-indoor-fan', 'bldc'))).toContain('signal–L2, DC')
  })

  it('that read live is not begun anew before something was opened', () => {
    const job = isolated()
    const live = act(job, ...proofActs(job, id, ['119']).slice(0, 4))
    expect(live.charges.every(({ readAt }) => readAt === null)).toBe(true)
    expect(refused(live, { kind: 'proof.start', id: id() })).toBe('still-live')
  })

  it('goes on past volts that a loading range shows to be induced, with both values kept', () => {
    const start = isolated()
    const steps = proofActs(start, id, ['62'])
    const ghost = act(start, ...steps.slice(0, 4))
    expect(energyOf(ghost, NOW).state).toBe('live')
    const proofId = ghost.proofs[0]?.id ?? ''
    const repeat = (typed: string, range: 'ordinary' | 'low-impedance'): Act => ({
      kind: 'proof.read',
      id: id(),
      proofId,
      pair: 'L–N',
      position: 0,
      typed,
      range,
    })
    expect(energyOf(act(ghost, repeat('0.4', 'ordinary')), NOW).state).toBe('live')
    const loaded = act(ghost, repeat('0.4', 'low-impedance'))
    expect(energyOf(loaded, NOW).state).toBe('isolated')
    const done = act(loaded, ...steps.slice(4), ...dischargeActs(loaded))
    expect(handsIn(done)).toBe(true)
    expect(done.log.map(({ detail }) => detail)).toEqual(
      expect.arrayContaining(['62 V AC', '0.4 V AC, low-impedance range']),
    )
  })

  it('takes a figure that was mistyped for what it showed, and reads that pair again', () => {
    const start = isolated()
    const wrong = act(start, ...proofActs(start, id, ['119']).slice(0, 4))
    const reading = wrong.proofReadings[0]?.id ?? ''
    expect(refused(wrong, { kind: 'proof.mistyped', id: reading, showed: 'little' })).toBe('not-a-number')
    // A figure that is not dead either lifts nothing.
    for (const showed of ['118', '12', 'OL', '5'])
      expect(refused(wrong, { kind: 'proof.mistyped', id: reading, showed })).toBe('mistyped-live')
    const said = act(wrong, { kind: 'proof.mistyped', id: reading, showed: '0.119' })
    expect(energyOf(said, NOW)).toMatchObject({ state: 'isolated', stop: null })
    expect(energyOf(said, NOW).proofs[0]?.open).toContain('L–N')
    expect(said.proofReadings[0]).toMatchObject({ typed: '119', mistyped: '0.119' })
  })

  it('lets a figure that another was typed over be called mistyped all the same', () => {
    const start = isolated()
    const wrong = act(start, ...proofActs(start, id, ['OL']).slice(0, 4))
    const [first] = wrong.proofReadings
    if (!first) throw new Error('nothing was read')
    const over = act(wrong, {
      kind: 'proof.read',
      id: 'over',
      proofId: first.proofId,
      pair: first.pair,
      position: 0,
      typed: '0,3 V',
    })
    expect(energyOf(over, NOW)).toMatchObject({ state: 'live', stop: { pair: first.pair, volts: null } })
    const said = act(over, { kind: 'proof.mistyped', id: first.id, showed: '0,3 V' })
    expect(energyOf(said, NOW)).toMatchObject({ state: 'isolated', stop: null })
    expect(energyOf(said, NOW).proofs[0]?.open).not.toContain(first.pair)
    expect(said.log.map(({ detail }) => detail)).toContain(
      'mistyped as over-range, it showed 0.3 V, and is read again',
    )
  })

  it.each([
    ['0.2', 0.2],
    ['-0.2', 0.2],
    ['−0,2', 0.2],
    ['+4.9 V', 4.9],
    ['200 mV', 0.2],
    ['.3', 0.3],
    [',4 V', 0.4],
    ['119 vac', 119],
    ['OL', null],
  ])('takes “%s” as %s V', (typed, volts) => {
    expect(handsVolts(typed)).toEqual({ volts })
  })

  it.each(['0/120', '2/118', '1 1/2', '0.2 or so', '', 'x', '1e2', '0.2 0.3', '4 kV', '.118', ',120 V'])(
    'refuses “%s”',
    (typed) => {
      expect(handsVolts(typed)).toBeNull()
    },
  )

  it('counts over-range as live', () => {
    const start = isolated()
    const over = act(start, ...proofActs(start, id, ['OL']).slice(0, 4))
    expect(energyOf(over, NOW)).toMatchObject({ state: 'live', handsIn: false })
  })
})

describe('power', () => {
  it('waits for a part that was out until somebody says that it is back, and asks for its checks', () => {
    const job = act(jobOn('bath-exhaust-fan', 'psc'), { kind: 'part.out', id: 'out', part: 'motor' })
    expect(codes(job)).toEqual(expect.arrayContaining(['part-out', 'dead-check']))
    const backIn = act(job, { kind: 'part.back', id: 'out' })
    expect(codes(backIn)).not.toContain('part-out')
    expect(checksOf(backIn).map((check) => check.id)).toContain('wiring')
  })

  it('asks for the landings of a capacitor that was changed', () => {
    const job = act(
      madeDead(bath()),
      line('can', { part: 'capacitor', action: 'lift-off', frees: 'capacitor' }),
      tick('can'),
      back('can'),
    )
    expect(checksOf(job).map((check) => check.id)).toContain('wiring')
    expect(codes(act(job, ...pass('hand-spin', 'covers-on')))).toEqual(['dead-check'])
  })

  it('waits for every lead of the motor to have its place', () => {
    const leads = ['black', 'white', 'brown'].map(
      (name): Act => ({ kind: 'lead.add', id: id(), part: 'old', name }),
    )
    const landing = (lead: string, terminal: string, position: number): Act[] => [
      { kind: 'landing.set', id: lead, lead, role: '', terminal, capped: false, position },
      { kind: 'landing.done', id: lead, on: true },
    ]
    const dead = act(madeDead(bath()), ...leads)
    const two = answered(act(dead, ...landing('black', 'L', 0), ...landing('white', 'N', 1)))
    expect(powerProblems(two, NOW, 'start')[0]).toMatchObject({
      code: 'landing',
      text: expect.stringContaining('brown has no place yet'),
    })
    const empty = answered(act(two, ...landing('brown', '', 2)))
    expect(powerProblems(empty, NOW, 'start')[0]?.text).toContain('brown has no place yet')
    const all = answered(act(two, ...landing('brown', 'capacitor 2', 2)))
    expect(codes(all)).toEqual([])
    expect(codes(act(all, ...landing('brown', 'capacitor 1', 2).slice(0, 1)))).toEqual(['landing'])
  })

  it('takes no answer of an earlier period', () => {
    const ready = answered(madeDead(bath()))
    expect(codes(ready)).toEqual([])
    const again = act(ready, { kind: 'point.close', id: ready.points[0]?.id ?? '' })
    expect(codes(madeDead(again))).toEqual(['dead-check', 'dead-check'])
    const ran = act(ready, power(), off)
    expect(codes(madeDead(ran))).toEqual(['dead-check', 'dead-check'])
  })

  it('for one reading asks for all but the covers of its place', () => {
    const cover = line('panel', { part: 'front', action: 'unscrew', access: 'before-proof', cover: 'panel' })
    const job = act(bath(), cover)
    const opened = act(job, ...isolationActs(job), tick('panel'))
    const dead = madeDead(opened)
    expect(codes(dead, 'reading')).toEqual(['dead-check', 'dead-check'])
    expect(codes(act(dead, ...pass('reading-clear', 'hand-spin')), 'reading')).toEqual([])
    expect(codes(act(dead, ...pass('reading-clear', 'hand-spin')), 'start')).toContain('way-back')
    const wire = act(dead, line('wire', { part: 'wire', action: 'disconnect' }), tick('wire'))
    expect(codes(act(wire, ...pass('reading-clear', 'hand-spin')), 'reading')).toEqual([
      'way-back',
      'dead-check',
    ])
    // What was left off for the reading is asked before the machine goes into service.
    const live = act(dead, ...pass('reading-clear', 'hand-spin'), power('reading'))
    expect(codes(live)).toEqual(['way-back', 'dead-check'])
  })

  it('opens no gas and no water, and the record says so of nobody', () => {
    const ready = answered(madeDead(jobOn('draft-inducer', 'shaded-pole')))
    const live = act(ready, power())
    const cock = live.points.find(({ point }) => point === 'gas-cock')
    expect(cock?.openedAt).not.toBeNull()
    expect(live.log.some(({ kind, subject }) => kind === 'closed' && subject === cock?.id)).toBe(false)
  })

  it.each([
    'gas union',
    'gas flex line',
    'flare nut',
    'LP hose',
    'gas line at the valve',
    'hose from the burner',
    'tube at the regulator',
  ])('asks for a leak test of “%s” on a machine that burns fuel', (part) => {
    for (const family of ['rv-furnace-blower', 'furnace-blower', 'draft-inducer'] as const) {
      const job = act(
        madeDead(jobOn(family, family === 'rv-furnace-blower' ? 'brushed-dc' : 'psc')),
        line('pipe', { part, action: 'disconnect' }),
        tick('pipe'),
        back('pipe'),
      )
      expect(openedUnions(job), family).toHaveLength(1)
      const valve = job.points.find(({ point }) => point === 'gas-cock' || point === 'cylinder-valve')
      const ready = answered(job)
      expect(codes(ready), family).toEqual(['union'])
      const gas = act(ready, { kind: 'point.close', id: valve?.id ?? '' }, ...pass('leak-test'))
      expect(codes(gas), family).toEqual([])
      // Another opening of the gas has a test of its own.
      const shut = actAt(NOW + MINUTE, gas, { kind: 'point.open', id: valve?.id ?? '' })
      const anew = actAt(NOW + 2 * MINUTE, shut, { kind: 'point.close', id: valve?.id ?? '' })
      expect(codes(anew, 'start', NOW + 2 * MINUTE), family).toContain('union')
      expect(refused(job, { kind: 'ledger.strike', id: 'pipe', reason: 'never mind' }), family).toBe(
        'carries-fuel',
      )
      const water = act(job, { kind: 'ledger.edit', id: 'pipe', change: { carries: 'water-or-air' } })
      expect(openedUnions(water), family).toHaveLength(0)
    }
  })

  it('waits for wires and covers whatever is said to stay off', () => {
    for (const action of ['disconnect', 'unplug', 'unclip', 'lift-off', 'cut-wire'] as const)
      expect(refused(bath(), line('x', { part: 'it', action, extra: 1 })), action).toBe('not-extra')
    expect(refused(bath(), line('x', { part: 'screw', action: 'unscrew', extra: 1 }))).toBeNull()
  })

  it('waits for hands at another job of the machine', () => {
    const ready = answered(madeDead(bath()))
    const beside = (handsAt: boolean, open: number) => ({
      ...ready,
      beside: [
        { id: 'other', title: 'it rattles', closed: false, handsIn: handsAt, open, findings: [], stops: [] },
      ],
    })
    expect(codes(beside(true, 0))).toEqual(['beside'])
    expect(codes(beside(false, 2))).toEqual(['beside'])
    expect(codes(beside(false, 0))).toEqual([])
    const shared = {
      ...madeDead(bath()),
      beside: [{ id: 'o', title: '', closed: false, handsIn: false, open: 0, findings: [], stops: [] }],
    }
    const ticked = act(shared, line('nut', { part: 'nut' }), tick('nut'))
    expect(ticked.job.handsIn).toBe(1)
    expect(act(ticked, { kind: 'hands.out' }).job.handsIn).toBe(0)
  })
})

describe('the end of a job', () => {
  it('is not “it runs” while the last start that was watched lacks an event; watched anew, or that watch taken away, it is', () => {
    const live = act(answered(madeDead(jobOn('furnace-blower', 'psc'))), power())
    const watched = checksOf(live).filter((check) => isWatched(check) && !check.laterMinutes)
    const seen = act(live, ...pass(...watched.map((check) => check.id)))
    const of = (job: typeof seen, result: 'runs' | 'runs-with-remarks' = 'runs') =>
      closingProblems(job, NOW + MINUTE, result).map(({ code }) => code)
    expect(of(seen)).toEqual([])
    const stood = actAt(
      NOW + MINUTE,
      act(
        seen,
        { kind: 'run.start', id: 'first' },
        { kind: 'run.mark', id: 'first', event: 'inducer', on: true },
      ),
      { kind: 'run.end', id: 'first' },
    )
    expect(of(stood)).toEqual(['not-come'])
    expect(of(stood, 'runs-with-remarks')).toEqual([])
    expect(closingProblems(stood, NOW + MINUTE, 'not-mended')).toEqual([])
    expect(of(act(stood, { kind: 'run.remove', id: 'first' }))).toEqual([])
    const whole = ['inducer', 'pressure', 'igniter', 'flame', 'blower'].map(
      (event): Act => ({ kind: 'run.mark', id: 'second', event, on: true }),
    )
    const again = act(stood, { kind: 'run.start', id: 'second' }, ...whole, { kind: 'run.end', id: 'second' })
    // The second watch began in the same millisecond; the later one counts.
    const later = {
      ...again,
      runs: again.runs.map((run) => (run.id === 'second' ? { ...run, startedAt: '2099' } : run)),
    }
    expect(of(later)).toEqual([])
  })

  it('as running is told by what was seen of it: every check of the running machine, answered or left out', () => {
    const live = act(answered(madeDead(bath())), power())
    const watched = checksOf(live).filter((check) => isWatched(check) && !check.laterMinutes)
    expect(watched.length).toBeGreaterThan(2)
    expect(closingProblems(live, NOW, 'runs').map(({ code }) => code)).toEqual(['unanswered'])
    const most = act(live, ...pass(...watched.slice(1).map((check) => check.id)))
    expect(closingProblems(most, NOW, 'runs').map(({ code }) => code)).toEqual(['unanswered'])
    const first = watched[0]?.id ?? ''
    const skipped = act(most, { kind: 'check.set', id: id(), checkId: first, result: 'skipped', note: '' })
    expect(closingProblems(skipped, NOW, 'runs')).toEqual([])
    expect(closingProblems(live, NOW, 'not-mended')).toEqual([])
    // Work at the machine since then makes what was seen old.
    const again = answered(madeDead(actAt(NOW + MINUTE, skipped, off), NOW + 2 * MINUTE), NOW + 2 * MINUTE)
    expect(closingProblems(again, NOW + 2 * MINUTE, 'runs').map(({ code }) => code)).toEqual(['unanswered'])
  })
})

describe('hands', () => {
  const spin: Act = { kind: 'check.set', id: id(), checkId: 'hand-spin', result: 'pass', note: '' }
  it('are asked for at a wheel or a wire only while it is dead, or the motor on the bench', () => {
    expect(refused(bath(), spin)).toBe('hands-live')
    expect(refused(madeDead(bath()), spin)).toBeNull()
    expect(refused(motorOut(), spin, NOW + 10 * 60 * MINUTE)).toBeNull()
    const live = act(answered(madeDead(bath())), power())
    expect(refused(live, spin)).toBe('hands-live')
  })

  it('stay out of what no list knows', () => {
    for (const part of ['grille', 'panel', 'thing', 'screw of the cover']) {
      const job = act(bath(), line('x', { part, action: 'unscrew' }))
      expect(gateProblem(job, NOW, reachOfLine(job, job.ledger[0] as LedgerRow)), part).not.toBeNull()
    }
  })
})

describe('a smell of gas', () => {
  it('lets no switch be touched, the breaker’s included, and the cock be shut', () => {
    const job = act(jobOn('draft-inducer', 'psc'), {
      kind: 'finding.set',
      id: id(),
      observation: 'smell',
      value: 'gas',
    })
    for (const { point, id: pointId } of job.points)
      expect(refused(job, { kind: 'point.open', id: pointId }), point).toBe(
        point === 'gas-cock' ? null : 'gas-stop',
      )
  })
})

describe('a machine on more than one leg', () => {
  it('hangs on the usual ones till somebody said, and says nothing of itself', () => {
    const job = jobOn('outdoor-unit-fan', 'psc')
    expect(pairsOf(job)).toEqual(['L1–L2', 'L1–ground', 'L2–ground'])
    const european: JobSnapshot = { ...job, household: { ...job.household, region: 'europe' } }
    expect(pairsOf(european)).toEqual(['L–N', 'L–ground', 'N–ground'])
    for (const each of [job, european]) expect(unansweredPlan(each)).toContain('legs')
    const three = act(job, { kind: 'field.set', id: id(), part: 'plan', field: 'legs', typed: 'three' })
    expect(pairsOf(three)).toContain('L2–L3')
  })

  it('is asked how many live wires feed it, and each of them is read', () => {
    const legs = (family: 'furnace-blower' | 'other-fan', typed: string) =>
      pairsOf(act(jobOn(family, 'psc'), { kind: 'field.set', id: id(), part: 'plan', field: 'legs', typed }))
    expect(legs('furnace-blower', 'two')).toEqual(['L1–L2', 'L1–ground', 'L2–ground'])
    expect(legs('other-fan', 'one')).toEqual(['L–N', 'L–ground', 'N–ground'])
    expect(legs('other-fan', 'three')).toEqual([
      'L1–L2',
      'L1–L3',
      'L2–L3',
      'L1–ground',
      'L2–ground',
      'L3–ground',
    ])
    const opened = jobOn('other-fan', 'psc')
    expect(refused(act(opened, ...isolationActs(opened).slice(1)), { kind: 'proof.start', id: 'p' })).toBe(
      'unanswered',
    )
  })
})

describe('under power', () => {
  it.each(['free-spin', 'connections', 'module-look', 'winding'] as const)(
    'nothing is said of %s that hands would have to find',
    (observation) => {
      const live = act(answered(madeDead(bath())), power())
      const value = observation === 'free-spin' ? 'free' : observation === 'connections' ? 'good' : 'sound'
      const found: Act = {
        kind: 'finding.set',
        id: id(),
        observation,
        value: observation === 'winding' ? 'good' : value,
      }
      expect(refused(live, found)).toBe('hands-live')
    },
  )

  it('what is heard and seen from outside is noted', () => {
    const live = act(answered(madeDead(bath())), power())
    expect(refused(live, { kind: 'finding.set', id: id(), observation: 'sound', value: 'hum' })).toBeNull()
  })
})

describe('a clock that was set back', () => {
  it('dates nothing into the hour that it lost: what asserts is refused until it has passed the last entry', () => {
    const isolatedAt = isolated()
    const sent = (age: number) => () =>
      receive(
        isolatedAt,
        { id: 'e', act: { kind: 'proof.start', id: 'proof', feed: 1 }, ageMs: 0 },
        NOW - age,
        { who: '', window: '' },
      )
    expect(sent(2 * MINUTE)).toThrow(/Set the clock right/)
    expect(sent(0)).not.toThrow()
  })
})

describe('a look for later', () => {
  it('is no good news before its time has come; that it went wrong is told at once', () => {
    const live = act(answered(madeDead(bath())), power())
    const next = checksOf(live).find(({ id: checkId }) => checkId === 'next-day')
    expect(next?.laterMinutes).toBe(24 * 60)
    const say = (result: 'pass' | 'fail' | 'skipped'): Act => ({
      kind: 'check.set',
      id: id(),
      checkId: 'next-day',
      result,
      note: '',
    })
    expect(refused(live, say('pass'))).toBe('not-yet')
    expect(refused(live, say('fail'))).toBeNull()
    expect(refused(live, say('skipped'))).toBeNull()
    expect(() => actAt(NOW + 10 * 60 * MINUTE, live, say('pass'))).toThrow(/a look for later/)
    // The next morning is as good as a whole day.
    expect(actAt(NOW + 19 * 60 * MINUTE, live, say('pass')).checks.at(-1)?.result).toBe('pass')
  })
})
