import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples } from '../../sampling.testing'
import { recordedSurenesses, recordingsCounted } from '../knowledge/recordingsCounted'
import { type CauseId, familyIds } from '../knowledge/vocabulary'
import { priorOf } from './familyPrior'
import { likelihood, tellingValues } from './likelihood'
import { run, share } from './run.testing'
import { takenFor } from './takenFor'
import { BY_RECORDING } from './types'

const values = tellingValues('sound')
const value = fc.constantFrom(...values)
const sure = fc.constantFrom(...recordedSurenesses)

describe('what a recording was taken for', () => {
  it('counts for the sound itself wholly, and for another by how often it was taken for it', () => {
    const { recordings, toldAs } = recordingsCounted.roar
    const own = recordingsCounted.grinding
    const expected =
      ((toldAs.grinding?.likely ?? 0) + 0.5) /
      (recordings + 1) /
      (((own.toldAs.grinding?.likely ?? 0) + 0.5) / (own.recordings + 1))
    expect(takenFor('roar', 'grinding', 'likely')).toBeCloseTo(expected, 12)
    for (const each of values) expect(takenFor(each, each, 'likely')).toBe(1)
  })

  it('was counted on at least sixty recordings of each, of which no more were told than there are', () => {
    for (const [truth, { recordings, toldAs }] of Object.entries(recordingsCounted)) {
      const told = Object.values(toldAs).flatMap((by) => Object.values(by))
      expect(recordings, truth).toBeGreaterThanOrEqual(60)
      expect(
        told.reduce((sum, each) => sum + each, 0),
        truth,
      ).toBeLessThanOrEqual(recordings)
    }
  })
})

describe('a sound that a recording told', () => {
  it('is never less likely under a cause than where it was heard: what else may have been taken for it is added', () => {
    fc.assert(
      fc.property(fc.constantFrom(...familyIds), value, sure, (family, told, surely) => {
        for (const { cause } of priorOf(family)) {
          const heard = likelihood(cause, 'sound', told, { sound: told })
          const recorded = likelihood(cause, 'sound', told, { sound: told, [BY_RECORDING]: surely })
          expect(recorded).toBeGreaterThanOrEqual(heard)
          const sum = values.reduce(
            (total, truth) =>
              total + takenFor(truth, told, surely) * likelihood(cause, 'sound', truth, { sound: truth }),
            0,
          )
          expect(recorded).toBeCloseTo(sum, 12)
        }
      }),
      { numRuns: samples(40), seed: 33 },
    )
  })

  it('says nothing else of the other findings', () => {
    const findings = { 'fan-state': 'slow', sound: 'grinding' } as const
    expect(likelihood('bearing-worn', 'fan-state', 'slow', { ...findings, [BY_RECORDING]: 'maybe' })).toBe(
      likelihood('bearing-worn', 'fan-state', 'slow', findings),
    )
  })

  const worn: CauseId[] = ['bearing-worn']
  const ofWorn = (more: Parameters<typeof run>[2]) =>
    share(run('bath-exhaust-fan', { 'fan-state': 'runs-noisy', sound: 'squeal' }, more), ...worn)

  it('moves the suspects less than what somebody heard, and where it is less clear still less', () => {
    const before = share(run('bath-exhaust-fan', { 'fan-state': 'runs-noisy' }), ...worn)
    const [heard, likely, maybe] = [ofWorn({}), ofWorn({ recorded: 'likely' }), ofWorn({ recorded: 'maybe' })]
    expect(heard).toBeGreaterThan(before)
    expect(likely).toBeLessThanOrEqual(heard)
    expect(likely).toBeGreaterThan(before)
    expect(maybe).toBeLessThan(likely)
  })
})
