import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  causeIds,
  familyIds,
  impossibleFor,
  leaks,
  likelihoods,
  motorKindIds,
  observationIds,
  observationInfo,
  priors,
  tests,
  vocabulary,
} from '../knowledge'
import type { CauseId, MotorKindId, ObservationId } from '../knowledge/vocabulary'
import { causeInfo } from '../knowledge/vocabulary'
import { type DiagnoseInput, diagnose } from '.'

const run = (
  family: DiagnoseInput['family'],
  observations: DiagnoseInput['observations'],
  more: Partial<DiagnoseInput> = {},
) => diagnose({ family, observations, ...more })
const top = (result: ReturnType<typeof diagnose>) => result.suspects[0]!.cause
const share = (result: ReturnType<typeof diagnose>, ...causes: CauseId[]) =>
  result.suspects.filter((s) => causes.includes(s.cause)).reduce((sum, s) => sum + s.probability, 0)

/** The value a cause raises the most over what is seen anyway, among those it makes likely. */
const mostTelling = (observation: ObservationId, shares: Record<string, number>) =>
  Object.entries(shares)
    .filter(([, share]) => share > 0.2)
    .concat(Object.entries(shares).slice(0, 1))
    .sort((a, b) => b[1] / leaks[observation][b[0]]! - a[1] / leaks[observation][a[0]]!)[0]![0]

describe('the tables', () => {
  it('name no value outside the vocabulary and no more than certainty', () => {
    for (const [cause, table] of Object.entries(likelihoods)) {
      for (const [observation, shares] of Object.entries(table)) {
        const { values } = observationInfo(observation as ObservationId)
        for (const value of Object.keys(shares)) expect(values, `${cause}/${observation}`).toContain(value)
        expect(
          Object.values(shares).reduce((a, b) => a + b, 0),
          `${cause}/${observation}`,
        ).toBeLessThanOrEqual(1.0001)
      }
    }
  })

  it('have a leak for every value and a test for every observation', () => {
    for (const id of observationIds) {
      for (const value of observationInfo(id).values)
        expect(leaks[id][value], `${id}/${value}`).toBeGreaterThan(0)
      expect(tests[id].length, id).toBeGreaterThan(0)
    }
  })

  it('describe every cause that some family has, and every cause belongs to some family', () => {
    const inFamilies = new Set(familyIds.flatMap((family) => Object.keys(priors[family])))
    for (const cause of causeIds) {
      expect(inFamilies.has(cause), cause).toBe(true)
      expect(likelihoods[cause], cause).toBeDefined()
    }
  })

  it('make every cause of every family reachable by its own signs', () => {
    for (const family of familyIds) {
      for (const cause of Object.keys(priors[family]) as CauseId[]) {
        const signs = Object.fromEntries(
          Object.entries(likelihoods[cause]!).map(([observation, shares]) => [
            observation,
            mostTelling(observation as ObservationId, shares),
          ]),
        )
        const kinds = vocabulary.families[family].typicalMotorKinds as MotorKindId[]
        const motorKind = kinds.find((kind) => !impossibleFor[kind].includes(cause))
        const ranked = run(family, signs, { motorKind })
          .suspects.slice(0, 3)
          .map((s) => causeInfo(s.cause).action)
        expect(ranked, `${family}/${cause}`).toContain(causeInfo(cause).action)
      }
    }
  })
})

