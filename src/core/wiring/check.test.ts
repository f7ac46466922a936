import { describe, expect, it } from 'vitest'
import { checkWiring } from './check'
import type { Connection, WiringInput } from './types'

/** A motor with shading rings between two terminals of a switch. */
const shaded: WiringInput = {
  supply: { volts: 120, hz: 60, lines: ['L', 'N'] },
  control: { kind: 'switch', loadTerminals: ['SW', 'N'] },
  capacitor: { kind: 'none', terminals: [] as never },
  motor: {
    leads: [
      { id: 'black', role: 'run' },
      { id: 'white', role: 'common' },
      { id: 'green', role: 'ground' },
    ],
    windings: { runOhm: 42 },
    kind: 'shaded-pole',
  } as never,
}
const psc: WiringInput = {
  supply: { volts: 240, hz: 60, lines: ['L1', 'L2'] },
  control: { kind: 'contactor', poles: 2, loadTerminals: ['T1', 'T2'] },
  capacitor: { kind: 'single', uF: 5, terminals: ['k1', 'k2'] },
  motor: {
    leads: [
      { id: 'black', role: 'common' },
      { id: 'white', role: 'run' },
      { id: 'brown', role: 'start' },
    ],
    windings: { runOhm: 26, startOhm: 60 },
    needsUf: 5,
  } as never,
}
const land = (landings: Record<string, string>): Connection[] =>
  Object.entries(landings).map(([lead, to]) => ({ lead, to }))
const right = land({ black: 'T1', white: 'T2', brown: 'k2' })
const jumper = [{ from: 'k1', to: 'T2' }]
const codes = (input: WiringInput, connections: Connection[], also: { from: string; to: string }[] = []) =>
  checkWiring(input, connections, also).problems.map(({ code }) => code)

describe('a motor of one winding', () => {
  it('that has its line turns as built, and has nothing that a start winding would have', () => {
    const check = checkWiring(shaded, land({ black: 'SW', white: 'N', green: 'ground' }))
    expect(check).toMatchObject({
      startVolts: null,
      startAmps: null,
      capacitorVolts: null,
      direction: 'as-built',
      starts: true,
      ok: true,
      problems: [],
    })
    expect(check.runVolts).toBeCloseTo(120, 1)
  })

  it('without its line stands, and the reason is that the winding is dead', () => {
    const check = checkWiring(shaded, land({ black: 'SW', green: 'ground' }))
    expect(check).toMatchObject({ direction: 'none', starts: false, ok: false })
    expect(codes(shaded, land({ black: 'SW', green: 'ground' }))).toContain('run-winding-dead')
  })

  it('that turns is not well while something else is wrong', () => {
    const check = checkWiring(shaded, land({ black: 'SW', white: 'N' }))
    expect(check).toMatchObject({ starts: true, direction: 'as-built', ok: false })
    expect(check.problems.map(({ code }) => code)).toEqual(['no-ground'])
  })
})

describe('two lines on one another', () => {
  it('are a short, said first; nothing turns and nothing else is worked out', () => {
    const check = checkWiring(psc, right, [{ from: 'T1', to: 'T2' }])
    expect(check).toMatchObject({
      runVolts: null,
      startVolts: null,
      capacitorVolts: null,
      startAmps: null,
      direction: 'none',
      starts: false,
      ok: false,
    })
    expect(check.problems[0]?.code).toBe('line-short')
  })
})

