import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples } from '../../sampling.testing'
import type { Act } from '../job'
import { act, id, onBench } from '../job/job.testing'
import { controlTerminals } from '../knowledge/terminals'
import { familyIds } from '../knowledge/vocabulary'
import { type Connection, type WiringInput, type WiringResult, wireMotor } from '.'
import { cSideQuestion, landingPlanOf, seeFirst, terminalsOf, wiringCheckOf, wiringHolds } from './ofJob'

const windings = { runOhm: 17.8, startOhm: 40.6 }

/** A condenser fan on a contactor with the compressor's dual capacitor. */
const condenser: WiringInput = {
  supply: { volts: 240, hz: 60, lines: ['L1', 'L2'] },
  control: { kind: 'contactor', poles: 2, loadTerminals: ['T1', 'T2'] },
  capacitor: { kind: 'dual', uF: 5, hermUf: 35, terminals: ['C', 'FAN', 'HERM'], commonTiedTo: 'T2' },
  motor: {
    leads: [
      { id: 'white', role: 'common' },
      { id: 'black', role: 'run' },
      { id: 'brown', role: 'start' },
      { id: 'green', role: 'ground' },
    ],
    windings,
    volts: 230,
    needsUf: 5,
  },
}
/** A blower of three speeds on a board. */
const blower: WiringInput = {
  supply: { volts: 120, hz: 60, lines: ['L', 'N'] },
  control: {
    kind: 'board',
    loadTerminals: ['LINE', 'NEUTRAL'],
    speedTerminals: [{ terminal: 'COOL' }, { terminal: 'HEAT', lead: 'red' }],
    parkTerminals: ['M1'],
  },
  capacitor: { kind: 'single', uF: 7.5, terminals: ['k1', 'k2'] },
  motor: {
    leads: [
      { id: 'white', role: 'common' },
      { id: 'black', role: 'run' },
      { id: 'blue', role: 'tap' },
      { id: 'red', role: 'tap' },
      { id: 'brown', role: 'start' },
      { id: 'brown-white', role: 'capacitor-return', twinOf: 'black' },
    ],
    windings: {
      runOhm: 6.2,
      startOhm: 14.1,
      taps: [
        { lead: 'blue', ohm: 1.4 },
        { lead: 'red', ohm: 3.1 },
      ],
    },
    needsUf: 7.5,
  },
}
const plan = (input: WiringInput) => wireMotor({ ...input, op: 'plan' })
const check = (input: WiringInput, connections: Connection[]) =>
  wireMotor({ ...input, op: 'check', connections }).check
const landings = (result: WiringResult) =>
  Object.fromEntries(result.connections.map(({ lead, to }) => [lead, to]))
const codes = (result: { problems: { code: string }[] }) => result.problems.map((problem) => problem.code)
const wires = (map: Record<string, string>): Connection[] =>
  Object.entries(map).map(([lead, to]) => ({ lead, to }))
const right = { white: 'T1', black: 'T2', brown: 'FAN', green: 'ground' }

