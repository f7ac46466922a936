import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { WindingResult } from '../winding'
import { judgeWinding } from '../winding'
import { wireMotor } from '.'
import type { WiringInput } from './types'

/** A motor as it was wound, told apart from the code: ohms along the main chain, where the start winding joins, which ends have two leads. */
interface Build {
  /** Ω from point to point along the chain; the points are 0, 1, 2 … */
  chain: number[]
  /** The point at which the start winding joins. */
  joint: number
  startOhm: number
  /** Points at which no lead comes out. */
  bare: number[]
  /** The point with a second lead, if any; `start` is the far end of the start winding. */
  twin: number | 'start' | null
}

const nameOf = (point: number | 'start') => (point === 'start' ? 'brown' : `p${point}`)

/** Every pair as a perfect meter would read it. */
function read({ chain, joint, startOhm, bare, twin }: Build): WindingResult & { leads: string[] } {
  const at: Record<string, number | 'start'> = {}
  for (let point = 0; point <= chain.length; point++) if (!bare.includes(point)) at[nameOf(point)] = point
  at.brown = 'start'
  if (twin !== null) at[`${nameOf(twin)}-white`] = twin
  const along = (one: number, two: number) =>
    chain.slice(Math.min(one, two), Math.max(one, two)).reduce((sum, ohm) => sum + ohm, 0)
  const between = (one: number | 'start', two: number | 'start'): number => {
    if (one === two) return 0
    if (one === 'start') return startOhm + along(joint, two === 'start' ? joint : two)
    return two === 'start' ? between(two, one) : along(one, two)
  }
  const leads = Object.keys(at)
  const pairs = leads.flatMap((a, index) =>
    leads.slice(index + 1).map((b) => ({ a, b, ohm: between(at[a] ?? 0, at[b] ?? 0) })),
  )
  const meter = { accuracyPercent: 0.1, accuracyCounts: 1, resolutionOhm: 0.01 }
  return { ...judgeWinding({ leads, pairs, meter, motorKind: 'psc-multispeed' }), leads }
}

const motorOf = (build: Build): WiringInput['motor'] => {
  const { roles, tree, verdict, leads } = read(build)
  return {
    leads: leads.map((id) => {
      const role = roles[id]
      return {
        id,
        role:
          role === undefined || role === 'line' ? 'tap' : role === 'capacitor' ? 'capacitor-return' : role,
      }
    }),
    kind: 'psc-multispeed',
    tree,
    verdict,
  }
}

const single = { kind: 'single', uF: 5, terminals: ['1', '2'] } as const
const places: Record<string, Pick<WiringInput, 'supply' | 'control' | 'capacitor'>> = {
  'contactor, dual': {
    supply: { volts: 240, hz: 60, lines: ['L1', 'L2'] },
    control: { kind: 'contactor', loadTerminals: ['T1', 'T2'] },
    capacitor: { kind: 'dual', uF: 5, hermUf: 40, terminals: ['C', 'FAN', 'HERM'], commonTiedTo: 'T2' },
  },
  'contactor, dual on the other leg': {
    supply: { volts: 240, hz: 60, lines: ['L1', 'L2'] },
    control: { kind: 'contactor', loadTerminals: ['T1', 'T2'] },
    capacitor: { kind: 'dual', uF: 5, hermUf: 40, terminals: ['C', 'FAN', 'HERM'], commonTiedTo: 'T1' },
  },
  'board with two speeds': {
    supply: { volts: 120, hz: 60, lines: ['L', 'N'] },
    control: {
      kind: 'board',
      loadTerminals: ['L', 'N'],
      speedTerminals: [{ terminal: 'COOL' }, { terminal: 'HEAT' }],
      parkTerminals: ['M1'],
    },
    capacitor: { ...single, terminals: [...single.terminals] },
  },
  switch: {
    supply: { volts: 230, hz: 50, lines: ['L', 'N'] },
    control: { kind: 'switch', loadTerminals: ['L', 'N'] },
    capacitor: { ...single, terminals: [...single.terminals] },
  },
}