describe('a motor of two windings', () => {
  it('with its capacitor between start and line starts as built, with the volts over each', () => {
    const check = checkWiring(psc, right, jumper)
    expect(check).toMatchObject({ direction: 'as-built', starts: true, ok: true, problems: [] })
    expect(check.runVolts).toBeCloseTo(240, 1)
    expect(check.startAmps).toBeGreaterThan(0.2)
    expect(check.capacitorVolts).toBeGreaterThan(100)
  })

  it('without current in its start winding hums: not started, and said so', () => {
    const check = checkWiring(psc, land({ black: 'T1', white: 'T2' }), jumper)
    expect(check).toMatchObject({ direction: 'none', starts: false, ok: false, startAmps: 0 })
    expect(check.problems.map(({ code }) => code)).toContain('start-winding-dead')
    // With the capacitor on nothing but the lead, no current flows either.
    expect(codes(psc, right)).toContain('start-winding-dead')
  })

  it('with the capacitor on the common’s side gets no current through it', () => {
    const check = checkWiring(psc, right, [{ from: 'k1', to: 'T1' }])
    expect(check.starts).toBe(false)
    expect(check.ok).toBe(false)
  })

  it('with run and start exchanged turns the other way where the windings allow it', () => {
    const even = { ...psc, motor: { ...psc.motor, windings: { runOhm: 40, startOhm: 40 } } } as WiringInput
    const check = checkWiring(even, land({ black: 'T1', brown: 'T2', white: 'k2' }), jumper)
    expect(check.direction).toBe('reversed')
    expect(check.starts).toBe(true)
  })

  it('is solved with the capacitor that is named, else that which the motor needs, else five', () => {
    const amps = (change: object, needsUf: number | undefined = 5) =>
      checkWiring(
        { ...psc, capacitor: { ...psc.capacitor, ...change }, motor: { ...psc.motor, needsUf } } as never,
        right,
        jumper,
      ).startAmps ?? 0
    expect(amps({ uF: 10 })).toBeGreaterThan(1.5 * amps({ uF: 5 }))
    expect(amps({ uF: undefined }, 10)).toBeCloseTo(amps({ uF: 10 }, 10), 6)
    const { needsUf: _, ...bare } = psc.motor as unknown as Record<string, unknown>
    expect(
      checkWiring(
        { ...psc, capacitor: { ...psc.capacitor, uF: undefined }, motor: bare } as never,
        right,
        jumper,
      ).startAmps,
    ).toBeCloseTo(amps({ uF: 5 }), 6)
  })

  it('beside a compressor’s section is solved with both sections of the can', () => {
    const dual = {
      ...psc,
      capacitor: { kind: 'dual', uF: 5, hermUf: 40, terminals: ['C', 'FAN', 'HERM'], commonTiedTo: 'T2' },
    } as WiringInput
    const good = checkWiring(dual, land({ black: 'T1', white: 'T2', brown: 'FAN' }))
    expect(good).toMatchObject({ starts: true, ok: true })
    const herm = checkWiring(dual, land({ black: 'T1', white: 'T2', brown: 'HERM' }))
    expect(herm.ok).toBe(false)
    // Eight times the capacitance passes more, whatever else is wrong with it.
    expect(herm.startAmps ?? 0).toBeGreaterThan(2 * (good.startAmps ?? 0))
    const single = { ...dual, capacitor: { ...dual.capacitor, hermUf: undefined } } as WiringInput
    expect(checkWiring(single, land({ black: 'T1', white: 'T2', brown: 'HERM' })).startAmps).toBe(0)
  })
})

describe('a capacitor', () => {
  const amps = (
    capacitor: object,
    landings: Record<string, string>,
    also: { from: string; to: string }[] = [],
  ) => checkWiring({ ...psc, capacitor } as never, land(landings), also).startAmps

  it('that there is none of, or that sits inside, carries nothing outside, whatever terminals are named', () => {
    const landings = { black: 'T1', white: 'T2', brown: 'k2' }
    expect(amps({ kind: 'single', uF: 5, terminals: ['k1', 'k2'] }, landings, jumper)).toBeGreaterThan(0.2)
    for (const kind of ['none', 'internal'])
      expect([kind, amps({ kind, uF: 5, terminals: ['k1', 'k2'] }, landings, jumper)]).toEqual([kind, 0])
  })

  it('of one section has nothing between its first and its third terminal', () => {
    const herm = { uF: 5, hermUf: 40, terminals: ['C', 'FAN', 'HERM'], commonTiedTo: 'T2' }
    const landings = { black: 'T1', white: 'T2', brown: 'HERM' }
    expect(amps({ kind: 'single', ...herm }, landings)).toBe(0)
    expect(amps({ kind: 'dual', ...herm }, landings)).toBeGreaterThan(0.2)
  })

  it('that lets through less than a tenth of what the start winding needs leaves it dead', () => {
    const small = checkWiring(
      { ...psc, capacitor: { kind: 'single', uF: 0.3, terminals: ['k1', 'k2'] } },
      right,
      jumper,
    )
    expect(small.startAmps).toBeGreaterThan(0)
    expect(small.problems.map(({ code }) => code)).toContain('start-winding-dead')
    expect(codes(psc, right, jumper)).not.toContain('start-winding-dead')
  })
})

