import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples, seedOf } from '../../sampling.testing'
import { familyIds, motorKindIds, observationIds, observationInfo } from '../knowledge'
import { seeded } from '../random'
import { diagnose } from '.'
import { run, share, top } from './run.testing'
import { checklist, drawCase, offered, playCase, scoreOf } from './simulate.testing'

describe('what is never decided too early', () => {
  it('no motor while a fitted run capacitor is unread', () => {
    const findings = {
      'fan-state': 'dead',
      'free-spin': 'free',
      winding: 'open',
      'cold-retest': 'still-open',
      'motor-voltage': 'normal',
    } as const
    expect(run('outdoor-unit-fan', findings, { motorKind: 'psc' }).decided).toBeNull()
    expect(
      run('outdoor-unit-fan', { ...findings, 'capacitor-fan-reading': 'within' }, { motorKind: 'psc' })
        .decided?.action,
    ).toBe('replace-motor')
  })

  it('no hot open winding before its cold retest', () => {
    const hot = run(
      'bath-exhaust-fan',
      { 'fan-state': 'dead', winding: 'open', 'case-heat': 'too-hot-to-touch' },
      { motorKind: 'shaded-pole' },
    )
    expect(hot.decided?.action).not.toBe('replace-motor')
    expect(top(hot)).toBe('thermal-protector-open')
  })

  it('good again when cold is not a repair: what overheated it is looked for', () => {
    const result = run(
      'outdoor-unit-fan',
      {
        'fan-state': 'starts-then-stops',
        winding: 'open',
        'case-heat': 'too-hot-to-touch',
        'cold-retest': 'now-good',
      },
      { motorKind: 'psc' },
    )
    expect(share(result, 'thermal-protector-open')).toBeLessThan(0.3)
    expect(result.decided?.action).not.toBe('cool-and-retest')
  })

  it('nothing during a normal pause', () => {
    expect(
      run('outdoor-unit-fan', {
        'capacitor-fan-reading': 'low',
        'fan-state': 'hums',
        'should-run-now': 'normal-pause',
      }).decided,
    ).toBeNull()
  })
})

describe('stops', () => {
  it.each([
    [{ smell: 'gas' }, 'gas-smell'],
    [{ 'danger-signs': 'co-alarm' }, 'co-or-soot'],
    [{ 'danger-signs': 'oil-at-joint' }, 'refrigerant'],
    [{ breaker: 'trips-again-at-once' }, 'breaker-retrips'],
    [{ 'supply-voltage': 'high' }, 'lost-neutral'],
    [{ 'danger-signs': 'water-on-electrics' }, 'water-on-electrics'],
    [{ 'danger-signs': 'burnt-supply' }, 'burnt-supply'],
  ] as const)('%o → %s, whatever the probabilities', (observations, rule) => {
    expect(run('furnace-blower', { 'fan-state': 'hums', ...observations }).stop.map((s) => s.rule)).toEqual([
      rule,
    ])
  })
})

describe('while a stop stands', () => {
  it.each([
    { smell: 'gas' },
    { 'danger-signs': 'co-alarm' },
    { 'danger-signs': 'water-on-electrics' },
    { 'danger-signs': 'burnt-supply' },
    { 'supply-voltage': 'high' },
  ] as const)('%o: nothing is offered to be looked at, tried or switched on', (observations) => {
    const result = run('furnace-blower', { 'fan-state': 'hums', ...observations })
    expect(result.nextTests).toEqual([])
    expect(result.trials).toEqual([])
  })

  it('a breaker that trips again: the fault is sought on the machine cut off from it, never under power', () => {
    const result = run('furnace-blower', { breaker: 'trips-again-at-once' }, { motorKind: 'psc' })
    const asked = result.nextTests.map(({ observation }) => observation)
    expect(asked).toContain('to-frame')
    expect(asked).toContain('capacitor-fan-reading')
    expect(result.nextTests.filter((test) => test.risk === 'live' || test.needsPower)).toEqual([])
  })
})