/** Tapped blowers of the kinds that are built: taps on the run side, or beyond a joint with or without a lead of its own. */
const builds = fc
  .record({
    mainOhm: fc.double({ min: 8, max: 30, noNaN: true }),
    taps: fc.array(fc.double({ min: 0.8, max: 4, noNaN: true }), { minLength: 0, maxLength: 3 }),
    startShare: fc.double({ min: 1.4, max: 4, noNaN: true }),
    joins: fc.constantFrom<'end' | 'first' | 'between'>('end', 'first', 'between'),
    twin: fc.constantFrom<'none' | 'return' | 'joint' | 'start'>('none', 'return', 'joint', 'start'),
    part: fc.double({ min: 0.2, max: 0.8, noNaN: true }),
  })
  .map(({ mainOhm, taps, startShare, joins, twin, part }): Build => {
    // A motor of one speed has its joint at an end of its main winding.
    const at = taps.length === 0 ? 'end' : joins
    const total = mainOhm + taps.reduce((sum, ohm) => sum + ohm, 0)
    const build = { chain: [mainOhm, ...taps], startOhm: startShare * total, bare: [] as number[] }
    const twinAt = (line: number, joint: number): Build['twin'] =>
      twin === 'none' ? null : twin === 'return' ? line : twin === 'start' ? 'start' : joint
    if (at === 'end')
      return { ...build, joint: 0, twin: twin === 'joint' && taps.length === 0 ? null : twinAt(1, 0) }
    if (at === 'first')
      return { ...build, joint: 1, twin: twin === 'joint' || twin === 'start' ? 0 : twinAt(0, 1) }
    // The joint lies inside the first tap, and no lead comes out of it.
    const [first = 1, ...rest] = taps
    return {
      ...build,
      chain: [mainOhm, first * part + 1, first * (1 - part) + 1, ...rest],
      joint: 2,
      bare: [2],
      twin: 0,
    }
  })

let planned = 0
const landings = (plan: ReturnType<typeof wireMotor>) =>
  Object.fromEntries(plan.connections.map(({ lead, to }) => [lead, to]))
const board = { ...places['board with two speeds']!, op: 'plan' as const }