describe('a motor with a start switch of its own', () => {
  const split = {
    ...psc,
    capacitor: { kind: 'none', terminals: [] },
    motor: { ...psc.motor, kind: 'split-phase', needsUf: undefined },
  } as never as WiringInput
  const started = (landings: Record<string, string>) => checkWiring(split, land(landings))

  it('starts by the current in its start winding, as built; without line or start it stands', () => {
    expect(started({ black: 'T1', white: 'T2', brown: 'T2' })).toMatchObject({
      starts: true,
      direction: 'as-built',
    })
    expect(started({ black: 'T1', white: 'T2' })).toMatchObject({ starts: false, direction: 'none' })
    expect(started({ white: 'T2', brown: 'T2' })).toMatchObject({ starts: false, direction: 'none' })
    // The start winding alone is fed: it hums and does not run.
    expect(started({ black: 'T1', brown: 'T2' })).toMatchObject({ starts: false, direction: 'none' })
  })
})

describe('speeds', () => {
  const blower: WiringInput = {
    supply: { volts: 120, hz: 60, lines: ['L', 'N'] },
    control: {
      kind: 'board',
      loadTerminals: ['LINE', 'NEUTRAL'],
      speedTerminals: [{ terminal: 'COOL' }, { terminal: 'HEAT' }],
      parkTerminals: ['M1'],
    },
    capacitor: { kind: 'single', uF: 10, terminals: ['k1', 'k2'] },
    motor: {
      leads: [
        { id: 'white', role: 'common' },
        { id: 'black', role: 'run' },
        { id: 'red', role: 'tap' },
        { id: 'brown', role: 'start' },
        { id: 'brown-white', role: 'capacitor-return', twinOf: 'black' },
      ],
      windings: { runOhm: 6, startOhm: 14, taps: [{ lead: 'red', ohm: 3 }] },
      needsUf: 10,
    } as never,
  }
  const base = { white: 'NEUTRAL', brown: 'k1', 'brown-white': 'k2' }

  it('are each solved with their terminal live, and all have to start', () => {
    const both = checkWiring(blower, land({ ...base, black: 'COOL', red: 'HEAT' }))
    expect(both).toMatchObject({ starts: true, ok: true })
    expect(both.runVolts).toBeCloseTo(120, 0)
  })

  it('show the one that the wanted lead sits on', () => {
    const wanted = (speedWanted: string, landings = { black: 'COOL', red: 'HEAT' }) =>
      checkWiring(
        { ...blower, motor: { ...blower.motor, speedWanted } as never },
        land({ ...base, ...landings }),
      ).startAmps ?? 0
    expect(wanted('red')).not.toBeCloseTo(wanted('black'), 3)
    // As it is with the other lead parked.
    expect(wanted('red')).toBeCloseTo(wanted('red', { black: 'M1', red: 'HEAT' }), 6)
    expect(wanted('black')).toBeCloseTo(wanted('black', { black: 'COOL', red: 'M1' }), 6)
  })

  it('that are parked or landed nowhere are no state of their own', () => {
    const one = checkWiring(blower, land({ ...base, black: 'COOL', red: 'M1' }))
    expect(one).toMatchObject({ starts: true, ok: true })
    expect(checkWiring(blower, land({ ...base })).starts).toBe(false)
  })
})

describe('names', () => {
  it('of leads and terminals that there are none of are errors with their place', () => {
    const error = (connections: Connection[]) => {
      try {
        checkWiring(psc, connections)
      } catch (thrown) {
        return thrown
      }
      return null
    }
    expect(error(land({ black: 'T1', pink: 'T2' }))).toMatchObject({
      code: 'invalid-input',
      path: 'connections[1].lead',
    })
    expect(error(land({ black: 'T9' }))).toMatchObject({ code: 'invalid-input', path: 'connections[0].to' })
    for (const to of ['T1', 'k1', 'ground', 'white']) expect(error(land({ black: to }))).toBeNull()
  })
})