describe('numbers', () => {
  const plate = {
    volts: 240,
    controlVolts: 24,
    fanUf: 5,
    otherUf: 35,
    tolerancePercent: { minus: 6, plus: 6 },
  }
  it('become values against the plate', () => {
    const result = run(
      'outdoor-unit-fan',
      { 'supply-voltage': 241, 'control-voltage': 26, 'capacitor-fan-reading': 3.1, 'to-frame': null },
      { plate },
    )
    const because = result.suspects[0]!.because.map((b) => `${b.observation}:${b.value}`)
    expect(because).toEqual(
      expect.arrayContaining([
        'supply-voltage:normal',
        'control-voltage:present',
        'capacitor-fan-reading:low',
        'to-frame:clear',
      ]),
    )
  })

  it('are left out and named where the plate figure is missing', () => {
    const result = run('outdoor-unit-fan', { 'supply-voltage': 241 })
    expect(result.unmapped).toEqual([{ observation: 'supply-voltage', needs: 'plate.volts' }])
  })

  it('are refused where the observation takes none', () => {
    expect(() => run('outdoor-unit-fan', { sound: 3 })).toThrow(/takes no number/)
    expect(() => run('outdoor-unit-fan', { sound: 'whistle' })).toThrow(/not a value of sound/)
  })
})

describe('next tests', () => {
  it('ask for the capacitor before any live test when a capacitor fan hums', () => {
    const result = run('outdoor-unit-fan', { 'fan-state': 'hums', companion: 'yes' }, { motorKind: 'psc' })
    const order = result.nextTests.map((t) => t.observation)
    expect(order.indexOf('free-spin')).toBeLessThan(
      order.indexOf('motor-voltage') === -1 ? 99 : order.indexOf('motor-voltage'),
    )
    expect(result.nextTests.find((t) => t.risk === 'live')).not.toBe(result.nextTests[0])
  })

  it('respect what was declined and which tools are at hand', () => {
    const result = run(
      'furnace-blower',
      { 'fan-state': 'dead' },
      { declined: ['motor-voltage'], tools: ['hand'] },
    )
    expect(result.nextTests.map((t) => t.observation)).not.toContain('motor-voltage')
    expect(result.nextTests.map((t) => t.observation)).not.toContain('winding')
  })

  it('do not offer what cannot be done yet', () => {
    expect(run('outdoor-unit-fan', {}).nextTests.map((t) => t.observation)).not.toContain('cold-retest')
    expect(run('outdoor-unit-fan', { winding: 'open' }).nextTests.map((t) => t.observation)).toContain(
      'cold-retest',
    )
    expect(
      run('bath-exhaust-fan', {}, { motorKind: 'shaded-pole' }).nextTests.map((t) => t.observation),
    ).not.toContain('capacitor-fan-reading')
  })

  it('say what each reading would mean, probabilities summing to one', () => {
    for (const test of run('ceiling-fan', { 'fan-state': 'slow' }).nextTests) {
      expect(test.reads.reduce((sum, read) => sum + read.probability, 0)).toBeCloseTo(1, 9)
      expect(test.expectedBits).toBeGreaterThan(0)
    }
  })
})

describe('a contradiction', () => {
  it('is told, with what would explain both', () => {
    const result = run(
      'outdoor-unit-fan',
      { 'fan-state': 'hums', 'capacitor-fan-reading': 'low', 'free-spin': 'seized', companion: 'yes' },
      { motorKind: 'psc' },
    )
    expect(result.pair?.causes).toEqual(expect.arrayContaining(['capacitor-weak', 'bearing-seized']))
    expect(result.conflicts.length).toBeGreaterThan(0)
    expect(result.decided).toBeNull()
  })
})

describe('a decision that waits for one test', () => {
  const almost = { 'fan-state': 'hums', 'free-spin': 'seized' } as const
  it('offers that test first, however little it tells', () => {
    const result = run('bath-exhaust-fan', almost, { motorKind: 'psc' })
    expect(result.decided).toBeNull()
    expect(result.nextTests[0]).toMatchObject({ observation: 'capacitor-fan-reading', needed: true })
    expect(result.nextTests.map((test) => test.score)).toEqual(
      result.nextTests.map((test) => test.score).sort((one, two) => two - one),
    )
  })

  it('looks first whether a capacitor is fitted at all, where nobody knows', () => {
    const result = run('bath-exhaust-fan', almost)
    expect(result.nextTests.slice(0, 2).map((test) => test.observation)).toEqual([
      'capacitor-look',
      'capacitor-fan-reading',
    ])
    expect(run('bath-exhaust-fan', { ...almost, 'capacitor-look': 'none-fitted' }).decided?.action).toBe(
      'replace-motor',
    )
  })
})