describe('a plan with a dual capacitor', () => {
  it('puts the run lead on C’s line, the common on the other, the start lead on FAN, and never moves C', () => {
    const result = plan(condenser)
    expect(landings(result)).toEqual(right)
    expect(result.alsoConnect).toEqual([])
    expect(result.check).toMatchObject({ ok: true, starts: true, direction: 'as-built', problems: [] })
    expect(result.check.runVolts).toBeCloseTo(240, 6)
    expect(result.check.startVolts!).toBeGreaterThan(0)
    expect(result.check.capacitorVolts!).toBeGreaterThan(240)
  })

  it('follows C to the other load terminal', () => {
    const other = { ...condenser, capacitor: { ...condenser.capacitor, commonTiedTo: 'T1' } }
    expect(landings(plan(other))).toMatchObject({ white: 'T2', black: 'T1' })
  })

  it('adds no wire where nobody said on which leg C sits, and is not right before somebody looks', () => {
    const { commonTiedTo: _, ...capacitor } = condenser.capacitor
    const result = plan({ ...condenser, capacitor })
    expect(result.alsoConnect).toEqual([])
    expect(result.warnings.map((each) => each.code)).toContain('c-side-unknown')
    expect(result.check.ok).toBe(false)
    expect(result.connections.find(({ lead }) => lead === 'black')!.why).toBe(
      'the load terminal on which C’s wire already sits: look, then say which',
    )
  })

  it('ties C to the run lead’s terminal where no compressor hangs on it', () => {
    const { commonTiedTo: _, hermUf: __, ...capacitor } = condenser.capacitor
    const result = plan({ ...condenser, capacitor })
    expect(result.alsoConnect).toMatchObject([{ from: 'C', to: 'T2' }])
    expect(landings(result).black).toBe('T2')
    expect(result.check.ok).toBe(true)
  })

  it('caps the capacitor return, says that it is not needed, and that the plate decides', () => {
    const leads = [
      ...condenser.motor.leads,
      { id: 'brown-white', role: 'capacitor-return' as const, twinOf: 'black' },
    ]
    const result = plan({ ...condenser, motor: { ...condenser.motor, leads } })
    expect(result.cappedLeads.map((each) => each.lead)).toEqual(['brown-white'])
    expect(result.warnings.map((each) => each.code)).toEqual(
      expect.arrayContaining(['return-not-needed', 'plate-decides']),
    )
    expect(result.check.ok).toBe(true)
  })

  it('uses a tap as the line lead where its speed is wanted, and caps the run lead', () => {
    const leads = [...condenser.motor.leads, { id: 'blue', role: 'tap' as const }]
    const result = plan({ ...condenser, motor: { ...condenser.motor, leads, speedWanted: 'blue' } })
    expect(landings(result)).toMatchObject({ blue: 'T2', white: 'T1', brown: 'FAN' })
    expect(result.cappedLeads.map((each) => each.lead)).toEqual(['black'])
    expect(result.check.ok).toBe(true)
  })

  it('names the old landings that come off, and keeps those that stay', () => {
    const oldLandings = [
      { lead: 'yellow', terminal: 'T1' },
      { lead: 'black', terminal: 'T2' },
      { lead: 'brown', terminal: 'HERM' },
    ]
    expect(plan({ ...condenser, oldLandings }).removed).toEqual([
      { lead: 'yellow', from: 'T1' },
      { lead: 'brown', from: 'HERM' },
    ])
  })
})

describe('a plan with a capacitor of the fan’s own', () => {
  it('gives both capacitor leads to it', () => {
    const result = plan(blower)
    expect(landings(result)).toMatchObject({ white: 'NEUTRAL', brown: 'k1', 'brown-white': 'k2' })
    expect(result.alsoConnect).toEqual([])
  })

  it('feeds its near side from the run terminal where the motor has no return', () => {
    const leads = condenser.motor.leads
    const result = plan({
      ...condenser,
      capacitor: { kind: 'single', uF: 5, terminals: ['a', 'b'] },
      motor: { ...condenser.motor, leads },
    })
    expect(result.alsoConnect).toMatchObject([{ from: 'a', to: 'T2' }])
    expect(result.check.ok).toBe(true)
  })

  it('lands each speed on its terminal, parks one of the rest and caps the others', () => {
    const result = plan(blower)
    expect(landings(result)).toMatchObject({ black: 'COOL', red: 'HEAT', blue: 'M1' })
    expect(result.cappedLeads).toEqual([])
    expect(result.check).toMatchObject({ ok: true, problems: [] })
    const { parkTerminals: _, ...control } = blower.control
    expect(plan({ ...blower, control }).cappedLeads.map((each) => each.lead)).toEqual(['blue'])
  })

  it('gives the first free terminal to the speed that is wanted', () => {
    expect(landings(plan({ ...blower, motor: { ...blower.motor, speedWanted: 'blue' } }))).toMatchObject({
      blue: 'COOL',
      red: 'HEAT',
      black: 'M1',
    })
  })
})

describe('a motor without a start lead', () => {
  it('starts where its winding has the line, and has no start volts', () => {
    const shaded: WiringInput = {
      ...condenser,
      capacitor: { kind: 'none', terminals: [] },
      motor: {
        leads: [
          { id: 'a', role: 'common' },
          { id: 'b', role: 'run' },
        ],
        kind: 'shaded-pole',
      },
    }
    expect(plan(shaded).check).toMatchObject({
      ok: true,
      starts: true,
      startVolts: null,
      startAmps: null,
      capacitorVolts: null,
    })
  })

  it('of split phase puts its start lead on the line, which is no fault there', () => {
    const split: WiringInput = {
      ...condenser,
      capacitor: { kind: 'none', terminals: [] },
      motor: { ...condenser.motor, kind: 'split-phase' },
    }
    expect(plan(split).check).toMatchObject({ ok: true, starts: true })
    expect(landings(plan(split)).brown).toBe('T2')
  })
})