describe('a motor that is wired by its measured tree', () => {
  it('is never condemned by the check of its own plan', () => {
    fc.assert(
      fc.property(builds, fc.constantFrom(...Object.keys(places)), (build, place) => {
        const motor = motorOf(build)
        fc.pre(motor.verdict === 'good')
        const plan = wireMotor({ op: 'plan', ...places[place]!, motor })
        planned++
        expect({ place, problems: plan.check.problems, starts: plan.check.starts }).toEqual({
          place,
          problems: [],
          starts: true,
        })
      }),
      { numRuns: 300 },
    )
    expect(planned).toBeGreaterThan(200)
  })

  it('has the whole main winding in every speed: its line end is the neutral, whatever hangs where', () => {
    fc.assert(
      fc.property(builds, (build) => {
        const motor = motorOf(build)
        fc.pre(motor.verdict === 'good')
        const plan = wireMotor({ ...board, motor })
        expect(landings(plan).p0).toBe('N')
      }),
      { numRuns: 200 },
    )
  })

  /** White/brown 2 –2.1– black –1.4– (no lead) –0.9– blue –1.3– red, the start winding from the point without a lead. */
  const bothSides: Build = { chain: [2.1, 1.4, 0.9, 1.3], joint: 2, startOhm: 11.5, bare: [2], twin: 0 }

  it('takes taps on both sides of a joint without a lead', () => {
    const plan = wireMotor({ ...board, motor: motorOf(bothSides) })
    expect(landings(plan)).toEqual({ p0: 'N', p1: 'COOL', p3: 'HEAT', p4: 'M1', brown: '1', 'p0-white': '2' })
    expect(plan.check).toMatchObject({ ok: true, problems: [] })
  })

  it('takes three speeds beyond the joint without a return, and puts the capacitor on the neutral', () => {
    const motor = motorOf({ chain: [6, 1.2, 1.1, 1.3], joint: 1, startOhm: 12, bare: [], twin: null })
    const plan = wireMotor({ ...board, motor })
    expect(landings(plan)).toMatchObject({ p0: 'N', p1: 'COOL', p2: 'HEAT', brown: '2' })
    expect(plan.alsoConnect).toMatchObject([{ from: '1', to: 'N' }])
    const wrongSide = wireMotor({
      ...board,
      op: 'check',
      capacitor: { ...board.capacitor, commonTiedTo: 'L' },
      motor,
      connections: plan.connections,
    })
    expect(wrongSide.check.ok).toBe(false)
  })

  it.each([
    ['joint', 0],
    ['start end', 'start'],
  ] as const)('caps a second lead at the %s: the capacitor has no business there', (_, twin) => {
    const motor = motorOf({ chain: [9, 2], joint: 0, startOhm: 26, bare: [], twin })
    for (const input of [board, { ...places.switch!, op: 'plan' as const }]) {
      const plan = wireMotor({ ...input, motor })
      expect(plan.cappedLeads.map(({ lead }) => lead)).toContain(`${nameOf(twin)}-white`)
      expect(plan.check).toMatchObject({ ok: true })
    }
  })

  it('sends the neutral to the leg on which C sits, where the capacitor belongs to its end', () => {
    const { supply, control, capacitor } = places['contactor, dual']!
    const motor = motorOf({ chain: [6, 1.2], joint: 1, startOhm: 12, bare: [], twin: 0 })
    const at = (commonTiedTo?: string) => {
      const { commonTiedTo: _, ...free } = capacitor
      return wireMotor({
        op: 'plan',
        supply,
        control,
        capacitor: { ...free, ...(commonTiedTo ? { commonTiedTo } : {}) },
        motor,
      })
    }
    expect(landings(at('T2'))).toMatchObject({ p0: 'T2', p1: 'T1', brown: 'FAN' })
    expect(landings(at('T1'))).toMatchObject({ p0: 'T1', p1: 'T2', brown: 'FAN' })
    const unknown = at()
    expect(unknown.check.ok).toBe(false)
    expect(
      unknown.connections.filter(({ why }) => why.includes('look, then say which')).map(({ lead }) => lead),
    ).toEqual(['p0'])
  })

  it('keeps to the roles that the tree tells, not to those that were said', () => {
    const motor = motorOf(bothSides)
    const said = motor.leads.map((lead, index) => ({
      ...lead,
      role: index === 0 ? ('start' as const) : lead.role,
    }))
    expect(landings(wireMotor({ ...board, motor: { ...motor, leads: said } }))).toMatchObject({ p0: 'N' })
  })

  it('finds the line across taps alone, on either side of the joint', () => {
    const motor = motorOf(bothSides)
    const connections = [
      { lead: 'p3', to: 'N' },
      { lead: 'p4', to: 'COOL' },
      { lead: 'brown', to: '1' },
      { lead: 'p0-white', to: '2' },
    ]
    const { check } = wireMotor({ ...board, op: 'check', motor, connections })
    expect(check.problems.map(({ code }) => code)).toContain('main-bypassed')
  })
})

describe('landings and the verdict on the readings', () => {
  const motor = motorOf({ chain: [9, 2], joint: 0, startOhm: 26, bare: [], twin: null })

  it.each(['inconsistent', 'incomplete', 'open', 'shorted', 'grounded', 'hot-retest'] as const)(
    'are none for %s',
    (verdict) => {
      const plan = wireMotor({ ...board, motor: { ...motor, verdict, readAgain: [['p0', 'brown']] } })
      expect(plan.connections).toEqual([])
      expect(plan.alsoConnect).toEqual([])
      expect(plan.cappedLeads).toEqual([])
      const [warning] = plan.warnings.filter(({ code }) => code === 'readings-first')
      expect(warning?.text).toContain(verdict === 'grounded' ? 'leaks to the frame' : 'p0 to brown')
      expect(plan.check.ok).toBe(false)
    },
  )
})

describe('a tree that no motor has', () => {
  it('gives no landing: a pair read too high puts a speed on a branch of its own', () => {
    const { leads, tree, roles, verdict } = (() => {
      const names = ['white', 'black', 'blue', 'red', 'brown']
      const at: Record<string, number> = { white: 0, black: 9, blue: 11, red: 14, brown: 0 }
      const pairs = names.flatMap((a, i) =>
        names.slice(i + 1).map((b) => ({
          a,
          b,
          ohm:
            a === 'blue' && b === 'red'
              ? 5.9
              : Math.abs((at[a] ?? 0) - (at[b] ?? 0)) + (b === 'brown' ? 24 : 0),
        })),
      )
      return { leads: names, ...judgeWinding({ leads: names, pairs }) }
    })()
    expect(verdict).toBe('good')
    const plan = wireMotor({
      ...board,
      motor: {
        leads: leads.map((id) => ({ id, role: roles[id] === 'start' ? 'start' : 'tap' })),
        tree,
        verdict,
      },
    })
    expect(plan.connections).toEqual([])
    expect(plan.warnings.map(({ code }) => code)).toEqual(['readings-first'])
    expect(plan.warnings[0]?.text).toMatch(/blue/)
  })
})