describe('a needed test that cannot be made', () => {
  it('is named with the tool it wants', () => {
    const result = run(
      'bath-exhaust-fan',
      { 'fan-state': 'hums', 'free-spin': 'seized', 'capacitor-look': 'sound' },
      { motorKind: 'psc', tools: ['hand', 'meter'] },
    )
    expect(result.decided).toBeNull()
    expect(result.notes.join(' ')).toMatch(/capacitance range/)
  })
})

describe('a repair that is its own test', () => {
  it('is offered where it is likely enough, and not once it has been decided', () => {
    const slow = run(
      'bath-exhaust-fan',
      { 'fan-state': 'slow', 'coast-down': 'stops-quickly', onset: 'slower-over-months' },
      { motorKind: 'shaded-pole' },
    )
    expect(slow.trials.map((trial) => trial.action)).toContain('clean')
    expect(
      run('bath-exhaust-fan', {
        'fan-state': 'runs-little-air',
        'vent-path': 'blocked',
        damper: 'opens',
        fouling: 'clean',
      }).trials,
    ).toEqual([])
  })

  it('never asks for a part, a trade, or a stopped machine', () => {
    for (const family of familyIds)
      for (const trial of run(family, {}).trials)
        expect([
          'clean',
          'clear-blockage',
          'clear-vent',
          'free-damper',
          'clear-tube',
          'tighten-hub',
          'tighten-mount',
          're-centre-wheel',
        ]).toContain(trial.action)
    expect(run('furnace-blower', { 'fan-state': 'slow', smell: 'gas' }).trials).toEqual([])
  })
})

describe('a simulated repairer', () => {
  const scoreWith = (policy: typeof offered) => {
    const random = seeded(seedOf(52))
    return scoreOf(Array.from({ length: samples(110) }, () => playCase(drawCase(random), policy)))
  }
  it('is led to the right action with at least a third fewer tests than a fixed checklist', () => {
    const own = scoreWith(offered)
    const peer = scoreWith(checklist)
    expect(own.decidedRight).toBeGreaterThan(0.9)
    expect(own.right).toBeGreaterThan(peer.right - 0.05)
    expect(own.tests).toBeLessThan((2 / 3) * peer.tests)
    expect(own.minutes).toBeLessThan((2 / 3) * peer.minutes)
  })
})

describe('what the person knows better', () => {
  it('strikes or sets a suspect', () => {
    const struck = run('outdoor-unit-fan', { 'fan-state': 'hums' }, { known: { strike: ['capacitor-weak'] } })
    expect(struck.suspects.map((s) => s.cause)).not.toContain('capacitor-weak')
    expect(top(run('outdoor-unit-fan', { 'fan-state': 'hums' }, { known: { set: 'bearing-seized' } }))).toBe(
      'bearing-seized',
    )
  })
})

describe('any findings', () => {
  const anyInput = fc.record({
    family: fc.constantFrom(...familyIds),
    motorKind: fc.option(fc.constantFrom(...motorKindIds), { nil: undefined }),
    picks: fc.array(fc.tuple(fc.constantFrom(...observationIds), fc.nat(20)), { maxLength: 8 }),
  })
  it('give probabilities that sum to one, largest first', () => {
    fc.assert(
      fc.property(anyInput, ({ family, motorKind, picks }) => {
        const observations = Object.fromEntries(
          picks.map(([id, n]) => [id, observationInfo(id).values[n % observationInfo(id).values.length]!]),
        )
        const result = diagnose({ family, motorKind, observations })
        expect(result.suspects.reduce((sum, s) => sum + s.probability, 0)).toBeCloseTo(1, 9)
        expect(
          result.suspects.every((s, i, all) => i === 0 || all[i - 1]!.probability >= s.probability),
        ).toBe(true)
      }),
      { numRuns: samples(200) },
    )
  })
})