describe('a wrong wiring is named with its consequence', () => {
  const cases: [string, Record<string, string>, string][] = [
    ['start lead on C', { ...right, brown: 'C' }, 'start-across-line'],
    ['start lead on the line terminal', { ...right, brown: 'T2' }, 'start-across-line'],
    ['start lead on the compressor’s section', { ...right, brown: 'HERM' }, 'wrong-capacitor-section'],
    ['run lead forgotten', { white: 'T1', brown: 'FAN', green: 'ground' }, 'lead-unconnected'],
    ['run and common on one terminal', { ...right, white: 'T2' }, 'run-winding-dead'],
    ['start lead forgotten', { white: 'T1', black: 'T2', green: 'ground' }, 'start-winding-dead'],
    ['start lead beside the common', { ...right, brown: 'T1' }, 'start-winding-dead'],
    ['ground left off', { white: 'T1', black: 'T2', brown: 'FAN' }, 'no-ground'],
    [
      'run and start exchanged in unequal windings',
      { ...right, black: 'FAN', brown: 'T2' },
      'start-across-line',
    ],
  ]
  it.each(cases)('%s', (_, map, code) => {
    const result = check(condenser, wires(map))
    expect(codes(result)).toContain(code)
    expect(result.ok).toBe(false)
  })

  it('a bypassed capacitor is told beside the start winding across the line', () => {
    expect(codes(check(condenser, wires({ ...right, brown: 'C' })))).toContain('capacitor-bypassed')
  })

  it('a motor that gets no voltage is never said to start', () => {
    expect(check(condenser, wires({ ...right, white: 'T2' }))).toMatchObject({
      starts: false,
      direction: 'none',
    })
  })

  it('two lines joined by leads of one point are a short, and nothing is solved', () => {
    const leads = [
      ...condenser.motor.leads,
      { id: 'tracer', role: 'capacitor-return' as const, twinOf: 'black' },
    ]
    const result = check(
      { ...condenser, motor: { ...condenser.motor, leads } },
      wires({ ...right, tracer: 'T1' }),
    )
    expect(codes(result)).toContain('line-short')
    expect(result).toMatchObject({ runVolts: null, starts: false, ok: false })
  })

  it('a motor for 115 V on 240 V, and another capacitance than the plate’s', () => {
    expect(codes(check({ ...condenser, motor: { ...condenser.motor, volts: 115 } }, wires(right)))).toEqual([
      'wrong-voltage',
    ])
    expect(codes(check({ ...condenser, motor: { ...condenser.motor, needsUf: 7.5 } }, wires(right)))).toEqual(
      ['wrong-capacitance'],
    )
  })
})

describe('taps', () => {
  const map = { white: 'NEUTRAL', black: 'COOL', red: 'HEAT', blue: 'M1', brown: 'k2', 'brown-white': 'k1' }
  it('each on its own speed terminal are right, one live at a time', () => {
    expect(check(blower, wires(map))).toMatchObject({ ok: true, problems: [] })
  })

  it('two on one terminal burn the turns between them', () => {
    expect(codes(check(blower, wires({ ...map, blue: 'COOL' })))).toContain('tap-shorted')
  })

  it('unused on the line terminal are live', () => {
    expect(codes(check(blower, wires({ ...map, blue: 'LINE' })))).toContain('unused-tap-live')
  })

  it('absent from the list count as capped', () => {
    const { blue: _, ...without } = map
    expect(check(blower, wires(without)).ok).toBe(true)
  })

  it('slow the motor: less of the line across the run winding', () => {
    const fast = check({ ...blower, motor: { ...blower.motor, speedWanted: 'black' } }, wires(map))
    const slow = check({ ...blower, motor: { ...blower.motor, speedWanted: 'red' } }, wires(map))
    expect(fast.runVolts).toBeCloseTo(120, 6)
    expect(slow.runVolts).toBeCloseTo(120, 6)
    expect(slow.startAmps).not.toBeCloseTo(fast.startAmps!, 3)
  })
})