describe('rules of thumb', () => {
  it('hums and does not turn, free by hand, capacitor low → capacitor', () => {
    const result = run('outdoor-unit-fan', {
      'fan-state': 'hums',
      'free-spin': 'free',
      'capacitor-fan-reading': 'low',
    })
    expect(result.decided).toEqual({ cause: 'capacitor-weak', action: 'replace-capacitor' })
  })

  it('hums, free, capacitor within → start winding or wiring, no longer the capacitor', () => {
    const result = run(
      'bath-exhaust-fan',
      { 'fan-state': 'hums', 'free-spin': 'free', 'capacitor-fan-reading': 'within' },
      { motorKind: 'psc' },
    )
    expect(share(result, 'winding-open', 'winding-shorted', 'wired-wrong')).toBeGreaterThan(0.5)
    expect(share(result, 'capacitor-weak', 'capacitor-open', 'capacitor-shorted')).toBeLessThan(0.1)
  })

  it('hums, seized → bearing', () => {
    expect(top(run('bath-exhaust-fan', { 'fan-state': 'hums', 'free-spin': 'seized' }))).toBe(
      'bearing-seized',
    )
  })

  it('hums and starts with a nudge → capacitor', () => {
    const result = run('outdoor-unit-fan', { 'fan-state': 'hums', 'nudge-start': 'starts-and-runs' })
    expect(share(result, 'capacitor-weak', 'capacitor-open')).toBeGreaterThan(0.8)
  })

  it('dead silent without voltage at the motor → supply or control', () => {
    const result = run('furnace-blower', { 'fan-state': 'dead', sound: 'nothing', 'motor-voltage': 'none' })
    const groups = result.suspects.filter((s) =>
      ['supply', 'control', 'wiring'].includes(causeInfo(s.cause).group),
    )
    expect(groups.reduce((sum, s) => sum + s.probability, 0)).toBeGreaterThan(0.9)
  })

  it('dead silent with voltage at the motor → winding, protector or module', () => {
    const result = run('furnace-blower', { 'fan-state': 'dead', sound: 'nothing', 'motor-voltage': 'normal' })
    expect(
      share(
        result,
        'winding-open',
        'thermal-protector-open',
        'ecm-module-failed',
        'ecm-inrush-part-burnt',
        'winding-grounded',
      ),
    ).toBeGreaterThan(0.6)
  })

  it('call present, contactor not in → coil; in without output → contacts', () => {
    expect(
      top(
        run('outdoor-unit-fan', {
          'fan-state': 'dead',
          'control-voltage': 'present',
          'contactor-position': 'not-pulled-in',
        }),
      ),
    ).toBe('contactor-coil-open')
    expect(
      top(
        run('outdoor-unit-fan', {
          'fan-state': 'dead',
          'contactor-position': 'pulled-in',
          'contactor-output': 'none',
          'supply-voltage': 'normal',
        }),
      ),
    ).toBe('contactor-contacts-bad')
  })

  it('compressor runs and the fan does not → what the two share is fine', () => {
    const result = run('outdoor-unit-fan', { 'fan-state': 'dead', companion: 'yes' })
    expect(
      share(result, 'no-supply', 'no-control-call', 'control-power-dead', 'contactor-coil-open'),
    ).toBeLessThan(0.25)
  })

  it('slower over months, coasts long → capacitor; stops at once → bearing or dirt', () => {
    expect(
      share(
        run('ceiling-fan', { 'fan-state': 'slow', onset: 'slower-over-months', 'coast-down': 'coasts-long' }),
        'capacitor-weak',
        'speed-capacitor-failed',
      ),
    ).toBeGreaterThan(0.6)
    expect(
      share(
        run('bath-exhaust-fan', {
          'fan-state': 'slow',
          onset: 'slower-over-months',
          'coast-down': 'stops-quickly',
        }),
        'bearing-worn',
        'dirt-or-paint-fouling',
        'bearing-seized',
      ),
    ).toBeGreaterThan(0.8)
  })

  it('high right and the others wrong → speed section; all slow → start section', () => {
    expect(top(run('ceiling-fan', { speeds: 'only-high' }, { motorKind: 'psc-multispeed' }))).toBe(
      'speed-capacitor-failed',
    )
    expect(top(run('ceiling-fan', { speeds: 'all-slow' }, { motorKind: 'psc-multispeed' }))).toBe(
      'capacitor-weak',
    )
  })

  it('some speeds missing → switch or tap', () => {
    expect(
      share(
        run('ceiling-fan', { speeds: 'some-missing' }),
        'wall-switch-or-pull-chain',
        'winding-open',
        'speed-capacitor-failed',
        'control-board-relay',
      ),
    ).toBeGreaterThan(0.7)
  })

  it('a squeal that grew → dry bearing; a rattle → loose wheel, mount or debris', () => {
    expect(
      top(
        run('draft-inducer', { 'fan-state': 'runs-noisy', sound: 'squeal', onset: 'grew-louder-over-weeks' }),
      ),
    ).toBe('bearing-worn')
    expect(
      share(
        run('bath-exhaust-fan', { 'fan-state': 'runs-noisy', sound: 'rattle' }),
        'wheel-loose',
        'mount-loose',
        'ice-or-debris',
        'wheel-damaged',
        'wheel-rubbing',
      ),
    ).toBeGreaterThan(0.6)
  })

  it('air the wrong way after a repair → rotation; untouched → capacitor or motor', () => {
    expect(top(run('outdoor-unit-fan', { 'fan-state': 'runs-backwards', 'wiring-changed': 'yes' }))).toBe(
      'rotation-reversed',
    )
    expect(
      top(
        run('outdoor-unit-fan', { 'fan-state': 'runs-backwards', 'wiring-changed': 'no', onset: 'suddenly' }),
      ),
    ).toBe('capacitor-weak')
  })

  it('runs but little air → filter, duct, flap, wheel', () => {
    const result = run('bath-exhaust-fan', { 'fan-state': 'runs-little-air' })
    expect(
      share(
        result,
        'vent-blocked',
        'damper-stuck',
        'dirt-or-paint-fouling',
        'wheel-loose',
        'rotation-reversed',
      ),
    ).toBeGreaterThan(0.9)
  })

  it('inducer runs and nothing glows → pressure switch, tube, drain, vent', () => {
    const result = run('draft-inducer', { 'fan-state': 'runs-normally', companion: 'no' })
    expect(
      share(result, 'pressure-tube-or-drain', 'vent-blocked', 'safety-switch-open', 'other-machine-fault'),
    ).toBeGreaterThan(0.85)
  })

  it('silent after a storm with power at it → module', () => {
    const result = run(
      'furnace-blower',
      { 'fan-state': 'dead', onset: 'after-a-storm-or-outage', 'module-supply': 'present' },
      { motorKind: 'ecm' },
    )
    expect(share(result, 'ecm-module-failed', 'ecm-inrush-part-burnt')).toBeGreaterThan(0.7)
  })

  it('will not stop → contactor, relay or switch stuck', () => {
    expect(top(run('outdoor-unit-fan', { 'fan-state': 'wont-stop' }))).toBe('control-stuck-on')
  })

  it('the other section out of its window is the compressor’s trouble and the same purchase', () => {
    const result = run('outdoor-unit-fan', {
      'fan-state': 'runs-normally',
      companion: 'no',
      'capacitor-fan-reading': 'within',
      'capacitor-other-reading': 'low',
    })
    expect(result.decided?.action).toBe('replace-capacitor')
    expect(top(result)).toBe('capacitor-other-section-failed')
  })

  it('iced refrigerator wheel → blockage', () => {
    expect(top(run('refrigerator-evaporator-fan', { 'fan-state': 'dead', fouling: 'iced' }))).toBe(
      'ice-or-debris',
    )
  })
})

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
  it('give probabilities that sum to one, largest first, in under five milliseconds on average', () => {
    let spent = 0
    let runs = 0
    fc.assert(
      fc.property(anyInput, ({ family, motorKind, picks }) => {
        const observations = Object.fromEntries(
          picks.map(([id, n]) => [id, observationInfo(id).values[n % observationInfo(id).values.length]!]),
        )
        const started = performance.now()
        const result = diagnose({ family, motorKind, observations })
        spent += performance.now() - started
        runs++
        expect(result.suspects.reduce((sum, s) => sum + s.probability, 0)).toBeCloseTo(1, 9)
        expect(
          result.suspects.every((s, i, all) => i === 0 || all[i - 1]!.probability >= s.probability),
        ).toBe(true)
      }),
      { numRuns: 200 },
    )
    expect(spent / runs).toBeLessThan(15)
  })
})
