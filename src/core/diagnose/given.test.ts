import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples } from '../../sampling.testing'
import { givens } from '../knowledge/given'
import { type FamilyId, familyIds, type ObservationId, observationInfo } from '../knowledge/vocabulary'
import { priorOf } from './familyPrior'
import { expectedShares, likelihood, likelihoodsOf, settledBy, tellingValues } from './likelihood'
import { run, share, top } from './run.testing'

const family = fc.constantFrom(...familyIds)
const causesOf = (id: FamilyId) => priorOf(id).map(({ cause }) => cause)

describe('one fact counts once', () => {
  it('a dead fan that does not turn and moves no air is still just a dead fan', () => {
    const said = run('bath-exhaust-fan', { 'fan-state': 'dead' })
    const repeated = run('bath-exhaust-fan', {
      'fan-state': 'dead',
      direction: 'does-not-turn',
      'air-flow': 'none',
    })
    for (const { cause, probability } of said.suspects)
      expect(share(repeated, cause)).toBeCloseTo(probability, 9)
  })

  it('and is not asked for either: nobody listens for a hum that was the complaint', () => {
    const offered = run('outdoor-unit-fan', { 'fan-state': 'hums' }, { motorKind: 'psc' }).nextTests.map(
      ({ observation }) => observation,
    )
    expect(offered).not.toContain('sound')
    expect(offered).not.toContain('direction')
    expect(offered).not.toContain('air-flow')
  })

  it('what goes beyond it still counts: a hum heard at a fan that was said to be dead', () => {
    const silent = run('bath-exhaust-fan', { 'fan-state': 'dead', sound: 'nothing' })
    const hums = run('bath-exhaust-fan', { 'fan-state': 'dead', sound: 'hum' })
    expect(share(hums, 'bearing-seized')).toBeGreaterThan(3 * share(silent, 'bearing-seized'))
  })

  it('says which finding said it before', () => {
    const [suspect] = run('bath-exhaust-fan', { 'fan-state': 'hums', sound: 'hum' }).suspects
    const because = new Map(suspect!.because.map((each) => [each.observation, each]))
    expect(because.get('sound')?.after).toBe('fan-state')
    expect(Math.abs(because.get('sound')!.bits)).toBeLessThan(0.01)
    expect(because.get('fan-state')?.after).toBeUndefined()
    // A squeal was only to be expected of a noisy fan: it says much more.
    const [squeals] = run('bath-exhaust-fan', { 'fan-state': 'runs-noisy', sound: 'squeal' }).suspects
    expect(squeals!.because.find(({ observation }) => observation === 'sound')?.after).toBeUndefined()
  })

  it('holds in whatever order the findings were made', () => {
    const one = run('outdoor-unit-fan', {
      'control-voltage': 'present',
      'contactor-position': 'not-pulled-in',
    })
    const two = run('outdoor-unit-fan', {
      'contactor-position': 'not-pulled-in',
      'control-voltage': 'present',
    })
    for (const { cause, probability } of one.suspects) expect(share(two, cause)).toBeCloseTo(probability, 9)
  })
})

describe('points along one wire', () => {
  it('the coil has its call and the contactor is out: the coil, not the supply', () => {
    const result = run(
      'outdoor-unit-fan',
      {
        'fan-state': 'dead',
        companion: 'no',
        'control-voltage': 'present',
        'contactor-position': 'not-pulled-in',
      },
      { motorKind: 'psc' },
    )
    expect(result.decided).toEqual({ cause: 'contactor-coil-open', action: 'replace-contactor' })
  })

  it('a contactor that is out says nothing more of what hangs behind it', () => {
    const out = { 'fan-state': 'dead', 'contactor-position': 'not-pulled-in' } as const
    const before = run('outdoor-unit-fan', out)
    const after = run('outdoor-unit-fan', { ...out, 'contactor-output': 'none', 'motor-voltage': 'none' })
    expect(top(after)).toBe(top(before))
    expect(share(after, top(before))).toBeCloseTo(share(before, top(before)), 6)
  })

  it('right at the contactor and none at the motor: the wire between them', () => {
    const result = run('outdoor-unit-fan', {
      'fan-state': 'dead',
      companion: 'yes',
      'contactor-output': 'normal',
      'motor-voltage': 'none',
    })
    expect(['wiring-loose-or-burnt', 'wired-wrong']).toContain(top(result))
  })
})

describe('the table of what is already said', () => {
  it('names observations and values of the vocabulary, and shares that sum to one', () => {
    for (const given of givens) {
      for (const value of given.values) expect(observationInfo(given.finding).values).toContain(value)
      const values = tellingValues(given.of)
      if (given.shares) {
        expect(Object.keys(given.shares).every((value) => values.includes(value))).toBe(true)
        expect(Object.values(given.shares).reduce((sum, each) => sum + each, 0)).toBeCloseTo(1, 9)
      } else {
        expect(given.rulesOut!.every((value) => values.includes(value))).toBe(true)
        expect(given.rulesOut!.length).toBeLessThan(values.length)
      }
    }
  })

  it('never goes round in a circle', () => {
    const below = (observation: ObservationId, seen: ObservationId[]): void => {
      expect(seen).not.toContain(observation)
      for (const { of } of givens.filter(({ finding }) => finding === observation))
        below(of, [...seen, observation])
    }
    for (const { finding } of givens) below(finding, [])
  })

  it('leaves every cause a share of every value, and the shares of a cause near one', () => {
    fc.assert(
      fc.property(family, fc.constantFrom(...givens), fc.nat(), (id, given, pick) => {
        const findings = { [given.finding]: given.values[pick % given.values.length]! }
        for (const cause of causesOf(id)) {
          const shares = tellingValues(given.of).map((value) => likelihood(cause, given.of, value, findings))
          for (const each of shares) expect(each).toBeGreaterThan(0)
          const sum = shares.reduce((total, each) => total + each, 0)
          expect(sum).toBeGreaterThan(0.96)
          expect(sum).toBeLessThan(1.07)
        }
      }),
      { numRuns: samples(60) },
    )
  })

  it('what a test would multiply a cause by is what the finding then does', () => {
    fc.assert(
      fc.property(
        family,
        fc.constantFrom(...givens.filter(({ after }) => !after)),
        fc.nat(),
        fc.nat(),
        (id, { finding, values, of }, first, second) => {
          // The observation below is known; the one above it comes second.
          const belowValue = tellingValues(of)[first % tellingValues(of).length]!
          const place = second % tellingValues(finding).length
          const value = tellingValues(finding)[place]!
          const causes = causesOf(id)
          const before = likelihoodsOf(causes, of, belowValue, {})
          const now = { [of]: belowValue }
          const then = { ...now, [finding]: value }
          const expected = expectedShares(causes, finding, now)
          causes.forEach((cause, index) => {
            const joint = likelihood(cause, finding, value, then) * likelihood(cause, of, belowValue, then)
            expect(before[index]! * expected[index]![place]!).toBeCloseTo(joint, 9)
          })
          expect(settledBy(of, then) !== null || !values.includes(value)).toBe(true)
        },
      ),
      { numRuns: samples(80) },
    )
  })
})