describe('the other turn', () => {
  const turned = { ...condenser, rotationNow: 'CW', rotationWanted: 'CCW' } as const
  it('is made by the reversing pair where there is one', () => {
    const leads = [
      ...condenser.motor.leads,
      { id: 'purple', role: 'reverse-a' as const },
      { id: 'orange', role: 'reverse-b' as const },
    ]
    const result = plan({ ...turned, motor: { ...condenser.motor, leads } })
    expect(result.reversal?.method).toBe('reversing-pair')
    expect(landings(result)).toMatchObject({ purple: 'orange', orange: 'purple' })
  })

  it('is refused by exchange where the windings differ, with the reason', () => {
    const result = plan(turned)
    expect(result.reversal?.method).toBe('diagram')
    expect(result.warnings.map((each) => each.code)).toContain('unequal-windings-swap')
    expect(landings(result)).toEqual(right)
  })

  it('is made by exchange where they measure alike, and the circuit says reversed', () => {
    const alike = { ...turned, motor: { ...condenser.motor, windings: { runOhm: 30, startOhm: 31.5 } } }
    const result = plan(alike)
    expect(result.reversal?.method).toBe('exchange-windings')
    expect(landings(result)).toMatchObject({ brown: 'T2', black: 'FAN' })
    expect(result.check).toMatchObject({ direction: 'reversed', starts: true, ok: true })
  })

  it('is not touched where it is right already', () => {
    expect(plan({ ...condenser, rotationNow: 'CW', rotationWanted: 'CW' }).reversal).toBeNull()
  })
})

describe('warnings', () => {
  it('one leg stays live behind a contactor of one pole', () => {
    const one = { ...condenser, control: { ...condenser.control, poles: 1 } }
    expect(plan(one).warnings.map((each) => each.code)).toContain('one-leg-stays-live')
    expect(plan(condenser).warnings.map((each) => each.code)).not.toContain('one-leg-stays-live')
  })

  it('the new motor’s own capacitance rules', () => {
    const needs = { ...condenser, motor: { ...condenser.motor, needsUf: 7.5 } }
    expect(plan(needs).warnings.map((each) => each.code)).toContain('capacitor-new-with-motor')
  })
})

describe('what is refused', () => {
  it.each([
    ['a lead that does not exist', { ...right, pink: 'T1' }, 'connections[4].lead'],
    ['a terminal that does not exist', { ...right, brown: 'FUN' }, 'connections[2].to'],
  ])('%s, with its place', (_, map, path) => {
    expect(() => check(condenser, wires(map))).toThrow(
      expect.objectContaining({ code: 'invalid-input', path }),
    )
  })

  it('a motor without a common, without a speed, or with two leads of one name', () => {
    const bad = (leads: WiringInput['motor']['leads']) => () => plan({ ...condenser, motor: { leads } })
    expect(
      bad([
        { id: 'a', role: 'run' },
        { id: 'b', role: 'start' },
      ]),
    ).toThrow(/common/)
    expect(
      bad([
        { id: 'a', role: 'common' },
        { id: 'b', role: 'start' },
      ]),
    ).toThrow(/run lead/)
    expect(
      bad([
        { id: 'a', role: 'common' },
        { id: 'a', role: 'run' },
      ]),
    ).toThrow(/same name/)
  })
})

describe('any motor of plausible windings', () => {
  const anyMotor = fc.record({
    runOhm: fc.double({ min: 2, max: 120, noNaN: true }),
    ratio: fc.double({ min: 1.2, max: 4, noNaN: true }),
    uF: fc.double({ min: 2, max: 15, noNaN: true }),
    volts: fc.constantFrom(115, 230, 240),
    tied: fc.constantFrom('T1', 'T2'),
  })
  it('is planned so that it starts as built, and forgetting or moving its start lead is noticed', () => {
    fc.assert(
      fc.property(anyMotor, ({ runOhm, ratio, uF, volts, tied }) => {
        const input: WiringInput = {
          ...condenser,
          supply: { ...condenser.supply, volts },
          capacitor: { ...condenser.capacitor, uF, commonTiedTo: tied },
          motor: { ...condenser.motor, volts, needsUf: uF, windings: { runOhm, startOhm: runOhm * ratio } },
        }
        const result = plan(input)
        expect(result.check).toMatchObject({ ok: true, direction: 'as-built' })
        expect(result.check.runVolts).toBeCloseTo(volts, 6)
        const others = result.connections.filter((each) => each.lead !== 'brown')
        expect(check(input, others).ok).toBe(false)
        for (const to of ['T1', 'T2', 'C', 'HERM'])
          expect(check(input, [...others, { lead: 'brown', to }]).ok, to).toBe(false)
      }),
      { numRuns: samples(80) },
    )
  })
})

