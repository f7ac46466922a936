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
import { type CauseId, causeInfo, type MotorKindId, type ObservationId } from '../knowledge/vocabulary'
import { priorOf } from './familyPrior'
import { isInformative, likelihood, tellingValues } from './likelihood'
import { run } from './run.testing'

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
        const signs: Partial<Record<ObservationId, string>> = Object.fromEntries(
          Object.entries(likelihoods[cause]!).map(([observation, shares]) => [
            observation,
            mostTelling(observation as ObservationId, shares),
          ]),
        )
        // Good again when cold, a protector is no cause any more: what heated it is.
        if (cause === 'thermal-protector-open') delete signs['cold-retest']
        const kinds = vocabulary.families[family].typicalMotorKinds as MotorKindId[]
        const motorKind = kinds.find((kind) => !impossibleFor[kind].includes(cause))
        const ranked = run(family, signs, { motorKind })
          .suspects.slice(0, 3)
          .map((s) => causeInfo(s.cause).action)
        expect(ranked, `${family}/${cause}`).toContain(causeInfo(cause).action)
      }
    }
  })

  it('let every observation move some suspect of some family, except what only stops or waits', () => {
    // Stops and pauses answer before probabilities; the house’s complaint tells the machine, not the part.
    const outside: ObservationId[] = ['danger-signs', 'should-run-now', 'temperature-effect']
    for (const observation of observationIds.filter((id) => !outside.includes(id))) {
      const moves = familyIds.some((family) =>
        tellingValues(observation).some((value) => {
          const shares = priorOf(family).map(({ cause }) => likelihood(cause, observation, value))
          return Math.max(...shares) > 2 * Math.min(...shares)
        }),
      )
      expect(moves, observation).toBe(true)
    }
    expect(isInformative('danger-signs', 'co-alarm')).toBe(false)
  })

  it('give every motor kind in every family suspects that sum to one, and none that its parts rule out', () => {
    for (const family of familyIds)
      for (const kind of motorKindIds) {
        const prior = priorOf(family, kind, 8)
        expect(prior.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 9)
        const keptFor = family === 'outdoor-unit-fan' || family === 'dehumidifier-fan'
        for (const { cause } of prior)
          if (!(keptFor && cause === 'capacitor-other-section-failed'))
            expect(impossibleFor[kind], `${family}/${kind}`).not.toContain(cause)
      }
  })

  it('make wear likelier in an old machine and miswiring in a new one', () => {
    const share = (cause: CauseId, age: number) =>
      priorOf('outdoor-unit-fan', 'psc', age).find((entry) => entry.cause === cause)!.probability
    expect(share('capacitor-weak', 18)).toBeGreaterThan(share('capacitor-weak', 3))
    expect(share('wired-wrong', 0)).toBeGreaterThan(share('wired-wrong', 12))
  })
})