describe('a lead where it must never sit', () => {
  const { supply, control, capacitor } = places['contactor, dual']!
  const three: WiringInput['motor'] = {
    leads: [
      { id: 'white', role: 'common' },
      { id: 'black', role: 'run' },
      { id: 'brown', role: 'start' },
      { id: 'striped', role: 'capacitor-return', twinOf: 'black' },
      { id: 'green', role: 'ground' },
      { id: 'yellow', role: 'reverse-a' },
      { id: 'purple', role: 'reverse-b' },
    ],
    kind: 'psc',
  }
  const right = {
    white: 'T1',
    black: 'T2',
    brown: 'FAN',
    green: 'ground',
    yellow: 'purple',
    purple: 'yellow',
  }
  const codesOf = (changed: Record<string, string>, more: Partial<WiringInput> = {}) => {
    const landed: Record<string, string> = { ...right, ...changed }
    const connections = Object.entries(landed).map(([lead, to]) => ({ lead, to }))
    const { check, warnings } = wireMotor({
      op: 'check',
      supply,
      control,
      capacitor,
      motor: three,
      connections,
      ...more,
    })
    return {
      ok: check.ok,
      codes: check.problems.map(({ code }) => code),
      warnings: warnings.map(({ code }) => code),
    }
  }

  it('has nothing against the right wiring', () => {
    expect(codesOf({})).toMatchObject({ ok: true, codes: [] })
  })

  it.each(['white', 'black', 'brown', 'striped', 'green', 'yellow'])('%s on HERM', (lead) => {
    const { ok, codes } = codesOf({ [lead]: 'HERM' })
    expect(ok).toBe(false)
    expect(codes).toContain('on-compressor-terminal')
  })

  it('reversing leads on terminals, unless the plate draws them so', () => {
    const fed = { yellow: 'T1', purple: 'T2' }
    expect(codesOf(fed)).toMatchObject({ ok: false })
    expect(codesOf(fed).codes).toEqual(['reversing-lead-on-line', 'reversing-lead-on-line'])
    expect(codesOf(fed, { plateDiagram: true })).toMatchObject({ ok: true, codes: [] })
    expect(codesOf(fed, { plateDiagram: true }).warnings).toContain('plate-decides')
    expect(codesOf(fed, { motor: { ...three, plateDiagram: true } }).codes).toEqual([])
  })

  it('the ground lead on a line: the case is live', () => {
    expect(codesOf({ green: 'T1' }).codes).toEqual(expect.arrayContaining(['frame-live', 'no-ground']))
  })

  it.each([
    ['none at all', { kind: 'none' as const, terminals: [] }, 'T2'],
    ['its start lead on the line', capacitor, 'T1'],
  ])('a motor that needs a capacitor, with %s', (_, fitted, brown) => {
    const { ok, codes } = codesOf({ brown }, { capacitor: fitted })
    expect(ok).toBe(false)
    expect(codes).toContain('capacitor-missing')
  })

  it('a capacitor-start motor without its capacitor; one that is built in is none of it', () => {
    const motor = { ...three, kind: 'capacitor-start' as const }
    const none = { kind: 'none' as const, terminals: [] }
    expect(codesOf({ brown: 'T2' }, { motor, capacitor: none })).toMatchObject({ ok: false })
    expect(codesOf({ brown: 'T2' }, { motor, capacitor: none }).codes).toContain('capacitor-missing')
    const without = { ...motor, leads: three.leads.filter(({ role }) => role !== 'start') }
    const { codes } = wireMotor({
      op: 'check',
      supply,
      control,
      capacitor: { kind: 'internal', terminals: [] },
      motor: without,
      connections: Object.entries(right)
        .filter(([lead]) => lead !== 'brown')
        .map(([lead, to]) => ({ lead, to })),
    }).check.problems.reduce<{ codes: string[] }>((all, { code }) => ({ codes: [...all.codes, code] }), {
      codes: [],
    })
    expect(codes).toEqual([])
  })
})