describe('what burns, told from the tree', () => {
  /** A blower whose neutral end carries the capacitor's return, and whose taps lie beyond the joint. */
  const misleading: WiringInput = {
    supply: { volts: 120, hz: 60, lines: ['L', 'N'] },
    control: {
      kind: 'board',
      loadTerminals: ['LINE', 'NEUTRAL'],
      speedTerminals: [{ terminal: 'COOL' }, { terminal: 'HEAT' }],
      parkTerminals: ['PARK 1', 'PARK 2'],
    },
    capacitor: { kind: 'single', uF: 7.5, terminals: ['k1', 'k2'] },
    motor: {
      leads: [
        { id: 'white', role: 'run' },
        { id: 'brown-white', role: 'capacitor-return', twinOf: 'white' },
        { id: 'black', role: 'common' },
        { id: 'blue', role: 'tap' },
        { id: 'red', role: 'tap' },
        { id: 'brown', role: 'start' },
      ],
      windings: {
        runOhm: 6,
        startOhm: 11,
        taps: [
          { lead: 'blue', ohm: 7.1 },
          { lead: 'red', ohm: 8.3 },
        ],
      },
    },
  }

  it('the line across taps alone is refused, and the twin end goes to neutral', () => {
    const result = plan(misleading)
    expect(landings(result)).toMatchObject({ white: 'NEUTRAL', black: 'COOL', blue: 'HEAT', red: 'PARK 1' })
    expect(result.check.problems).toEqual([])
    expect(result.check).toMatchObject({ ok: true, starts: true })
    expect(result.check.runVolts).toBeCloseTo(120, 3)
    const wrong = check(
      misleading,
      wires({ ...landings(result), black: 'NEUTRAL', white: 'PARK 2', blue: 'COOL', red: 'HEAT' }),
    )
    expect(codes(wrong)).toContain('main-bypassed')
    expect(wrong.ok).toBe(false)
  })

  it('two spare speeds on one park short the windings between them', () => {
    const { black: _, ...rest } = landings(plan(blower))
    const leads = blower.motor.leads.filter(({ role }) => role === 'tap').map(({ id }) => id)
    const parked = { ...blower, control: { ...blower.control, parkTerminals: ['P'] } }
    const wrong = check(parked, wires({ ...rest, black: 'COOL', [leads[0]!]: 'P', [leads[1]!]: 'P' }))
    expect(codes(wrong)).toContain('tap-shorted')
  })

  it('starts only where it starts at every speed that the control can feed', () => {
    // Fed at the white lead it starts, at the blue one nothing flows in the start winding.
    const one = check(
      blower,
      wires({ white: 'COOL', black: 'NEUTRAL', blue: 'HEAT', red: 'M1', brown: 'k1', 'brown-white': 'k2' }),
    )
    expect(codes(one)).toContain('start-winding-dead')
    expect(one).toMatchObject({ starts: false, ok: false })
  })

  it('a winding lead on the frame makes the case live', () => {
    const wrong = check(condenser, wires({ ...right, white: 'ground' }))
    expect(codes(wrong)).toContain('frame-live')
    expect(wrong.ok).toBe(false)
  })

  it('a lead joined to one that is no twin and no reversing partner is a short', () => {
    expect(codes(check(condenser, wires({ ...right, brown: 'white' })))).toContain('tap-shorted')
  })

  it('a lead whose twin is landed in its place counts as landed', () => {
    const leads = [
      ...condenser.motor.leads,
      { id: 'black-2', role: 'capacitor-return' as const, twinOf: 'black' },
    ]
    const { black: _, ...others } = right
    const twin = check(
      { ...condenser, motor: { ...condenser.motor, leads } },
      wires({ ...others, 'black-2': 'T2' }),
    )
    expect(codes(twin)).not.toContain('lead-unconnected')
    expect(twin.starts).toBe(true)
  })

  it('a shaded pole is turned by its stator, and by no lead', () => {
    const shaded: WiringInput = {
      ...condenser,
      control: { kind: 'switch', loadTerminals: ['LINE', 'NEUTRAL'] },
      capacitor: { kind: 'none', terminals: [] },
      motor: {
        kind: 'shaded-pole',
        leads: [
          { id: 'a', role: 'common' },
          { id: 'b', role: 'run' },
        ],
      },
      rotationNow: 'CW',
      rotationWanted: 'CCW',
    }
    const result = plan(shaded)
    expect(result.reversal!.method).toBe('turn-stator')
    // Behind a switch the run winding goes to the switched line.
    expect(landings(result)).toEqual({ a: 'NEUTRAL', b: 'LINE' })
    expect(result.check).toMatchObject({
      startVolts: null,
      startAmps: null,
      capacitorVolts: null,
      starts: true,
    })
  })
})

describe('the landings of a job', () => {
  const wired = (landings: Record<string, string>) => {
    let job = act(
      onBench('outdoor-unit-fan', 'psc', '35+5 µF ±6 % 440 V'),
      { kind: 'field.set', id: id(), part: 'wiring', field: 'c-side', typed: 'contactor load 2' },
      ...['white', 'black', 'brown'].map((name): Act => ({ kind: 'lead.add', id: id(), part: 'old', name })),
    )
    for (const [a, b, typed] of [
      ['white', 'black', '18'],
      ['white', 'brown', '41'],
      ['black', 'brown', '59'],
    ] as const)
      job = act(job, { kind: 'reading.set', id: id(), reading: 'resistance', part: 'old', a, b, typed })
    return act(
      job,
      ...Object.entries(landings).map(
        ([lead, terminal], position): Act => ({
          kind: 'landing.set',
          id: id(),
          lead,
          role: '',
          terminal,
          capped: false,
          position,
        }),
      ),
    )
  }
  const good = { white: 'contactor load 1', black: 'contactor load 2', brown: 'FAN' }

  it('are solved once every lead has one', () => {
    expect(wiringCheckOf(wired({ white: 'contactor load 1' }))).toBeNull()
    expect(wiringCheckOf(wired(good))).toMatchObject({ ok: true, direction: 'as-built' })
  })

  it('are named where they would burn the start winding', () => {
    const check = wiringCheckOf(wired({ ...good, brown: 'contactor load 2' }))!
    expect(check.ok).toBe(false)
    expect(codes(check)).toContain('start-across-line')
  })

  it('are not judged where the roles are not known', () => {
    expect(wiringCheckOf(onBench('outdoor-unit-fan', 'ecm'))).toBeNull()
  })

  it('are proposed by the same planner that judges them, and taken in one act', () => {
    const job = wired({})
    const plan = landingPlanOf(job)!
    expect(plan.landings.map(({ lead, terminal }) => [lead, terminal])).toEqual([
      ['white', 'contactor load 1'],
      ['black', 'contactor load 2'],
      ['brown', 'FAN'],
    ])
    const taken = act(job, { kind: 'landing.take', ids: [id(), id(), id()] })
    expect(taken.landings).toHaveLength(3)
    expect(wiringCheckOf(taken)).toMatchObject({ ok: true })
    expect(wiringHolds(taken)).toBeNull()
  })

  it('follow the ohms of a blower whose taps lie beyond the joint, and hold power where its lines are exchanged', () => {
    const place: Record<string, number[]> = {
      white: [20, 0, 0],
      'white/brown': [20, 0, 0],
      black: [0, 0, 0],
      blue: [0, 3, 0],
      red: [0, 6.5, 0],
      brown: [0, 0, 40],
    }
    const names = Object.keys(place)
    let job = act(
      onBench('furnace-blower', 'psc-multispeed', '7.5 µF 370 V'),
      ...names.map((name): Act => ({ kind: 'lead.add', id: id(), part: 'old', name })),
    )
    names.forEach((a, index) => {
      for (const b of names.slice(index + 1)) {
        const ohm = [0, 1, 2].reduce(
          (sum, branch) => sum + Math.abs((place[a]?.[branch] ?? 0) - (place[b]?.[branch] ?? 0)),
          0.2,
        )
        job = act(job, {
          kind: 'reading.set',
          id: id(),
          reading: 'resistance',
          part: 'old',
          a,
          b,
          typed: ohm.toFixed(1),
        })
      }
    })
    const { landings = [] } = landingPlanOf(job) ?? {}
    const placed = Object.fromEntries(landings.map(({ lead, terminal }) => [lead, terminal]))
    const { load, speeds = [] } = controlTerminals['furnace-blower']
    expect(placed).toMatchObject({ white: load[1], black: speeds[0] })
    const taken = act(job, { kind: 'landing.take', ids: Array.from({ length: landings.length }, id) })
    expect(wiringCheckOf(taken)).toMatchObject({ ok: true, starts: true })
    expect(wiringHolds(taken)).toBeNull()
    const set = (lead: string, terminal: string): Act => {
      const { id: row = '', position = 0 } = taken.landings.find((landing) => landing.lead === lead) ?? {}
      return { kind: 'landing.set', id: row, lead, role: '', terminal, capped: false, position }
    }
    const wrong = act(taken, set('white', speeds[0] ?? ''), set('black', load[1] ?? ''))
    expect(wiringHolds(wrong)).not.toBeNull()
  })

  it('assume no wire: without a word on C’s side nothing is right, and a capacitor of its own asks for its jumper', () => {
    const job = act(wired(good), { kind: 'field.set', id: id(), part: 'wiring', field: 'c-side', typed: '' })
    expect(wiringCheckOf(job)!.ok).toBe(false)
    expect(wiringHolds(job)).toMatch(/^Say first on which terminal the wire of C sits/)
    expect(seeFirst(job)).toBe(wiringHolds(job))
    const onHerm = {
      ...job,
      landings: job.landings.map((row) => (row.lead === 'black' ? { ...row, terminal: 'HERM' } : row)),
    }
    expect(seeFirst(onHerm)).toBeNull()
    expect(wiringHolds(onHerm)).toMatch(/wiring is wrong/)
    let bath = act(
      onBench('bath-exhaust-fan', 'psc', '4 µF 250 V'),
      ...['white', 'black', 'brown'].map((name): Act => ({ kind: 'lead.add', id: id(), part: 'old', name })),
    )
    for (const [a, b, typed] of [
      ['white', 'black', '61'],
      ['white', 'brown', '149'],
      ['black', 'brown', '88'],
    ] as const)
      bath = act(bath, { kind: 'reading.set', id: id(), reading: 'resistance', part: 'old', a, b, typed })
    const taken = act(bath, { kind: 'landing.take', ids: Array.from({ length: 4 }, id) })
    expect(taken.landings.map(({ lead, terminal }) => [lead, terminal])).toContainEqual([
      'jumper from capacitor 1',
      'line',
    ])
    expect(wiringCheckOf(taken)).toMatchObject({ ok: true, starts: true })
    const without = { ...taken, landings: taken.landings.filter(({ lead }) => !lead.startsWith('jumper')) }
    expect(codes(wiringCheckOf(without)!)).toContain('start-winding-dead')
  })

  it.each(familyIds)(
    'of %s: every proposed terminal exists, and every proposal passes its own check',
    (family) => {
      for (const label of ['5 µF 370 V', '35+5 µF 440 V'])
        for (const side of [0, 1]) {
          let job = act(
            onBench(family, 'psc', label),
            ...['a', 'b', 'c'].map((name): Act => ({ kind: 'lead.add', id: id(), part: 'old', name })),
          )
          for (const [a, b, typed] of [
            ['a', 'b', '18'],
            ['a', 'c', '41'],
            ['b', 'c', '59'],
          ] as const)
            job = act(job, { kind: 'reading.set', id: id(), reading: 'resistance', part: 'old', a, b, typed })
          const question = cSideQuestion(job)
          if (question)
            job = act(job, {
              kind: 'field.set',
              id: id(),
              part: 'wiring',
              field: 'c-side',
              typed: question.terminals[side]!,
            })
          const taken = act(job, { kind: 'landing.take', ids: Array.from({ length: 6 }, id) })
          for (const { lead, terminal, capped } of taken.landings)
            if (!capped) expect(terminalsOf(taken), `${lead} to ${terminal}`).toContain(terminal)
          const result = wiringCheckOf(taken)!
          expect(result.problems).toEqual([])
          expect(result.ok).toBe(true)
        }
    },
  )
})
